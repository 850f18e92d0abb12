/** Ports of things, and what a switcher has inside. */
import { VIDEO_FORMATS, type VideoFormat } from '../foundations/video-format.js';
import {
  ALONG,
  BUSES,
  CARRIES,
  CONNECTORS,
  LEVELS,
  PORT_ENDS,
  type Along,
  type Bus,
  type Carries,
  type Connector,
  type Level,
  type PortEnds,
} from './signal-words.js';
import { CENTRES, USB_PROFILES, type Centre, type UsbProfile } from './power-words.js';
import { Flag, Int, Num, One, OneOf, Optional, Ref, Said, Text, Words } from './decorators.js';

/** Volts that an inlet takes, or an outlet gives, from – to. */
export class Volts {
  @Num(0.5, 1000) @Said('Least', 'V') low!: number;
  @Num(0.5, 1000) @Said('Most', 'V') high!: number;
}

/** A mains adapter in the cord of an inlet. */
export class WallAdapter {
  /** How much of a strip it covers, m. */
  @Optional() @Num(0.005, 0.5) @Said('Covers of a strip', 'm') width?: number;
  /** What it can give, W. */
  @Optional() @Num(0.1, 5000) @Said('Gives at most', 'W') watts?: number;
}

/** A round plug of direct current. */
export class Barrel {
  @Num(0.5, 20) @Said('Outside', 'mm') outer!: number;
  @Num(0.3, 15) @Said('Inside, or its pin', 'mm') inner!: number;
  /** Absent = nobody has measured it. */
  @Optional() @OneOf(CENTRES) @Said('Its middle is', '', { help: 'printed beside it' }) centre?: Centre;
}

