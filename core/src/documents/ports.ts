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
import { Flag, Int, Num, One, OneOf, Optional, Ref, Text, Words } from './decorators.js';

/** Volts that an inlet takes, or an outlet gives, from – to. */
export class Volts {
  @Num(0.5, 1000) low!: number;
  @Num(0.5, 1000) high!: number;
}

/** A mains adapter in the cord of an inlet. */
export class WallAdapter {
  /** How much of a strip it covers, m. */
  @Optional() @Num(0.005, 0.5) width?: number;
  /** What it can give, W. */
  @Optional() @Num(0.1, 5000) watts?: number;
}

export class Port {
  @Text(8) order!: string;
  /** The number or word printed beside it. */
  @Text(40, 1) label!: string;
  @OneOf(['in', 'out', 'both']) direction!: 'in' | 'out' | 'both';
  @OneOf(CONNECTORS) connector!: Connector;
  @OneOf(CARRIES) carries!: Carries;
  /** A plug instead of a socket; or, where outputs have pins and inputs holes by custom, the other way about. */
  @Optional() @OneOf(PORT_ENDS) ends?: PortEnds;
  /** Length of the lead of its own that its plug is on, m; absent: the plug is on its body. Of mains, its cord. */
  @Optional() @Num(0, 50) ownLead?: number;
  /** How far its signal carries over the cable of its make, m, as tested or stated for this kind of device. */
  @Optional() @Num(0.5, 20000) reach?: number;
  /** A video input with a scaler takes any size and rate, or any of its formats where these are listed. */
  @Optional() @Flag() scaled?: boolean;
  /** Sizes and rates that an output can be set to, or that a scaled input takes; absent = not known. */
  @Optional() @Words(VIDEO_FORMATS) formats?: VideoFormat[];
  /** How a 3G link is packed (SMPTE ST 425-1): what an output gives, or an input takes. */
  @Optional() @OneOf(['A', 'B', 'both']) level3g?: 'A' | 'B' | 'both';
  /** Of the ports of one group only one can be used: a socket that takes either plug, or serves one thing at a time. */
  @Optional() @Text(20, 1) group?: string;
  /** The ports of one set work only together: an extender that needs two cables. */
  @Optional() @Text(20, 1) together?: string;
  /** The picture that it gives carries talkback among its sound channels. */
  @Optional() @Flag() talkback?: boolean;
  /** What an output of a switcher can be set to give, the usual one first. */
  @Optional() @Words(BUSES) gives?: Bus[];
  /** Pictures side by side that a multiview shows. */
  @Optional() @Int(2, 64) tiles?: number;
  /** Menus and icons lie on its picture: until they are switched off, or always. */
  @Optional() @OneOf(['until off', 'always']) overlay?: 'until off' | 'always';
  /** Its picture is copy-protected, always or until that is switched off. */
  @Optional() @OneOf(['until off', 'always']) locked?: 'until off' | 'always';
  @Optional() @OneOf(LEVELS) level?: Level;
  @Optional() @Flag() balanced?: boolean;
  /** Of an inlet or outlet. */
  @Optional() @One(() => Volts) volts?: Volts;
  /** Most that an inlet takes, or an outlet gives, W. */
  @Optional() @Num(0.1, 20000) watts?: number;
  @Optional() @One(() => WallAdapter) adapter?: WallAdapter;
  /** What its device can be fed by along the lead into this port, and what this port feeds another with. */
  @Optional() @Words(ALONG) poweredBy?: Along[];
  @Optional() @Words(ALONG) powers?: Along[];
  /** It is a modem on the mobile network, and so a line by itself. */
  @Optional() @Flag() mobile?: boolean;
  /** The input of its device that it hands on as it comes. */
  @Optional() @Ref() loops?: string;
}

/** What a switcher has inside; what is absent it has not. */
export class Inside {
  /** Programmes that are mixed apart from each other. */
  @Int(1, 8) mixes!: number;
  /** Keyers for captions and layers, up- and downstream. */
  @Optional() @Int(0, 64) keyers?: number;
  /** Boxes for a picture in the picture. */
  @Optional() @Int(0, 64) boxes?: number;
  @Optional() @Int(0, 100) stills?: number;
  @Optional() @Int(0, 100) clips?: number;
  /** Inputs recorded apart from each other. */
  @Optional() @Int(0, 64) tracks?: number;
  /** Channels of its sound mixer. */
  @Optional() @Int(0, 200) channels?: number;
  /** Most lines of the picture that its USB webcam output gives. */
  @Optional() @Num(240, 4320) webcam?: number;
  /** Most lines of the picture that its encoder sends. */
  @Optional() @Num(240, 4320) encoder?: number;
  /** How it is worked. */
  @Optional() @OneOf(['panel', 'network', 'both']) control?: 'panel' | 'network' | 'both';
}
