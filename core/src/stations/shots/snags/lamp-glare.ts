import { inWords, severityOf } from '../../../foundations/index.js';
import { straightMoves } from '../../ground/moves.js';
import { fix, inPlan } from '../../../edits.js';
import { shotsRule } from '../result.js';

/** A lamp that shines straight into the eyes of whoever stands at a mark. */
export const lampGlare = shotsRule({
  rule: 'shots.lamp-glare',
  reads: ({ own, ground }) => ({ lamps: own.lamps, marks: ground.venue.marks }),
  *find({ lamps, marks }) {
    for (const [id, { label, marks: lit }] of Object.entries(lamps)) {
      for (const [mark, { side, above, glare }] of Object.entries(lit)) {
        const severity = severityOf(glare);
        if (severity === undefined) continue;
        yield {
          severity,
          subjects: [id, mark],
          title: `${label} shines into the eyes of whoever is at ${marks?.[mark]?.label ?? 'a mark'}.`,
          because: [glare, side, above],
          advice: 'Stand it 30 to 45° to the side and higher, or soften it: people must be able to read.',
        };
      }
    }
  },
  *fixes({ subjects: [id = ''] }, { devices, rules }) {
    const device = devices?.[id];
    if (!device?.place) return;
    for (const height of HIGHER) {
      if (height <= (device.place.height ?? 0)) continue;
      yield fix(
        `Raise ${device.label} to ${inWords(height, 'm', rules.units)}`,
        inPlan().put('devices', id, 'place', 'height', height),
        'raise',
      );
    }
    yield* straightMoves(devices, id, rules.units);
  },
});

/** Heights that stands for lamps reach, m. */
const HIGHER = [2.4, 3, 3.6];
