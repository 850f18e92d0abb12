import type { Bundle } from '../src/documents/index.js';

/** A learner under 18 beside who leads, and who comes with them, in a house that says when they leave. */
export function withYoung({ plan, rules, hands, ...bundle }: Bundle): Bundle {
  const { rufusadeye } = hands.people;
  const ties = { tiepetra01: { person: 'petralund1', how: 'come together' as const } };
  return {
    ...bundle,
    hands: { people: { ...hands.people, ...(rufusadeye && { rufusadeye: { ...rufusadeye, ties } }) } },
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
