import { severityOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { namedIn, namesOf } from '../words.js';

/** A camera over people or a table: what may fall needs a second fixing. */
export const overhead = shotsRule({
  rule: 'shots.overhead',
  reads: seen => ({ results: seen.own.shots, ...namedIn(seen) }),
  *find({ results, ...named }) {
    for (const [id, { verticalAngle, camera = '' }] of Object.entries(results)) {
      const severity = severityOf(verticalAngle);
      if (severity === undefined) continue;
      const names = namesOf(named, id);
      yield {
        severity,
        subjects: [id, camera],
        title: `${names.camera} hangs over ${names.shot}: it needs a second fixing.`,
        because: [verticalAngle],
        advice:
          'Rig overhead only from what is rated for it, with a safety bond of its own, by somebody competent, and with nobody beneath while it is rigged.',
      };
    }
  },
});
