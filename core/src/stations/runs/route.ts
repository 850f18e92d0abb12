/** Routing one lead: the least-cost path over the floor, pulled straight where that costs nothing. */
import {
  cellAt,
  centreOf,
  distance,
  lengthOf,
  type CostField,
  type FloorGrid,
  type Point,
} from '../../foundations/index.js';
import { CELL, type Floor, type Zone } from './floor.js';

export interface Route {
  readonly points: readonly Point[];
  /** Length on the floor, m. */
  readonly onFloor: number;
  /** Aisles crossed under a ramp and doors passed overhead. */
  readonly crossings: readonly Zone[];
}

/** From a point to the source of a cost field; undefined when no lead can get there. */
export function routeTo(floor: Floor, field: CostField, from: Point): Route | undefined {
  const cells = field.cellsFrom(from);
  if (!cells) return undefined;
  const { grid } = floor;
  const crossed = new Set<number>();
  for (const cell of cells) {
    const zone = grid.zones[cell];
    if (zone) crossed.add(zone);
  }
  const corners = cornersOf(grid, cells);
  const points = pulledStraight(grid, [from, ...corners, field.source]);
  return {
    points,
    onFloor: lengthOf(points),
    crossings: [...crossed].sort((a, b) => a - b).flatMap(zone => floor.zones[zone] ?? []),
  };
}

/** The cells where a path turns or enters or leaves a zone. */
function cornersOf(grid: FloorGrid, cells: readonly number[]): Point[] {
  const corners: Point[] = [];
  for (let i = 0; i < cells.length; i++) {
    const [before, here, after] = [cells[i - 1], cells[i] ?? 0, cells[i + 1]];
    const straight =
      before !== undefined &&
      after !== undefined &&
      here - before === after - here &&
      grid.zones[before] === grid.zones[here] &&
      grid.zones[here] === grid.zones[after];
    if (!straight) corners.push(centreOf(grid, here));
  }
  return corners;
}

/**
 * Drops corners wherever the straight line past them costs no more and crosses nothing forbidden, so that
 * the grid's zigzag does not lengthen a lead.
 */
function pulledStraight(grid: FloorGrid, points: readonly Point[]): Point[] {
  const kept: Point[] = [points[0] as Point];
  for (let at = 0; at < points.length - 1;) {
    let next = at + 1;
    let spent = lineCost(grid, points[at] as Point, points[next] as Point, true);
    for (let try_ = at + 2, sum = spent; try_ < points.length; try_++) {
      sum += lineCost(grid, points[try_ - 1] as Point, points[try_] as Point, true);
      const direct = lineCost(grid, points[at] as Point, points[try_] as Point, false);
      if (direct <= sum + 1e-6) [next, spent] = [try_, direct];
    }
    kept.push(points[next] as Point);
    at = next;
  }
  return kept;
}

/** Cost of a straight line by sampling; Infinity through anything forbidden or any zone, unless `known` to be allowed. */
function lineCost(grid: FloorGrid, a: Point, b: Point, known: boolean): number {
  const length = distance(a, b);
  const steps = Math.max(1, Math.ceil(length / (CELL / 2)));
  let sum = 0;
  for (let i = 0; i < steps; i++) {
    const t = (i + 0.5) / steps;
    const cell = cellAt(grid, [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t]);
    const cost = cell < 0 ? Infinity : (grid.costs[cell] ?? Infinity);
    if (!Number.isFinite(cost) || (grid.zones[cell] ?? 0) > 0) {
      if (!known) return Infinity;
      sum += Number.isFinite(cost) ? cost : 1;
      continue;
    }
    sum += cost;
  }
  return (sum / steps) * length;
}
