/** How much a camera and who works it disturb those who watch. */
import type { Area, Device, Rules } from '../../documents/index.js';
import { boundsOf, contains, distance, inOrder, type MapOf, type Point } from '../../foundations/index.js';

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

/** Share of the seats whose line to a mark passes within 20° of a place nearer than that mark, 0…1. */
export function drawnFrom(seats: readonly Point[], mark: Point): (at: Point) => number {
  const lines = seats.flatMap(seat => {
    const away = distance(seat, mark);
    return away < 1e-6
      ? []
      : [{ seat, away, ux: (mark[0] - seat[0]) / away, uy: (mark[1] - seat[1]) / away }];
  });
  const near = Math.cos((DRAWS * Math.PI) / 180);
  return at => {
    let drawn = 0;
    for (const { seat, away, ux, uy } of lines) {
      const [dx, dy] = [at[0] - seat[0], at[1] - seat[1]];
      const squared = dx * dx + dy * dy;
      if (squared < away * away && dx * ux + dy * uy >= near * Math.sqrt(squared)) drawn++;
    }
    return seats.length === 0 ? 0 : drawn / seats.length;
  };
}

/** The share of seats drawn, twice as much if somebody works a camera there, half as much again above the heads. 0…3. */
export const disturbanceOf = (
  drawn: number,
  worked: Device['worked'],
  /** Lens above its floor, m. */
  height: number,
  { seatedHead }: Pick<Rules, 'seatedHead'>,
): number => drawn * (worked === 'operated' ? 2 : 1) * (height > seatedHead ? 1.5 : 1);
