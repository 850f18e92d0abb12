import type { MapOf as Map } from '../foundations/index.js';
import { Assembly } from './assembly.js';
import { Carry } from './carry-parts.js';
import { Hold, Packed, Travel } from './case-parts.js';
import { Vehicle } from './vehicle-parts.js';
import { Flag, MapOf, Num, One, OneOf, Optional, Ref, Said, Text, Words } from './decorators.js';
import { Verdict } from './tried.js';
import { UsesUp } from './uses-up.js';
import { Cable, LampLight, Lens, Optics, Recording, Size, Support } from './kind-parts.js';
import { Battery, Charger, InnerBattery, PowerNeed, Supply } from './power-parts.js';
import { KindPrice } from './prices.js';
import { INGRESS, type Ingress } from './power-words.js';
import { Inside, Port } from './ports.js';
import { AirWay, RackCase, RackSize } from './rack-parts.js';
import { FAMILIES, FUNCTIONS, type Family, type Function } from './signal-words.js';

/** Families whose things take no power of their own, as a rule. */
const PASSIVE: ReadonlySet<Family> = new Set<Family>([
  ...([
    'disk',
    'adapter',
    'patch bay',
    'microphone',
    'house line',
    'strip',
    'battery',
    'rack case',
    'rack part',
    'case',
    'vehicle',
  ] as const),
  ...(['support', 'lens', 'cable', 'ramp', 'hook', 'mat', 'tape', 'tool'] as const),
]);

/** Families whose things hand on power at other volts than they take. */
const SUPPLYING: ReadonlySet<Family> = new Set<Family>(['supply', 'battery', 'network switch', 'router']);

