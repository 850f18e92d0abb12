import { numberOf, type Rule } from '../../../foundations/index.js';
import { movesOf, namesOf, type ShotsSeen } from '../words.js';

/** Gear that takes more of a picture than this is seen at once, %. */
const BEARABLE = 1;

/** Another camera, its stand or who works it in the picture. */
export const gearInShot: Rule<ShotsSeen> = {
  rule: 'shots.gear-in-picture',
  station: 'shots',
  find: seen =>
    Object.entries(seen.own.gear).flatMap(([id, { share, by }]) => {
      const [worst] = by;
      const taken = numberOf(share) ?? 0;
      if (!worst || taken <= BEARABLE) return [];
      const { camera, shot } = namesOf(seen, id);
      return [
        {
          severity: 'note',
          subjects: [id, worst.id, seen.own.shots[id]?.camera ?? ''],
          title: `${camera} has ${worst.label} in its picture of ${shot}: ${Math.max(1, Math.round(taken))} % of the frame.`,
          because: [`shots.gear.${id}.share`],
          advice: 'Move one of the two, raise the one that looks, or frame tighter; some crews do not mind.',
        },
      ];
    }),
  *fixes(snag, seen) {
    yield* movesOf(seen, snag.subjects[1]);
    yield* movesOf(seen, snag.subjects[2]);
  },
};
