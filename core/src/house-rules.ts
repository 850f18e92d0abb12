/** Rules of the house as an event, or its log, makes them. */
import type { LearnedPaces, Plan } from './documents/index.js';
import { inPlan, inRules } from './edits.js';
import type { DocumentPatch } from './foundations/index.js';

/** Every choice of the event becomes the house’s, and the event follows the house; nothing where it has chosen nothing. */
export function choicesToHouse({ rules }: Pick<Plan, 'rules'>): readonly DocumentPatch[] {
  const chosen = Object.entries(rules ?? {}).filter(([, value]) => value !== undefined);
  if (chosen.length === 0) return [];
  // What an event may choose is a rule of the house by the same name.
  const house = inRules().each(chosen, (edit, [rule, value]) => edit.put(rule as 'slack', value as never));
  return [house.change, inPlan().drop('rules').change];
}

/** What the house reckons work with; undefined: as is usual. */
export const pacesToHouse = (paces: LearnedPaces | undefined): DocumentPatch =>
  (paces === undefined ? inRules().drop('paces') : inRules().put('paces', paces)).change;