/** A kind of thing, described by what it is, never by maker. */
export class Kind {
  @Text(80, 1) @Said('What it is') label!: string;
  @OneOf(FAMILIES) @Said('Family') family!: Family;
  @Optional()
  @MapOf(() => Port, 400)
  @Said<Kind>('Ports', '', { when: ({ family }) => family !== 'cable' })
  ports?: Map<Port>;
  @Optional()
  @One(() => PowerNeed)
  @Said<Kind>('Power', '', { when: ({ family }) => !PASSIVE.has(family ?? 'tool') })
  power?: PowerNeed;
  /** It turns what it is fed with into other volts for what hangs on it. */
  @Optional()
  @One(() => Supply)
  @Said<Kind>('Supplies others', '', {
    help: 'a supply, a converter, a switch with PoE, a station with outlets',
    when: ({ family }) => SUPPLYING.has(family ?? 'tool'),
  })
  supply?: Supply;
  @Optional() @Num(0, 500) @Said('Weight', 'kg') weight?: number;
  @Optional()
  @One(() => Size)
  @Said<Kind>('Size', '', { help: 'as it stands or lies in use', when: ({ family }) => family !== 'cable' })
  size?: Size;
  /** About what one costs to buy, in the currency of the house, as long as nobody has found a price. */
  @Optional()
  @Num(0, 1e7)
  @Said('Costs about', '', { help: 'in the currency of the house, until a price is found' })
  price?: number;
  /** Prices that were found, each with its day. */
  @Optional()
  @MapOf(() => KindPrice, 50)
  @Said<Kind>('Prices', '', { when: () => false })
  prices?: Map<KindPrice>;
  /** Chance that one fails at one event, %; absent = not known. */
  @Optional()
  @Num(0, 100)
  @Said<Kind>('Fails at an event', '%', { help: 'how often one does; empty = not known', when: () => false })
  fails?: number;
  /** What came of it at events. */
  @Optional()
  @MapOf(() => Verdict, 200)
  @Said<Kind>('Verdicts', '', { when: () => false })
  verdicts?: Map<Verdict>;
  /** What it uses up: batteries that are thrown away, paper, gas. */
  @Optional() @One(() => UsesUp) @Said<Kind>('Uses up', '', { when: () => false }) usesUp?: UsesUp;
  /** The kind at the other end, without which it is of no use. */
  @Optional()
  @Ref()
  @Said<Kind>('Its other end', '', {
    help: 'the kind without which it is of no use',
    when: ({ family }) => family === 'extender' || family === 'wireless link',
  })
  pair?: string;
  @Optional()
  @One(() => Optics)
  @Said<Kind>('Camera and lens', '', {
    when: ({ family, does }) => family === 'camera' || does?.includes('sees') === true,
  })
  optics?: Optics;
  @Optional()
  @One(() => Support)
  @Said<Kind>('Support', '', { when: ({ family }) => family === 'support' })
  support?: Support;
  @Optional()
  @One(() => Lens)
  @Said<Kind>('Lens', '', { when: ({ family }) => family === 'lens' })
  lens?: Lens;
  @Optional()
  @One(() => LampLight)
  @Said<Kind>('Lamp', '', { when: ({ family }) => family === 'lamp' })
  lamp?: LampLight;
  @Optional()
  @One(() => Cable)
  @Said<Kind>('Cable', '', { when: ({ family }) => family === 'cable' })
  cable?: Cable;
  @Optional()
  @One(() => Battery)
  @Said<Kind>('Battery', '', { when: ({ family }) => family === 'battery' })
  battery?: Battery;
  @Optional()
  @One(() => Charger)
  @Said<Kind>('Charges batteries', '', { when: () => false })
  charger?: Charger;
  @Optional()
  @One(() => InnerBattery)
  @Said<Kind>('Battery inside, charged before', '', { when: () => false })
  inner?: InnerBattery;
  @Optional() @One(() => RackSize) @Said<Kind>('Space in a rack', '', { when: () => false }) rack?: RackSize;
  @Optional()
  @One(() => RackCase)
  @Said<Kind>('Rack', '', { when: ({ family }) => family === 'rack case' })
  rackCase?: RackCase;
  @Optional()
  @One(() => Hold)
  @Said<Kind>('Holds what is packed', '', { when: ({ family }) => family === 'case' })
  hold?: Hold;
  @Optional()
  @One(() => Vehicle)
  @Said<Kind>('Vehicle', '', { when: ({ family }) => family === 'vehicle' })
  vehicle?: Vehicle;
  /** Folded, coiled or in its sleeve; absent = as large as in use. */
  @Optional()
  @One(() => Packed)
  @Said<Kind>('Size when packed', '', { help: 'empty = as in use' })
  packed?: Packed;
  @Optional() @One(() => Travel) @Said<Kind>('On the way', '', { when: () => false }) travel?: Travel;
  /** How it is taken hold of, and moved. */
  @Optional()
  @One(() => Carry)
  @Said<Kind>('Handles and wheels', '', { when: ({ family }) => family === 'rack case' || family === 'case' })
  carry?: Carry;
  /** The way of the air through it, where it has a fan. */
  @Optional() @One(() => AirWay) @Said<Kind>('Air through it', '', { when: () => false }) air?: AirWay;
  /** The warmest air that it may take in, °C; absent = 40. */
  @Optional()
  @Num(0, 90)
  @Said<Kind>('Takes in air up to', '°C', { help: 'empty = 40 °C', when: () => false })
  warmest?: number;
  @Optional()
  @One(() => Recording)
  @Said<Kind>('Recording', '', {
    when: ({ family, does }) => family === 'recorder' || does?.includes('records pictures') === true,
  })
  recording?: Recording;
  /** Room on a disk, GB. */
  @Optional()
  @Num(1, 100000)
  @Said<Kind>('Room on it', 'GB', { when: ({ family }) => family === 'disk' })
  storage?: number;
  /** Rating of a strip or reel, A. */
  @Optional()
  @Num(1, 63)
  @Said<Kind>('Rated for', 'A', { when: ({ family }) => family === 'strip' })
  amps?: number;
  /** Rating of a reel while its lead is still on it, A. */
  @Optional()
  @Num(0.5, 63)
  @Said<Kind>('Rated for while it is coiled', 'A', {
    help: 'of a reel; empty = a third of its rating',
    when: ({ family }) => family === 'strip',
  })
  coiled?: number;
  /** It is a reel: its lead is wound on it. */
  @Optional()
  @Flag()
  @Said<Kind>('Its lead is on a reel', '', { when: ({ family }) => family === 'strip' })
  reel?: boolean;
  /** From the middle of one outlet of a strip to the middle of the next, m. */
  @Optional()
  @Num(0.02, 0.2)
  @Said<Kind>('From outlet to outlet', 'm', { when: ({ family }) => family === 'strip' })
  pitch?: number;
  /** What its casing keeps out; absent = not known. */
  @Optional()
  @OneOf(INGRESS)
  @Said<Kind>('Keeps out', '', {
    help: 'its IP code, printed on it; empty = not known',
    when: ({ family }) => family === 'strip' || family === 'supply',
  })
  ingress?: Ingress;
  /** It draws on all batteries on it at once, each by what it holds: a plate that is made for that. */
  @Optional()
  @Flag()
  @Said<Kind>('Draws on all its batteries at once', '', { when: () => false })
  shares?: boolean;
  @Optional()
  @One(() => Inside)
  @Said<Kind>('What it has inside', '', { when: ({ family }) => family === 'switcher' })
  inside?: Inside;
  /** How late pictures leave it, ms; absent = as is typical of its family. */
  @Optional()
  @Num(0, 60000)
  @Said<Kind>('Delays pictures by', 'ms', { help: 'empty = as is typical of its family', when: () => false })
  pictureDelay?: number;
  /** How late sound leaves it, ms; absent = as is typical of its family. */
  @Optional()
  @Num(0, 60000)
  @Said<Kind>('Delays sound by', 'ms', { help: 'empty = as is typical of its family', when: () => false })
  soundDelay?: number;
  /** How far the arm of a boom reaches from where its stand is, m. */
  @Optional()
  @Num(0.1, 10)
  @Said<Kind>('Reach of its boom', 'm', { when: ({ family }) => family === 'microphone' })
  arm?: number;
  /** Width of the picture of a screen, m. */
  @Optional()
  @Num(0.02, 30)
  @Said<Kind>('Picture, wide', 'm', { when: ({ family }) => family === 'screen' })
  screenWidth?: number;
  /** It contains a stream encoder. */
  @Optional()
  @Flag()
  @Said<Kind>('Has a stream encoder', '', {
    when: ({ family }) => family === 'encoder' || family === 'switcher',
  })
  encodes?: boolean;
  /** What it does besides what its family does: a tablet that is a camera and mixes, a recorder that plays. */
  @Optional()
  @Words(FUNCTIONS)
  @Said<Kind>('Does besides', '', { help: 'what its family does not say', when: () => false })
  does?: Function[];
  /** It takes talkback out of what passes through it. */
  @Optional()
  @Flag()
  @Said<Kind>('Takes talkback out of what passes through it', '', { when: () => false })
  strips?: boolean;
}

/** The kinds an organisation knows. */
export class Kinds {
  @OneOf([1]) version!: 1;
  @MapOf(() => Kind) kinds!: Map<Kind>;
  /** Cases that arrive wired. */
  @Optional() @MapOf(() => Assembly, 200) assemblies?: Map<Assembly>;
}
