/** Shots: marks, framing and cameras – what each camera can show of what is wanted. */
import type {
  Claims,
  Device,
  Kinds,
  Link,
  RuleChoices,
  Rules,
  RunningItem,
  Shelf,
  Shot,
} from '../../documents/index.js';
import {
  calc,
  constant,
  direction,
  found,
  given,
  inOrder,
  numberOf,
  taken,
  unknown,
  visibleRegion,
  type Figure,
  type MapOf,
  type Memo,
  type Point,
  type Segment,
} from '../../foundations/index.js';
import type { GroundResult } from '../ground/index.js';
import type { Station } from '../station.js';
import { allResults, framedFor } from './all-shots.js';
import { coverageOf, type Coverage } from './coverage.js';
import { cutsOf, type Cut } from './cuts.js';
import { disturbanceBy, drawnFrom, seatsOf } from './disturbance.js';
import { opticsOf, type Fitted } from './fitted.js';
import { lensTerms, sensorTerms } from './framing.js';
import { gearInPicture, gearOf, type GearInPicture } from './gear-in-picture.js';
import { lightOf, type Light } from './light.js';
import { minutesLive, movingResult, type MovingResult } from './moving.js';
import { noFilmInView } from './no-film.js';
import { supportResult, type SupportResult } from './support.js';
import type { ShotResult } from './shot-result.js';

export interface ShotsReads {
  readonly devices: MapOf<Device> | undefined;
  readonly shots: MapOf<Shot> | undefined;
  readonly runningOrder: MapOf<RunningItem> | undefined;
  readonly links: MapOf<Link> | undefined;
  readonly kinds: Kinds;
  /** What could be put up instead. */
  readonly shelf: Shelf;
  readonly claims: Claims;
  readonly rules: Rules;
  /** What the event chose for itself; undefined = nothing. */
  readonly ownRules: RuleChoices | undefined;
  readonly ground: GroundResult;
}

export interface CameraResult {
  readonly label: string;
  /** What it stands on, where that is chosen. */
  readonly support: SupportResult | undefined;
  readonly at: Point | undefined;
  /** Focal length in use: the one its first shot needs, as far as the lens goes. */
  readonly focal: Figure;
  readonly aim: Figure;
  readonly angleOfView: Figure;
  /** What it sees, cut to its angle of view. */
  readonly wedge: readonly Point[];
  readonly noFilm: Figure;
  /** Share of the seats that look past it at the main mark, weighed; %. */
  readonly disturbance: Figure;
  /** Where it goes while it is live; undefined for one that stays. */
  readonly moving: MovingResult | undefined;
  /** Pictures it gives at once: its own and its windows. */
  readonly pictures: Figure;
}

export type { LampResult } from './light.js';
export type { MovingResult } from './moving.js';
export type { ShotResult } from './shot-result.js';
export type { WindowResult } from './window.js';

export interface ShotsResult {
  readonly cameras: Readonly<Record<string, CameraResult>>;
  readonly shots: Readonly<Record<string, ShotResult>>;
  /** For every mark that is wanted, which cameras could take its shot. */
  readonly coverage: Readonly<Record<string, Coverage>>;
  /** For every shot, which other gear and who works it stand in its picture. */
  readonly gear: Readonly<Record<string, GearInPicture>>;
  /** For every two shots of one mark, whether one can cut from one to the other; by both their ids. */
  readonly cuts: Readonly<Record<string, Cut>>;
  readonly lamps: Light['lamps'];
  readonly light: Light['light'];
}

const RANGE = 60;
const NO_AREAS = {};

