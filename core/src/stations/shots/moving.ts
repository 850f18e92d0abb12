/** Cameras that move about while they are live: carried ones, and those on the arm of a crane. */
import type { Device, Mark, RunningItem, Shot, Venue } from '../../documents/index.js';
import {
  constant,
  contains,
  distance,
  distanceToSegment,
  inOrder,
  isExit,
  listed,
  meet,
  polar,
  runsInto,
  sidesOf,
  taken,
  visibleRegion,
  type Blocker,
  type Figure,
  type MapOf,
  type Point,
  type Polygon,
  type Blocking,
} from '../../foundations/index.js';
import { movesAbout, sweepOf } from '../equipment.js';
import * as figures from './figures/cameras.js';
import { fromEverywhere } from './figures/framing.js';
import type { Fitted } from './fitted.js';
import { lensTerms, sensorTerms } from './framing.js';
import type { Mounted } from './mounted.js';

export interface MovingResult {
  /** How far it goes from its place, or its arm reaches, m. */
  readonly sweep: Figure;
  /** The floor it comes over. */
  readonly area: Polygon;
  /** What it must not come over or into and does, or `none`. */
  readonly takesIn: Figure;
  /** What somebody carries, and for how long in all. */
  readonly carried: Figure;
  readonly carriedFor: Figure;
}

/** The floor that a moving camera comes over: what it can walk to in sight, or the circle of its arm. */
export const areaOf = (at: Point, sweep: number, worked: 'roaming' | 'crane', blocking: Blocking): Polygon =>
  worked === 'crane'
    ? Array.from({ length: 48 }, (_, i) => polar(at, i * 7.5, sweep))
    : visibleRegion(at, 0, 360, sweep, blocking);

/** From where to where a moving camera comes to a point, m. */
export function reachOf(area: Polygon, at: Point, to: Point): { near: number; far: number } {
  const inside = distance(at, to);
  if (contains(area, to)) return { near: 0, far: farthest(area, to) };
  const near = Math.min(inside, ...sidesOf(area).map(([a, b]) => distanceToSegment(to, a, b)));
  return { near, far: Math.max(inside, farthest(area, to)) };
}

const farthest = (area: Polygon, to: Point): number => Math.max(...area.map(corner => distance(corner, to)));

/** Whether the lens frames a shot from the nearest and from the farthest that its camera comes to the mark. */
export function framedEverywhere(
  id: string,
  camera: string,
  device: Pick<Device, 'worked' | 'sweep' | 'kind'>,
  view: { readonly at: Point; readonly mark: Mark; readonly optics: Fitted; readonly wanted: Figure },
  blocking: Blocking,
): Figure | undefined {
  const sweep = sweepOf(camera, device);
  if (!sweep || !movesAbout(device.worked)) return undefined;
  const { at, mark, optics, wanted } = view;
  const { near, far } = reachOf(areaOf(at, sweep.value, device.worked, blocking), at, mark.at);
  return fromEverywhere.calc(
    [id],
    [
      ...lensTerms(device.kind, optics),
      ...sensorTerms(device.kind, optics),
      constant('near', near, 'm', 'nearest that it comes to the mark'),
      constant('far', far, 'm', 'farthest that it goes from the mark'),
      taken('W', wanted),
    ],
  );
}

export interface Moving {
  readonly device: Device;
  readonly at: Point | undefined;
  readonly mounted: Mounted;
  /** What it may come into: blockers, pillars, areas and doors. */
  readonly blockers: readonly Blocker[];
  readonly pillars: Venue['pillars'];
  readonly areas: Venue['areas'];
  readonly doors: Venue['doors'];
  readonly blocking: Blocking;
  /** Minutes that it is live. */
  readonly minutes: number;
}

/** How a camera moves; undefined for one that stays. */
export function movingResult(id: string, moving: Moving): MovingResult | undefined {
  const { device, at, blocking, minutes } = moving;
  const { worked } = device;
  const term = sweepOf(id, device);
  if (!term || !movesAbout(worked)) return undefined;
  const area = at ? areaOf(at, term.value, worked, blocking) : [];
  return {
    sweep: figures.sweep.calc([id], [term]),
    area,
    takesIn: at
      ? figures.takesIn.found(
          [id],
          noneOr(worked === 'crane' ? underCrane(area, moving) : walkedInto(area, moving)),
        )
      : figures.takesIn.unknown([id], 'it has no place yet'),
    carried: carriedBy(id, moving),
    carriedFor: figures.carriedFor.found([id], minutes),
  };
}

function carriedBy(id: string, { device, mounted: { weights, worn } }: Moving): Figure {
  if (device.worked === 'crane') return figures.carried.unknown([id], 'nobody carries it');
  return weights.length === 0
    ? figures.carried.unknown([id], 'its weight is not known')
    : figures.carried.calc([id], [...weights, ...worn]);
}

const noneOr = (names: readonly string[]): string => (names.length === 0 ? 'none' : listed(names));

/** Walls and pillars that the arm of a crane would hit, and people it would swing over. */
function underCrane(area: Polygon, { pillars, blockers, areas, doors }: Moving): string[] {
  const hits = blockers.filter(each => runsInto(area, each));
  const solid = hits.map(({ id, label }) => (pillars?.[id] ? `pillar ${label}` : `the ${label}`));
  return [...new Set(solid), ...areasIn(area, areas, ['seating', 'keep-clear']), ...exitsIn(area, doors)];
}

/** Ways that must stay clear which somebody with a camera and a lead walks into. */
const walkedInto = (area: Polygon, { areas, doors }: Moving): string[] => [
  ...areasIn(area, areas, ['keep-clear']),
  ...exitsIn(area, doors),
];

const areasIn = (area: Polygon, areas: Venue['areas'], kinds: readonly string[]): string[] =>
  inOrder(areas).flatMap(([, each]) =>
    kinds.includes(each.kind) && meet(each.outline, area) ? [each.label] : [],
  );

const exitsIn = (area: Polygon, doors: Venue['doors']): string[] =>
  inOrder(doors).flatMap(([, door]) => (isExit(door) && meet(area, door.jambs) ? [door.label] : []));

/** Minutes that a camera is live: the items its shots are wanted in, or all of them where none are named. */
export function minutesLive(
  camera: string,
  shots: MapOf<Shot> | undefined,
  runningOrder: MapOf<RunningItem> | undefined,
): number {
  const own = inOrder(shots).filter(([, shot]) => shot.camera === camera);
  const named = new Set(own.flatMap(([, { items = [] }]) => items));
  const whole = own.some(([, { items }]) => items === undefined);
  return inOrder(runningOrder)
    .filter(([id, { phase }]) => phase === 'live' && own.length > 0 && (whole || named.has(id)))
    .reduce((sum, [, { minutes }]) => sum + minutes, 0);
}
