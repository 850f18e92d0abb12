/** Routing one lead: the least-cost way over the floors, pulled straight where that costs nothing. */
import {
  cellAt,
  centreOf,
  distance,
  levelOf,
  liftBetween,
  type CostField,
  type FloorGrid,
  type Point,
} from '../../foundations/index.js';
import { COST, type Floor, type Zone } from './floor.js';
import { lineCost } from './line-cost.js';

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
    const pulled = pulledStraight(grid, way, levelOf(grid, own[0] ?? 0));
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

/** Lengths along the grid are known to this share (knight moves), and costs to as much besides a cell of open floor. */
const ZIGZAG = 0.028;
const toleranceOf = (grid: FloorGrid, cost: number): number => ZIGZAG * cost + COST.open * grid.cell;

/** A way to one of the corners: over which corners, what it costs, and how long it is. */
interface WayTo {
  readonly at: Point;
  readonly before: WayTo | undefined;
  readonly cost: number;
  readonly length: number;
}

/**
 * Drops those corners that a straight line past them makes needless, so that the grid’s zigzag does not lengthen a lead:
 * of all choices of corners that cost no more than the grid can tell from the cheapest, the shortest, whichever end it
 * is asked from.
 */
function pulledStraight(grid: FloorGrid, points: readonly Point[], level: number): Point[] {
  const ways: WayTo[][] = [];
  for (const [to, at] of points.entries()) {
    const here: WayTo[] = to === 0 ? [{ at, before: undefined, cost: 0, length: 0 }] : [];
    for (let from = 0; from < to; from++) {
      const start = points[from] as Point;
      const cost = lineCost(grid, start, at, level, from === to - 1);
      if (cost === Infinity) continue;
      const length = distance(start, at);
      for (const before of ways[from] ?? [])
        here.push({ at, before, cost: before.cost + cost, length: before.length + length });
    }
    ways.push(undominated(here));
  }
  const ends = ways.at(-1) ?? [];
  const least = ends[0]?.cost ?? 0;
  let way = ends.filter(({ cost }) => cost <= least + toleranceOf(grid, least)).at(-1);
  const kept: Point[] = [];
  for (; way; way = way.before) kept.push(way.at);
  return kept.reverse();
}

/** Those that no other beats in both, by cost; each is shorter than the one before it. */
function undominated(ways: WayTo[]): WayTo[] {
  ways.sort((a, b) => a.cost - b.cost || a.length - b.length);
  const kept: WayTo[] = [];
  for (const way of ways) if (way.length < (kept.at(-1)?.length ?? Infinity) - EVEN) kept.push(way);
  return kept;
}

/** Lengths that differ by less are the same, m. */
const EVEN = 1e-6;
