import { inOrder, type Rule } from '../../../foundations/index.js';
import type { ShotsSeen } from '../words.js';

/** Lamps that differ by more than this show it in one picture, mireds (10⁶ / K). */
const MIXED = 50;

const mireds = (kelvin: number): number => 1e6 / kelvin;

/** A lamp of another colour than those that light the room: one side of a face turns blue or orange. */
export const lampColour: Rule<ShotsSeen> = {
  rule: 'shots.lamp-colour',
  station: 'shots',
  find: ({ own, devices, kinds, ground }) => {
    const house = inOrder(ground.venue.lamps).flatMap(([, { label, kind, kelvin }]) =>
      kelvin === undefined || kind === 'daylight' ? [] : [{ label, kelvin }],
    );
    return Object.entries(own.lamps).flatMap(([id, { label, marks }]) => {
      const kelvin = kinds.kinds[devices?.[id]?.kind ?? '']?.lamp?.kelvin;
      if (kelvin === undefined || Object.keys(marks).length === 0) return [];
      const other = house.find(each => Math.abs(mireds(each.kelvin) - mireds(kelvin)) > MIXED);
      if (!other) return [];
      return [
        {
          severity: 'note' as const,
          subjects: [id],
          title: `${label} is ${kelvin} K and ${other.label} ${other.kelvin} K: their colours mix on a face.`,
          because: Object.keys(marks).map(mark => `shots.lamps.${id}.marks.${mark}.light`),
          advice:
            'Put a colour filter on it, switch it to the colour of the room, or dim what is not needed.',
        },
      ];
    });
  },
};
