/** What Power reads and what comes of it. */
import type {
  AirTemperature,
  BatteryChange,
  ChargeReading,
  FedTogether,
  Kinds,
  Link,
  RunningItem,
  Rules,
  Shelf,
  Shot,
} from '../../documents/index.js';
import { rulesOf, type Figure, type MapOf } from '../../foundations/index.js';
import type { BriefResult } from '../brief/index.js';
import type { Equipment } from '../equipment.js';
import type { GroundResult } from '../ground/index.js';
import type { RunsResult } from '../runs/index.js';
import type { SignalResult } from '../signal/index.js';
import type { ShotsResult } from '../shots/index.js';
import type { Seen } from '../station.js';
import type { ChargeCheck } from './battery/charges.js';
import type { Point } from './battery/discharge.js';
import type { Service } from './battery/services.js';
import type { Feed } from './feeding.js';
import type { Demand } from './demand.js';
import type { StateThen } from './states.js';
import type { Timeline } from './timeline.js';

export interface PowerReads {
  readonly devices: MapOf<Equipment> | undefined;
  readonly links: MapOf<Link> | undefined;
  readonly runningOrder: MapOf<RunningItem> | undefined;
  readonly zone: string;
  readonly temperatures: MapOf<AirTemperature> | undefined;
  readonly batteryChanges: MapOf<BatteryChange> | undefined;
  readonly chargeReadings: MapOf<ChargeReading> | undefined;
  readonly fedTogether: MapOf<FedTogether> | undefined;
  readonly shotsWanted: MapOf<Shot> | undefined;
  readonly kinds: Kinds;
  readonly shelf: Shelf;
  readonly rules: Rules;
  readonly brief: BriefResult;
  readonly ground: GroundResult;
  readonly shots: ShotsResult;
  readonly signal: SignalResult;
  readonly runs: Pick<RunsResult, 'runs'>;
}

/** Watts while it works and what current that is; the other states where its kind says what it takes in them. */
export interface DeviceLoad {
  readonly watts: Figure;
  readonly amps: Figure;
  /** The least that it may take, where nobody has measured it; `watts` is the most then. */
  readonly least?: Figure;
  readonly standbyWatts?: Figure;
  readonly standbyAmps?: Figure;
  readonly peakWatts?: Figure;
  readonly peakAmps?: Figure;
  /** What a supply turns into warmth itself, of what it takes; absent: all of it. */
  readonly kept?: Figure;
  /** `mains`, `battery`, `inner battery`, `not known`, or null when nothing feeds it. */
  readonly fedBy: Figure;
}

/** At the worst minute: that at which the most counts. */
export interface CircuitLoad {
  readonly worst: Figure;
  readonly other: Figure;
  readonly ours: Figure;
  /** The load that counts by the house rule. */
  readonly counted: Figure;
  /** What may be added to ours; negative where it is over. */
  readonly left: Figure;
  readonly share: Figure;
  /** Of a ring: what its cable may have to carry on one side, which nobody knows to be less. */
  readonly side?: Figure;
  /** The most that counts in each phase in which anything is on. */
  readonly phases: Readonly<Record<string, Figure>>;
}

/** At the end of all the leads from the wall. */
export interface AtEnd {
  /** The socket of the venue that the leads come from. */
  readonly socket: string | undefined;
  /** Volts lost on the way, %. */
  readonly lost: Figure;
  readonly volts: Figure;
  /** Volts above the least that it works with. */
  readonly spare: Figure;
  /** Extension leads in all, of the longest that they may be. */
  readonly extension: Figure;
}

/** The circuits of a pair, where both are known: of one that is to be together, or of one that is to be apart. */
export interface FedPair {
  readonly together?: Figure;
  readonly apart?: Figure;
}

export interface ResidualLoad {
  readonly leakage: Figure;
  readonly share: Figure;
}

/** Absent: what the building has not. */
export interface BuildingLoad {
  readonly phases?: Readonly<Record<string, Figure>>;
  readonly neutral?: Figure;
  /** The most that harmonics can put on it. */
  readonly neutralMost?: Figure;
  /** VA that a generator gives, and of what it may be loaded to. */
  readonly generator?: Figure;
  readonly generatorShare?: Figure;
}

/** Everything switched on at once, and one after another. */
export interface StartUp {
  /** Amps for an instant, where all of ours on the circuit are switched on together. */
  readonly together: Figure;
  /** The largest by itself, on top of all the others at work. */
  readonly single: Figure;
  readonly share: Figure;
  readonly singleShare: Figure;
}

export interface StripLoad extends SocketLoad {
  /** Strips from the wall on, it among them. */
  readonly series: Figure;
  /** Where each strip must be in the wall itself. */
  readonly direct?: Figure;
  /** In the open: whether it stands splashing water. */
  readonly rain?: Figure;
  /** Whether what is plugged into it finds room beside each other. */
  readonly seated: Figure;
}

export interface WallLoad extends SocketLoad {
  /** Outlets that nothing is plugged into; negative where there are more plugs than outlets. */
  readonly free: Figure;
  /** What switches it besides, while something of ours hangs on it. */
  readonly control: Figure;
  /** Whether what is plugged in goes into it; absent where nothing is. */
  readonly fits?: Figure;
  /** In the open: whether it stands splashing water. */
  readonly rain?: Figure;
  /** The largest load by itself, of what one may take by American rules. */
  readonly single?: Figure;
}

export interface SocketLoad {
  readonly watts: Figure;
  readonly amps: Figure;
  readonly share: Figure;
}

