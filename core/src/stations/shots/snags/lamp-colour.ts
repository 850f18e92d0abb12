import { severityOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';

/** A lamp of another colour than those that light the room: one side of a face turns blue or orange. */
export const lampColour = shotsRule({
  rule: 'shots.lamp-colour',
  reads: ({ own, equipment, kinds }) => ({ lamps: own.lamps, equipment, kinds: kinds.kinds }),
  *find({ lamps, equipment, kinds }) {
    for (const [id, { label, colour, unlike, marks }] of Object.entries(lamps)) {
      const severity = severityOf(colour);
      if (severity === undefined || !unlike || Object.keys(marks).length === 0) continue;
      const kelvin = kinds[equipment?.[id]?.kind ?? '']?.lamp?.kelvin;
      yield {
        severity,
        subjects: [id],
        title: `${label} is ${kelvin} K and ${unlike.label} ${unlike.kelvin} K: their colours mix on a face.`,
        because: [colour, ...Object.values(marks).map(({ light }) => light)],
        advice: 'Put a colour filter on it, switch it to the colour of the room, or dim what is not needed.',
      };
    }
  },
});
