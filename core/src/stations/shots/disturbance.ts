/** How much a camera and who works it disturb those who watch. */
import type { Area, Device, Rules } from '../../documents/index.js';
import {
  boundsOf,
  constant,
  contains,
  distance,
  inOrder,
  type Figure,
  type MapOf,
  type Point,
} from '../../foundations/index.js';
import { workedByHand } from '../equipment.js';
import { disturbance } from './figures/cameras.js';

/** Seats are looked out from a point in each square metre. */
const SEAT_GRID = 1;
/** A camera this near to the line of sight draws the eye, degrees. */
const DRAWS = 20;

/** Points that stand for the seats of a venue. */
export function seatsOf(areas: MapOf<Area> | undefined): Point[] {
  return inOrder(areas).flatMap(([, { kind, outline }]) => {
    if (kind !== 'seating') return [];
    const { min, max } = boundsOf(outline);
    const seats: Point[] = [];
    for (let x = min[0] + SEAT_GRID / 2; x < max[0]; x += SEAT_GRID) {
      for (let y = min[1] + SEAT_GRID / 2; y < max[1]; y += SEAT_GRID) {
        if (contains(outline, [x, y])) seats.push([x, y]);
      }
    }
    return seats;
  });
}

/** Share of the seats whose line to a mark passes within 20° of one of some places nearer than that mark, 0…1. */
export function drawnFrom(seats: readonly Point[], mark: Point): (...places: readonly Point[]) => number {
  const lines = seats.flatMap(seat => {
    const away = distance(seat, mark);
    return away < 1e-6
      ? []
      : [{ seat, away, ux: (mark[0] - seat[0]) / away, uy: (mark[1] - seat[1]) / away }];
  });
  const near = Math.cos((DRAWS * Math.PI) / 180);
  return (...places) => {
    let drawn = 0;
    for (const { seat, away, ux, uy } of lines) {
      for (const at of places) {
        const [dx, dy] = [at[0] - seat[0], at[1] - seat[1]];
        const squared = dx * dx + dy * dy;
        if (squared >= away * away || dx * ux + dy * uy < near * Math.sqrt(squared)) continue;
        drawn++;
        break;
      }
    }
    return seats.length === 0 ? 0 : drawn / seats.length;
  };
}

const weighed = disturbance.reckoner('drawn', 'moves', 'above');

/** Somebody who works a camera draws twice the eyes, and what stands above the heads half as many again. */
const weightsOf = (
  worked: Device['worked'],
  /** Lens above its floor, m. */
  height: number,
  { seatedHead }: Pick<Rules, 'seatedHead'>,
): { moves: number; above: number } => ({
  moves: workedByHand(worked) ? 2 : 1,
  above: height > seatedHead ? 1.5 : 1,
});

/** The share of seats drawn, weighed by how a camera is worked and how high it stands. 0…3. */
export function disturbanceOf(
  drawn: number,
  worked: Device['worked'],
  height: number,
  rules: Pick<Rules, 'seatedHead'>,
): number {
  const { moves, above } = weightsOf(worked, height, rules);
  return weighed(drawn, moves, above);
}

/** How much a camera of the plan disturbs, % of the seats, weighed. */
export function disturbanceBy(
  id: string,
  { worked, place }: Pick<Device, 'worked' | 'place'>,
  at: Point | undefined,
  drawn: ((at: Point) => number) | undefined,
  rules: Pick<Rules, 'seatedHead'>,
): Figure {
  if (!at || !drawn) return disturbance.unknown([id], 'it has no place yet, or nothing is wanted');
  const { moves, above } = weightsOf(worked, place?.height ?? 0, rules);
  const eyes = 'seats whose line to the main mark passes within 20° of it';
  return disturbance.calc(
    [id],
    [
      constant('drawn', drawn(at) * 100, '%', eyes),
      constant('moves', moves, '×', moves > 1 ? 'somebody works it there' : 'nobody moves there'),
      constant(
        'above',
        above,
        '×',
        above > 1 ? 'its lens is above seated heads' : 'it is no higher than heads',
      ),
    ],
  );
}
