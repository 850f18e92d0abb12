/** The floors of a venue as a grid for laying leads: what each metre costs, and where none may lie. */
import type { Door, Venue } from '../../documents/index.js';
import {
  alongSegment,
  between,
  boundsOf,
  cellsInBox,
  centreOf,
  clearWidth,
  distance,
  distanceToSegment,
  EXIT_DEPTH,
  fillCells,
  floorAt,
  floorOfArea,
  inOrder,
  isExit,
  inPillar,
  pillarOutline,
  squareAround,
  sidesOf,
  walkAxis,
  wallBlocker,
  type FloorGrid,
  type Point,
  type Polygon,
} from '../../foundations/index.js';
import { ceilingLifts, galleriesOf, layGalleries, LiftsBetween } from './levels.js';

/** What of a venue leads are laid by. */
export type Room = Pick<
  Venue,
  'outline' | 'walls' | 'pillars' | 'areas' | 'doors' | 'stairs' | 'ceilingPoints'
>;

/** Cost per metre by where a lead lies. */
export const COST = { wall: 1, open: 2.5, seating: 4 } as const;
/** Cost of crossing a keep-clear aisle with a ramp, m. */
export const RAMP_COST = 6;
/** Side of a cell, m; in a large hall, where a lead need not be told to a hand’s breadth, twice as long. */
const CELL = 0.25;
const LARGE = 1500;
/** A lead within this distance of a wall lies along it, m; with larger cells the lane is wider. */
export const WALL_LANE = 0.3;
const laneOf = ({ cell }: FloorGrid): number => (WALL_LANE * cell) / CELL;

/** Cells this near to an inner wall are part of it, in cells, so that no slanting step slips through. */
const WALL_HALF = Math.SQRT1_2;
/** The lane along an inner wall is the cells beside those that are part of it, m. */
const innerLaneOf = ({ cell }: FloorGrid): number => (WALL_HALF + 1) * cell;

/** A part of the floor that a lead may only cross, at a right angle. */
export interface Zone {
  readonly kind: 'aisle' | 'door';
  readonly id: string;
  readonly label: string;
  /** Metres added to a lead that crosses it: over a door, up and down again. */
  readonly added: number;
  /** Clear width to be ramped, m. */
  readonly ramped: number;
}

export interface Floor {
  readonly grid: FloorGrid;
  /** Zones by the id used in the grid, from 1; index 0 is unused. */
  readonly zones: readonly (Zone | undefined)[];
  /** The floor that each gallery is in the grid, by its id; the ground is 0. */
  readonly levels: ReadonlyMap<string, number>;
  /** Height of one of the floors at a point, m, which within a cell of an edge may be another than that of the cell. */
  readonly heightAt: (at: Point, level: number) => number;
}

/** What somebody asks of leads besides what the venue allows. */
export interface Wishes {
  /** Aisles, doors and blocks of seats that a lead keeps away from. */
  readonly avoid: ReadonlySet<string>;
  /** It may hang from the ceiling points. */
  readonly ceiling: boolean;
}
export const NO_WISHES: Wishes = { avoid: new Set(), ceiling: false };

