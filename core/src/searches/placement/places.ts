/** Places where a camera could be put, on a grid over the floor and the galleries, and why not elsewhere. */
import type { Venue } from '../../documents/index.js';
import {
  boundsOf,
  contains,
  distance,
  floorAt,
  inOrder,
  type Point,
  type UnitSystem,
} from '../../foundations/index.js';
import type { GroundResult } from '../../stations/ground/index.js';
import { whyNotStand } from '../../stations/shots/standing.js';

export interface Spot {
  readonly at: Point;
  /** The gallery it is on; undefined = the ground. */
  readonly level: string | undefined;
  /** Height of the floor there, m. */
  readonly floor: number;
}

/** A round of the floor. */
export interface Round {
  readonly at: Point;
  readonly radius: number;
  readonly level?: string;
}

export interface Ground {
  readonly ground: Pick<GroundResult, 'venue' | 'blockers'>;
  readonly units: UnitSystem;
  /** What stands there and is not moved. */
  readonly standing: readonly { readonly label: string; readonly at: Point; readonly level?: string }[];
  /** Where no camera is wanted. */
  readonly refused: readonly Round[];
  /** Also outside the areas that the survey marks for cameras. */
  readonly anywhere: boolean;
}

/** Room kept around what stands there already, m. */
const ELBOW = 0.25;

export const within = ({ at, radius, level }: Round, spot: Pick<Spot, 'at' | 'level'>): boolean =>
  level === spot.level && distance(at, spot.at) <= radius + 1e-9;

/** The gallery over a point, where there is one. */
export const galleryAt = ({ areas }: Pick<Venue, 'areas'>, at: Point): string | undefined =>
  inOrder(areas).find(([, { kind, outline }]) => kind === 'gallery' && contains(outline, at))?.[0];

/** Why no camera with a footprint of `side` metres can be there, in words; undefined where it can. */
export function whyNotThere(
  { ground, units, standing, refused, anywhere }: Ground,
  at: Point,
  level: string | undefined,
  side: number,
): string | undefined {
  const { areas } = ground.venue;
  const marked = inOrder(areas).filter(([, { kind }]) => kind === 'cameras');
  const allowed =
    anywhere ||
    level !== undefined ||
    marked.length === 0 ||
    marked.some(([, { outline }]) => contains(outline, at));
  const inTheWay = whyNotStand(ground, units, at, level, side);
  if (inTheWay) return inTheWay;
  if (!allowed) return 'the survey marks no area for cameras there';
  const beside = standing.find(
    each => each.level === level && distance(each.at, at) < side / 2 + ELBOW - 1e-9,
  );
  if (beside) return `${beside.label} stands there`;
  return refused.some(round => within(round, { at, level })) ? 'it was refused by hand' : undefined;
}

/** The points of a grid at which cameras are wanted: on the ground where the survey has them, and on galleries. */
export function gridOf({ ground, anywhere }: Ground, grid: number): Omit<Spot, 'floor'>[] {
  const { areas = {}, outline } = ground.venue;
  const sorted = inOrder(areas);
  const marked = sorted.flatMap(([, area]) => (area.kind === 'cameras' ? [area.outline] : []));
  const floors = [
    [undefined, outline] as const,
    ...sorted.flatMap(([id, area]) => (area.kind === 'gallery' ? [[id, area.outline] as const] : [])),
  ];
  return floors.flatMap(([level, shape]) => {
    const within = level === undefined && !anywhere && marked.length > 0 ? marked : [shape];
    const { min, max } = boundsOf(shape);
    const points: Omit<Spot, 'floor'>[] = [];
    for (let x = Math.ceil(min[0] / grid) * grid; x <= max[0]; x += grid) {
      for (let y = Math.ceil(min[1] / grid) * grid; y <= max[1]; y += grid) {
        const at: Point = [rounded(x), rounded(y)];
        if (contains(shape, at) && within.some(each => contains(each, at))) points.push({ at, level });
      }
    }
    return points;
  });
}

/** Every place of a grid where a camera with a footprint of `side` metres can be, on the ground and on galleries. */
export const spotsOf = (where: Ground, grid: number, side: number): Spot[] =>
  gridOf(where, grid)
    .filter(({ at, level }) => whyNotThere(where, at, level, side) === undefined)
    .map(({ at, level }) => ({ at, level, floor: floorAt(where.ground.venue.areas ?? {}, at, level) }));

/** To a millimetre, so that sums of the grid stay on it. */
const rounded = (metres: number): number => Math.round(metres * 1000) / 1000;
