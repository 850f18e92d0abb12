/** Numbers of leads on the plan, each on its own line where no other lies. */
import { between, numberOf, type Figure, type Point } from '../foundations/index.js';
import { placeNames, type Box, type PlacedName, type Spot } from './place-names.js';
import { px } from './scale.js';

export interface TapedRun {
  readonly id: string;
  readonly number: string;
  readonly points: readonly Point[];
}

/** A number of a lead with the share of its volts that it loses, to a tenth of a per cent. */
export function numberWithDrop(number: string, drop: Figure | undefined): string {
  const lost = numberOf(drop);
  if (!drop) return number;
  if (lost === undefined || Number.isNaN(lost)) return `${number} ? %`;
  return `${number} ${lost < 0.05 ? '<0.1' : `−${lost.toFixed(1)}`} %`;
}

/** Parts of a line at which its number is tried. */
const PARTS = [0.5, 0.35, 0.65, 0.2, 0.8, 0.1, 0.9];

/** Places the number of each lead, those of long leads first; a number that finds no room is left out. */
export function runTapes(
  runs: readonly TapedRun[],
  size: number,
  taken: readonly Box[],
  room: Box,
): PlacedName[] {
  const spotsOf = (points: readonly Point[]) => (): Spot[] =>
    PARTS.flatMap(part => {
      const at = alongAt(points, part);
      return at ? [{ x: px(at[0]), y: px(at[1]) }] : [];
    });
  const wanted = runs.map(({ id, number, points }) => ({
    key: id,
    text: number,
    size,
    bold: true,
    spots: spotsOf(points),
  }));
  return placeNames(wanted, taken, room);
}

function alongAt(points: readonly Point[], part: number): Point | undefined {
  const lengths = points
    .slice(1)
    .map((b, i) => Math.hypot(b[0] - (points[i]?.[0] ?? 0), b[1] - (points[i]?.[1] ?? 0)));
  let left = part * lengths.reduce((sum, length) => sum + length, 0);
  for (const [i, length] of lengths.entries()) {
    if (left <= length && length > 0)
      return between(points[i] as Point, points[i + 1] as Point, left / length);
    left -= length;
  }
  return points[0];
}
