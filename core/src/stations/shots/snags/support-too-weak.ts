import type { Rule } from '../../../foundations/index.js';
import { otherSupports } from '../support.js';
import type { ShotsSeen } from '../words.js';

/** A support that does not carry the camera on it. */
export const supportTooWeak: Rule<ShotsSeen> = {
  rule: 'shots.support-too-weak',
  station: 'shots',
  find: ({ own }) =>
    Object.entries(own.cameras).flatMap(([id, { label, support }]) =>
      support?.strongEnough.value === false
        ? [
            {
              severity: 'stop' as const,
              subjects: [id],
              title: `${label} is too heavy for “${support.label}”: it may tip or slip.`,
              because: [`shots.cameras.${id}.support.strongEnough`],
              advice: 'Use a support rated for camera, plate and clamps together, and weigh its feet down.',
            },
          ]
        : [],
    ),
  fixes: (snag, seen) => otherSupports(seen, snag.subjects[0] ?? ''),
};
