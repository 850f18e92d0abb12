import { inWords, numberOf, severityOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { namedIn, namesOf } from '../words.js';
import { fix, inPlan } from '../../../edits.js';

/** A shot from above that is taken at a slant: what lies on the table is foreshortened. */
export const notStraightDown = shotsRule({
  rule: 'shots.not-straight-down',
  reads: seen => ({ results: seen.own.shots, ...namedIn(seen) }),
  *find({ results, ...named }) {
    for (const [id, { viewVerdict, verticalAngle, camera = '' }] of Object.entries(results)) {
      const severity = severityOf(viewVerdict);
      if (severity === undefined || named.shots?.[id]?.size !== 'from above') continue;
      if (numberOf(verticalAngle) === undefined) continue;
      const names = namesOf(named, id);
      yield {
        severity,
        subjects: [id, camera],
        title: `${names.camera} does not look straight down on ${names.shot}.`,
        because: [verticalAngle, viewVerdict],
        advice: 'Hang it over the middle, within 10° of straight down.',
      };
    }
  },
  *fixes(snag, { shots, devices, ground, rules }) {
    const [id = '', camera = ''] = snag.subjects;
    const at = ground.venue.marks?.[shots?.[id]?.mark ?? '']?.at;
    const device = devices?.[camera];
    if (!at || !device?.place) return;
    for (const height of [3, 2.4, device.place.height ?? 2]) {
      yield fix(
        `Put ${device.label} straight above, lens at ${inWords(height, 'm', rules.units)}`,
        inPlan().put('devices', camera, 'place', 'at', at).put('devices', camera, 'place', 'height', height),
      );
    }
  },
});
