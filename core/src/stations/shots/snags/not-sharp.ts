import { numberOf, severityOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { movesOf, namedIn, namesOf, stopDown } from '../words.js';

/** A group of which not every face is sharp at the aperture in use. */
export const notSharp = shotsRule({
  rule: 'shots.not-sharp',
  reads: seen => ({ results: seen.own.shots, ...namedIn(seen) }),
  *find({ results, ...named }) {
    for (const [id, { focus, camera = '' }] of Object.entries(results)) {
      const { near, far, everyFaceSharp, apertureForAll } = focus;
      const severity = severityOf(everyFaceSharp);
      if (severity === undefined) continue;
      const names = namesOf(named, id);
      yield {
        severity,
        subjects: [id, camera],
        title: `${names.camera} cannot hold every face of ${names.shot} sharp as wide open as it is.`,
        because: [near, far, everyFaceSharp, apertureForAll],
        advice: 'Stop down and pay with light, or stand more square to the group.',
      };
    }
  },
  *fixes(snag, seen) {
    const [id = '', camera = ''] = snag.subjects;
    const needed = numberOf(seen.own.shots[id]?.focus.apertureForAll);
    if (needed !== undefined) yield* stopDown(seen, camera, needed);
    yield* movesOf(seen, camera);
  },
});
