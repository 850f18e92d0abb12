import type { Assessment } from '../assess.js';
import type { Plan } from '../documents/index.js';
import { showInstant } from '../foundations/index.js';

/** One line that says which event a sheet belongs to. */
export const aboutEvent = (plan: Plan, { ground }: Assessment): string =>
  `${plan.label} · ${plan.start.slice(0, 10)}, ${showInstant(plan.start, plan.zone)} · ${ground.venue.name}`;