/** What a supply gives to all that hangs on it. */
export interface SupplyOut {
  readonly watts: Figure;
  readonly amps: Figure;
  /** Outlets that nothing is plugged into; none where it feeds along leads of signals alone. */
  readonly free?: Figure;
  readonly share?: Figure;
}

/** What one outlet gives, and what arrives at the end of its lead, where that is known. */
export interface OutletLoad {
  readonly share?: Figure;
  readonly resistance?: Figure;
  readonly volts?: Figure;
  readonly amps?: Figure;
  readonly holds?: Figure;
  readonly spare?: Figure;
  readonly fuse?: Figure;
  /** Its fuse beside what its wire carries, and beside the volts that it breaks. */
  readonly wire?: Figure;
  readonly breaks?: Figure;
  /** `fits`, `another size` or `the wrong way round`, where both sides were measured. */
  readonly plug?: Figure;
  /** Where both sides say which USB volts they know. */
  readonly usbVolts?: Figure;
  readonly usbGives?: Figure;
}

/** A device that is fed over its network cable. */
export interface PoeLoad {
  readonly poeClass: Figure;
  readonly counted: Figure;
  readonly gets: Figure;
  readonly share: Figure;
  /** Where the length of its cable is known. */
  readonly source?: Figure;
}

export interface BatteryLife {
  readonly health: Figure;
  /** What is drawn of it in each phase of the day. */
  readonly phases: Readonly<Record<string, Figure>>;
  readonly usable: Figure;
  readonly load: Figure;
  /** Highest current, and what that is of the most that it gives; of a battery that stays inside nobody says. */
  readonly amps?: Figure;
  readonly share?: Figure;
  readonly minutes: Figure;
  readonly ends: Figure;
  /** Minutes from then to the change that it does not last to; absent where it does. */
  readonly gap?: Figure;
  /** When the first of what it feeds goes dark: later than its end where batteries inside carry all of that on. */
  readonly dark: Figure;
  /** Minutes from the end of the event to that; negative = short. */
  readonly margin: Figure;
}

/** A battery that hands the mains on, and carries on what hangs on it when they go. */
export interface Standby {
  readonly usable: Figure;
  readonly load: Figure;
  readonly voltAmps: Figure;
  readonly share: Figure;
  readonly minutes: Figure;
}

/** A battery inside of something that runs on something else. */
export interface InnerLife {
  readonly usable: Figure;
  readonly alone: Figure;
  readonly dark: Figure;
  /** Fed with less than it takes: how long it lasts so, and how much of the day that leaves over. */
  readonly fed?: Figure;
  readonly over?: Figure;
}

export interface PowerResult {
  /** What feeds each device that is fed. */
  readonly feeds: Readonly<Record<string, Feed>>;
  /** Devices that draw their current through a lead: the one it ends at, and those below that. */
  readonly through: Readonly<Record<string, readonly string[]>>;
  /** The stretches of the day, and what each device does in them. */
  readonly timeline: Timeline;
  readonly states: Readonly<Record<string, readonly StateThen[]>>;
  /** Watts and amps that each device draws in each stretch; NaN where nobody knows. */
  readonly drawn: Readonly<Record<string, Demand>>;
  readonly devices: Readonly<Record<string, DeviceLoad>>;
  /** At the end of the leads from the wall, by device on the mains. */
  readonly ends: Readonly<Record<string, AtEnd>>;
  readonly strips: Readonly<Record<string, StripLoad>>;
  readonly sockets: Readonly<Record<string, WallLoad>>;
  /** By lead of sound: the circuits on which its two ends hang, where both are known. */
  readonly earths: Readonly<Record<string, { readonly circuits: Figure }>>;
  /** By pair that is to hang on one circuit, or on two. */
  readonly pairs: Readonly<Record<string, FedPair>>;
  readonly residuals: Readonly<Record<string, ResidualLoad>>;
  readonly building: BuildingLoad;
  /** Of the circuits on which something of ours is switched on whose inrush is known. */
  readonly startUps: Readonly<Record<string, StartUp>>;
  readonly circuits: Readonly<Record<string, CircuitLoad>>;
  readonly drops: Readonly<Record<string, { readonly drop: Figure }>>;
  readonly supplies: Readonly<Record<string, SupplyOut>>;
  /** By device that is fed from an outlet of a supply or battery. */
  readonly outlets: Readonly<Record<string, OutletLoad>>;
  readonly poe: Readonly<Record<string, PoeLoad>>;
  readonly poeBudgets: Readonly<Record<string, { readonly counted: Figure; readonly share: Figure }>>;
  readonly batteries: Readonly<Record<string, BatteryLife>>;
  /** Watts that are drawn of each battery in each stretch of the day; NaN where nobody knows. */
  readonly demands: Readonly<Record<string, readonly number[]>>;
  /** The battery of the plan, and those that take its place, each while it is there. */
  readonly services: Readonly<Record<string, readonly Service[]>>;
  /** When to look at which battery, and what it should show. */
  readonly charges: Readonly<Record<string, ChargeCheck>>;
  readonly standbys: Readonly<Record<string, Standby>>;
  readonly inners: Readonly<Record<string, InnerLife>>;
  /** By supply of direct current: how long the best battery of the shelf would carry on in its place. */
  readonly standIns: Readonly<Record<string, { readonly minutes: Figure }>>;
  /** Share of its usable charge that is left in each battery, by minutes after the start. */
  readonly curves: Readonly<Record<string, readonly Point[]>>;
  readonly total: Figure;
}

export type PowerSeen = Seen<PowerReads, PowerResult>;

export const powerRule = rulesOf<PowerSeen>('power');
