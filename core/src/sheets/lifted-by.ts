/** By how many a case is lifted, in words for a card. */
import { showText, type Reading } from '../foundations/index.js';
import { TOO_HEAVY, type CaseResult } from '../stations/pack/lifting/lifts.js';

/** Names, `2 people`; for one that three may not lift, what else there is; `unknown` where nobody measured it. */
export function liftedBy({ people, wheels, by, lifters }: CaseResult, reading: Reading): string {
  if (by === 0) return 'on its wheels';
  const names = Object.values(lifters).map(({ name }) => name);
  if (by !== undefined)
    return [...names, ...(by > names.length ? [`${by - names.length} more`] : [])].join(', ');
  if (people.value !== null) return showText(people.value, people.unit, reading);
  if (people.why !== TOO_HEAVY) return 'unknown';
  return wheels ? 'on its wheels' : 'nobody: split it';
}
