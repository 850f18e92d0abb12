/** Sight from a camera to a mark: past walls and pillars (plan) and over heads (section). */
import type { Area, Rules, Shot } from '../../documents/index.js';
import {
  between,
  constant,
  contains,
  floorOfArea,
  given,
  inOrder,
  stretchesInside,
  taken,
  type Blocker,
  type Circle,
  type Figure,
  type MapOf,
  type Point,
  type Term,
} from '../../foundations/index.js';
import { HIDDEN_BEARABLE, overSeated, overStanding } from './figures/sight.js';
import { lowest, waist } from './figures/framing.js';
import { SIZES } from './framing.js';
import { undersideOf } from './past-solids.js';

/** How much of a frame each blocker hides. */
export interface Hidden {
  /** 0…1 over all blockers. */
  readonly share: number;
  /** The middle of the frame is hidden. */
  readonly middle: boolean;
  /** Ids of blockers that hide anything, the worst first. */
  readonly by: readonly { readonly id: string; readonly label: string; readonly share: number }[];
}

/** The middle of the frame is hidden, or more of it than is bearable. */
export const isHidden = ({ middle, share }: Hidden): boolean => middle || share * 100 > HIDDEN_BEARABLE;

/** A blocker within this depth of the mark belongs to the mark's surroundings, not to the line of sight, m. */
const AT_MARK = 0.05;

/**
 * Projects everything that blocks between camera and frame onto the frame plane through the mark, and measures the
 * part of the frame that the union covers. Exact for the plan view.
 */
export function hiddenShare(camera: Point, mark: Point, width: number, blockers: readonly Blocker[]): Hidden {
  const depth = Math.hypot(mark[0] - camera[0], mark[1] - camera[1]);
  if (depth < AT_MARK * 2) return { share: 0, middle: false, by: [] };
  const [ux, uy] = [(mark[0] - camera[0]) / depth, (mark[1] - camera[1]) / depth];
  const half = width / 2;
  const all: [number, number][] = [];
  const by: { id: string; label: string; share: number }[] = [];
  for (const { id, label, segments, circle } of blockers) {
    const own: [number, number][] = [];
    const keep = (interval: [number, number] | undefined): void => {
      if (!interval) return;
      const [low, high] = [Math.max(-half, interval[0]), Math.min(half, interval[1])];
      if (high - low > 1e-9) own.push([low, high]);
    };
    for (const [a, b] of segments) keep(projected(camera, ux, uy, depth, a, b));
    if (circle) keep(projectedCircle(camera, ux, uy, depth, circle));
    if (own.length === 0) continue;
    by.push({ id, label, share: covered(own) / width });
    all.push(...own);
  }
  by.sort((a, b) => b.share - a.share);
  return { share: covered(all) / width, middle: all.some(([low, high]) => low <= 0 && high >= 0), by };
}

/** What lies nearer than this hides nothing, m. */
const NEAR = 0.02;

/** Where a segment falls on the frame plane, as metres left and right of the mark; undefined when beyond it. */
function projected(
  camera: Point,
  ux: number,
  uy: number,
  depth: number,
  a: Point,
  b: Point,
): [number, number] | undefined {
  const far = depth - AT_MARK;
  let [d0, s0] = [
    (a[0] - camera[0]) * ux + (a[1] - camera[1]) * uy,
    (a[1] - camera[1]) * ux - (a[0] - camera[0]) * uy,
  ];
  let [d1, s1] = [
    (b[0] - camera[0]) * ux + (b[1] - camera[1]) * uy,
    (b[1] - camera[1]) * ux - (b[0] - camera[0]) * uy,
  ];
  if (d0 > d1) [d0, s0, d1, s1] = [d1, s1, d0, s0];
  if (d1 < NEAR || d0 > far) return undefined;
  if (d0 < NEAR) [d0, s0] = [NEAR, s0 + ((s1 - s0) * (NEAR - d0)) / (d1 - d0)];
  if (d1 > far) [d1, s1] = [far, s0 + ((s1 - s0) * (far - d0)) / (d1 - d0)];
  const [p, q] = [(s0 * depth) / d0, (s1 * depth) / d1];
  return p < q ? [p, q] : [q, p];
}

