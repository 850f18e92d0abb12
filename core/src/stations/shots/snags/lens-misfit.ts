import { inOrder, type Rule } from '../../../foundations/index.js';
import { opticsOf } from '../fitted.js';
import { lensesFor } from '../from-shelf.js';
import type { ShotsSeen } from '../words.js';

/** A lens that does not go onto its camera. */
export const lensMisfit: Rule<ShotsSeen> = {
  rule: 'shots.lens-misfit',
  station: 'shots',
  find: ({ devices, kinds }) =>
    inOrder(devices).flatMap(([id, device]) => {
      if (device.lens === undefined || opticsOf(kinds, device)?.fits !== false) return [];
      const [lens, camera] = [kinds.kinds[device.lens], kinds.kinds[device.kind]];
      return [
        {
          severity: 'stop' as const,
          subjects: [id],
          title: `“${lens?.label ?? 'the lens'}” does not go onto ${device.label}: its mount is ${lens?.lens?.mount ?? 'another'}, the camera’s ${camera?.optics?.mount ?? 'another'}.`,
          because: [`shots.cameras.${id}.focal`],
          advice: 'Take a lens with that mount, or a mount adapter that is known to focus that lens.',
        },
      ];
    }),
  *fixes(snag, seen) {
    const [id = ''] = snag.subjects;
    yield* lensesFor(seen, id);
    yield {
      label: 'Use the lens that the camera is described with',
      changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/devices/${id}/lens` }] }],
    };
  },
};
