/** “Find positions”: the best way to put up the cameras, and others that are meaningfully different. */
import type { Device } from '../../documents/index.js';
import { distance, type DocumentPatch, type Point } from '../../foundations/index.js';
import { bestSet, type Best, type Pool } from './branch-and-bound.js';
import { leftOut, type LeftOut } from './left-out.js';
import { within, type Round, type Spot } from './places.js';
import type { Prepared } from './prepare.js';
import { gapOf } from '../gap.js';
import type { Progress } from '../search.js';
import type { Reason } from './quality.js';
import { postAt, sightingOf, viewsFrom } from './poses.js';
import { Score, type Cast, type Service } from './score.js';
import { editPlan } from '../../edits.js';

export interface ServedShot {
  readonly shot: string;
  readonly label: string;
  /** Where on the plan it is of. */
  readonly mark: Point;
  /** As the second camera on it. */
  readonly second: boolean;
  readonly quality: number;
  /** What takes most away from it. */
  readonly worst: Reason | undefined;
  /** From lens to eyes, m; off the front of the face, degrees; gain, dB. */
  readonly distance: number;
  readonly side: number;
  readonly gain: number | undefined;
}

export interface Position extends Spot {
  readonly device: string;
  readonly label: string;
  readonly stays: boolean;
  readonly height: number;
  /** Where a locked camera with several shots in its frame points, and the focal length it is set to, mm. */
  readonly facing: number | undefined;
  readonly focal: number | undefined;
  readonly cable: number | undefined;
  readonly disturbance: number;
  readonly serves: readonly ServedShot[];
}

/** A shot that another layout serves less well than the best does. */
export interface GivenUp {
  readonly label: string;
  readonly from: number;
  readonly to: number;
  readonly worst: Reason | undefined;
}

export interface Layout {
  /** Points. */
  readonly value: number;
  /** How far it may be below the best there is under its own conditions, 0…1; 0 = proven best. */
  readonly gap: number;
  readonly positions: readonly Position[];
  /** Shots that no camera serves, and vital ones that only one does. */
  readonly unserved: readonly string[];
  readonly once: readonly string[];
  /** Cameras that it does not put up, and why. */
  readonly left: readonly LeftOut[];
  /** Share of the seats whose eye some camera of it draws, 0…1. */
  readonly drawn: number;
  /** What it is the best without: the name of the camera of the best layout whose place was not allowed. */
  readonly without: string | undefined;
  readonly givesUp: readonly GivenUp[];
}

export interface Layouts {
  /** The best first; none where no camera that may be moved is put up. */
  readonly layouts: readonly Layout[];
  /** Why no camera is put up, where none is. */
  readonly nobody: readonly LeftOut[];
  /** No set of positions is worth more than this, points. */
  readonly bound: number;
  /** Candidate places and poses looked at. */
  readonly places: number;
  readonly poses: number;
}

/** A camera of another layout is somewhere else when it is this far away, m. */
const ELSEWHERE = 2;
/** At least so many others are offered. */
const OTHERS = 3;
/** A shot that lost less than this is not told. */
const LEAST_LOSS = 0.05;

/** The best layout, then others, each the best that is possible when a place of one before is not allowed. */
export function* findLayouts(
  prepared: Prepared,
  enough: () => number = () => 0,
): Generator<Progress, Layouts> {
  const { pools, places } = prepared;
  const score = new Score(prepared.scene);
  const poses = pools.reduce((sum, pool) => sum + pool.poses.length, 0);
  const best = yield* search(prepared, score, pools, 0, enough);
  yield { stage: 'solving', share: 1, done: 1, value: best.value, bound: best.bound };
  const first = layoutOf(best, prepared, score);
  const layouts: Layout[] = [];
  const queue: { readonly round: Round; readonly without: string; readonly after: readonly Round[] }[] = [];
  const enqueue = (layout: Layout, after: readonly Round[]): void => {
    for (const { at, level, label, stays } of layout.positions) {
      if (!stays) queue.push({ round: roundAt(at, level, ELSEWHERE), without: label, after });
    }
  };
  if (movesAny(first)) {
    layouts.push(first);
    enqueue(first, []);
  }
  while (layouts.length <= OTHERS && queue.length > 0) {
    const next = queue.shift();
    if (!next) break;
    const rounds = [...next.after, next.round];
    const allowed = pools.map((pool): Pool =>
      pool.task?.startsWith('stays')
        ? pool
        : { ...pool, poses: pool.poses.filter(pose => !rounds.some(round => within(round, pose))) },
    );
    const other = yield* search(prepared, score, allowed, layouts.length, enough);
    const layout = layoutOf(other, prepared, score, allowed, next.without);
    if (!movesAny(layout) || layouts.some(each => alike(each, layout))) continue;
    layouts.push(layout);
    enqueue(layout, rounds);
  }
  layouts.sort((a, b) => b.value - a.value);
  const [top] = layouts;
  return {
    layouts: layouts.map(each => (top ? besideTop(each, top) : each)),
    nobody: layouts.length === 0 ? first.left : [],
    bound: Math.max(best.bound, top?.value ?? 0),
    places,
    poses,
  };
}

/** A layout with what it gives up against the best found, which gives up nothing. */
export const besideTop = (layout: Layout, top: Layout): Layout =>
  layout === top
    ? { ...layout, without: undefined, givesUp: [] }
    : { ...layout, givesUp: givenUp(top, layout) };

export function* search(
  { options, fixed, scene }: Prepared,
  score: Score,
  pools: readonly Pool[],
  layouts: number,
  enough?: () => number,
): Generator<Progress, Best> {
  const steps = bestSet(pools, options.count + fixed, scene.wanted, score, enough);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
    yield { stage: 'solving', share: 1, done: layouts, value: value.value, bound: value.bound };
  }
}

