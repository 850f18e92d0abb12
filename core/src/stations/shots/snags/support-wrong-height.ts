import type { Rule } from '../../../foundations/index.js';
import { otherSupports } from '../support.js';
import type { ShotsSeen } from '../words.js';

/** A lens planned higher or lower than its support goes. */
export const supportWrongHeight: Rule<ShotsSeen> = {
  rule: 'shots.support-wrong-height',
  station: 'shots',
  find: ({ own }) =>
    Object.entries(own.cameras).flatMap(([id, { label, support }]) =>
      support?.tallEnough.value === false
        ? [
            {
              severity: 'risk' as const,
              subjects: [id],
              title: `“${support.label}” does not hold ${label} at the height planned.`,
              because: [`shots.cameras.${id}.support.tallEnough`],
              advice: 'Choose another support, or a height that it reaches.',
            },
          ]
        : [],
    ),
  *fixes(snag, seen) {
    const [id = ''] = snag.subjects;
    const device = seen.devices?.[id];
    const support = seen.kinds.kinds[device?.support ?? '']?.support;
    yield* otherSupports(seen, id);
    if (!device || !support) return;
    const value = Math.min(support.high, Math.max(support.low, device.place?.height ?? support.low));
    yield {
      label: `Put the lens of ${device.label} at ${value} m`,
      changes: [{ document: 'plan', patch: [{ op: 'add', path: `/devices/${id}/place/height`, value }] }],
    };
  },
};
