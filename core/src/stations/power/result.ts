/** What Power reads and what comes of it. */
import type { Kinds, Link, Rules, Shelf } from '../../documents/index.js';
import { rulesOf, type Figure, type MapOf } from '../../foundations/index.js';
import type { BriefResult } from '../brief/index.js';
import type { Equipment } from '../equipment.js';
import type { GroundResult } from '../ground/index.js';
import type { RunsResult } from '../runs/index.js';
import type { SignalResult } from '../signal/index.js';
import type { Seen } from '../station.js';
import type { Feed } from './feeding.js';

export interface PowerReads {
  readonly devices: MapOf<Equipment> | undefined;
  readonly links: MapOf<Link> | undefined;
  readonly kinds: Kinds;
  readonly shelf: Shelf;
  readonly rules: Rules;
  readonly brief: BriefResult;
  readonly ground: GroundResult;
  readonly signal: SignalResult;
  readonly runs: RunsResult;
}

export interface DeviceLoad {
  readonly watts: Figure;
  readonly amps: Figure;
  /** `mains`, `battery`, `inner battery`, `not known`, or null when nothing feeds it. */
  readonly fedBy: Figure;
}

export interface CircuitLoad {
  readonly other: Figure;
  readonly ours: Figure;
  /** The load that counts by the house rule. */
  readonly counted: Figure;
  /** What may be added to ours; negative where it is over. */
  readonly left: Figure;
  readonly share: Figure;
}

export interface SocketLoad {
  readonly watts: Figure;
  readonly amps: Figure;
  readonly share: Figure;
}

export interface BatteryLife {
  readonly usable: Figure;
  readonly load: Figure;
  readonly minutes: Figure;
  readonly ends: Figure;
  /** Minutes left at the end of the event; negative = short. */
  readonly margin: Figure;
}

export interface PowerResult {
  /** What feeds each device that is fed. */
  readonly feeds: Readonly<Record<string, Feed>>;
  /** Devices that draw their current through a lead: the one it ends at, and those below that. */
  readonly through: Readonly<Record<string, readonly string[]>>;
  readonly devices: Readonly<Record<string, DeviceLoad>>;
  readonly strips: Readonly<Record<string, SocketLoad>>;
  readonly sockets: Readonly<Record<string, SocketLoad>>;
  readonly circuits: Readonly<Record<string, CircuitLoad>>;
  readonly drops: Readonly<Record<string, { readonly drop: Figure }>>;
  readonly batteries: Readonly<Record<string, BatteryLife>>;
  readonly total: Figure;
}

export type PowerSeen = Seen<PowerReads, PowerResult>;

export const powerRule = rulesOf<PowerSeen>('power');