/** Lays the grid: walls, pillars, seating, keep-clear aisles, doors, galleries and stairs of the venue. */
export function floorOf(venue: Room, { avoid, ceiling }: Wishes = NO_WISHES): Floor {
  const { min, max } = boundsOf(venue.outline);
  const side = (max[0] - min[0]) * (max[1] - min[1]) > LARGE ? 2 * CELL : CELL;
  const columns = Math.max(1, Math.ceil((max[0] - min[0]) / side));
  const ownRows = Math.max(1, Math.ceil((max[1] - min[1]) / side));
  // The grid lies alike on all walls, so that a room drawn the other way about has leads of the same lengths.
  const middle = between(min, max, 0.5);
  const origin: Point = [middle[0] - (columns * side) / 2, middle[1] - (ownRows * side) / 2];
  const galleries = galleriesOf(venue);
  const points = ceiling ? inOrder(venue.ceilingPoints) : [];
  const levels = 1 + galleries.length + (points.length > 0 ? 1 : 0);
  // Two rows that nothing can cross part one floor from the next, since a step reaches over one.
  const levelRows = levels === 1 ? ownRows : ownRows + 2;
  const rows = levelRows * levels;
  const lifts = new LiftsBetween();
  const grid: FloorGrid & { tolls: number[]; heights: Float64Array } = {
    cell: side,
    origin,
    columns,
    rows,
    levelRows,
    costs: new Float64Array(columns * rows).fill(Infinity),
    axes: new Uint8Array(columns * rows),
    zones: new Uint16Array(columns * rows),
    heights: new Float64Array(columns * rows),
    tolls: [0],
    lifts: lifts.from,
  };
  const zones: (Zone | undefined)[] = [undefined];
  const addZone = (zone: Zone, toll: number): number => {
    grid.tolls.push(toll);
    return zones.push(zone) - 1;
  };

  const set = (cells: number[], cost: number): void => cells.forEach(cell => (grid.costs[cell] = cost));
  const inside = (polygon: Polygon): number[] => {
    const cells: number[] = [];
    fillCells(grid, polygon, cell => cells.push(cell));
    return cells;
  };
  const open = (cell: number): boolean => grid.costs[cell] !== Infinity;

  // From what yields to what prevails: open floor, seating, walls, aisles, doors, pillars.
  set(inside(venue.outline), COST.open);
  const areas = inOrder(venue.areas);
  for (const [id, area] of areas) {
    const seating = avoid.has(id) ? Infinity : COST.seating;
    if (area.kind === 'seating') set(inside(area.outline).filter(open), seating);
    if (area.kind !== 'raised') continue;
    for (const cell of inside(area.outline)) {
      grid.heights[cell] = Math.max(grid.heights[cell] ?? 0, floorOfArea(area, centreOf(grid, cell)));
    }
  }
  const atWall = new Set<number>();
  const innerWalls = inOrder(venue.walls).flatMap(([id, wall]) => wallBlocker(id, wall).segments);
  const lanes = [
    ...sidesOf(venue.outline).map(wall => [wall, laneOf(grid)] as const),
    ...innerWalls.map(wall => [wall, innerLaneOf(grid)] as const),
  ];
  for (const [[a, b], lane] of lanes)
    for (const cell of cellsNear(grid, a, b, lane)) if (open(cell)) atWall.add(cell);
  set([...atWall], COST.wall);
  for (const [id, area] of areas) {
    if (area.kind !== 'keep-clear') continue;
    const walk = walkAxis(area);
    const ramped = clearWidth(area);
    const zone = addZone({ kind: 'aisle', id, label: area.label, added: 0, ramped }, RAMP_COST);
    for (const cell of inside(area.outline).filter(open)) {
      grid.costs[cell] = avoid.has(id) ? Infinity : COST.open;
      grid.zones[cell] = zone;
      grid.axes[cell] = walk === 'x' ? 2 : 1;
    }
  }
  const doors = inOrder(venue.doors).filter(([, { kind }]) => kind !== 'window');
  const frames = new Set(doors.flatMap(([, { jambs }]) => frameOf(grid, jambs as [Point, Point])));
  for (const [a, b] of innerWalls) {
    set(
      cellsNear(grid, a, b, WALL_HALF * side).filter(cell => !frames.has(cell)),
      Infinity,
    );
  }
  for (const [id, door] of doors) {
    if (door.kind !== 'opening') layDoor(grid, id, door, { atWall, frames }, addZone, avoid.has(id));
  }
  for (const [, pillar] of inOrder(venue.pillars)) {
    const covered = pillar.round
      ? inside(squareAround(pillar.at, pillar.size)).filter(cell => inPillar(pillar, centreOf(grid, cell)))
      : inside(pillarOutline(pillar));
    set(covered, Infinity);
  }
  layGalleries(grid, galleries, venue, lifts);
  if (points.length > 0)
    ceilingLifts(
      grid,
      levels - 1,
      points.map(([, point]) => point),
      lifts,
    );
  return {
    grid,
    zones,
    levels: new Map(galleries.map(([id], i) => [id, i + 1])),
    heightAt: (at, level) => floorAt(venue.areas ?? {}, at, galleries[level - 1]?.[0]),
  };
}

/** Cells whose centre is within a distance of a segment. */
function cellsNear(grid: FloorGrid, a: Point, b: Point, within: number): number[] {
  const cells: number[] = [];
  const min: Point = [Math.min(a[0], b[0]) - within, Math.min(a[1], b[1]) - within];
  const max: Point = [Math.max(a[0], b[0]) + within, Math.max(a[1], b[1]) + within];
  cellsInBox(grid, min, max, cell => {
    if (distanceToSegment(centreOf(grid, cell), a, b) <= within) cells.push(cell);
  });
  return cells;
}

/**
 * The cells of a wall that lie between the jambs of a door, where a lead may pass; of one narrower than a cell the one
 * nearest to its middle.
 */
function frameOf(grid: FloorGrid, [a, b]: readonly [Point, Point]): number[] {
  const near = cellsNear(grid, a, b, WALL_HALF * grid.cell);
  const within = near.filter(cell => isBetween(centreOf(grid, cell), a, b));
  if (within.length > 0) return within;
  const middle = between(a, b, 0.5);
  const away = (cell: number): number => distance(centreOf(grid, cell), middle);
  return near.sort((c, d) => away(c) - away(d)).slice(0, 1);
}

/** Whether a point lies between two others, seen square to the line through them. */
function isBetween(at: Point, a: Point, b: Point): boolean {
  const along = alongSegment(at, a, b);
  return along > 0 && along < 1;
}

/**
 * In front of a door a lead may only pass overhead, along the wall: up, over and down adds 2 × (height + 0.3).
 * The floor in front of an exit stays free of leads.
 */
function layDoor(
  grid: FloorGrid,
  id: string,
  door: Door,
  { atWall, frames }: { readonly atWall: ReadonlySet<number>; readonly frames: ReadonlySet<number> },
  addZone: (zone: Zone, toll: number) => number,
  avoided: boolean,
): void {
  const [a, b] = door.jambs as [Point, Point];
  const added = 2 * (door.height + 0.3);
  const zone = addZone({ kind: 'door', id, label: door.label, added, ramped: 0 }, added);
  const alongX = Math.abs(b[0] - a[0]) >= Math.abs(b[1] - a[1]);
  const depth = isExit(door) ? EXIT_DEPTH : Math.max(laneOf(grid), innerLaneOf(grid));
  for (const cell of cellsNear(grid, a, b, depth)) {
    if (grid.costs[cell] === Infinity) continue;
    if (!frames.has(cell) && !isBetween(centreOf(grid, cell), a, b)) continue;
    if (!atWall.has(cell) && !frames.has(cell)) {
      if (isExit(door)) grid.costs[cell] = Infinity;
      continue;
    }
    if (avoided) grid.costs[cell] = Infinity;
    grid.zones[cell] = zone;
    // Through a door inside the house a lead may go, over its frame; past one to the outside only along the wall.
    if (door.kind !== 'inner') grid.axes[cell] = alongX ? 1 : 2;
  }
}
