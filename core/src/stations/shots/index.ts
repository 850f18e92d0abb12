/** Shots: marks, framing and cameras – what each camera can show of what is wanted. */
import type { Mark, Shot } from '../../documents/index.js';
import {
  blockingOf,
  inOrder,
  resultOf,
  type Blocker,
  type Makers,
  type MapOf,
  type Parts,
  type Point,
  type Blocking,
} from '../../foundations/index.js';
import type { Station } from '../station.js';
import { bodiesOf } from './bodies.js';
import { cameraResult, type CameraReads } from './camera.js';
import { couldTake, coverageOf, firstByMark, pairsOf, type Tried } from './coverage.js';
import { cutsOf } from './cuts.js';
import { drawnFrom, seatsOf } from './disturbance.js';
import { SHOTS_FIGURES } from './figures/index.js';
import { fittedOf, putOf, type Fitted } from './fitted.js';
import { framedFor, picturesByCamera, wholeOf, type ShotsInOrder } from './framed-for.js';
import { gearInPicture } from './gear-in-picture.js';
import { lampResult } from './lamp.js';
import { lightAt } from './light.js';
import { carriedThings, mountedWith, UNWEIGHED } from './mounted.js';
import { minutesLive } from './moving.js';
import type { ShotResult, ShotsReads, ShotsResult } from './result.js';
import { shotResult, type ShotReads } from './shot.js';
import type { Whole } from './window.js';

export type * from './result.js';
export type { LampResult } from './lamp.js';
export type { MovingResult } from './moving.js';
export type { WindowResult } from './window.js';

export const shots: Station<ShotsReads, ShotsResult> = {
  name: 'shots',
  figures: SHOTS_FIGURES,
  compute(reads, parts) {
    const room = roomOf(reads, parts);
    const { cameras, lamps, light, shots } = camerasAndShots(reads, parts, room);
    const gear = parts.part(
      'gear places',
      {
        devices: () => reads.equipment,
        places: room.places,
        cameras,
        standingHead: () => reads.rules.standingHead,
        kinds: () => reads.kinds.kinds,
      },
      bodiesOf,
    );
    return resultOf<ShotsResult>({
      cameras,
      shots,
      lamps,
      light,
      coverage: coverageIn(reads, parts, room),
      gear: parts.each(
        'gear',
        () => Object.entries(shots()),
        (_, { picture, camera }) => ({ picture, camera, gear: gear(), blocking: room.blocking() }),
        gearInPicture,
      ),
      cuts: parts.part('cuts', { shots: room.inOrder, cameras, marks: room.marks }, cutsOf),
    });
  },
};

/** What all cameras and shots have in common. */
interface Room {
  readonly venue: () => ShotsReads['ground']['venue'];
  readonly marks: () => MapOf<Mark> | undefined;
  readonly places: () => ShotsReads['ground']['places'];
  readonly blocking: () => Blocking;
  readonly inOrder: () => ShotsInOrder;
  /** The optics of every camera. */
  readonly optics: () => Readonly<Record<string, Fitted>>;
}

function roomOf(reads: ShotsReads, parts: Parts): Room {
  const venue = () => reads.ground.venue;
  return {
    venue,
    marks: () => venue().marks,
    places: () => reads.ground.places,
    blocking: parts.part('blocking', { blockers: () => reads.ground.blockers }, sightBlocked),
    inOrder: parts.part('in order', { shots: () => reads.shots }, inOrderOf),
    optics: parts.each(
      'optics',
      () => inOrder(reads.devices),
      (_, device) => putOf(reads.kinds, device),
      (_, put) => fittedOf(put),
    ),
  };
}

const sightBlocked = ({ blockers }: { readonly blockers: readonly Blocker[] }): Blocking =>
  blockingOf(blockers);

const inOrderOf = ({ shots }: Pick<ShotsReads, 'shots'>): ShotsInOrder => inOrder(shots);

/** Lamps first, then shots in their light, those with a frame of their own before the windows; then the cameras. */
function camerasAndShots(
  reads: ShotsReads,
  parts: Parts,
  room: Room,
): Makers<Pick<ShotsResult, 'cameras' | 'shots' | 'lamps' | 'light'>> {
  const { venue, marks, places, blocking, optics } = room;
  const { devices, equipment, ground } = reads;
  const kindOf = (id: string | undefined) => reads.kinds.kinds[id ?? ''];
  const lamps = parts.each(
    'lamps',
    () => inOrder(devices),
    (id, device) => {
      const lamp = kindOf(device.kind)?.lamp;
      const shared = {
        marks: marks(),
        house: venue().lamps,
        figures: ground.marks,
        blocking: blocking(),
      };
      return lamp && { device, lamp, place: places()[id], ...shared };
    },
    lampResult,
  );
  const light = parts.each(
    'light',
    () => inOrder(marks()),
    id => ({ measured: ground.marks[id]?.light, lamps: lamps() }),
    lightAt,
  );
  const framed = parts.part('framed for', { shots: room.inOrder }, framedFor);
  const readsOf = (shot: Shot, whole: Whole | undefined): ShotReads => {
    const { camera = '', mark } = shot;
    return {
      shot,
      mark: marks()?.[mark],
      markFigures: ground.marks[mark],
      light: light()[mark],
      whole,
      device: equipment?.[camera],
      place: places()[camera],
      optics: optics()[camera],
      rules: reads.rules,
      blockers: ground.blockers,
      blocking: blocking(),
      areas: venue().areas,
      hertz: venue().hertz,
      lamps: venue().lamps,
      screens: venue().screens,
    };
  };
  const whole = parts.each(
    'whole frames',
    room.inOrder,
    (_, shot) => (wholeOf(shot, framed()) === undefined ? readsOf(shot, undefined) : undefined),
    shotResult,
  );
  const wholes = parts.each(
    'wholes',
    room.inOrder,
    (_, shot): Whole | undefined => {
      const of = wholeOf(shot, framed()) ?? '';
      const { focal, picture } = whole()[of] ?? {};
      const facing = devices?.[shot.camera ?? '']?.place?.facing;
      return focal && picture && { shot: of, focal, picture, aim: facing ?? picture.aim };
    },
    (_, cutFrom) => cutFrom,
  );
  const windows = parts.each(
    'windows',
    room.inOrder,
    (id, shot) => (wholeOf(shot, framed()) === undefined ? undefined : readsOf(shot, wholes()[id])),
    shotResult,
  );
  const shots = parts.part('shots', { whole, windows, order: room.inOrder }, inOnePlace);
  return { lamps, light, shots, cameras: camerasIn(reads, parts, room, framed, shots) };
}

