import { severityOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { movesOf, namedIn, namesOf, raisesOf } from '../words.js';

/** Heads between lens and subject, seated or only once people stand. */
export const headsInTheWay = shotsRule({
  rule: 'shots.heads-in-the-way',
  reads: seen => ({ results: seen.own.shots, ...namedIn(seen) }),
  *find({ results, ...named }) {
    for (const [id, { overSeated, overStanding, camera: by = '' }] of Object.entries(results)) {
      const nearest = [overSeated, overStanding].find(figure => severityOf(figure) !== undefined);
      const severity = nearest && severityOf(nearest);
      if (!nearest || severity === undefined) continue;
      const { camera, shot } = namesOf(named, id);
      const when = nearest === overSeated ? 'even while people sit' : 'when people stand';
      yield {
        severity,
        subjects: [id, by],
        title: `Heads hide ${shot} from ${camera} ${when}.`,
        because: [nearest],
        advice: 'Stand the camera higher or before the front row, or cut away while people stand.',
      };
    }
  },
  *fixes(snag, seen) {
    yield* raisesOf(seen, snag.subjects[1]);
    yield* movesOf(seen, snag.subjects[1]);
  },
});
