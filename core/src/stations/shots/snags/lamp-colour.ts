import { inOrder } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';

/** Lamps that differ by more than this show it in one picture, mireds (10⁶ / K). */
const MIXED = 50;

const mireds = (kelvin: number): number => 1e6 / kelvin;

/** A lamp of another colour than those that light the room: one side of a face turns blue or orange. */
export const lampColour = shotsRule({
  rule: 'shots.lamp-colour',
  reads: ({ own, equipment, kinds, ground }) => ({
    lamps: own.lamps,
    equipment,
    kinds: kinds.kinds,
    house: ground.venue.lamps,
  }),
  *find({ lamps, equipment, kinds, house }) {
    const lit = inOrder(house).flatMap(([, { label, kind, kelvin }]) =>
      kelvin === undefined || kind === 'daylight' ? [] : [{ label, kelvin }],
    );
    for (const [id, { label, marks }] of Object.entries(lamps)) {
      const kelvin = kinds[equipment?.[id]?.kind ?? '']?.lamp?.kelvin;
      if (kelvin === undefined || Object.keys(marks).length === 0) continue;
      const other = lit.find(each => Math.abs(mireds(each.kelvin) - mireds(kelvin)) > MIXED);
      if (!other) continue;
      yield {
        severity: 'note',
        subjects: [id],
        title: `${label} is ${kelvin} K and ${other.label} ${other.kelvin} K: their colours mix on a face.`,
        because: Object.values(marks).map(({ light }) => light),
        advice: 'Put a colour filter on it, switch it to the colour of the room, or dim what is not needed.',
      };
    }
  },
});
