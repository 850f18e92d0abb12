/** Rows of seats in a block: how many, where they are drawn, and why they are not. */
import type { Area } from '../documents/index.js';
import { distance, isRectangle, polar, type Point } from '../foundations/index.js';

/** How deep a row of seats is drawn, m. */
const SEAT = 0.42;
/** What is left of a row when depth is divided by distance, whatever a float makes of it. */
const SLACK = 1e-6;

type Seats = Pick<Area, 'kind' | 'outline' | 'rowSpacing' | 'facing'>;

interface Grain {
  /** The corner from which rows are counted. */
  readonly corner: Point;
  /** Unit steps from row to row and along a row. */
  readonly back: Point;
  readonly along: Point;
  readonly depth: number;
  readonly width: number;
}

/**
 * How a block with four square corners is filled: rows lie across that pair of its sides which is nearest to where
 * seats face (0° east), and are counted from the end that faces west or north.
 */
function grainOf({ outline, facing = 0 }: Seats): Grain | undefined {
  const [a, b, c] = outline;
  if (!a || !b || !c || !isRectangle(outline)) return undefined;
  const look = polar([0, 0], facing, 1);
  const sides = [
    [a, b],
    [b, c],
  ].map(([from = a, to = b]) => {
    const long = distance(from, to);
    const step: Point = [(to[0] - from[0]) / long, (to[1] - from[1]) / long];
    return { step, long, like: Math.abs(step[0] * look[0] + step[1] * look[1]) };
  });
  const [first, second] = sides;
  if (!first || !second || !(first.long > 0 && second.long > 0)) return undefined;
  const [deep, wide] = first.like >= second.like ? [first, second] : [second, first];
  const [x, y] = deep.step;
  const turned = x < -SLACK || (Math.abs(x) <= SLACK && y < 0);
  const back: Point = turned ? [-x + 0, -y + 0] : [x, y];
  const along: Point = [-back[1] + 0, back[0]];
  const near = ([px, py]: Point): number => px * (back[0] + along[0]) + py * (back[1] + along[1]);
  const corner = outline.reduce((least, point) => (near(point) < near(least) ? point : least), a);
  return { corner, back, along, depth: deep.long, width: wide.long };
}

/** How deep a block of seats is from its first row to its last, m; undefined where its corners are not square. */
export const seatDepth = (area: Seats): number | undefined => grainOf(area)?.depth;

/** How many rows of seats a block holds; undefined where they are not known or cannot be drawn. */
export function rowCount(area: Seats): number | undefined {
  const { kind, rowSpacing } = area;
  const depth = kind === 'seating' && rowSpacing ? grainOf(area)?.depth : undefined;
  return depth === undefined ? undefined : Math.floor(depth / (rowSpacing ?? 1) + SLACK);
}

/** Why a block of seats that has rows shows none of them; undefined where it shows them, or has none. */
export function whyNoRows(area: Seats): string | undefined {
  if (area.kind !== 'seating' || !area.rowSpacing) return undefined;
  const rows = rowCount(area);
  if (rows === undefined) return 'Rows are drawn in blocks with four square corners only.';
  return rows === 0 ? 'It is less deep than one row: no row is drawn.' : undefined;
}

/** Least and greatest distance from row to row that an area takes, m. */
const [CLOSE, WIDE] = [0.5, 3];

/** How few and how many rows blocks of these depths, m, can all be given. */
export const rowLimits = (depths: readonly number[]): { least: number; most: number } => ({
  least: Math.max(1, Math.ceil(Math.max(...depths) / WIDE)),
  most: Math.max(1, Math.floor(Math.min(...depths) / CLOSE)),
});

/** Metres from row to row for so many rows in a depth, to the millimetre and never so much that one is lost. */
export const spacingFor = (depth: number, rows: number): number => Math.floor((depth / rows) * 1000) / 1000;

/**
 * Rows of a block of seats as rings: the middle of its ends lies between the first two corners and between the last
 * two. None where it has no rows or they cannot be drawn.
 */
export function seatRows(area: Seats): [Point, Point, Point, Point][] {
  const grain = rowCount(area) === undefined ? undefined : grainOf(area);
  if (!grain) return [];
  const { corner, back, along, width } = grain;
  const spacing = area.rowSpacing ?? 1;
  const from = ([x, y]: Point, [dx, dy]: Point, metres: number): Point => [x + dx * metres, y + dy * metres];
  return Array.from({ length: rowCount(area) ?? 0 }, (_, i) => {
    const a = from(corner, back, (i + 0.3) * spacing);
    const b = from(a, back, SEAT);
    return [a, b, from(b, along, width), from(a, along, width)];
  });
}
