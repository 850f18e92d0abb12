import { numberOf, showText, type Rule } from '../../../foundations/index.js';
import { filterFor, SPARE } from '../exposure.js';
import { namesOf, stopDown, type ShotsSeen } from '../words.js';

/** Narrowest aperture that is offered. */
const NARROWEST = 11;

/** A mark so bright that a camera has light to spare: daylight, as a rule. */
export const tooBright: Rule<ShotsSeen> = {
  rule: 'shots.too-bright',
  station: 'shots',
  find: seen =>
    Object.entries(seen.own.shots).flatMap(([id, { lightToSpare, camera = '' }]) => {
      const spare = numberOf(lightToSpare) ?? 0;
      if (spare <= SPARE) return [];
      const names = namesOf(seen, id);
      const stops = showText(spare, 'stops', { system: 'metric', zone: 'UTC' });
      return [
        {
          severity: 'note',
          subjects: [id, camera],
          title: `${names.camera} has ${stops} of light to spare for ${names.shot}.`,
          because: [`shots.shots.${id}.lightToSpare`, `shots.shots.${id}.iso`],
          advice: `Put a neutral-density filter of ${filterFor(spare)} on it, or stop it down.`,
        },
      ];
    }),
  *fixes(snag, seen) {
    const [id = '', camera = ''] = snag.subjects;
    const { lightToSpare, aperture, focus } = seen.own.shots[id] ?? {};
    const [spare, N] = [numberOf(lightToSpare), numberOf(aperture)];
    if (spare === undefined || N === undefined || focus?.diffraction.value === true) return;
    const narrower = 2 ** (Math.ceil(6 * Math.log2(N * 2 ** ((spare - SPARE) / 2))) / 6);
    if (narrower <= NARROWEST) yield* stopDown(seen, camera, narrower);
  },
};
