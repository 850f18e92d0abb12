/** How much of a lead lies where people sit. */
import type { Venue } from '../../documents/index.js';
import {
  contains,
  distanceToSegment,
  floorAt,
  inOrder,
  sidesOf,
  type Figure,
  type Point,
} from '../../foundations/index.js';
import * as figures from './figures.js';
import { WALL_LANE } from './floor.js';
import { alongFloor } from './occupancy.js';
import type { RunResult } from './result.js';

export interface AmongSeats {
  readonly metres: Figure;
  /** The blocks of seats that it lies in, by id. */
  readonly blocks: readonly string[];
}

/** The lead is looked at so often, m. */
const STEP = 0.1;
/** Floors as far apart as this are not the same, m. */
const STOREY = 1;

type Lying = Pick<RunResult, 'points' | 'floors' | 'aloft'>;
type Seated = Pick<Venue, 'areas' | 'outline'>;

/**
 * The length of a way on the floor of seats, m, and the blocks that it is in; not what lies along a wall, nor in a
 * block where one of its ends stands, since it cannot but lead there.
 */
export function throughSeats(
  way: Lying,
  { areas = {}, outline }: Seated,
): { readonly metres: number; readonly blocks: readonly string[] } {
  const ends = [way.points[0], way.points.at(-1)];
  const seats = inOrder(areas).filter(
    ([, { kind, outline: floor }]) => kind === 'seating' && !ends.some(end => end && contains(floor, end)),
  );
  const walls = [...sidesOf(outline)];
  const blocks = new Set<string>();
  let metres = 0;
  if (seats.length === 0) return { metres, blocks: [] };
  alongFloor(way, STEP, (at: Point, length, _direction, floor) => {
    const block = seats.find(([, each]) => contains(each.outline, at));
    if (!block || Math.abs(floorAt(areas, at) - floor) > STOREY) return;
    if (walls.some(([a, b]) => distanceToSegment(at, a, b) <= WALL_LANE)) return;
    metres += length;
    blocks.add(block[0]);
  });
  return { metres, blocks: [...blocks] };
}

/** How much of a lead lies among seats. */
export function amongSeats(id: string, way: Lying & Seated): AmongSeats {
  const { metres, blocks } = throughSeats(way, way);
  return { metres: figures.amongSeats.found([id], metres), blocks };
}
