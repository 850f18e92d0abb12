import { inOrder, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { GroundReads, GroundResult } from '../index.js';

/** Marks at which nobody has measured the light: exposure there is not known. */
export const lightUnmeasured: Rule<Seen<GroundReads, GroundResult>> = {
  rule: 'ground.light-unmeasured',
  station: 'ground',
  find: ({ own: { venue } }) => {
    const dark = inOrder(venue.marks).filter(([, { light }]) => light === undefined);
    if (dark.length === 0) return [];
    return [
      {
        severity: 'note',
        subjects: dark.map(([id]) => id).slice(0, 1),
        title: `Light was not measured at ${dark.map(([, { label }]) => label).join(', ')}.`,
        because: dark.map(([id]) => `ground.marks.${id}.light`),
        advice:
          'Hold the meter upright at face height, its flat sensor towards the camera, lamps as on the day.',
      },
    ];
  },
};
