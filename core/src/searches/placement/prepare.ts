/** What a search for positions begins with: every pose of every camera, and what it would be good for. */
import { assess } from '../../assess.js';
import type { Area, AreaKind, Bundle, Device } from '../../documents/index.js';
import {
  blockingOf,
  CostField,
  distance,
  inOrder,
  numberOf,
  type MapOf,
  type Point,
} from '../../foundations/index.js';
import { floorOf } from '../../stations/runs/floor.js';
import { lensOf, type Lens } from '../../stations/shots/appraisal.js';
import { bodiesOf } from '../../stations/shots/bodies.js';
import { drawnFrom, seatsOf } from '../../stations/shots/disturbance.js';
import { opticsOf, type Fitted } from '../../stations/shots/fitted.js';
import { footprintOf } from '../../stations/floor-taken.js';
import { hubOf } from '../desk/hub.js';
import type { Progress } from '../search.js';
import { finest, Tried, whyNowhere } from './tried.js';
import type { Pool } from './branch-and-bound.js';
import { wantedOf, type Wanted } from './demands.js';
import { spotsOf, whyNotThere, within, type Ground, type Round, type Spot } from './places.js';
import {
  postAt,
  sightingsFrom,
  posesAt,
  viewsFrom,
  type Means,
  type Scene,
  type Sighting,
  type Pose,
} from './poses.js';

export interface PlacementOptions {
  /** Cameras of the plan that may be moved; the others stay and serve from where they are. */
  readonly cameras: readonly string[];
  /** How many of them to put up at most. */
  readonly count: number;
  /** Distance between candidate places, m. */
  readonly grid: number;
  /** Heights of a lens above its floor that the supports allow, m. */
  readonly heights: readonly number[];
  /** Also outside the areas that the survey marks for cameras. */
  readonly anywhere: boolean;
  readonly refused: readonly Round[];
  /** In each of these some camera must stand. */
  readonly insisted: readonly Round[];
}

/** Lens heights of a low and a normal tripod and of a high stand, m. */
export const LENS_HEIGHTS: readonly number[] = [1, 1.5, 2.4];
const NORMAL_HEIGHT = 1.5;
const GRID = 0.5;

/** What is asked for cameras of which nothing more is known. */
export const usualPlacement = (cameras: readonly string[]): PlacementOptions => ({
  cameras,
  count: Math.max(1, cameras.length),
  grid: GRID,
  heights: LENS_HEIGHTS,
  anywhere: false,
  refused: [],
  insisted: [],
});

export interface Prepared {
  readonly bundle: Bundle;
  readonly options: PlacementOptions;
  readonly scene: Scene;
  readonly where: Ground;
  readonly pools: readonly Pool[];
  /** Why cameras of a sort are put up nowhere, in words, where they are. */
  readonly nowhere: ReadonlyMap<Means, string>;
  /** Cameras that stay. */
  readonly fixed: number;
  readonly places: number;
}

/** Looks at every place for every camera. Yields how far it has come; throws nothing, an empty plan gives no pools. */
export function* prepare(bundle: Bundle, options: PlacementOptions): Generator<Progress, Prepared> {
  const { plan, kinds } = bundle;
  const { ground, rules, shots } = assess(bundle);
  const wanted = wantedOf(plan, ground, shots.light);
  const devices = inOrder(plan.devices);
  const optics = (device: Device) => opticsOf(kinds, device);
  const cameras = devices.filter(([, device]) => optics(device));
  const moving = cameras.filter(([id]) => options.cameras.includes(id));
  const staying = cameras.filter(([id]) => !options.cameras.includes(id) && ground.places[id]?.at);
  const { places: stands } = ground;
  const { standingHead } = rules;
  const gear = bodiesOf({
    devices: plan.devices,
    places: stands,
    standingHead,
    cameras: shots.cameras,
    kinds: kinds.kinds,
  }).filter(({ id }) => !cameras.some(([camera]) => camera === id));
  const scene: Scene = {
    rules,
    ground,
    wanted,
    gear,
    noFilm: areasOf(ground.venue.areas, 'no-film'),
    blocking: blockingOf(ground.blockers),
    cableFrom: cableTo(hubOf(bundle, ground)?.at, ground.venue),
    drawnAt: drawnIn(wanted, ground.venue.areas),
  };
  const standing = devices.flatMap(([id, { label }]) => {
    const place = ground.places[id];
    const stays = place?.at && place.carrier === id && !options.cameras.includes(id);
    return stays ? [{ label, at: place.at, ...(place.level !== undefined && { level: place.level }) }] : [];
  });
  const { refused, anywhere } = options;
  const where: Ground = { ground, units: rules.units, standing, refused, anywhere };
  const lenses = new Map<string, Lens>();
  const meansOf = (id: string, device: Device): Means => {
    const { kind, aperture, converter, lens: put, worked = 'locked' } = device;
    const key = `${kind} ${put ?? 'own'} ${aperture ?? 'open'} ${converter ?? 1}`;
    const known = lenses.get(key);
    const of = optics(device) as Fitted;
    const lens = known ?? lensOf(of, aperture, rules, ground.venue.hertz);
    lenses.set(key, lens);
    return { devices: [id], worked, lens };
  };
  const sorts = sortsOf(moving).map(list => {
    const [id, device] = list[0] as [string, Device];
    return { ...meansOf(id, device), devices: list.map(([each]) => each) };
  });
  const { poses, places, nowhere } = yield* allPoses(sorts, options, where, scene);
  const free: Pool[] = sorts.map(means => ({ means, poses: poses.get(means) ?? [] }));
  const tasks = options.insisted.flatMap((round, i) =>
    free.map(({ means, poses: all }): Pool => ({
      means,
      poses: all.filter(pose => within(round, pose)),
      task: `insisted ${i}`,
    })),
  );
  const kept = staying.flatMap(([id, device]): Pool[] => {
    const { at, level, floor } = ground.places[id] as {
      at: Point;
      level: string | undefined;
      floor: { value: unknown };
    };
    const spot: Spot = { at, level, floor: Number(floor.value) };
    const { focal } = device;
    const means: Means = { ...meansOf(id, device), focal, aim: numberOf(shots.cameras[id]?.aim) };
    const post = postAt(viewsFrom(spot, scene), device.place?.height ?? NORMAL_HEIGHT);
    const own = posesAt(post, means, sightingsFrom(post, means.lens, scene, focal), scene);
    return own.length > 0
      ? [{ means, poses: own.map(each => ({ ...each, cost: 0 })), task: `stays ${id}` }]
      : [];
  });
  return {
    bundle,
    options,
    scene,
    where,
    pools: [...free, ...tasks, ...kept],
    nowhere,
    fixed: kept.length,
    places,
  };
}

