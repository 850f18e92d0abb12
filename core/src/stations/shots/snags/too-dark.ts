import { numberOf, severityOf, showText, type Figure, type Finding } from '../../../foundations/index.js';
import { camerasFor, lampsFor, lensesFor } from '../from-shelf.js';
import { shotsRule } from '../result.js';
import { namedIn, namesOf, openUp, type Named } from '../words.js';

/** A mark so dark that its camera needs more gain than is acceptable: the picture is noisy. */
export const tooDark = shotsRule({
  rule: 'shots.too-dark',
  reads: seen => ({ results: seen.own.shots, light: seen.own.light, ...namedIn(seen) }),
  *find({ results, light, ...named }) {
    for (const [id, { gainAccepted, gain, iso, camera = '' }] of Object.entries(results)) {
      if (iso.why === 'infinite') {
        yield inTheDark(named, id, camera, light[named.shots?.[id]?.mark ?? '']);
        continue;
      }
      const severity = severityOf(gainAccepted);
      if (severity === undefined) continue;
      const names = namesOf(named, id);
      const dB = showText(numberOf(gain) ?? 0, 'dB', { system: 'metric', zone: 'UTC' });
      yield {
        severity,
        subjects: [id, camera],
        title: `${names.camera} needs ${dB} of gain for ${names.shot}: more than is acceptable.`,
        because: [gain, gainAccepted, iso],
        advice: 'Bring more light to the mark, or take a camera or lens that opens wider.',
      };
    }
  },
  *fixes(snag, seen) {
    const [id = '', camera = ''] = snag.subjects;
    yield* openUp(seen, camera);
    yield* lampsFor(seen, seen.shots?.[id]?.mark ?? '');
    yield* lensesFor(seen, camera);
    yield* camerasFor(seen, camera);
  },
});

/** A mark at which a meter read nothing at all. */
const inTheDark = (named: Named, id: string, camera: string, light: Figure | undefined): Finding => ({
  severity: 'stop',
  subjects: [id, camera],
  title: `There is no light at all for ${namesOf(named, id).shot}.`,
  because: light ? [light] : [],
  advice: 'Bring a lamp, or measure again with the lamps as on the day.',
});
