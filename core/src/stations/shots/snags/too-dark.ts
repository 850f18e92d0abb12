import { numberOf, showText, type Rule } from '../../../foundations/index.js';
import { namesOf, openUp, type ShotsSeen } from '../words.js';

/** A mark so dark that its camera needs more gain than is acceptable: the picture is noisy. */
export const tooDark: Rule<ShotsSeen> = {
  rule: 'shots.too-dark',
  station: 'shots',
  find: seen =>
    Object.entries(seen.own.shots).flatMap(([id, { gainAccepted, gain, camera = '' }]) => {
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
    yield* openUp(seen, snag.subjects[1] ?? '');
  },
};
