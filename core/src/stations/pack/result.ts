/** What Pack reads and what comes of it. */
import type {
  BatteryChange,
  Claims,
  Facts,
  HandedOn,
  Hands,
  Kinds,
  PackedLine,
  Plan,
  Rules,
  Shelf,
  Venue,
} from '../../documents/index.js';
import { rulesOf, type Figure, type MapOf, type PackGroup } from '../../foundations/index.js';
import type { BriefResult } from '../brief/index.js';
import type { Equipment } from '../equipment.js';
import type { ByAir } from './air.js';
import type { Carried } from './carrying/carried.js';
import type { CaseResult } from './lifting/lifts.js';
import type { CaseRoom } from './packing/room.js';
import type { MoneyResult } from './money/index.js';
import type { PackedSize } from './packing/sizes.js';
import type { VehicleResult } from './vehicles/vehicle.js';
import type { RunsResult } from '../runs/index.js';
import type { StreamResult } from '../stream/index.js';
import type { Seen } from '../station.js';

export type { VehicleResult } from './vehicles/vehicle.js';

export interface PackReads {
  readonly devices: MapOf<Equipment> | undefined;
  readonly batteryChanges: MapOf<BatteryChange> | undefined;
  readonly packed: MapOf<PackedLine> | undefined;
  readonly kinds: Kinds;
  readonly shelf: Shelf;
  readonly claims: Claims;
  readonly people: Hands['people'];
  /** The way in from the vehicle; undefined where it was not surveyed. */
  readonly way: Facts['way'];
  /** What worked at the venue, and what did not. */
  readonly tried: Venue['tried'];
  readonly units: Rules['units'];
  readonly dates: Rules['dates'];
  /** When it begins and ends, and on whose clocks. */
  readonly start: Figure;
  readonly end: Figure;
  readonly zone: Plan['zone'];
  readonly runs: Pick<RunsResult, 'runs' | 'hooks' | 'mats' | 'ramps' | 'taped'>;
  readonly money: Plan['money'];
  readonly extras: Plan['extras'];
  readonly spareLeads: Rules['spareLeads'];
  readonly spareRisk: Rules['spareRisk'];
  /** How the house reckons with money. */
  readonly currency: Rules['currency'];
  readonly moneyRules: Rules['money'];
  readonly phases: BriefResult['phases'];
  readonly streams: StreamResult['streams'];
}

/** An event that a thing comes from or goes on to, and whether it stays rigged in between. */
export type Handed = Pick<HandedOn, 'event' | 'rigged'>;

/** One line of the checklist: a tagged thing, or a count of untagged ones. */
export interface PackLine {
  readonly group: PackGroup;
  readonly label: string;
  /** What it is for: the device or the run. */
  readonly purpose: string;
  readonly tape: string | undefined;
  readonly item: string | undefined;
  readonly kind: string | undefined;
  readonly count: number;
  /** Where it travels: the case it is mounted in. */
  readonly inside: string | undefined;
  /** The thing of the shelf that it always goes with; absent where it is there for itself. */
  readonly goesWith?: string;
  /** The event of the same occasion that it comes from, or goes on to. */
  readonly comesFrom?: Handed;
  readonly goesOnTo?: Handed;
  /** How it may travel by air; absent where it has no battery. */
  readonly air?: ByAir;
}

export type PackLines = Readonly<Record<string, PackLine>>;

export interface PackResult {
  readonly lines: PackLines;
  readonly pieces: Figure;
  readonly missing: Figure;
  readonly weight: Figure;
  readonly tapeRolls: Figure;
  readonly rampPieces: Figure;
  /** Cases by the device that each is: what they weigh, and who may lift them. */
  readonly cases: Readonly<Record<string, CaseResult>>;
  /** Of those that are no racks: what room is left in them. */
  readonly rooms: Readonly<Record<string, CaseRoom>>;
  readonly vehicles: Readonly<Record<string, VehicleResult>>;
  /** For each line the cases that it travels in, the nearest first. */
  readonly travels: Readonly<Record<string, readonly string[]>>;
  /** How large each line is when it is packed. */
  readonly sizes: Readonly<Record<string, PackedSize>>;
  /** Everything from the vehicle to the room. */
  readonly carried: Carried;
  /** Lines that travel in no case. */
  readonly loose: Figure;
  /** By kind: how many are used up, and how many go along spare. */
  readonly usedUp: Readonly<Record<string, Figure>>;
  readonly spares: Readonly<Record<string, Figure>>;
  /** By device: whether it worked at this venue, as far as anybody noted. */
  readonly workedHere: Readonly<Record<string, Figure>>;
  readonly money: MoneyResult;
}

export type PackSeen = Seen<PackReads, PackResult>;

export const packRule = rulesOf<PackSeen>('pack');
