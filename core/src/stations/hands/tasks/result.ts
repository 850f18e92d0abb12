/** Work before the rehearsal, and the schedule that somebody accepted for it. */
import type { Figure, SkillName, WorkSort } from '../../../foundations/index.js';

/** One piece of work that people do together. */
export interface Task {
  readonly label: string;
  readonly sort: WorkSort;
  /** Most likely minutes. */
  readonly usual: Figure;
  /** The least and the most that it may take, as parts of that. */
  readonly least: number;
  readonly most: number;
  /** Of those who do it, one knows this; undefined: whoever it is. */
  readonly skill: SkillName | undefined;
  /** People that it takes. */
  readonly seats: number;
  /** Everybody who is there has a part in it, however many it takes. */
  readonly everybody: boolean;
  /** Nobody under 18 does it. */
  readonly adults: boolean;
  /** It takes the one ladder. */
  readonly ladder: boolean;
  /** Keys of what is done before it. */
  readonly after: readonly string[];
  /** How it is undone after the end: what that is called, and the part of its time that it takes; absent: it is not. */
  readonly undone?: { readonly label: string; readonly part: number } | undefined;
  /** What it is about, to be looked at on the plan. */
  readonly device: string | undefined;
}

/** By a key that stays the same while the design does; each behind what is done before it. */
export type Tasks = Readonly<Record<string, Task>>;

export interface ScheduledTask {
  readonly people: readonly string[];
  /** Minutes after the call, or after the end. */
  readonly begins: Figure;
  readonly ends: Figure;
  /** Nothing is ready any later than without it: it has no time to spare. */
  readonly critical: boolean;
  /** It begins when somebody has said, not before. */
  readonly fixed: boolean;
}

/** An accepted schedule of one part of the work, with the durations that the design has now. */
export interface ScheduleResult {
  readonly tasks: Readonly<Record<string, ScheduledTask>>;
  /** From the call, or the end, until everything is done, min. */
  readonly takes: Figure;
  /** The same, with what is kept spare, min. */
  readonly ready: Figure;
  /** Work of the design that is not in it. */
  readonly left: Figure;
}
