import type { Bundle } from '../src/documents/index.js';

/** The rigging and striking of one camera, the first no earlier than five minutes after the call; a venue with hours that are too short. */
export function scheduled({ plan, ...bundle }: Bundle): Bundle {
  const rig = { order: '1', task: 'rig camwide01', people: ['petralund1'], notBefore: 5 };
  const down = { order: '1', task: 'strike rig camwide01', people: ['petralund1'] };
  const schedule = {
    ...{ spare: 15, share: 90, work: { workrig001: rig } },
    ...{ strike: { workdown01: down }, strikeSpare: 5 },
  };
  const hours = {
    ...{ open: '2026-12-04T16:45:00Z', locked: '2026-12-04T21:45:00Z', quiet: '2026-12-04T21:00:00Z' },
  };
  return { ...bundle, plan: { ...plan, schedule, hours } };
}
