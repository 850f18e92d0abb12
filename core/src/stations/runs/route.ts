/** Routing one lead: the least-cost way over the floors, pulled straight where that costs nothing. */
import {
  cellAt,
  centreOf,
  distance,
  lengthOf,
  levelOf,
  liftBetween,
  type CostField,
  type FloorGrid,
  type Point,
} from '../../foundations/index.js';
import type { Floor, Zone } from './floor.js';

/** A place on one of the floors of a grid. */
export interface Spot {
  readonly at: Point;
  /** 0 is the ground. */
  readonly level: number;
}

export interface Route {
  readonly points: readonly Point[];
  /** Height of the floor at each point, m. */
  readonly floors: readonly number[];
  /** Segments, by the point they begin at, that hang or climb instead of lying on a floor. */
  readonly aloft: ReadonlySet<number>;
  /** Length on the floors, m. */
  readonly onFloor: number;
  /** Length up and down between floors: steps, drops, stairs and what hangs from the ceiling, m. */
  readonly between: number;
  /** Aisles crossed under a ramp and doors passed overhead. */
  readonly crossings: readonly Zone[];
}

/** From a spot to the source of a cost field; undefined when no lead can get there. */
export function routeTo(floor: Floor, field: CostField, from: Point, level = 0): Route | undefined {
  const cells = field.cellsFrom(from, level);
  if (!cells) return undefined;
  const { grid } = floor;
  const crossed = new Set<number>();
  for (const cell of cells) {
    const zone = grid.zones[cell];
    if (zone) crossed.add(zone);
  }
  const stretches = stretchesOf(grid, cells);
  const points: Point[] = [];
  const floors: number[] = [];
  const aloft = new Set<number>();
  let [onFloor, between] = [0, 0];
  stretches.forEach(({ cells: own, lift }, i) => {
    if (lift !== undefined) {
      aloft.add(points.length - 1);
      between += lift;
    }
    const corners = cornersOf(grid, own);
    const way: Point[] = [
      ...(i === 0 ? [from] : []),
      ...corners,
      ...(i === stretches.length - 1 ? [field.source] : []),
    ];
    const pulled = pulledBothWays(grid, way, levelOf(grid, own[0] ?? 0));
    pulled.forEach((at, k) => {
      const cell = cellAt(grid, at, levelOf(grid, own[0] ?? 0));
      const height = cell < 0 || !Number.isFinite(grid.costs[cell]) ? undefined : grid.heights?.[cell];
      floors.push(height ?? grid.heights?.[(k === 0 ? own[0] : own.at(-1)) ?? 0] ?? 0);
      points.push(at);
      if (k > 0) onFloor += distance(pulled[k - 1] as Point, at);
    });
    between += stepsIn(grid, own);
  });
  return {
    points,
    floors,
    aloft,
    onFloor,
    between,
    crossings: [...crossed].sort((a, b) => a - b).flatMap(zone => floor.zones[zone] ?? []),
  };
}

/** Two ways after each other as one; the first ends where the second begins. */
export function joined(first: Route, second: Route): Route {
  const shift = first.points.length - 1;
  const known = new Set(first.crossings.map(({ id }) => id));
  return {
    points: [...first.points, ...second.points.slice(1)],
    floors: [...first.floors, ...second.floors.slice(1)],
    aloft: new Set([...first.aloft, ...[...second.aloft].map(segment => segment + shift)]),
    onFloor: first.onFloor + second.onFloor,
    between: first.between + second.between,
    crossings: [...first.crossings, ...second.crossings.filter(({ id }) => !known.has(id))],
  };
}

export const reversed = (route: Route): Route => ({
  ...route,
  points: [...route.points].reverse(),
  floors: [...route.floors].reverse(),
  aloft: new Set([...route.aloft].map(segment => route.points.length - 2 - segment)),
});

interface Stretch {
  readonly cells: readonly number[];
  /** Length of the lift that leads to it, m; undefined for the first. */
  readonly lift: number | undefined;
}

/** The parts of a way between lifts. */
function stretchesOf(grid: FloorGrid, cells: readonly number[]): Stretch[] {
  const stretches: Stretch[] = [];
  let [begin, lift] = [0, undefined as number | undefined];
  for (let i = 1; i <= cells.length; i++) {
    const next = i < cells.length ? liftBetween(grid, cells[i - 1] ?? 0, cells[i] ?? 0) : undefined;
    if (i < cells.length && !next) continue;
    stretches.push({ cells: cells.slice(begin, i), lift });
    [begin, lift] = [i, next?.length];
  }
  return stretches;
}

