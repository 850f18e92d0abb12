import { crossesItself, inOrder } from '../../../foundations/index.js';
import { groundRule } from '../result.js';

/** Walls that cross each other enclose nothing: areas, sight and routes would be wrong. So for what is drawn inside. */
export const outlineCrossed = groundRule({
  rule: 'ground.outline-crossed',
  reads: ({ own }) => ({
    outline: own.venue.outline,
    areas: own.venue.areas,
    stairs: own.venue.stairs,
    floorArea: own.floorArea,
  }),
  *find({ outline, areas, stairs, floorArea }) {
    if (crossesItself(outline)) {
      yield {
        severity: 'stop',
        subjects: [],
        title: 'The walls cross each other, so they enclose no room.',
        because: [floorArea],
        advice: 'Correct the measures, or survey the outline again.',
      };
    }
    for (const [id, area] of [...inOrder(areas), ...inOrder(stairs)]) {
      if (!crossesItself(area.outline)) continue;
      yield {
        severity: 'risk',
        subjects: [id],
        title: `The outline of “${area.label}” crosses itself, so what lies inside it is not sure.`,
        because: [],
        advice: 'Pull its corners apart on the plan, or draw it again.',
      };
    }
  },
});
