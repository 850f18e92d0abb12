import { inOrder } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A lamp that is turned to nothing, or lights no mark where it is: its light is not reckoned with. */
export const lampUnturned = shotsRule({
  rule: 'shots.lamp-unturned',
  reads: ({ own }) => ({ lamps: own.lamps }),
  *find({ lamps }) {
    for (const [id, { label, at, aim, marks }] of Object.entries(lamps)) {
      if (!at || Object.keys(marks).length > 0) continue;
      yield {
        severity: 'note',
        subjects: [id],
        title:
          aim.value === null
            ? `${label} is turned to no mark: its light is not reckoned with.`
            : `${label} lights no face from where it is.`,
        because: [aim],
        advice: 'It must stand before the face it is to light, with no wall between.',
      };
    }
  },
  *fixes(snag, { own, ground }) {
    const [id = ''] = snag.subjects;
    for (const [mark, { label }] of inOrder(ground.venue.marks)) {
      yield fix(
        `Turn ${own.lamps[id]?.label ?? 'it'} to ${label}`,
        inPlan().put('devices', id, 'lights', mark),
      );
    }
  },
});
