import { numberOf, severityOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { movesOf, namedIn, namesOf } from '../words.js';

/** Another camera, its stand or who works it in the picture. */
export const gearInShot = shotsRule({
  rule: 'shots.gear-in-picture',
  reads: seen => ({ gear: seen.own.gear, ...namedIn(seen) }),
  *find({ gear, ...named }) {
    for (const [id, { share, by }] of Object.entries(gear)) {
      const [[worst], severity] = [by, severityOf(share)];
      if (!worst || severity === undefined) continue;
      const { camera, shot } = namesOf(named, id);
      const percent = Math.max(1, Math.round(numberOf(share) ?? 0));
      yield {
        severity,
        subjects: [id, worst.id, named.shots?.[id]?.camera ?? ''],
        title: `${camera} has ${worst.label} in its picture of ${shot}: ${percent} % of the frame.`,
        because: [share],
        advice: 'Move one of the two, raise the one that looks, or frame tighter; some crews do not mind.',
      };
    }
  },
  *fixes(snag, seen) {
    yield* movesOf(seen, snag.subjects[1]);
    yield* movesOf(seen, snag.subjects[2]);
  },
});
