/** Floors and blockers of a room, from the shapes a venue is made of. */
import {
  boundsOf,
  contains,
  direction,
  distance,
  footprint,
  inCircle,
  meet,
  meetsCircle,
  polar,
  sidesOf,
  type Circle,
  type Point,
  type Polygon,
} from './geometry.js';
import type { Blocking, Segment } from './visibility.js';

interface FloorArea {
  readonly kind: string;
  readonly outline: Polygon;
  readonly floor?: number;
  readonly rake?: { readonly rise: number; readonly towards: number };
}

/** Height of an area's own floor at a point, m: even, or rising from its lowest edge to its highest. */
export function floorOfArea({ outline, floor = 0, rake }: Omit<FloorArea, 'kind'>, at: Point): number {
  if (!rake) return floor;
  const [ux, uy] = polar([0, 0], rake.towards, 1);
  const along = ([x, y]: Point): number => x * ux + y * uy;
  const [low, high] = [Math.min(...outline.map(along)), Math.max(...outline.map(along))];
  const share = high - low < 1e-9 ? 0 : Math.min(1, Math.max(0, (along(at) - low) / (high - low)));
  return floor + rake.rise * share;
}

/** Height of the floor at a point: the named gallery's, else the highest raised area there, else 0. */
export function floorAt(areas: Readonly<Record<string, FloorArea>>, at: Point, level?: string): number {
  const gallery = level === undefined ? undefined : areas[level];
  if (gallery) return floorOfArea(gallery, at);
  let floor: number | undefined;
  for (const area of Object.values(areas)) {
    const raised = area.kind === 'raised' && (area.floor !== undefined || area.rake !== undefined);
    if (!raised || !contains(area.outline, at)) continue;
    floor = Math.max(floor ?? -Infinity, floorOfArea(area, at));
  }
  return floor ?? 0;
}

interface Aisle {
  readonly outline: Polygon;
  readonly walk?: 'x' | 'y';
}

/** The axis people walk along in an aisle: the one surveyed, else its longer extent. */
export function walkAxis({ outline, walk }: Aisle): 'x' | 'y' {
  if (walk) return walk;
  const { min, max } = boundsOf(outline);
  return max[0] - min[0] >= max[1] - min[1] ? 'x' : 'y';
}

/**
 * Clear width of an aisle, m: its extent across the surveyed axis, else the narrowest distance between two
 * parallel lines that hold it, one of them along a side (exact for a convex outline).
 */
export function clearWidth(aisle: Aisle): number {
  if (aisle.walk) {
    const { min, max } = boundsOf(aisle.outline);
    return aisle.walk === 'x' ? max[1] - min[1] : max[0] - min[0];
  }
  let narrowest = Infinity;
  for (const [a, b] of sidesOf(aisle.outline)) {
    const length = distance(a, b);
    if (length < 1e-9) continue;
    const off = aisle.outline.map(
      ([x, y]) => ((b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0])) / length,
    );
    narrowest = Math.min(narrowest, Math.max(...off) - Math.min(...off));
  }
  return Number.isFinite(narrowest) ? narrowest : 0;
}

/** What drawing to the millimetre may take from a width, m. */
export const DRAWN_TO = 0.001;

/** Depth in front of an exit in which nothing may stand or lie, m; the venue's own fire plan may ask for more. */
export const EXIT_DEPTH = 1.2;

/** The floor to both sides of a door that must stay free: its whole width, `EXIT_DEPTH` deep. */
export function exitFloor({ jambs: [a, b] }: { readonly jambs: readonly Point[] }): Point[] {
  if (!a || !b) return [];
  const off = direction(a, b) + 90;
  const corner = (at: Point, side: 1 | -1): Point => polar(at, off, side * EXIT_DEPTH);
  return [corner(a, 1), corner(b, 1), corner(b, -1), corner(a, -1)];
}

/** A door that people leave the building by. */
export const isExit = ({ kind }: { readonly kind: string }): boolean => kind === 'exit' || kind === 'fire';

/** Something that blocks sight fully from floor to ceiling. */
export interface Blocker {
  readonly id: string;
  readonly label: string;
  /** What is covered by it; empty for an inner wall. Of a round pillar for drawing only. */
  readonly outline: Polygon;
  readonly segments: readonly Segment[];
  /** A round pillar; it has no segments. */
  readonly circle?: Circle;
}

/** What hides, for sight in all directions. */
export const blockingOf = (blockers: readonly Blocker[]): Blocking => ({
  segments: blockers.flatMap(({ segments }) => segments),
  circles: blockers.flatMap(({ circle }) => circle ?? []),
});

/** The pillar that a point is in. */
export const pillarAt = (blockers: readonly Blocker[], at: Point): Blocker | undefined =>
  blockers.find(({ id, circle, outline }) =>
    circle ? inCircle(circle, at) : id !== OUTER_WALLS && contains(outline, at),
  );

/** Whether something that covers an area of the floor would be in a wall or pillar. */
export const runsInto = (area: Polygon, { id, circle, outline, segments }: Blocker): boolean => {
  if (circle) return meetsCircle(area, circle);
  return id === OUTER_WALLS || outline.length === 0
    ? segments.some(([a, b]) => meet(area, [a, b]))
    : meet(area, outline);
};

/** The blocker that the walls of the outline are. */
export const OUTER_WALLS = 'walls';

/** A blocker from an outline. */
export const blocker = (id: string, label: string, outline: Polygon): Blocker => ({
  id,
  label,
  outline,
  segments: [...sidesOf(outline)],
});

interface PillarShape {
  readonly at: Point;
  readonly size: number;
  readonly round?: boolean;
  readonly turn?: number;
}

/** What a pillar covers of the floor, as it is drawn: a round one with sixteen corners. */
export const pillarOutline = ({ at, size, round = false, turn = 0 }: PillarShape): Point[] =>
  footprint(at, size, round, turn);

/** Whether a point is in a pillar. */
export const inPillar = (pillar: PillarShape, at: Point): boolean =>
  pillar.round ? inCircle(circleOf(pillar), at) : contains(pillarOutline(pillar), at);

const circleOf = ({ at, size }: PillarShape): Circle => ({ at, radius: size / 2 });

/** A pillar as a blocker. */
export const pillarBlocker = (id: string, pillar: PillarShape & { label: string }): Blocker => {
  const square = blocker(id, pillar.label, pillarOutline(pillar));
  return pillar.round ? { ...square, segments: [], circle: circleOf(pillar) } : square;
};

/** An inner wall as a blocker: it hides what is behind it, and nothing can be inside it. */
export const wallBlocker = (id: string, { label, line }: { label: string; line: Polygon }): Blocker => ({
  id,
  label,
  outline: [],
  segments: line.slice(1).map((to, i) => [line[i] as Point, to]),
});
