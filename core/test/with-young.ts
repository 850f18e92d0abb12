import type { Bundle } from '../src/documents/index.js';

/** A learner under 18 beside who leads, in a house that says when they leave. */
export function withYoung({ plan, rules, ...bundle }: Bundle): Bundle {
  return {
    ...bundle,
    plan: {
      ...plan,
      assignments: {
        ...plan.assignments,
        assigncam3: {
          role: 'camera camside01',
          person: 'rufusadeye',
          answer: { how: 'yes', at: plan.start },
        },
      },
    },
    rules: { ...rules, crew: { youngLeave: '21:30' } },
  };
}