/**
 * The same of a circle: between the two lines of sight that touch it, or where it is cut off near the camera or at the
 * mark. All of the plane for a camera within it.
 */
function projectedCircle(
  camera: Point,
  ux: number,
  uy: number,
  depth: number,
  { at, radius }: Circle,
): [number, number] | undefined {
  const [dx, dy] = [at[0] - camera[0], at[1] - camera[1]];
  const [ahead, aside] = [dx * ux + dy * uy, dy * ux - dx * uy];
  const far = depth - AT_MARK;
  if (ahead + radius < NEAR || ahead - radius > far) return undefined;
  const away = Math.hypot(ahead, aside);
  if (away <= radius) return [-Infinity, Infinity];
  const touching = Math.sqrt(away ** 2 - radius ** 2);
  const [middle, half] = [Math.atan2(aside, ahead), Math.asin(radius / away)];
  const cuts = [NEAR, far].flatMap(plane => {
    const chord = radius ** 2 - (plane - ahead) ** 2;
    return chord < 0 ? [] : [(aside - Math.sqrt(chord)) / plane, (aside + Math.sqrt(chord)) / plane];
  });
  // Where sight touches it before the camera and before the mark, no cut reaches as far to that side.
  const edge = (side: 1 | -1): number => {
    const angle = middle + side * half;
    const reached = touching * Math.cos(angle);
    if (reached >= NEAR && reached <= far) return Math.tan(angle);
    return side === 1 ? Math.max(...cuts) : Math.min(...cuts);
  };
  return [edge(-1) * depth, edge(1) * depth];
}

/** Length of a union of intervals. */
function covered(intervals: [number, number][]): number {
  const sorted = [...intervals].sort((a, b) => a[0] - b[0]);
  let sum = 0;
  let reach = -Infinity;
  for (const [low, high] of sorted) {
    if (high <= reach) continue;
    sum += high - Math.max(low, reach);
    reach = high;
  }
  return sum;
}

export const lowestPoint = lowest.reckoner('floor', 'eyes', 'frame');

/** Height of the lowest point wanted: with the eyes a third from the top, two thirds of the frame lie below. */
export const lowestWanted = (id: string, frame: Figure, elevation: Figure, floor: Figure): Figure =>
  lowest.calc([id], [taken('floor', floor), taken('eyes', elevation), taken('frame', frame)]);

/** In shots this wide people count, not what stands at their feet along the lower edge. */
export const ofPeople = ({ size }: Pick<Shot, 'size'>): boolean => size === 'panel' || size === 'whole area';

/** Width of a frame that shows people from the waist up, m. */
const WAIST_UP = SIZES['waist up'];

const waistFrom = waist.reckoner('lowest', 'eyes', 'waistUp');
/** The same of numbers, m. */
export const waistPoint = (lowest: number, eyes: number): number => waistFrom(lowest, eyes, WAIST_UP);

/** Height of the waist of those in a wide shot, or of its lower edge where that is higher. */
export const waistOf = (id: string, lowest: Figure, elevation: Figure): Figure =>
  waist.calc(
    [id],
    [
      taken('lowest', lowest),
      taken('eyes', elevation),
      constant(
        'waistUp',
        WAIST_UP,
        'm',
        'frame that shows people from the waist up, from the table of shot sizes',
      ),
    ],
  );

export interface OverHeads {
  /** Least distance between the line of sight and the heads below it, m; null when no seats lie between. */
  readonly clear: Figure;
  /** The seating block that comes nearest. */
  readonly block: string | undefined;
}

/** A line of sight: horizontal distance, m, and the heights of lens and lowest point wanted. */
export interface Line {
  readonly run: number;
  readonly lens: Term;
  readonly target: Term;
}

