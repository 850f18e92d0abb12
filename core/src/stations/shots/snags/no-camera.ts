import { inOrder } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { namedIn, namesOf } from '../words.js';
import { fix, inPlan } from '../../../edits.js';

/** A wanted shot that no camera takes. */
export const noCamera = shotsRule({
  rule: 'shots.no-camera',
  reads: seen => ({ results: seen.own.shots, ...namedIn(seen) }),
  *find({ results, ...named }) {
    for (const [id, { camera }] of Object.entries(named.shots ?? {})) {
      if (camera !== undefined && named.cameras[camera]) continue;
      yield {
        severity: 'risk',
        subjects: [id],
        title: `No camera takes ${namesOf(named, id).shot}.`,
        because: [results[id]?.frameWanted].filter(figure => figure !== undefined),
        advice: 'Add a camera for it, or leave this shot out.',
      };
    }
  },
  fixes: (snag, { devices, own }) =>
    inOrder(devices)
      .filter(([id]) => own.cameras[id])
      .map(([id, device]) =>
        fix(`Give it to ${device.label}`, inPlan().put('shots', snag.subjects[0] ?? '', 'camera', id)),
      ),
});