/** Every pose of every sort of camera. */
function* allPoses(
  sorts: readonly Means[],
  options: PlacementOptions,
  where: Ground,
  scene: Scene,
): Generator<Progress, Pick<Prepared, 'places' | 'nowhere'> & { poses: ReadonlyMap<Means, Pose[]> }> {
  const poses = new Map<Means, Pose[]>(sorts.map(means => [means, []]));
  const tried = new Map(sorts.map(means => [means, new Tried()]));
  // Whatever fits a large stand fits a smaller one.
  const sides = [...new Set(sorts.map(({ worked }) => footprintOf(worked)))].sort((a, b) => a - b);
  const spots = new Map<Spot, number[]>();
  for (const side of sides) {
    const known = [...spots.keys()].filter(
      ({ at, level }) => whyNotThere(where, at, level, side) === undefined,
    );
    for (const spot of known.length > 0 ? known : finelyLooked(where, options.grid, side)) {
      spots.set(spot, [...(spots.get(spot) ?? []), side]);
    }
  }
  for (const [i, [spot, fits]] of [...spots].entries()) {
    if (i % 50 === 49) yield { stage: 'problem', share: i / spots.size };
    const views = viewsFrom(spot, scene);
    for (const means of sorts) {
      if (fits.includes(footprintOf(means.worked))) (tried.get(means) as Tried).places++;
    }
    for (const height of options.heights) {
      const post = postAt(views, height);
      const seen = new Map<Lens, Sighting[]>();
      for (const means of sorts) {
        if (!fits.includes(footprintOf(means.worked))) continue;
        const sightings = seen.get(means.lens) ?? sightingsFrom(post, means.lens, scene);
        seen.set(means.lens, sightings);
        const found = posesAt(post, means, sightings, scene);
        if (found.length > 0) poses.get(means)?.push(...found);
        else tried.get(means)?.add(sightings);
      }
    }
  }
  const nowhere = new Map(
    [...tried].flatMap(([means, all]): [Means, string][] => {
      if (poses.get(means)?.length) return [];
      return [
        [means, all.places > 0 ? all.words(scene) : whyNowhere(where, finest(where, options.grid), means)],
      ];
    }),
  );
  return { poses, places: spots.size, nowhere };
}

/** The places of a grid, or of the finest one that is worth looking through where it has none. */
function finelyLooked(where: Ground, grid: number, side: number): Spot[] {
  const spots = spotsOf(where, grid, side);
  return spots.length > 0 ? spots : spotsOf(where, finest(where, grid), side);
}

/** Cameras of the plan, those that are alike together. */
function sortsOf(cameras: readonly (readonly [string, Device])[]): (readonly [string, Device])[][] {
  const sorts = new Map<string, (readonly [string, Device])[]>();
  for (const camera of cameras) {
    const [, { kind, lens, worked = 'locked', aperture, converter = 1 }] = camera;
    const sort = `${kind} ${lens ?? 'own'} ${worked} ${aperture ?? 'open'} ${converter}`;
    sorts.set(sort, [...(sorts.get(sort) ?? []), camera]);
  }
  return [...sorts.values()];
}

/** The areas of one kind; undefined without any. */
function areasOf(areas: MapOf<Area> | undefined, kind: AreaKind): MapOf<Area> | undefined {
  const own = inOrder(areas).filter(([, area]) => area.kind === kind);
  return own.length > 0 ? Object.fromEntries(own) : undefined;
}

/** Length of a lead from a place to the hub: as the cells of the floor go, else straight; unknown without a hub. */
function cableTo(hub: Point | undefined, venue: Parameters<typeof floorOf>[0]): Scene['cableFrom'] {
  if (!hub) return () => undefined;
  const floor = floorOf(venue);
  const field = new CostField(floor.grid, hub);
  return ({ at, floor: rise }) => (field.lengthFrom(at) ?? distance(at, hub)) + rise;
}

function drawnIn({ shots }: Wanted, areas: Parameters<typeof seatsOf>[0]): Scene['drawnAt'] {
  const main = (shots.find(({ twice }) => twice) ?? shots[0])?.subject.mark.at;
  const drawn = main && drawnFrom(seatsOf(areas), main);
  return (...spots) => drawn?.(...spots.map(({ at }) => at)) ?? 0;
}
