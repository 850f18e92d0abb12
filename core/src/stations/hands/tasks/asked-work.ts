/** What a piece of work is asked for as, before it is a task. */
import type { Break, LearnedPaces, Output } from '../../../documents/index.js';
import type { Figure, MapOf, SkillName, Term, WorkSort } from '../../../foundations/index.js';
import type { Equipment } from '../../equipment.js';
import type { RunsResult } from '../../runs/index.js';
import type { PlanWiring } from '../../signal/index.js';

export interface TaskReads {
  readonly devices: MapOf<Equipment> | undefined;
  readonly outputs: MapOf<Output> | undefined;
  readonly wiring: PlanWiring;
  readonly runs: RunsResult['runs'];
  readonly looms: RunsResult['looms'];
  readonly ramps: RunsResult['ramps'];
  /** Leads that arrive plugged. */
  readonly plugged: Readonly<Record<string, unknown>>;
  /** Minutes of one person to carry everything in; unknown where the way was not surveyed: then it is no task. */
  readonly carrying: Figure;
  readonly breaks: MapOf<Break> | undefined;
  readonly paces: LearnedPaces | undefined;
}

/** What a task is, without what follows from its name. */
export interface Asked {
  readonly label: string;
  readonly sort: WorkSort;
  readonly parts: readonly Term[];
  readonly formula?: string;
  readonly skill?: SkillName;
  readonly seats?: number;
  readonly everybody?: boolean;
  readonly adults?: boolean;
  readonly ladder?: boolean;
  readonly after: readonly string[];
  readonly device?: string;
  /** What it is called to undo it, where it is undone; and the part of its time, where that is another. */
  readonly undone?: string;
  readonly undonePart?: number;
}

/** Asks for a piece of work by its key, and gives that back. */
export type Put = (key: string, task: Asked) => string;
