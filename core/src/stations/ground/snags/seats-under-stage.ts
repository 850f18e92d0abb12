import { floorOfArea, inOrder, meet } from '../../../foundations/index.js';
import { drawnIn, TOUCH } from '../../floor-taken.js';
import { groundRule } from '../result.js';

/** Seats that are drawn on the floor where a stage stands. */
export const seatsUnderStage = groundRule({
  rule: 'ground.seats-under-stage',
  reads: ({ own }) => ({ areas: own.venue.areas }),
  *find({ areas }) {
    for (const [id, seats] of inOrder(areas)) {
      if (seats.kind !== 'seating' || seats.rake) continue;
      const inner = drawnIn(seats.outline);
      const stage = inOrder(areas).find(
        ([, { kind, floor, rake, outline }]) =>
          kind === 'raised' &&
          floor !== undefined &&
          !rake &&
          Math.abs(floor - floorOfArea(seats, outline[0] ?? [0, 0])) > TOUCH &&
          meet(drawnIn(outline), inner),
      );
      if (!stage) continue;
      yield {
        severity: 'risk',
        subjects: [id, stage[0]],
        title: `“${seats.label}” reach under “${stage[1].label}”: heads there are reckoned at the wrong height.`,
        because: [],
        advice: 'Draw the seats where they are, or give them the height of the floor that they stand on.',
      };
    }
  },
});