/** Whole frames and windows in the order of the plan. */
const inOnePlace = ({
  whole,
  windows,
  order,
}: {
  readonly whole: Readonly<Record<string, ShotResult>>;
  readonly windows: Readonly<Record<string, ShotResult>>;
  readonly order: ShotsInOrder;
}): Readonly<Record<string, ShotResult>> =>
  Object.fromEntries(
    order.flatMap(([id]): [string, ShotResult][] => {
      const result = whole[id] ?? windows[id];
      return result ? [[id, result]] : [];
    }),
  );

function camerasIn(
  reads: ShotsReads,
  parts: Parts,
  room: Room,
  framed: () => ReadonlyMap<string, string>,
  shots: () => ShotsResult['shots'],
): () => ShotsResult['cameras'] {
  const { venue, marks, places, blocking, optics } = room;
  const { ground } = reads;
  const kindOf = (id: string | undefined) => reads.kinds.kinds[id ?? ''];
  const mainMark = () => {
    const main = room.inOrder().find(([, { importance }]) => importance === 'vital') ?? room.inOrder()[0];
    return marks()?.[main?.[1].mark ?? '']?.at;
  };
  const pictures = parts.part('pictures by camera', { shots, order: room.inOrder }, picturesByCamera);
  const things = parts.part(
    'carried things',
    { equipment: () => reads.equipment, kinds: () => reads.kinds.kinds },
    carriedThings,
  );
  const mounted = parts.each(
    'mounted',
    () => inOrder(reads.equipment),
    (id, device) => (optics()[id] ? { device, things: things()[id], kinds: reads.kinds.kinds } : undefined),
    (_, of) => mountedWith(of),
  );
  const drawn = parts.part('drawn', { areas: () => venue().areas, mark: mainMark }, drawnTo);
  return parts.each(
    'cameras',
    () => inOrder(reads.devices),
    (id, device): CameraReads | undefined => {
      const of = optics()[id];
      if (!of) return undefined;
      const own = room.inOrder().filter(([, { camera }]) => camera === id);
      const first = framed().get(id) ?? own[0]?.[0] ?? '';
      const { areas, doors, pillars } = venue();
      return {
        device,
        optics: of,
        at: places()[id]?.at,
        rules: reads.rules,
        drawn: drawn(),
        mounted: mounted()[id] ?? UNWEIGHED,
        support: kindOf(device.support),
        mark: marks()?.[reads.shots?.[first]?.mark ?? ''],
        focal: shots()[first]?.focal,
        pictures: pictures()[id],
        windows: own.filter(([, { window }]) => window).length,
        minutes: minutesLive(id, reads.shots, reads.runningOrder),
        blockers: ground.blockers,
        blocking: blocking(),
        areas,
        doors,
        pillars,
      };
    },
    cameraResult,
  );
}

const drawnTo = ({
  areas,
  mark,
}: {
  readonly areas: ShotsReads['ground']['venue']['areas'];
  readonly mark: Point | undefined;
}): ((at: Point) => number) | undefined => mark && drawnFrom(seatsOf(areas), mark);

/** What each camera could make of the first shot of each mark. */
function coverageIn(reads: ShotsReads, parts: Parts, room: Room): () => ShotsResult['coverage'] {
  const { venue, marks, places, optics } = room;
  const { ground, devices, shots, rules } = reads;
  const first = parts.part('first by mark', { shots: () => shots }, firstByMark);
  const cameras = parts.part('camera ids', { optics }, camerasOf);
  const pairs = parts.part('pairs', { first, cameras }, pairsOf);
  const verdicts = parts.each(
    'could take',
    pairs,
    (_, pair): Tried | undefined => {
      const [shot, of, device] = [shots?.[pair.shot], optics()[pair.camera], devices?.[pair.camera]];
      if (!shot || !of) return undefined;
      return {
        pair,
        shot,
        optics: of,
        aperture: device?.aperture,
        rules,
        place: places()[pair.camera],
        mark: marks()?.[shot.mark],
        markFigures: ground.marks[shot.mark],
        hertz: venue().hertz,
        blockers: ground.blockers,
        areas: venue().areas,
      };
    },
    couldTake,
  );
  return parts.part('coverage', { first, pairs, verdicts, shots: () => shots }, coverageOf);
}

const camerasOf = ({ optics }: { readonly optics: Readonly<Record<string, Fitted>> }): readonly string[] =>
  Object.keys(optics);
