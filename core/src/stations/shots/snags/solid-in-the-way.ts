import { numberOf, showText, type Rule } from '../../../foundations/index.js';
import { HEAD_CLEARANCE } from '../sight.js';
import { movesOf, namesOf, raisesOf, type ShotsSeen } from '../words.js';

/** Furniture, the edge of a stage, or a gallery, beam or screen that hangs, in a line of sight. */
export const solidInTheWay: Rule<ShotsSeen> = {
  rule: 'shots.solid-in-the-way',
  station: 'shots',
  find: seen =>
    Object.entries(seen.own.shots).flatMap(([id, { pastSolids, solid, camera = '' }]) => {
      const clear = numberOf(pastSolids);
      if (clear === undefined || clear >= HEAD_CLEARANCE) return [];
      const names = namesOf(seen, id);
      const by = seen.ground.venue.areas?.[solid ?? '']?.label ?? 'something';
      const much = showText(Math.abs(clear), 'm', {
        system: seen.rules.units,
        zone: 'UTC',
      });
      return [
        {
          severity: clear < 0 ? ('stop' as const) : ('risk' as const),
          subjects: [id, camera],
          title:
            clear < 0
              ? `“${by}” hides part of ${names.shot} from ${names.camera}.`
              : `${names.camera} sees ${names.shot} past “${by}” by no more than ${much}.`,
          because: [`shots.shots.${id}.pastSolids`],
          advice: 'Stand the camera higher, lower or to the side.',
        },
      ];
    }),
  *fixes(snag, seen) {
    yield* raisesOf(seen, snag.subjects[1]);
    yield* movesOf(seen, snag.subjects[1]);
  },
};
