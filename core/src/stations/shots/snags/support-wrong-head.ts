import type { Rule } from '../../../foundations/index.js';
import { otherSupports } from '../support.js';
import type { ShotsSeen } from '../words.js';

/** A camera worked by hand on a head that does not move smoothly. */
export const supportWrongHead: Rule<ShotsSeen> = {
  rule: 'shots.support-wrong-head',
  station: 'shots',
  find: ({ own }) =>
    Object.entries(own.cameras).flatMap(([id, { label, support }]) =>
      support?.rightHead.value === false
        ? [
            {
              severity: 'risk' as const,
              subjects: [id],
              title: `${label} is worked by hand on “${support.label}”, which has no fluid head: moves will jerk on air.`,
              because: [`shots.cameras.${id}.support.rightHead`],
              advice: 'Use a fluid head, or lock the camera off.',
            },
          ]
        : [],
    ),
  *fixes(snag, seen) {
    const [id = ''] = snag.subjects;
    yield* otherSupports(seen, id);
    yield {
      label: `Lock ${seen.devices?.[id]?.label ?? 'it'} off`,
      changes: [{ document: 'plan', patch: [{ op: 'add', path: `/devices/${id}/worked`, value: 'locked' }] }],
    };
  },
};