/** Where a line of sight enters or leaves a seating block: how far along (0…1), and the height of the floor there, m. */
interface SeatsEdge {
  readonly at: number;
  readonly floor: number;
}

/** A seating block on a line of sight. */
export interface Seats {
  readonly id: string;
  readonly block: Area;
  readonly edges: readonly SeatsEdge[];
  /** It is on a gallery, beneath which one sees past. */
  readonly aloft: boolean;
}

type Posture = 'seatedHead' | 'standingHead';

/** Every stretch of a seating block between two points. */
export const seatsBetween = (areas: MapOf<Area> | undefined, from: Point, to: Point): Seats[] =>
  inOrder(areas).flatMap(([id, block]): Seats[] => {
    if (block.kind !== 'seating') return [];
    return stretchesInside(block.outline, from, to).map(stretch => {
      const edges = stretch.map(at => ({ at, floor: floorOfArea(block, between(from, to, at)) }));
      return {
        id,
        block,
        edges,
        aloft: isAloft(areas, block, between(from, to, (stretch[0] + stretch[1]) / 2)),
      };
    });
  });

/** Whether seats stand on a gallery there, rather than on the ground or a raised floor. */
const isAloft = (areas: MapOf<Area> | undefined, block: Area, at: Point): boolean =>
  Object.values(areas ?? {}).some(
    area =>
      area.kind === 'gallery' &&
      contains(area.outline, at) &&
      floorOfArea(block, at) >= undersideOf(area, at),
  );

/**
 * The edge where a line of sight from height hL to hT, m, comes nearest to heads; undefined without any between. Seats
 * on a gallery hide nothing of what is seen beneath it.
 */
export function nearestHeads(
  seats: readonly Seats[],
  hL: number,
  hT: number,
  posture: Posture,
  rules: Rules,
): (SeatsEdge & Pick<Seats, 'id' | 'block'> & { readonly clear: number }) | undefined {
  let nearest: ReturnType<typeof nearestHeads>;
  const line = (at: number): number => hL + (hT - hL) * at;
  for (const { id, block, edges, aloft } of seats) {
    if (aloft && edges.every(({ at, floor }) => line(at) < floor)) continue;
    for (const { at, floor } of edges) {
      const clear = line(at) - floor - (block[posture] ?? rules[posture]);
      if (!nearest || clear < nearest.clear) nearest = { id, block, at, floor, clear };
    }
  }
  return nearest;
}

/**
 * Clearance over seated or standing heads: the line from lens to lowest point wanted, at the near and far
 * edge of every seating block it crosses (a straight line comes nearest to heads on a flat or evenly raked floor
 * at an edge).
 */
export function overHeads(
  id: string,
  seats: readonly Seats[],
  line: Line,
  posture: Posture,
  rules: Rules,
): OverHeads {
  const figure = posture === 'seatedHead' ? overSeated : overStanding;
  const nearest = nearestHeads(seats, Number(line.lens.value), Number(line.target.value), posture, rules);
  if (!nearest) {
    return { clear: figure.unknown([id], 'no seats lie between camera and mark'), block: undefined };
  }
  const { id: of, block, at, floor } = nearest;
  const clear = figure.calc(
    [id],
    [
      line.lens,
      line.target,
      constant('x', at * line.run, 'm', 'edge of the seating block nearest to the line'),
      constant('D', line.run, 'm', 'horizontal distance from camera to mark'),
      block.floor === undefined || block.rake
        ? constant('seats', floor, 'm', 'floor under the seats at that edge')
        : given('seats', floor, 'm', 'venue', `/areas/${of}/floor`),
      block[posture] === undefined
        ? given('head', rules[posture], 'm', 'rules', `/${posture}`)
        : given('head', block[posture], 'm', 'venue', `/areas/${of}/${posture}`),
    ],
  );
  return { clear, block: of };
}
