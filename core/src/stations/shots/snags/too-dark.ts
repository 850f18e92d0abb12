import { numberOf, showText, type Finding, type Rule } from '../../../foundations/index.js';
import { camerasFor, lampsFor, lensesFor } from '../from-shelf.js';
import { namesOf, openUp, type ShotsSeen } from '../words.js';

/** A mark so dark that its camera needs more gain than is acceptable: the picture is noisy. */
export const tooDark: Rule<ShotsSeen> = {
  rule: 'shots.too-dark',
  station: 'shots',
  find: seen =>
    Object.entries(seen.own.shots).flatMap(([id, { gainAccepted, gain, iso, camera = '' }]) => {
      if (iso.why === 'infinite') return [inTheDark(seen, id, camera)];
      if (gainAccepted.value !== false) return [];
      const names = namesOf(seen, id);
      const dB = showText(numberOf(gain) ?? 0, 'dB', { system: 'metric', zone: 'UTC' });
      return [
        {
          severity: 'risk',
          subjects: [id, camera],
          title: `${names.camera} needs ${dB} of gain for ${names.shot}: more than is acceptable.`,
          because: [`shots.shots.${id}.gain`, `shots.shots.${id}.gainAccepted`, `shots.shots.${id}.iso`],
          advice: 'Bring more light to the mark, or take a camera or lens that opens wider.',
        },
      ];
    }),
  *fixes(snag, seen) {
    const [id = '', camera = ''] = snag.subjects;
    yield* openUp(seen, camera);
    yield* lampsFor(seen, seen.shots?.[id]?.mark ?? '');
    yield* lensesFor(seen, camera);
    yield* camerasFor(seen, camera);
  },
};

/** A mark at which a meter read nothing at all. */
const inTheDark = (seen: ShotsSeen, id: string, camera: string): Finding => ({
  severity: 'stop',
  subjects: [id, camera],
  title: `There is no light at all for ${namesOf(seen, id).shot}.`,
  because: [`shots.light.${seen.shots?.[id]?.mark ?? ''}`],
  advice: 'Bring a lamp, or measure again with the lamps as on the day.',
});
