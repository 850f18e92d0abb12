/** What a roster is made of: events with jobs to fill, people who might, and how the house looks after them. */
import type { Hands } from '../../documents/index.js';
import type { SkillName } from '../../foundations/index.js';

/** What one person does at an event: one role, or several that were given to one person. */
export interface Job {
  /** Keys of its roles. */
  readonly roles: readonly string[];
  readonly label: string;
  /** All of them are needed. */
  readonly skills: readonly SkillName[];
  /** Without it nothing goes out: somebody stands by for it. */
  readonly vital: boolean;
  /** Who is put on it so far. */
  readonly person?: string;
  /** They said yes: it stays theirs. */
  readonly accepted?: boolean;
  /** Whoever makes the roster wants it to stay theirs. */
  readonly kept?: boolean;
}

export interface RosterEvent {
  readonly id: string;
  readonly label: string;
  /** Clocks of the place. */
  readonly zone: string;
  /** When people are asked to come, and when everything is struck; instants. */
  readonly from: string;
  readonly to: string;
  /** Where it is: a day’s next duty elsewhere needs the way there. Absent = somewhere else than all others. */
  readonly venue?: string;
  readonly jobs: readonly Job[];
  /** People who were asked to do something at it, and said no. */
  readonly saidNo?: readonly string[];
  /** It is only looked at: whoever is on it has this duty, and nothing of it is filled or changed. */
  readonly fixed?: boolean;
}

/** Weights of wishes, which count after holes and fairness. */
export interface Wishes {
  /** Somebody put on an event that they would rather not come to. */
  readonly ratherNot: number;
  /** One of a household without the other, where both could. */
  readonly apartFromHousehold: number;
  /** A learner who does not get a turn beside somebody who leads. */
  readonly learner: number;
  /** Somebody else on a job than so far. */
  readonly change: number;
}

/** How the house looks after its people. */
export interface Care {
  /** Between the last duty of a day and the first of the next, h. */
  readonly rest: number;
  readonly restYoung: number;
  readonly restUnder15: number;
  /** When whoever is under 18 has left, `21:30`; absent = no such time. */
  readonly youngLeave: string | undefined;
  /** Adults beside those under 18 must be vetted. */
  readonly vetted: boolean;
  /** From one venue to another on the same day, min. */
  readonly between: number;
  readonly wishes: Wishes;
}

export interface RosterProblem {
  readonly events: readonly RosterEvent[];
  readonly people: Hands['people'];
  /** Duties that each had before, of the time that fairness remembers. */
  readonly past: Readonly<Record<string, number>>;
  /** Duties that each has in a month besides these events, by `person month`: `petralund1 2026-12`. */
  readonly inMonth: Readonly<Record<string, number>>;
  readonly care: Care;
}
