/** How leads get from one floor to another: over the edge of a gallery, along stairs, by points in the ceiling. */
import type { Area, CeilingPoint, Venue } from '../../documents/index.js';
import {
  cellAt,
  centreOf,
  contains,
  distance,
  distanceToSegment,
  fillCells,
  floorOfArea,
  inOrder,
  openCellsAt,
  sidesOf,
  type FloorGrid,
  type Lift,
  type Point,
} from '../../foundations/index.js';

/** Cost per metre on a gallery: along its walls and its rail, and in the open. */
const GALLERY_COST = { edge: 1, open: 2.5 } as const;
/** A lead within this distance of the side of a gallery lies along it, m. */
const EDGE_LANE = 0.3;
/** How far in from the edge of a gallery a lead goes over it, and how far out it comes down, m. */
const [INSIDE, OUTSIDE] = [0.2, 0.35];
/** A drop for every so many metres of edge. */
const DROP_STEP = 0.5;
/** Added cost of making a lead safe where it goes over a rail, along stairs, or up to the ceiling. */
const FIXING = { edge: 2, stairs: 6, ceiling: 4 } as const;
/** Farthest that a lead hangs free from one point of the ceiling to the next, m. */
const MOST_SPAN = 12;

/** Lifts of a grid, each with its way back. */
export class LiftsBetween {
  readonly from = new Map<number, Lift[]>();

  add(a: number, b: number, length: number, cost: number): void {
    for (const [here, to] of [
      [a, b],
      [b, a],
    ] as const) {
      const known = this.from.get(here);
      if (known) known.push({ to, length, cost });
      else this.from.set(here, [{ to, length, cost }]);
    }
  }
}

export const galleriesOf = (venue: Pick<Venue, 'areas'>): (readonly [string, Area])[] =>
  inOrder(venue.areas).filter(([, { kind }]) => kind === 'gallery');

/** Paints each gallery on a floor of its own, and joins it to the ground at its edges and stairs. */
export function layGalleries(
  grid: FloorGrid & { readonly heights: Float64Array },
  galleries: readonly (readonly [string, Area])[],
  venue: Pick<Venue, 'areas' | 'stairs' | 'outline'>,
  lifts: LiftsBetween,
): void {
  galleries.forEach(([id, area], i) => {
    const level = i + 1;
    const sides = [...sidesOf(area.outline)];
    fillCells(
      grid,
      area.outline,
      cell => {
        const at = centreOf(grid, cell);
        const atEdge = sides.some(([a, b]) => distanceToSegment(at, a, b) <= EDGE_LANE);
        grid.costs[cell] = atEdge ? GALLERY_COST.edge : GALLERY_COST.open;
        grid.heights[cell] = floorOfArea(area, at);
      },
      level,
    );
    dropsFrom(grid, area, level, lifts);
    for (const [, stairs] of inOrder(venue.stairs)) {
      if (stairs.head !== id) continue;
      const foot = galleries.findIndex(([key]) => key === stairs.foot) + 1;
      climb(grid, stairs.outline, middleOf(area.outline), [foot, level], lifts);
    }
  });
}

const middleOf = (outline: readonly Point[]): Point => [
  outline.reduce((sum, [x]) => sum + x, 0) / outline.length,
  outline.reduce((sum, [, y]) => sum + y, 0) / outline.length,
];

/** Straight down from the edge of a gallery to the ground before it. */
function dropsFrom(grid: FloorGrid, area: Area, level: number, lifts: LiftsBetween): void {
  for (const [a, b] of sidesOf(area.outline)) {
    const length = distance(a, b);
    if (length < DROP_STEP) continue;
    const [ux, uy] = [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
    const off = (at: Point, out: number): Point => [at[0] - uy * out, at[1] + ux * out];
    const inward = contains(area.outline, off([(a[0] + b[0]) / 2, (a[1] + b[1]) / 2], 0.01)) ? 1 : -1;
    for (let along = DROP_STEP / 2; along < length; along += DROP_STEP) {
      const at: Point = [a[0] + ux * along, a[1] + uy * along];
      const above = cellAt(grid, off(at, inward * INSIDE), level);
      const below = cellAt(grid, off(at, -inward * OUTSIDE));
      if (above < 0 || below < 0 || !isOpen(grid, above) || !isOpen(grid, below) || grid.zones[below])
        continue;
      const drop = Math.abs((grid.heights?.[above] ?? 0) - (grid.heights?.[below] ?? 0));
      lifts.add(above, below, drop, drop + FIXING.edge);
    }
  }
}

/** Along stairs, from the end that is farthest from the gallery to the nearest place on it. */
function climb(
  grid: FloorGrid,
  outline: readonly Point[],
  gallery: Point,
  [foot, head]: readonly [number, number],
  lifts: LiftsBetween,
): void {
  const ends = [...sidesOf(outline)]
    .map(([a, b]): Point => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2])
    .sort((a, b) => distance(a, gallery) - distance(b, gallery));
  const [near, far] = [ends[0], ends.at(-1)];
  if (!near || !far) return;
  for (const below of openCellsAt(grid, far, 2, foot)) {
    for (const above of openCellsAt(grid, near, 2, head)) {
      const rise = Math.abs((grid.heights?.[above] ?? 0) - (grid.heights?.[below] ?? 0));
      const length = Math.hypot(distance(far, near), rise);
      lifts.add(below, above, length, length * 2.5 + FIXING.stairs);
    }
  }
}

/** From the ground up to each point of the ceiling, and from point to point. */
export function ceilingLifts(
  grid: FloorGrid & { readonly heights: Float64Array },
  level: number,
  points: readonly CeilingPoint[],
  lifts: LiftsBetween,
): void {
  const cells = points.map(({ at, height }) => {
    const cell = cellAt(grid, at, level);
    if (cell >= 0) grid.heights[cell] = height;
    return cell;
  });
  points.forEach(({ at, height }, i) => {
    const here = cells[i] ?? -1;
    const below = cellAt(grid, at);
    if (here < 0) return;
    if (below >= 0 && isOpen(grid, below) && !grid.zones[below]) {
      const up = height - (grid.heights[below] ?? 0);
      lifts.add(below, here, up, up + FIXING.ceiling);
    }
    points.slice(i + 1).forEach((other, k) => {
      const there = cells[i + 1 + k] ?? -1;
      const span = Math.hypot(distance(at, other.at), height - other.height);
      if (there >= 0 && there !== here && span <= MOST_SPAN) lifts.add(here, there, span, span);
    });
  });
}

const isOpen = (grid: FloorGrid, cell: number): boolean => Number.isFinite(grid.costs[cell]);
