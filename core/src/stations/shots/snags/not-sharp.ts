import { numberOf, type Rule } from '../../../foundations/index.js';
import { movesOf, namesOf, stopDown, type ShotsSeen } from '../words.js';

/** A group of which not every face is sharp at the aperture in use. */
export const notSharp: Rule<ShotsSeen> = {
  rule: 'shots.not-sharp',
  station: 'shots',
  find: seen =>
    Object.entries(seen.own.shots).flatMap(([id, { focus, camera = '' }]) => {
      if (focus.everyFaceSharp.value !== false) return [];
      const names = namesOf(seen, id);
      return [
        {
          severity: 'risk',
          subjects: [id, camera],
          title: `${names.camera} cannot hold every face of ${names.shot} sharp as wide open as it is.`,
          because: ['near', 'far', 'everyFaceSharp', 'apertureForAll'].map(
            name => `shots.shots.${id}.focus.${name}`,
          ),
          advice: 'Stop down and pay with light, or stand more square to the group.',
        },
      ];
    }),
  *fixes(snag, seen) {
    const [id = '', camera = ''] = snag.subjects;
    const needed = numberOf(seen.own.shots[id]?.focus.apertureForAll);
    if (needed !== undefined) yield* stopDown(seen, camera, needed);
    yield* movesOf(seen, camera);
  },
};
