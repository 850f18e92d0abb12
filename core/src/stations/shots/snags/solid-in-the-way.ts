import { inWords, numberOf, severityOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { movesOf, namedIn, namesOf, raisesOf } from '../words.js';

/** Furniture, the edge of a stage, or a gallery, beam or screen that hangs, in a line of sight. */
export const solidInTheWay = shotsRule({
  rule: 'shots.solid-in-the-way',
  reads: seen => ({
    results: seen.own.shots,
    areas: seen.ground.venue.areas,
    units: seen.rules.units,
    ...namedIn(seen),
  }),
  *find({ results, areas, units, ...named }) {
    for (const [id, { pastSolids, solid, camera = '' }] of Object.entries(results)) {
      const severity = severityOf(pastSolids);
      if (severity === undefined) continue;
      const names = namesOf(named, id);
      const by = areas?.[solid ?? '']?.label ?? 'something';
      const much = inWords(Math.abs(numberOf(pastSolids) ?? 0), 'm', units);
      yield {
        severity,
        subjects: [id, camera],
        title:
          severity === 'stop'
            ? `“${by}” hides part of ${names.shot} from ${names.camera}.`
            : `${names.camera} sees ${names.shot} past “${by}” by no more than ${much}.`,
        because: [pastSolids],
        advice: 'Stand the camera higher, lower or to the side.',
      };
    }
  },
  *fixes(snag, seen) {
    yield* raisesOf(seen, snag.subjects[1]);
    yield* movesOf(seen, snag.subjects[1]);
  },
});
