import { inOrder } from '../../../foundations/index.js';
import { opticsOf } from '../fitted.js';
import { lensesFor } from '../from-shelf.js';
import { shotsRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A lens that does not go onto its camera. */
export const lensMisfit = shotsRule({
  rule: 'shots.lens-misfit',
  reads: ({ own, equipment, kinds }) => ({ cameras: own.cameras, equipment, kinds }),
  *find({ cameras, equipment, kinds }) {
    for (const [id, device] of inOrder(equipment)) {
      const put = cameras[id];
      if (!put || device.lens === undefined || opticsOf(kinds, device)?.fits !== false) continue;
      const [lens, camera] = [kinds.kinds[device.lens], kinds.kinds[device.kind]];
      yield {
        severity: 'stop',
        subjects: [id],
        title: `“${lens?.label ?? 'the lens'}” does not go onto ${device.label}: its mount is ${lens?.lens?.mount ?? 'another'}, the camera’s ${camera?.optics?.mount ?? 'another'}.`,
        because: [put.focal],
        advice: 'Take a lens with that mount, or a mount adapter that is known to focus that lens.',
      };
    }
  },
  *fixes(snag, seen) {
    const [id = ''] = snag.subjects;
    yield* lensesFor(seen, id);
    yield fix('Use the lens that the camera is described with', inPlan().drop('devices', id, 'lens'));
  },
});
