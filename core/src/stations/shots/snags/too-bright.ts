import { numberOf, severityOf, showText } from '../../../foundations/index.js';
import { filterFor } from '../exposure.js';
import { SPARE } from '../figures/light.js';
import { shotsRule } from '../result.js';
import { namedIn, namesOf, stopDown } from '../words.js';

/** Narrowest aperture that is offered. */
const NARROWEST = 11;

/** A mark so bright that a camera has light to spare: daylight, as a rule. */
export const tooBright = shotsRule({
  rule: 'shots.too-bright',
  reads: seen => ({ results: seen.own.shots, ...namedIn(seen) }),
  *find({ results, ...named }) {
    for (const [id, { lightToSpare, iso, camera = '' }] of Object.entries(results)) {
      const severity = severityOf(lightToSpare);
      if (severity === undefined) continue;
      const spare = numberOf(lightToSpare) ?? 0;
      const names = namesOf(named, id);
      const stops = showText(spare, 'stops', { system: 'metric', zone: 'UTC' });
      yield {
        severity,
        subjects: [id, camera],
        title: `${names.camera} has ${stops} of light to spare for ${names.shot}.`,
        because: [lightToSpare, iso],
        advice: `Put a neutral-density filter of ${filterFor(spare)} on it, or stop it down.`,
      };
    }
  },
  *fixes(snag, seen) {
    const [id = '', camera = ''] = snag.subjects;
    const { lightToSpare, aperture, focus } = seen.own.shots[id] ?? {};
    const [spare, N] = [numberOf(lightToSpare), numberOf(aperture)];
    if (spare === undefined || N === undefined || focus?.diffraction.value === true) return;
    const narrower = 2 ** (Math.ceil(6 * Math.log2(N * 2 ** ((spare - SPARE) / 2))) / 6);
    if (narrower <= NARROWEST) yield* stopDown(seen, camera, narrower);
  },
});
