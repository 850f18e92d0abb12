/** What Day reads and what comes of it. */
import type { Kinds, Link, Output, Shelf, Tick } from '../../documents/index.js';
import { rulesOf, type Figure, type MapOf, type Unit } from '../../foundations/index.js';
import type { PackResult } from '../pack/index.js';
import type { Equipment } from '../equipment.js';
import type { RunsResult } from '../runs/index.js';
import type { ShotsResult } from '../shots/index.js';
import type { SignalResult } from '../signal/index.js';
import type { Seen } from '../station.js';
import type { StreamResult } from '../stream/index.js';

export interface DayReads {
  readonly ticks: MapOf<Tick> | undefined;
  readonly outputs: MapOf<Output> | undefined;
  readonly shelf: Shelf;
  readonly shots: ShotsResult;
  readonly signal: SignalResult;
  readonly links: MapOf<Link> | undefined;
  readonly stream: StreamResult;
  readonly runs: Pick<RunsResult, 'runs' | 'looms'>;
  readonly devices: MapOf<Equipment> | undefined;
  readonly kinds: Kinds;
  readonly pack: PackResult;
}

export const MOMENTS = [
  'Pack out',
  'Rig',
  'Plug in',
  'Line check',
  'Before doors',
  'Five minutes before',
  'End',
  'Count back in',
] as const;
export type Moment = (typeof MOMENTS)[number];

export interface Check {
  readonly moment: Moment;
  readonly label: string;
  readonly detail: string;
  /** Tape code of the thing, where it has one. */
  readonly tape: string | undefined;
  /** A reading is wanted, in this unit. */
  readonly unit: Unit | undefined;
  /** Path and value of the plan’s figure that the reading must reach. */
  readonly atLeast: { readonly path: string; readonly value: number } | undefined;
  readonly tick: string | undefined;
  readonly by: string | undefined;
  readonly at: string | undefined;
  readonly value: number | undefined;
}

export type Checks = Readonly<Record<string, Check>>;

export interface DayResult {
  /** By the check’s stable id, in order of doing within each moment. */
  readonly checks: Checks;
  readonly done: Figure;
  readonly all: Figure;
  readonly moments: Readonly<Record<string, { readonly done: Figure; readonly all: Figure }>>;
  readonly readyForDoors: Figure;
}

export const dayRule = rulesOf<Seen<DayReads, DayResult>>('day');
