/** Cameras that move about while they are live: carried ones, and those on the arm of a crane. */
import type { Device, Kinds, Mark, RunningItem, Shot } from '../../documents/index.js';
import {
  calc,
  constant,
  contains,
  distance,
  distanceToSegment,
  found,
  given,
  inOrder,
  isExit,
  listed,
  meet,
  polar,
  sidesOf,
  taken,
  unknown,
  visibleRegion,
  type Figure,
  type MapOf,
  type Point,
  type Polygon,
  type Segment,
} from '../../foundations/index.js';
import type { GroundResult } from '../ground/index.js';
import { movesAbout, sweepOf } from '../equipment.js';
import type { Fitted } from './fitted.js';
import { lensTerms, sensorTerms } from './framing.js';

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
export const areaOf = (
  at: Point,
  sweep: number,
  worked: 'roaming' | 'crane',
  blocking: readonly Segment[],
): Polygon =>
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
  path: string,
  camera: string,
  device: Device,
  {
    at,
    mark,
    optics,
    wanted,
  }: { readonly at: Point; readonly mark: Mark; readonly optics: Fitted; readonly wanted: Figure },
  blocking: readonly Segment[],
): Figure | undefined {
  const sweep = sweepOf(camera, device);
  if (!sweep || !movesAbout(device.worked)) return undefined;
  const { near, far } = reachOf(areaOf(at, Number(sweep.value), device.worked, blocking), at, mark.at);
  return calc(
    '',
    'fmin <= 1.05 * w / crop * near / W and fmax >= 0.95 * w / crop * far / W',
    [
      ...lensTerms(device.kind, optics),
      ...sensorTerms(device.kind, optics),
      constant('near', near, 'm', 'nearest that it comes to the mark'),
      constant('far', far, 'm', 'farthest that it goes from the mark'),
      taken('W', wanted, `${path}.frameWanted`),
    ],
    { rule: 'within 5 % of the focal length needed, from everywhere' },
  );
}

export function movingResult(
  id: string,
  device: Device,
  { kinds }: Kinds,
  ground: GroundResult,
  blocking: readonly Segment[],
  carriedFor: number,
): MovingResult | undefined {
  const { worked, kind, lens } = device;
  const sweep = sweepOf(id, device);
  const at = ground.places[id]?.at;
  if (!sweep || !movesAbout(worked)) return undefined;
  const area = at ? areaOf(at, Number(sweep.value), worked, blocking) : [];
  const weight = (of: string, name: string) => {
    const kilos = kinds[of]?.weight;
    return kilos === undefined ? [] : [given(name, kilos, 'kg', 'kinds', `/kinds/${of}/weight`)];
  };
  const weights = [...weight(kind, 'weight'), ...(lens === undefined ? [] : weight(lens, 'weight'))];
  return {
    sweep,
    area,
    takesIn: at
      ? found(
          noneOr(worked === 'crane' ? underCrane(area, ground) : walkedInto(area, ground)),
          '',
          'what the area it moves in has in common with walls, seats, aisles and exits',
        )
      : unknown('', 'it has no place yet'),
    carried:
      worked === 'crane' || weights.length === 0
        ? unknown('kg', worked === 'crane' ? 'nobody carries it' : 'its weight is not known')
        : calc('kg', 'sum(weight)', weights),
    carriedFor: found(carriedFor, 'min', 'items of the running order that its shots are wanted in, added up'),
  };
}

const noneOr = (names: readonly string[]): string => (names.length === 0 ? 'none' : listed(names));

/** Walls and pillars that the arm of a crane would hit, and people it would swing over. */
function underCrane(area: Polygon, { venue, blockers }: GroundResult): string[] {
  const hits = blockers.filter(({ outline, segments, id }) =>
    id === 'walls' || outline.length === 0
      ? segments.some(([a, b]) => meet(area, [a, b]))
      : meet(area, outline),
  );
  const solid = hits.map(({ id, label }) => (venue.pillars?.[id] ? `pillar ${label}` : `the ${label}`));
  return [...new Set(solid), ...areasIn(area, venue, ['seating', 'keep-clear']), ...exitsIn(area, venue)];
}

/** Ways that must stay clear which somebody with a camera and a lead walks into. */
const walkedInto = (area: Polygon, { venue }: GroundResult): string[] => [
  ...areasIn(area, venue, ['keep-clear']),
  ...exitsIn(area, venue),
];

const areasIn = (area: Polygon, { areas }: GroundResult['venue'], kinds: readonly string[]): string[] =>
  inOrder(areas).flatMap(([, each]) =>
    kinds.includes(each.kind) && meet(each.outline, area) ? [each.label] : [],
  );

const exitsIn = (area: Polygon, { doors }: GroundResult['venue']): string[] =>
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
