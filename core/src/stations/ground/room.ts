/** The room itself: its extent, what hides, its measures and its aisles. */
import type { Area, Dimension, Venue } from '../../documents/index.js';
import {
  area,
  blocker,
  boundsOf,
  clearWidth,
  constant,
  DRAWN_TO,
  given,
  inOrder,
  pillarBlocker,
  taken,
  wallBlocker,
  OUTER_WALLS,
  type Blocker,
  type Figure,
} from '../../foundations/index.js';
import * as figures from './figures.js';
import type { AisleResult } from './result.js';

type Outlined = Pick<Venue, 'outline'>;

/** What hides from floor to ceiling: walls, inner walls and pillars. */
export const blockersOf = ({
  outline,
  walls,
  pillars,
}: Pick<Venue, 'outline' | 'walls' | 'pillars'>): readonly Blocker[] => [
  blocker(OUTER_WALLS, 'wall', outline),
  ...inOrder(walls).map(([id, wall]) => wallBlocker(id, wall)),
  ...inOrder(pillars).map(([id, pillar]) => pillarBlocker(id, pillar)),
];

/** How far the walls go along one axis. */
const extentOf = (outline: Venue['outline'], axis: 0 | 1): number => {
  const { min, max } = boundsOf(outline);
  return max[axis] - min[axis];
};
export const lengthOf = ({ outline }: Outlined): Figure =>
  figures.extentLength.found([], extentOf(outline, 0));
export const widthOf = ({ outline }: Outlined): Figure => figures.extentWidth.found([], extentOf(outline, 1));
export const areaOf = ({ outline }: Outlined): Figure => figures.floorArea.found([], area(outline));

export const dimensionOf = (
  id: string,
  { dimension: { from, to } }: { readonly dimension: Dimension },
): { readonly length: Figure } => ({
  length: figures.dimensionLength.calc(
    [id],
    [
      given('to', to, 'm', 'venue', `/dimensions/${id}/to`),
      given('from', from, 'm', 'venue', `/dimensions/${id}/from`),
    ],
  ),
});

export function aisleOf(
  id: string,
  { aisle, rule }: { readonly aisle: Area; readonly rule: number },
): AisleResult {
  const width = figures.aisleWidth.found([id], clearWidth(aisle), [], {
    method: aisle.walk
      ? 'extent across the way people walk'
      : 'narrowest distance between two parallel lines along its sides',
  });
  const wideEnough = figures.aisleWideEnough.calc(
    [id],
    [
      taken('width', width),
      given('rule', rule, 'm', 'rules', '/aisleWidth'),
      constant('drawn', DRAWN_TO, 'm', 'drawn to the millimetre'),
    ],
  );
  return { width, wideEnough };
}