function compute(reads: ShotsReads, memo: Memo): ShotsResult {
  const { devices, shots, runningOrder, kinds, rules, ground } = reads;
  const allShots = inOrder(shots);
  const blocking = memo.once('blocking', [ground.blockers], () =>
    ground.blockers.flatMap(each => each.segments),
  );
  const cameras = inOrder(devices).filter(([, device]) => opticsOf(kinds, device));
  const { lamps, light } = lightOf({ devices, kinds, ground, blocking }, memo);
  const shotResults = allResults({ ...reads, blocking, light }, allShots, memo);
  const main = allShots.find(([, { importance }]) => importance === 'vital') ?? allShots[0];
  const mainMark = ground.venue.marks?.[main?.[1].mark ?? '']?.at;
  const drawn = memo.once('drawn', [ground.venue.areas, mainMark], () =>
    mainMark ? drawnFrom(seatsOf(ground.venue.areas), mainMark) : undefined,
  );
  const framed = framedFor(allShots);
  const firstOf = (camera: string): [string, Shot] | undefined => {
    const id = framed.get(camera) ?? allShots.find(([, shot]) => shot.camera === camera)?.[0];
    const shot = shots?.[id ?? ''];
    return id !== undefined && shot ? [id, shot] : undefined;
  };
  const cameraResults = memo.each(
    'cameras',
    cameras,
    (device, id) => {
      const first = firstOf(id);
      return [
        device,
        kinds.kinds[device.kind],
        kinds.kinds[device.support ?? ''],
        ground.places[id],
        first?.[1],
        first && ground.venue.marks?.[first[1].mark],
        first && shotResults[first[0]]?.focal,
        blocking,
        ground.venue.areas,
        drawn,
        rules,
        ...[device.lens && kinds.kinds[device.lens], shots, runningOrder, ground.venue.doors],
      ];
    },
    (device, id) => {
      const first = firstOf(id);
      const optics = opticsOf(kinds, device) as Fitted;
      const result = first && shotResults[first[0]];
      return {
        ...cameraResult(id, device, optics, kinds, first, result, ground, blocking),
        disturbance: disturbanceBy(device, ground.places[id]?.at, drawn, rules),
        moving: movingResult(id, device, kinds, ground, blocking, minutesLive(id, shots, runningOrder)),
        pictures: picturesAtOnce(allShots.filter(([, shot]) => shot.camera === id)),
      };
    },
  );
  const gear = memo.once('gear places', [devices, ground.places, rules, cameraResults], () =>
    gearOf({ devices, ground, rules, cameras: cameraResults }),
  );
  const gearResults = memo.each(
    'gear',
    Object.entries(shotResults),
    shot => [shot.picture, gear, blocking],
    (shot, id) =>
      gearInPicture(
        id,
        shot,
        gear.filter(each => each.id !== shot.camera),
        blocking,
      ),
  );
  const coverage = coverageOf({ shots, cameras, kinds, rules, ground, light }, memo);
  const cuts = memo.once('cuts', [shots, cameraResults, ground.venue.marks], () =>
    cutsOf(allShots, cameraResults, ground.venue.marks),
  );
  return memo.once('result', [cameraResults, shotResults, coverage, gearResults, cuts, lamps, light], () => ({
    cameras: cameraResults,
    shots: shotResults,
    ...{ coverage, gear: gearResults, cuts, lamps, light },
  }));
}

/** A camera gives one picture, and one more for each window that is cut from it. */
const picturesAtOnce = (own: readonly (readonly [string, Shot])[]): Figure =>
  calc('pieces', 'own + windows', [
    constant('own', 1, 'pieces', 'its own picture'),
    constant('windows', own.filter(([, { window }]) => window).length, 'pieces', 'windows cut from it'),
  ]);

function cameraResult(
  id: string,
  device: Device,
  optics: Fitted,
  kinds: Kinds,
  first: [string, Shot] | undefined,
  shot: ShotResult | undefined,
  ground: GroundResult,
  blocking: readonly Segment[],
): Omit<CameraResult, 'disturbance' | 'moving' | 'pictures'> {
  const at = ground.places[id]?.at;
  const focal =
    first && shot && shot.focal.value !== null
      ? shot.focal
      : calc('mm', 'fmin', [
          lensTerms(device.kind, optics)[0] ?? constant('fmin', optics.focalMin, 'mm', 'lens'),
        ]);
  const angleOfView = optics.panoramic
    ? found(360, '°', 'it sees all round')
    : calc(
        '°',
        '2 * atan(w / crop / (2 * f))',
        [...sensorTerms(device.kind, optics), taken('f', focal, `shots.cameras.${id}.focal`)],
        { source: 'horizontal, thin lens' },
      );
  const mark = first && ground.venue.marks?.[first[1].mark];
  const aim =
    device.place?.facing !== undefined
      ? calc('°', 'facing', [
          given('facing', device.place.facing, '°', 'plan', `/devices/${id}/place/facing`),
        ])
      : at && mark
        ? found(direction(at, mark.at), '°', 'towards the mark of its first shot')
        : unknown('°', 'it has no shot and no direction yet');
  const [facing, spread] = [numberOf(aim), numberOf(angleOfView)];
  const placed = at && facing !== undefined && spread !== undefined;
  return {
    label: device.label,
    support: supportResult(id, device, kinds),
    at,
    focal,
    aim,
    angleOfView,
    wedge: placed ? visibleRegion(at, facing, spread, RANGE, blocking) : [],
    noFilm: placed
      ? noFilmInView(ground.venue.areas ?? NO_AREAS, at, facing, spread, blocking)
      : unknown('', 'it has no place or direction yet'),
  };
}

export const shots: Station<ShotsReads, ShotsResult> = {
  name: 'shots',
  compute: (reads, _parts, memo) => compute(reads, memo),
};