/** Metres up and down over the steps of raised floors on a way. */
function stepsIn({ heights }: FloorGrid, cells: readonly number[]): number {
  if (!heights) return 0;
  let sum = 0;
  for (let i = 1; i < cells.length; i++) {
    sum += Math.abs((heights[cells[i] ?? 0] ?? 0) - (heights[cells[i - 1] ?? 0] ?? 0));
  }
  return sum;
}

/** The cells where a path turns, climbs, or enters or leaves a zone. */
function cornersOf(grid: FloorGrid, cells: readonly number[]): Point[] {
  const { zones, heights } = grid;
  const corners: Point[] = [];
  for (let i = 0; i < cells.length; i++) {
    const [before, here, after] = [cells[i - 1], cells[i] ?? 0, cells[i + 1]];
    const straight =
      before !== undefined &&
      after !== undefined &&
      here - before === after - here &&
      zones[before] === zones[here] &&
      zones[here] === zones[after] &&
      heights?.[before] === heights?.[here] &&
      heights?.[here] === heights?.[after];
    if (!straight) corners.push(centreOf(grid, here));
  }
  return corners;
}

/** A way pulled straight from either end, the cheaper of the two, so that no length depends on the end it is asked from. */
function pulledBothWays(grid: FloorGrid, points: readonly Point[], level: number): Point[] {
  if (points.length <= 2) return [...points];
  const there = pulledStraight(grid, points, level);
  const back = pulledStraight(grid, [...points].reverse(), level).reverse();
  const [one, other] = [there, back].map(way => costOf(grid, way, level)) as [number, number];
  if (Math.abs(one - other) > EVEN) return one < other ? there : back;
  return lengthOf(back) < lengthOf(there) ? back : there;
}

/** Costs that differ by less are the same, m. */
const EVEN = 1e-6;

const costOf = (grid: FloorGrid, points: readonly Point[], level: number): number =>
  points.slice(1).reduce((sum, to, i) => sum + lineCost(grid, points[i] as Point, to, level, true), 0);

/**
 * Drops corners wherever the straight line past them costs no more and crosses nothing forbidden, so that
 * the grid's zigzag does not lengthen a lead.
 */
function pulledStraight(grid: FloorGrid, points: readonly Point[], level: number): Point[] {
  const kept: Point[] = points.slice(0, 1);
  for (let at = 0; at < points.length - 1;) {
    let next = at + 1;
    let spent = lineCost(grid, points[at] as Point, points[next] as Point, level, true);
    for (let try_ = at + 2, sum = spent; try_ < points.length; try_++) {
      sum += lineCost(grid, points[try_ - 1] as Point, points[try_] as Point, level, true);
      const direct = lineCost(grid, points[at] as Point, points[try_] as Point, level, false);
      if (direct <= sum + EVEN) [next, spent] = [try_, direct];
    }
    kept.push(points[next] as Point);
    at = next;
  }
  return kept;
}

/**
 * Cost of a straight line by sampling; Infinity through anything forbidden, any zone, or up or down a step, unless
 * `known` to be allowed.
 */
function lineCost(grid: FloorGrid, a: Point, b: Point, level: number, known: boolean): number {
  const length = distance(a, b);
  const steps = Math.max(1, Math.ceil(length / (grid.cell / 2)));
  let sum = 0;
  let height: number | undefined;
  for (let i = 0; i < steps; i++) {
    const t = (i + 0.5) / steps;
    const cell = cellAt(grid, [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t], level);
    const cost = cell < 0 ? Infinity : (grid.costs[cell] ?? Infinity);
    const own = cell < 0 ? undefined : grid.heights?.[cell];
    const climbs = height !== undefined && own !== undefined && Math.abs(own - height) > 0.05;
    height = own;
    if (!Number.isFinite(cost) || (grid.zones[cell] ?? 0) > 0 || climbs) {
      if (!known) return Infinity;
      sum += Number.isFinite(cost) ? cost : 1;
      continue;
    }
    sum += cost;
  }
  return (sum / steps) * length;
}
