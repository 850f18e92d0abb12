import { inOrder, type Rule } from '../../../foundations/index.js';
import type { ShotsSeen } from '../words.js';

/** A lamp that is turned to nothing, or lights no mark where it is: its light is not reckoned with. */
export const lampUnturned: Rule<ShotsSeen> = {
  rule: 'shots.lamp-unturned',
  station: 'shots',
  find: ({ own }) =>
    Object.entries(own.lamps).flatMap(([id, { label, at, aim, marks }]) => {
      if (!at || Object.keys(marks).length > 0) return [];
      return [
        {
          severity: 'note' as const,
          subjects: [id],
          title:
            aim.value === null
              ? `${label} is turned to no mark: its light is not reckoned with.`
              : `${label} lights no face from where it is.`,
          because: [`shots.lamps.${id}.aim`],
          advice: 'It must stand before the face it is to light, with no wall between.',
        },
      ];
    }),
  *fixes(snag, { own, ground }) {
    const [id = ''] = snag.subjects;
    for (const [mark, { label }] of inOrder(ground.venue.marks)) {
      yield {
        label: `Turn ${own.lamps[id]?.label ?? 'it'} to ${label}`,
        changes: [{ document: 'plan', patch: [{ op: 'add', path: `/devices/${id}/lights`, value: mark }] }],
      };
    }
  },
};
