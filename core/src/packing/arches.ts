/** Wheel arches of a vehicle: m from the left, the seat backs and the load floor, seen from behind it. */
import type { Vehicle } from '../documents/index.js';

export interface Arch {
  readonly at: readonly [x: number, y: number, z: number];
  readonly sides: readonly [width: number, length: number, height: number];
}

export function archesOf({
  width,
  archWidth,
  archHeight,
  archLength,
  archFrom = 0,
}: Vehicle): readonly Arch[] {
  if (archWidth === undefined || archHeight === undefined || archLength === undefined) return [];
  return [0, width - archWidth].map(x => ({
    at: [x, archFrom, 0],
    sides: [archWidth, archLength, archHeight],
  }));
}
