/** Checks before anybody ticked them. */
import { idFrom, type Figure, type Unit } from '../../foundations/index.js';
import type { Moment } from './result.js';

export interface Draft {
  readonly moment: Moment;
  readonly label: string;
  readonly detail?: string;
  readonly tape?: string | undefined;
  readonly unit?: Unit;
  /** What a reading must reach. */
  readonly atLeast?: Figure;
}
export type Drafts = readonly (readonly [id: string, Draft])[];

/** The same check always has the same id, whatever else is in the design. */
export const checkId = (moment: Moment, what: string): string => idFrom(`${moment}/${what}`);

export const draft = (what: string, of: Draft): Drafts[number] => [checkId(of.moment, what), of];
