/** How a house looks after its people: what it says, and what is usual where it says nothing. */
import type { RuleChoices } from '../../documents/index.js';
import { USUAL_CARE, USUAL_WISHES } from '../../foundations/index.js';
import type { Care } from './problem.js';

export function careOf(crew: RuleChoices['crew'] = {}): Care {
  const { youngLeave, vetted = false, wishes, ...said } = crew;
  return { ...USUAL_CARE, ...said, youngLeave, vetted, wishes: { ...USUAL_WISHES, ...wishes } };
}