/** Whether a layout puts up a camera that may be moved. */
const movesAny = ({ positions }: Pick<Layout, 'positions'>): boolean => positions.some(({ stays }) => !stays);

export const roundAt = (at: Point, level: string | undefined, radius: number): Round => ({
  at,
  radius,
  ...(level !== undefined && { level }),
});

/** Whether two layouts have a camera within reach of each of the other’s. */
const alike = (a: Layout, b: Layout): boolean =>
  a.positions.length === b.positions.length &&
  a.positions.every(({ at, level }) =>
    b.positions.some(each => each.level === level && distance(each.at, at) < ELSEWHERE),
  );

export function layoutOf(
  best: Best,
  prepared: Prepared,
  score: Score,
  pools: readonly Pool[] = prepared.pools,
  without?: string,
): Layout {
  const { shots } = prepared.scene.wanted;
  const services: Service[] = [];
  score.of(best.casts, services);
  const devices = devicesFor(best.casts, prepared);
  const positions = best.casts.map((cast, i) => positionOf(cast, i, devices[i] ?? '', services, prepared));
  const firsts = new Map<number, number>();
  for (const { shot, second, quality } of services) {
    if (!second) firsts.set(shot, Math.max(firsts.get(shot) ?? 0, quality));
  }
  const seconds = new Set(services.flatMap(({ shot, second }) => (second ? [shot] : [])));
  return {
    value: best.value,
    gap: gapOf(best),
    positions,
    unserved: shots.flatMap(({ label }, i) => (firsts.has(i) ? [] : [label])),
    once: shots.flatMap(({ label, twice }, i) => (twice && firsts.has(i) && !seconds.has(i) ? [label] : [])),
    left: leftOut(prepared, best, devices, pools, score),
    drawn: prepared.scene.drawnAt(...best.casts.map(({ pose }) => pose)),
    without,
    givesUp: [],
  };
}

function givenUp(top: Pick<Layout, 'positions'>, layout: Pick<Layout, 'positions'>): GivenUp[] {
  const now = bestByShot(layout);
  return [...bestByShot(top)].flatMap(([id, before]) => {
    const after = now.get(id);
    const to = after?.quality ?? 0;
    return before.quality - to > LEAST_LOSS
      ? [{ label: before.label, from: before.quality, to, worst: after?.worst }]
      : [];
  });
}

function bestByShot({ positions }: Pick<Layout, 'positions'>): Map<string, ServedShot> {
  const best = new Map<string, ServedShot>();
  for (const served of positions.flatMap(({ serves }) => serves)) {
    if ((best.get(served.shot)?.quality ?? -1) < served.quality) best.set(served.shot, served);
  }
  return best;
}

/** Which device takes which pose: of cameras of one sort, each the one nearest to where it stands now. */
function devicesFor(casts: readonly Cast[], { scene }: Prepared): string[] {
  const taken = new Set<string>();
  return casts.map(({ means, pose }) => {
    const away = (id: string): number => {
      const at = scene.ground.places[id]?.at;
      return at ? distance(at, pose.at) : Infinity;
    };
    const free = means.devices.filter(id => !taken.has(id)).sort((a, b) => away(a) - away(b));
    const device = free[0] ?? '';
    taken.add(device);
    return device;
  });
}

function positionOf(
  { pose, means }: Cast,
  index: number,
  device: string,
  services: readonly Service[],
  { scene, bundle, options }: Prepared,
): Position {
  const post = postAt(viewsFrom(pose, scene), pose.height);
  const serves = new Map<string, ServedShot>();
  for (const { shot, by, second, quality } of services) {
    const wanted = scene.wanted.shots[shot];
    if (by !== index || !wanted) continue;
    const sighting = sightingOf(shot, post, means.lens, scene, pose.frame);
    serves.set(`${wanted.id} ${second ? 'second' : 'first'}`, {
      shot: wanted.id,
      label: wanted.label,
      mark: wanted.subject.mark.at,
      second,
      quality,
      worst: quality < sighting.quality.value - 1e-9 ? 'crew' : sighting.quality.worst,
      distance: sighting.shot.distance,
      side: sighting.view.side,
      gain: sighting.shot.gain,
    });
  }
  const { at, level, floor, height, cable, disturbance, frame } = pose;
  const shared = frame && frame.shots.length > 1;
  return {
    at,
    level,
    floor,
    height,
    cable,
    disturbance,
    device,
    label: bundle.plan.devices?.[device]?.label ?? device,
    stays: !options.cameras.includes(device),
    facing: shared ? (frame.aim + 360) % 360 : undefined,
    focal: shared ? Math.floor(frame.focal * 10) / 10 : undefined,
    serves: [...serves.values()],
  };
}

/** The edit that puts the cameras where a layout says, and gives every shot to the camera that serves it. */
export function layoutPatch({ positions }: Layout, { plan }: Prepared['bundle']): DocumentPatch {
  const edit = editPlan(plan);
  for (const { device, at, level, height, facing, focal, stays, serves } of positions) {
    const known: Device | undefined = plan.devices?.[device];
    if (!known) continue;
    if (!stays) {
      edit.put('devices', device, 'place', 'at', at);
      for (const [field, value] of Object.entries({ level, height, facing })) {
        const name = field as 'level' | 'height' | 'facing';
        if (value !== undefined) edit.put('devices', device, 'place', name, value as never);
        else if (known.place?.[name] !== undefined) edit.drop('devices', device, 'place', name);
      }
      if (focal !== undefined) edit.put('devices', device, 'focal', focal);
      else if (known.focal !== undefined) edit.drop('devices', device, 'focal');
    }
    for (const { shot, second } of serves) if (!second) edit.put('shots', shot, 'camera', device);
  }
  return edit.change;
}
