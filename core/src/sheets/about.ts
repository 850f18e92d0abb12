import type { Assessment } from '../assess.js';
import type { Plan } from '../documents/index.js';
import { showDayAndClock } from '../foundations/index.js';
import { readingOf } from '../review.js';

/** One line that says which event a sheet belongs to. */
export const aboutEvent = (plan: Plan, { ground, rules }: Assessment): string =>
  `${plan.label} · ${showDayAndClock(plan.start, readingOf(plan, rules))} · ${ground.venue.name}`;
