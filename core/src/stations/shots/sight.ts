/** Sight from a camera to a mark: past walls and pillars (plan) and over heads (section). */
import type { Area, Rules } from '../../documents/index.js';
import {
  between,
  constant,
  floorOfArea,
  given,
  inOrder,
  stretchInside,
  taken,
  type Blocker,
  type Figure,
  type MapOf,
  type Point,
  type Term,
} from '../../foundations/index.js';
import { HIDDEN_BEARABLE, overSeated, overStanding } from './figures/sight.js';
import { lowest } from './figures/framing.js';

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
 * Projects every blocking segment between camera and frame onto the frame plane through the mark, and
 * measures the part of the frame that the union covers. Exact for the plan view.
 */
export function hiddenShare(camera: Point, mark: Point, width: number, blockers: readonly Blocker[]): Hidden {
  const depth = Math.hypot(mark[0] - camera[0], mark[1] - camera[1]);
  if (depth < AT_MARK * 2) return { share: 0, middle: false, by: [] };
  const [ux, uy] = [(mark[0] - camera[0]) / depth, (mark[1] - camera[1]) / depth];
  const half = width / 2;
  const all: [number, number][] = [];
  const by: { id: string; label: string; share: number }[] = [];
  for (const { id, label, segments } of blockers) {
    const own: [number, number][] = [];
    for (const [a, b] of segments) {
      const interval = projected(camera, ux, uy, depth, a, b);
      if (!interval) continue;
      const [low, high] = [Math.max(-half, interval[0]), Math.min(half, interval[1])];
      if (high - low > 1e-9) own.push([low, high]);
    }
    if (own.length === 0) continue;
    by.push({ id, label, share: covered(own) / width });
    all.push(...own);
  }
  by.sort((a, b) => b.share - a.share);
  return { share: covered(all) / width, middle: all.some(([low, high]) => low <= 0 && high >= 0), by };
}

/** Where a segment falls on the frame plane, as metres left and right of the mark; undefined when beyond it. */
function projected(
  camera: Point,
  ux: number,
  uy: number,
  depth: number,
  a: Point,
  b: Point,
): [number, number] | undefined {
  const near = 0.02;
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
  if (d1 < near || d0 > far) return undefined;
  if (d0 < near) [d0, s0] = [near, s0 + ((s1 - s0) * (near - d0)) / (d1 - d0)];
  if (d1 > far) [d1, s1] = [far, s0 + ((s1 - s0) * (far - d0)) / (d1 - d0)];
  const [p, q] = [(s0 * depth) / d0, (s1 * depth) / d1];
  return p < q ? [p, q] : [q, p];
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

/** The edge of a seating block on a line of sight: how far along (0…1) and the height of the floor there, m. */
export interface SeatsEdge {
  readonly id: string;
  readonly block: Area;
  readonly at: number;
  readonly floor: number;
}

type Posture = 'seatedHead' | 'standingHead';

/** The near and the far edge of every seating block between two points. */
export const seatsBetween = (areas: MapOf<Area> | undefined, from: Point, to: Point): SeatsEdge[] =>
  inOrder(areas).flatMap(([id, block]) => {
    if (block.kind !== 'seating') return [];
    const stretch = stretchInside(block.outline, from, to) ?? [];
    return stretch.map(at => ({ id, block, at, floor: floorOfArea(block, between(from, to, at)) }));
  });

/** The edge where a line of sight from height hL to hT, m, comes nearest to heads; undefined without any between. */
export function nearestHeads(
  edges: readonly SeatsEdge[],
  hL: number,
  hT: number,
  posture: Posture,
  rules: Rules,
): (SeatsEdge & { readonly clear: number }) | undefined {
  let [nearest, clear]: [SeatsEdge | undefined, number] = [undefined, Infinity];
  for (const edge of edges) {
    const over = hL + (hT - hL) * edge.at - edge.floor - (edge.block[posture] ?? rules[posture]);
    if (over < clear) [nearest, clear] = [edge, over];
  }
  return nearest && { ...nearest, clear };
}

/**
 * Clearance over seated or standing heads: the line from lens to lowest point wanted, at the near and far
 * edge of every seating block it crosses (a straight line comes nearest to heads on a flat or evenly raked floor
 * at an edge).
 */
export function overHeads(
  id: string,
  edges: readonly SeatsEdge[],
  line: Line,
  posture: Posture,
  rules: Rules,
): OverHeads {
  const figure = posture === 'seatedHead' ? overSeated : overStanding;
  const nearest = nearestHeads(edges, Number(line.lens.value), Number(line.target.value), posture, rules);
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
