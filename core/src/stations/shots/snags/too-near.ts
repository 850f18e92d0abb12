import { severityOf } from '../../../foundations/index.js';
import { camerasFor, lensesFor } from '../from-shelf.js';
import { shotsRule } from '../result.js';
import { movesOf, namedIn, namesOf } from '../words.js';

/** A mark nearer to the lens than it focuses. */
export const tooNear = shotsRule({
  rule: 'shots.too-near',
  reads: seen => ({ results: seen.own.shots, ...namedIn(seen) }),
  *find({ results, ...named }) {
    for (const [id, { nearEnough, distance, camera = '' }] of Object.entries(results)) {
      const severity = severityOf(nearEnough);
      if (severity === undefined) continue;
      const names = namesOf(named, id);
      yield {
        severity,
        subjects: [id, camera],
        title: `${names.camera} stands nearer to ${names.shot} than its lens focuses.`,
        because: [distance, nearEnough],
        advice: 'Stand farther off with a longer focal length, or put a close-up lens on it.',
      };
    }
  },
  *fixes(snag, seen) {
    yield* movesOf(seen, snag.subjects[1] ?? '');
    yield* lensesFor(seen, snag.subjects[1] ?? '');
    yield* camerasFor(seen, snag.subjects[1] ?? '');
  },
});
