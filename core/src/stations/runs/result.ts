/** What Runs reads and what comes of it. */
import type {
  CableMake,
  Claims,
  Connector,
  Kinds,
  Link,
  PrintedLabel,
  Rules,
  Shelf,
} from '../../documents/index.js';
import { rulesOf, type Figure, type MapOf, type Point, type VideoFormat } from '../../foundations/index.js';
import type { Equipment } from '../equipment.js';
import type { GroundResult } from '../ground/index.js';
import type { SignalResult } from '../signal/index.js';
import type { InRacks } from '../in-rack/inner.js';
import type { Seen } from '../station.js';
import type { AmongSeats } from './among-seats.js';
import type { Zone } from './floor.js';
import type { FloorWork } from './floor-work.js';
import type { Laying } from './laying.js';
import type { Loom } from './looms.js';
import type { RunLengths } from './routed.js';
import type { SpanResult } from './spans.js';
import type { Cut, JoinedPorts } from './stock.js';

export interface RunsReads {
  readonly devices: MapOf<Equipment> | undefined;
  readonly links: MapOf<Link> | undefined;
  readonly printed: MapOf<PrintedLabel> | undefined;
  readonly kinds: Kinds;
  readonly shelf: Shelf;
  readonly claims: Claims;
  readonly rules: Rules;
  readonly innards: InRacks;
  readonly ground: GroundResult;
  readonly signal: SignalResult;
}

export interface RunResult extends RunLengths {
  /** As on the tape at both of its ends: `R3`, `P12`. */
  readonly number: string;
  /** `C3 SIDE → HDMI in 3 of Switcher`. */
  readonly label: string;
  readonly from: string;
  readonly to: string;
  /** The make of its cables, and the one that was asked for. */
  readonly make: CableMake;
  readonly asked: CableMake;
  readonly makeWords: string;
  readonly connector: Connector;
  /** What its ends go into. */
  readonly ports: JoinedPorts;
  /** What runs through it, where it is a picture. */
  readonly format: VideoFormat;
  /** It crosses the floor; otherwise it stays inside a rack or on one table. */
  readonly crosses: boolean;
  readonly points: readonly Point[];
  /** Height of the floor at each point, m. */
  readonly floors: readonly number[];
  /** Segments, by the point they begin at, that hang or climb. */
  readonly aloft: ReadonlySet<number>;
  readonly crossings: readonly Zone[];
  readonly limit: Figure;
  readonly stretched: Figure;
  /** Tape codes of the chosen cables, in the order they are joined. */
  readonly cable: Figure;
  readonly cableLength: Figure;
  readonly joints: Figure;
  readonly excess: Figure;
  /** The verdict for the cable used. */
  readonly reach: Figure;
  /** What must be bought or hired for it: a length that is sold; null where the stock has it. */
  readonly wanted: Figure;
  readonly items: readonly string[];
  readonly cutBy: Cut['by'] | undefined;
  /** What the cord of its device takes on of it, m; nothing where the cord reaches by itself. */
  readonly cord: number;
  /** One of its ends brings its lead along, so that no cable is wanted. */
  readonly ownLead: boolean;
  /** The rack that it stays in. */
  readonly rack: string | undefined;
  /** It arrives plugged. */
  readonly stays: boolean;
}

export interface RunsResult extends FloorWork {
  readonly runs: Readonly<Record<string, RunResult>>;
  /** Leads that follow each other over passive pieces, by the link at the end of each. */
  readonly spans: Readonly<Record<string, SpanResult>>;
  /** Leads that cross the floor of a room with seats: how much of each lies among them. */
  readonly amongSeats: Readonly<Record<string, AmongSeats>>;
  /** Leads that share much of their way. */
  readonly looms: Readonly<Record<string, Loom>>;
  /** Makes the same ways for what is only asked about. */
  readonly laying: () => Laying;
}

export const runsRule = rulesOf<Seen<RunsReads, RunsResult>>('runs');
