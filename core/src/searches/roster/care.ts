/** How a house looks after its people: what it says, and what is usual where it says nothing. */
import type { Bundle } from '../../documents/index.js';
import { USUAL_CARE, USUAL_WISHES } from '../../foundations/index.js';
import type { Care } from './problem.js';

export function careOf({ rules, plan }: Pick<Bundle, 'rules' | 'plan'>): Care {
  const { youngLeave, vetted = false, wishes, ...said } = plan.rules?.crew ?? rules.crew ?? {};
  return { ...USUAL_CARE, ...said, youngLeave, vetted, wishes: { ...USUAL_WISHES, ...wishes } };
}
