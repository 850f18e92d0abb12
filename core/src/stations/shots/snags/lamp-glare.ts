import { numberOf, type Rule } from '../../../foundations/index.js';
import type { ShotsSeen } from '../words.js';

/** Within so much of where somebody looks a lamp dazzles, degrees to the side and above the eyes. */
const DAZZLES = 20;

/** A lamp that shines straight into the eyes of whoever stands at a mark. */
export const lampGlare: Rule<ShotsSeen> = {
  rule: 'shots.lamp-glare',
  station: 'shots',
  find: ({ own, ground }) =>
    Object.entries(own.lamps).flatMap(([id, { label, marks }]) =>
      Object.entries(marks).flatMap(([mark, { side, above }]) => {
        if ((numberOf(side) ?? 180) > DAZZLES || Math.abs(numberOf(above) ?? 90) > DAZZLES) return [];
        return [
          {
            severity: 'note' as const,
            subjects: [id, mark],
            title: `${label} shines into the eyes of whoever is at ${ground.venue.marks?.[mark]?.label ?? 'a mark'}.`,
            because: [`shots.lamps.${id}.marks.${mark}.side`, `shots.lamps.${id}.marks.${mark}.above`],
            advice: 'Stand it 30 to 45° to the side and higher, or soften it: people must be able to read.',
          },
        ];
      }),
    ),
};
