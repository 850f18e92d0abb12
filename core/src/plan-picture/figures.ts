/** What things look like from above: a door's leaf and its way, treads, slopes, signs at a point. */
import type { Door, HouseScreen, Stairs } from '../documents/index.js';
import type { PartMap } from '../drafting/index.js';
import { boundsOf, distance, polar, type Point } from '../foundations/index.js';
import { px } from './scale.js';

export interface DoorLeaf {
  /** Where it hangs, its edge when it stands open at a right angle, its edge when shut. */
  readonly hung: Point;
  readonly open: Point;
  readonly shut: Point;
  /** Its width, m. */
  readonly width: number;
  /** Whether it opens clockwise on the page from shut to open. */
  readonly clockwise: boolean;
}

/** The leaf of a door that swings; undefined for one that does not. */
export function doorLeaf({ jambs, hinge, opens }: Door): DoorLeaf | undefined {
  const [a = [0, 0], b = [0, 0]] = jambs;
  const width = distance(a, b);
  if (!hinge || width === 0) return undefined;
  const [hung, shut] = hinge === 'second' ? [b, a] : [a, b];
  // On a page with y down, the right hand of a → b is (−dy, dx).
  const side = opens === 'left' ? -1 : 1;
  const out: Point = [(-(b[1] - a[1]) / width) * side, ((b[0] - a[0]) / width) * side];
  const open: Point = [hung[0] + out[0] * width, hung[1] + out[1] * width];
  const clockwise = (shut[0] - hung[0]) * out[1] - (shut[1] - hung[1]) * out[0] > 0;
  return { hung, open, shut, width, clockwise };
}

/** Distance between two treads as drawn, m, and most that are drawn. */
const TREAD = 0.3;
const MOST_TREADS = 60;

/** The treads of stairs, as lines across their longer side. */
export function treads({ outline }: Stairs): [Point, Point][] {
  const { min, max } = boundsOf(outline);
  const alongX = max[0] - min[0] > max[1] - min[1];
  const [from, to] = alongX ? [min[0], max[0]] : [min[1], max[1]];
  const count = Math.min(MOST_TREADS, Math.max(0, Math.ceil((to - from) / TREAD) - 1));
  return Array.from({ length: count }, (_, i): [Point, Point] => {
    const at = from + (i + 1) * TREAD;
    return alongX
      ? [
          [at, min[1]],
          [at, max[1]],
        ]
      : [
          [min[0], at],
          [max[0], at],
        ];
  });
}

/** A screen's two ends, square to where it faces. */
export const screenEdge = ({ at, width, facing }: HouseScreen): [Point, Point] => [
  polar(at, facing + 90, width / 2),
  polar(at, facing - 90, width / 2),
];

/** The sign of what stands at a point, as an SVG path of relative steps from it, in units of the picture. */
export const SIGNS = {
  marks: 'm-5,0l5,-5l5,5l-5,5z',
  sockets: 'm-6,0a6,6 0 1 0 12,0a6,6 0 1 0 -12,0zm3.8,-2v4m4.4,-4v4',
  networkSockets: 'm-5,-5h10v10h-10zm2.5,7h5v-3h-5z',
  residents: 'm-5,5v-7l5,-4l5,4v7z',
  lamps: 'm-4,-4l8,8m0,-8l-8,8m4,-10v12m6,-6h-12',
  ceilingPoints: 'm-5,-4h10l-5,9z',
  lightReadings: 'm-3,0a3,3 0 1 0 6,0a3,3 0 1 0 -6,0z',
  mobileReadings: 'm-6,4v-3m4,3v-6m4,6v-9',
  notes: 'm0,0l-5,-6v-7h10v7z',
} as const satisfies Partial<Record<PartMap, string>>;

/** A path of relative steps, so many times as large; the angle and flags of an arc stay. */
const enlarged = (path: string, factor: number): string =>
  path.replace(/([a-z])([^a-z]*)/g, (_, step: string, rest: string) => {
    const numbers = rest.match(/-?[\d.]+/g)?.map(Number) ?? [];
    return step + numbers.map((n, i) => (step === 'a' && i > 1 && i < 5 ? n : n * factor)).join(' ');
  });

/**
 * A sign at each of some places (m), as one SVG path in units of the picture, as large as letters of that size: one
 * path, because a thousand turned and scaled signs would cost a thousand property nodes in the browser.
 */
export function signsPath(map: keyof typeof SIGNS, places: readonly Point[], lettering: number): string {
  const sign = enlarged(SIGNS[map], lettering);
  return places.map(([x, y]) => `M${px(x)} ${px(y)}${sign}`).join('');
}
