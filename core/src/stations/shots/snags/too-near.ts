import type { Rule } from '../../../foundations/index.js';
import { camerasFor, lensesFor } from '../from-shelf.js';
import { movesOf, namesOf, type ShotsSeen } from '../words.js';

/** A mark nearer to the lens than it focuses. */
export const tooNear: Rule<ShotsSeen> = {
  rule: 'shots.too-near',
  station: 'shots',
  find: seen =>
    Object.entries(seen.own.shots).flatMap(([id, { nearEnough, camera = '' }]) => {
      if (nearEnough.value !== false) return [];
      const names = namesOf(seen, id);
      return [
        {
          severity: 'risk',
          subjects: [id, camera],
          title: `${names.camera} stands nearer to ${names.shot} than its lens focuses.`,
          because: [`shots.shots.${id}.distance`, `shots.shots.${id}.nearEnough`],
          advice: 'Stand farther off with a longer focal length, or put a close-up lens on it.',
        },
      ];
    }),
  *fixes(snag, seen) {
    yield* movesOf(seen, snag.subjects[1] ?? '');
    yield* lensesFor(seen, snag.subjects[1] ?? '');
    yield* camerasFor(seen, snag.subjects[1] ?? '');
  },
};
