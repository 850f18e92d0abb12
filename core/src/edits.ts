/** Edits of the documents that can be edited, each typed by its own shape. */
import type { Kinds, Plan, Rules, Venue } from './documents/index.js';
import { Edit, type Fix } from './foundations/index.js';

/** An edit of the plan; `known` are those of its parts that may be missing. */
export const inPlan = (known: { readonly [Part in keyof Plan]?: object | undefined } = {}): Edit<Plan> =>
  new Edit<Plan>('plan', known, false);
/** An edit of the plan as it is. */
export const editPlan = (plan: Plan): Edit<Plan> => new Edit<Plan>('plan', plan, true);
/** An edit of the kinds; `known` are those of its parts that may be missing. */
export const inKinds = (known: { readonly [Part in keyof Kinds]?: object | undefined } = {}): Edit<Kinds> =>
  new Edit<Kinds>('kinds', known, false);
/** An edit of the house rules, all of which are taken to be there. */
export const inRules = (): Edit<Rules> => new Edit<Rules>('rules', {}, false);
/** An edit of the venue, all parts of which are taken to be there. */
export const inVenue = (): Edit<Venue> => new Edit<Venue>('venue', {}, false);

/** A fix that makes one edit; `way` names its sort, of which no more than a few are offered. */
export const fix = <T extends object>(label: string, edit: Edit<T>, way?: string): Fix => ({
  ...(way !== undefined && { way }),
  label,
  changes: [edit.change],
});