export class Port {
  @Text(8) order!: string;
  /** The number or word printed beside it. */
  @Text(40, 1) @Said('Name') label!: string;
  @OneOf(['in', 'out', 'both']) @Said('Way') direction!: 'in' | 'out' | 'both';
  @OneOf(CONNECTORS) @Said('Connector') connector!: Connector;
  @OneOf(CARRIES) @Said('Carries') carries!: Carries;
  /** A plug instead of a socket; or, where outputs have pins and inputs holes by custom, the other way about. */
  @Optional() @OneOf(PORT_ENDS) @Said('Ends in', '', { help: 'empty = a socket' }) ends?: PortEnds;
  /** Length of the lead of its own that its plug is on, m; absent: the plug is on its body. Of mains, its cord. */
  @Optional()
  @Num(0, 50)
  @Said<Port>('Lead of its own', 'm', {
    help: 'of mains, its cord; empty = the plug is on its body',
    when: ({ ends, connector }) => ends === 'plug' || connector === 'mains',
  })
  ownLead?: number;
  /** How far its signal carries over the cable of its make, m, as tested or stated for this kind of device. */
  @Optional()
  @Num(0.5, 20000)
  @Said<Port>('Carries over its cable', 'm', {
    help: 'as tested or stated for this kind of device',
    when: () => false,
  })
  reach?: number;
  /** A video input with a scaler takes any size and rate, or any of its formats where these are listed. */
  @Optional()
  @Flag()
  @Said<Port>('Scaler', '', {
    help: 'takes any size and rate, or any of those listed',
    when: ({ carries, direction }) => carries === 'video' && direction !== 'out',
  })
  scaled?: boolean;
  /** Sizes and rates that an output can be set to, or that a scaled input takes; absent = not known. */
  @Optional()
  @Words(VIDEO_FORMATS)
  @Said<Port>('Sizes and rates', '', { help: 'none = not known', when: ({ carries }) => carries === 'video' })
  formats?: VideoFormat[];
  /** How a 3G link is packed (SMPTE ST 425-1): what an output gives, or an input takes. */
  @Optional()
  @OneOf(['A', 'B', 'both'])
  @Said<Port>('Packing of a 3G link', '', {
    when: ({ connector, carries }) => connector === 'BNC' && carries === 'video',
  })
  level3g?: 'A' | 'B' | 'both';
  /** Of the ports of one group only one can be used: a socket that takes either plug, or serves one thing at a time. */
  @Optional()
  @Text(20, 1)
  @Said<Port>('Only one of', '', {
    help: 'ports with the same word here share a socket, or serve one at a time',
    when: () => false,
  })
  group?: string;
  /** The ports of one set work only together: an extender that needs two cables. */
  @Optional()
  @Text(20, 1)
  @Said<Port>('Works only with', '', {
    help: 'ports with the same word here work together only',
    when: () => false,
  })
  together?: string;
  /** The picture that it gives carries talkback among its sound channels. */
  @Optional() @Flag() @Said<Port>('Its sound carries talkback', '', { when: () => false }) talkback?: boolean;
  /** What an output of a switcher can be set to give, the usual one first. */
  @Optional()
  @Words(BUSES)
  @Said<Port>('Can be set to', '', {
    help: 'the usual one first',
    when: ({ carries, direction }) => carries === 'video' && direction !== 'in',
  })
  gives?: Bus[];
  /** Pictures side by side that a multiview shows. */
  @Optional()
  @Int(2, 64)
  @Said<Port>('Pictures side by side', 'pieces', {
    when: ({ gives }) => gives?.includes('multiview') === true,
  })
  tiles?: number;
  /** Menus and icons lie on its picture: until they are switched off, or always. */
  @Optional()
  @OneOf(['until off', 'always'])
  @Said<Port>('Menus lie on its picture', '', { when: () => false })
  overlay?: 'until off' | 'always';
  /** Its picture is copy-protected, always or until that is switched off. */
  @Optional()
  @OneOf(['until off', 'always'])
  @Said<Port>('Its picture is copy-protected', '', { when: () => false })
  locked?: 'until off' | 'always';
  @Optional()
  @OneOf(LEVELS)
  @Said<Port>('Level', '', { when: ({ carries }) => carries === 'audio' })
  level?: Level;
  @Optional()
  @Flag()
  @Said<Port>('Balanced', '', { when: ({ carries }) => carries === 'audio' })
  balanced?: boolean;
  /** Of an inlet or outlet. */
  @Optional()
  @One(() => Volts)
  @Said<Port>('Volts', '', { when: ({ carries }) => carries === 'power' })
  volts?: Volts;
  /** Most that an inlet takes, or an outlet gives, W; of a port for data what it gives along its lead. */
  @Optional()
  @Num(0.1, 20000)
  @Said<Port>('Takes or gives at most', 'W', {
    when: ({ carries, connector }) => carries === 'power' || connector?.startsWith('USB') === true,
  })
  watts?: number;
  /** Fuse at an outlet, A. */
  @Optional()
  @Num(0.1, 100)
  @Said<Port>('Fuse', 'A', { when: ({ carries, direction }) => carries === 'power' && direction === 'out' })
  fuse?: number;
  /** Volts of direct current that this fuse breaks. */
  @Optional()
  @Num(1, 1000)
  @Said<Port>('Fuse, direct current up to', 'V', { when: ({ fuse }) => fuse !== undefined })
  fuseVolts?: number;
  @Optional()
  @One(() => Barrel)
  @Said<Port>('Round plug', '', { when: ({ connector }) => connector === 'DC barrel' })
  barrel?: Barrel;
  /** Volts that a USB outlet gives, or that an inlet can do with; absent = not known. */
  @Optional()
  @Words(USB_PROFILES)
  @Said<Port>('USB volts', '', {
    help: 'given by an outlet, or asked for by an inlet; none = not known',
    when: ({ carries, connector }) => carries === 'power' && connector === 'USB-C',
  })
  profiles?: UsbProfile[];
  /** Most that an outlet gives while one other of its device is in use, and while more are, W. */
  @Optional()
  @Num(0.1, 20000)
  @Said<Port>('At most, with one other in use', 'W', {
    when: ({ carries, direction }) => carries === 'power' && direction === 'out',
  })
  wattsOfTwo?: number;
  @Optional()
  @Num(0.1, 20000)
  @Said<Port>('At most, with more in use', 'W', {
    when: ({ carries, direction }) => carries === 'power' && direction === 'out',
  })
  wattsOfMore?: number;
  /** Copper of the lead of its own, mm². */
  @Optional()
  @Num(0.05, 50)
  @Said<Port>('Copper of its lead', 'mm²', {
    when: ({ carries, ownLead }) => carries === 'power' && ownLead !== undefined,
  })
  section?: number;
  /** Class of power over Ethernet: of a device the one that it signs. */
  @Optional()
  @Int(0, 8)
  @Said<Port>('PoE class', '', {
    help: '0 to 8; empty = not known, counted as its type',
    when: ({ poweredBy }) => poweredBy?.some(each => each.startsWith('PoE')) === true,
  })
  poeClass?: number;
  @Optional()
  @One(() => WallAdapter)
  @Said<Port>('Mains adapter in its cord', '', {
    when: ({ connector, direction }) => connector === 'mains' && direction === 'in',
  })
  adapter?: WallAdapter;
  /** What its device can be fed by along the lead into this port, and what this port feeds another with. */
  @Optional()
  @Words(ALONG)
  @Said<Port>('Is fed along it by', '', { when: ({ carries }) => carries !== 'power' })
  poweredBy?: Along[];
  @Optional()
  @Words(ALONG)
  @Said<Port>('Feeds along it', '', { when: ({ carries }) => carries !== 'power' })
  powers?: Along[];
  /** It is a modem on the mobile network, and so a line by itself. */
  @Optional()
  @Flag()
  @Said<Port>('A modem on the mobile network', '', { when: () => false })
  mobile?: boolean;
  /** The input of its device that it hands on as it comes. */
  @Optional()
  @Ref()
  @Said<Port>('Hands on', '', { help: 'the input that it gives as it comes', when: () => false })
  loops?: string;
}

/** What a switcher has inside; what is absent it has not. */
export class Inside {
  /** Programmes that are mixed apart from each other. */
  @Int(1, 8) @Said('Programmes', 'pieces') mixes!: number;
  /** Keyers for captions and layers, up- and downstream. */
  @Optional() @Int(0, 64) @Said('Keyers', 'pieces') keyers?: number;
  /** Boxes for a picture in the picture. */
  @Optional() @Int(0, 64) @Said('Picture boxes', 'pieces') boxes?: number;
  @Optional() @Int(0, 100) @Said('Stills', 'pieces') stills?: number;
  @Optional() @Int(0, 100) @Said('Clips', 'pieces') clips?: number;
  /** Inputs recorded apart from each other. */
  @Optional() @Int(0, 64) @Said('Inputs recorded apart', 'pieces') tracks?: number;
  /** Channels of its sound mixer. */
  @Optional() @Int(0, 200) @Said('Sound channels', 'pieces') channels?: number;
  /** Most lines of the picture that its USB webcam output gives. */
  @Optional() @Num(240, 4320) @Said('Webcam, most lines', 'px') webcam?: number;
  /** Most lines of the picture that its encoder sends. */
  @Optional() @Num(240, 4320) @Said('Encoder, most lines', 'px') encoder?: number;
  /** How it is worked. */
  @Optional() @OneOf(['panel', 'network', 'both']) @Said('Worked from') control?:
    'panel' | 'network' | 'both';
}
