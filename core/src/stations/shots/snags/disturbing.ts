import { numberOf, type Rule } from '../../../foundations/index.js';
import { movesOf, type ShotsSeen } from '../words.js';

/** From this share of the seats on, weighed by who moves there and how high it stands, it is worth a word, %. */
const MUCH = 40;

/** A camera in the line of sight of many who came to watch. */
export const disturbing: Rule<ShotsSeen> = {
  rule: 'shots.disturbing',
  station: 'shots',
  find: ({ own }) =>
    Object.entries(own.cameras).flatMap(([id, { label, disturbance }]) =>
      (numberOf(disturbance) ?? 0) <= MUCH
        ? []
        : [
            {
              severity: 'note' as const,
              subjects: [id],
              title: `${label} stands where many look past it at what happens.`,
              because: [`shots.cameras.${id}.disturbance`],
              advice:
                'Stand it to the side, at the back or lower, or work it by remote; a solemn event weighs this more.',
            },
          ],
    ),
  fixes: (snag, seen) => movesOf(seen, snag.subjects[0]),
};
