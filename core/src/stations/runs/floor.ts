/** The floor of a venue as a grid for laying leads: what each metre costs, and where none may lie. */
import type { Door, Venue } from '../../documents/index.js';
import {
  alongSegment,
  boundsOf,
  centreOf,
  contains,
  distance,
  distanceToSegment,
  inOrder,
  sidesOf,
  type FloorGrid,
  type Point,
  type Polygon,
} from '../../foundations/index.js';

/** Cost per metre by where a lead lies. */
export const COST = { wall: 1, open: 2.5, seating: 4 } as const;
/** Cost of crossing a keep-clear aisle with a ramp, m. */
export const RAMP_COST = 6;
export const CELL = 0.25;
/** A lead within this distance of a wall lies along it, m. */
const WALL_LANE = 0.3;
/** Depth in front of an exit kept free of leads, m. */
const EXIT_DEPTH = 1.2;

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
}

/** Lays the grid: walls, pillars, seating, keep-clear aisles and doors of the venue. */
export function floorOf(venue: Venue): Floor {
  const { min, max } = boundsOf(venue.outline);
  const origin: Point = [min[0], min[1]];
  const columns = Math.max(1, Math.ceil((max[0] - min[0]) / CELL));
  const rows = Math.max(1, Math.ceil((max[1] - min[1]) / CELL));
  const grid: FloorGrid & { tolls: number[] } = {
    cell: CELL,
    origin,
    columns,
    rows,
    costs: new Float64Array(columns * rows).fill(Infinity),
    axes: new Uint8Array(columns * rows),
    zones: new Uint8Array(columns * rows),
    tolls: [0],
  };
  const zones: (Zone | undefined)[] = [undefined];
  const addZone = (zone: Zone, toll: number): number => {
    grid.tolls.push(toll);
    return zones.push(zone) - 1;
  };

  const areas = inOrder(venue.areas);
  const seating = areas.filter(([, area]) => area.kind === 'seating').map(([, area]) => area.outline);
  const aisles = areas
    .filter(([, area]) => area.kind === 'keep-clear')
    .map(([id, area]) => {
      const walk = area.walk ?? 'x';
      const bounds = boundsOf(area.outline);
      const ramped = walk === 'x' ? bounds.max[1] - bounds.min[1] : bounds.max[0] - bounds.min[0];
      const zone = addZone({ kind: 'aisle', id, label: area.label, added: 0, ramped }, RAMP_COST);
      return { outline: area.outline, zone, axis: walk === 'x' ? 2 : 1 };
    });
  const doors = inOrder(venue.doors).map(([id, door]) => doorway(id, door, addZone));
  const pillars = inOrder(venue.pillars).map(([, pillar]) => pillar);

  for (let index = 0; index < columns * rows; index++) {
    const at = centreOf(grid, index);
    if (!contains(venue.outline, at)) continue;
    if (pillars.some(pillar => inPillar(pillar, at))) continue;
    const atWall = nearestSide(venue.outline, at) <= WALL_LANE;
    const door = doors.find(each => each.covers(at));
    if (door) {
      if (!atWall && door.exit) continue;
      grid.zones[index] = door.zone;
      grid.axes[index] = atWall ? door.axis : 0;
      grid.costs[index] = COST.wall;
      continue;
    }
    const aisle = aisles.find(each => contains(each.outline, at));
    if (aisle) {
      grid.zones[index] = aisle.zone;
      grid.axes[index] = aisle.axis;
      grid.costs[index] = COST.open;
      continue;
    }
    grid.costs[index] = atWall ? COST.wall : seating.some(seats => contains(seats, at)) ? COST.seating : COST.open;
  }
  return { grid, zones };
}

const inPillar = (pillar: { at: Point; size: number; round?: boolean }, at: Point): boolean =>
  pillar.round
    ? distance(pillar.at, at) <= pillar.size / 2
    : Math.abs(at[0] - pillar.at[0]) <= pillar.size / 2 && Math.abs(at[1] - pillar.at[1]) <= pillar.size / 2;

function nearestSide(outline: Polygon, at: Point): number {
  let nearest = Infinity;
  for (const [a, b] of sidesOf(outline)) nearest = Math.min(nearest, distanceToSegment(at, a, b));
  return nearest;
}

interface Doorway {
  readonly zone: number;
  /** The axis a lead over it follows: along the wall. */
  readonly axis: number;
  readonly exit: boolean;
  readonly covers: (at: Point) => boolean;
}

/** In front of a door a lead may only pass overhead, along the wall: up, over and down adds 2 × (height + 0.3). */
function doorway(id: string, door: Door, addZone: (zone: Zone, toll: number) => number): Doorway {
  const [a, b] = [door.jambs[0] ?? [0, 0], door.jambs[1] ?? [0, 0]] as [Point, Point];
  const added = 2 * (door.height + 0.3);
  const depth = door.kind === 'inner' ? WALL_LANE : EXIT_DEPTH;
  return {
    zone: addZone({ kind: 'door', id, label: door.label, added, ramped: 0 }, added),
    axis: Math.abs(b[0] - a[0]) >= Math.abs(b[1] - a[1]) ? 1 : 2,
    exit: door.kind !== 'inner',
    covers: at => {
      const along = alongSegment(at, a, b);
      return along > 0 && along < 1 && distanceToSegment(at, a, b) <= depth;
    },
  };
}
