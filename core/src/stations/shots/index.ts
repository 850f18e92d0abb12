/** Shots: marks, framing and cameras – what each camera can show of what is wanted. */
import type { Device, Kind, Kinds, Optics, Rules, Shot } from '../../documents/index.js';
import {
  angleBetween,
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
import {
  facePixels,
  faceVerdict,
  focalInUse,
  focalNeeded,
  frameGiven,
  frameWanted,
  lensTerms,
  reaches,
  sensorTerms,
  verticalAngle,
  viewVerdict,
} from './framing.js';
import { apertureInUse, gainAccepted, gainNeeded, isoNeeded, lightToSpare, shutterTime } from './exposure.js';
import { circleOfConfusion, facesAlong, focusOf, nearEnough, NO_FOCUS, type Focus } from './focus.js';
import { noFilmInView } from './no-film.js';
import { hiddenShare, lowestWanted, overHeads, type Hidden } from './sight.js';
import { aimedAway } from './snags/aimed-away.js';
import { headsInTheWay } from './snags/heads-in-the-way.js';
import { hidden } from './snags/hidden.js';
import { noCamera } from './snags/no-camera.js';
import { noFilm } from './snags/no-film.js';
import { notSharp } from './snags/not-sharp.js';
import { outOfReach } from './snags/out-of-reach.js';
import { tooBright } from './snags/too-bright.js';
import { tooDark } from './snags/too-dark.js';
import { tooNear } from './snags/too-near.js';

export interface ShotsReads {
  readonly devices: MapOf<Device> | undefined;
  readonly shots: MapOf<Shot> | undefined;
  readonly kinds: Kinds;
  readonly rules: Rules;
  readonly ground: GroundResult;
}

export interface CameraResult {
  readonly label: string;
  readonly at: Point | undefined;
  /** Focal length in use: the one its first shot needs, as far as the lens goes. */
  readonly focal: Figure;
  readonly aim: Figure;
  readonly angleOfView: Figure;
  /** What it sees, cut to its angle of view. */
  readonly wedge: readonly Point[];
  readonly noFilm: Figure;
}

export interface ShotResult {
  readonly camera: string | undefined;
  readonly distance: Figure;
  readonly frameWanted: Figure;
  readonly focalNeeded: Figure;
  readonly reached: Figure;
  /** Focal length in use for this shot: the one needed, as far as the lens goes. */
  readonly focal: Figure;
  readonly frameGiven: Figure;
  readonly facePixels: Figure;
  /** What the face is large enough for. */
  readonly faceVerdict: Figure;
  /** Off the front of the face, and above its eyes. */
  readonly viewingAngle: Figure;
  readonly verticalAngle: Figure;
  readonly viewVerdict: Figure;
  /** The lens focuses that near. */
  readonly nearEnough: Figure;
  readonly sight: Figure;
  readonly hidden: Figure;
  readonly overSeated: Figure;
  readonly overStanding: Figure;
  readonly lowest: Figure;
  /** Who hides what, the worst first. */
  readonly hiddenBy: Hidden['by'];
  readonly block: string | undefined;
  readonly aperture: Figure;
  readonly shutter: Figure;
  readonly iso: Figure;
  readonly gain: Figure;
  readonly gainAccepted: Figure;
  readonly lightToSpare: Figure;
  readonly focus: Focus;
}

export interface ShotsResult {
  readonly cameras: Readonly<Record<string, CameraResult>>;
  readonly shots: Readonly<Record<string, ShotResult>>;
}

const RANGE = 60;
const NO_AREAS = {};

function compute({ devices, shots, kinds, rules, ground }: ShotsReads, memo: Memo): ShotsResult {
  const allShots = inOrder(shots);
  const blocking = memo.once('blocking', [ground.blockers], () =>
    ground.blockers.flatMap(each => each.segments),
  );
  const cameras = inOrder(devices).filter(([, device]) => kinds.kinds[device.kind]?.optics);
  const shotResults = memo.each(
    'shots',
    allShots,
    shot => {
      const device = shot.camera === undefined ? undefined : devices?.[shot.camera];
      return [
        shot,
        ground.marks[shot.mark],
        ground.venue.marks?.[shot.mark],
        shot.camera === undefined ? undefined : ground.places[shot.camera],
        device && kinds.kinds[device.kind],
        device?.aperture,
        ground.blockers,
        ground.venue.areas,
        ground.venue.hertz,
        rules,
      ];
    },
    (shot, id) => shotResult(id, shot, { devices, kinds, rules, ground }),
  );
  const cameraResults = memo.each(
    'cameras',
    cameras,
    (device, id) => {
      const first = allShots.find(([, shot]) => shot.camera === id);
      return [
        device,
        kinds.kinds[device.kind],
        ground.places[id],
        first?.[1],
        first && ground.venue.marks?.[first[1].mark],
        first && shotResults[first[0]]?.focal,
        blocking,
        ground.venue.areas,
      ];
    },
    (device, id) => {
      const first = allShots.find(([, shot]) => shot.camera === id);
      const kind = kinds.kinds[device.kind] as Kind & { optics: Optics };
      return cameraResult(id, device, kind, first, first && shotResults[first[0]], ground, blocking);
    },
  );
  return memo.once('result', [cameraResults, shotResults], () => ({
    cameras: cameraResults,
    shots: shotResults,
  }));
}

function cameraResult(
  id: string,
  device: Device,
  kind: Kind & { optics: Optics },
  first: [string, Shot] | undefined,
  shot: ShotResult | undefined,
  ground: GroundResult,
  blocking: readonly Segment[],
): CameraResult {
  const { optics } = kind;
  const at = ground.places[id]?.at;
  const focal =
    first && shot && shot.focal.value !== null
      ? shot.focal
      : calc('mm', 'fmin', [
          lensTerms(device.kind, optics)[0] ?? constant('fmin', optics.focalMin, 'mm', 'lens'),
        ]);
  const angleOfView = calc(
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

type Room = Pick<ShotsReads, 'devices' | 'kinds' | 'rules' | 'ground'>;

function shotResult(id: string, shot: Shot, room: Room): ShotResult {
  const { devices, kinds, rules, ground } = room;
  const path = `shots.shots.${id}`;
  const mark = ground.venue.marks?.[shot.mark];
  const place = shot.camera === undefined ? undefined : ground.places[shot.camera];
  const device = shot.camera === undefined ? undefined : devices?.[shot.camera];
  const kindId = device?.kind;
  const optics = kindId === undefined ? undefined : kinds.kinds[kindId]?.optics;
  const markFigures = ground.marks[shot.mark];
  const wanted = frameWanted(id, shot, mark?.width);
  if (
    !mark ||
    !markFigures ||
    !place?.at ||
    !optics ||
    !device ||
    shot.camera === undefined ||
    kindId === undefined
  ) {
    const why = !mark ? 'its mark is gone' : !optics ? 'no camera takes it' : 'its camera has no place yet';
    return blankShot(shot.camera, wanted, why);
  }
  const [lens, face] = [place.elevation, markFigures.elevation];
  const run = Math.hypot(mark.at[0] - place.at[0], mark.at[1] - place.at[1]);
  const across = constant('across', run, 'm', 'distance on the plan from camera to mark');
  const lensTerm = taken('lens', lens, `ground.places.${shot.camera}.elevation`);
  const faceTerm = taken('face', face, `ground.marks.${shot.mark}.elevation`);
  const distance = calc('m', 'sqrt(across ^ 2 + (lens - face) ^ 2)', [across, lensTerm, faceTerm]);
  const needed = focalNeeded(kindId, optics, path, distance, wanted);
  const frame = frameGiven(kindId, optics, path, distance, needed);
  const focal = focalInUse(kindId, optics, path, needed);
  const pixels = facePixels(kindId, optics, path, frame);
  const viewingAngle = found(
    angleBetween(direction(mark.at, place.at), mark.facing),
    '°',
    'angle on the plan between where the subject faces and the camera',
    [given('facing', mark.facing, '°', 'venue', `/marks/${shot.mark}/facing`)],
  );
  const above = verticalAngle(across, lensTerm, faceTerm);
  const lowest = lowestWanted(shot.mark, path, wanted, face, markFigures.floor);
  const sightLine = {
    from: place.at,
    to: mark.at,
    run,
    lens: taken('hL', lens, `ground.places.${shot.camera}.elevation`),
    target: taken('hT', lowest, `${path}.lowest`),
  };
  const areas = ground.venue.areas ?? NO_AREAS;
  const seated = overHeads(areas, sightLine, 'seatedHead', rules);
  const standing = overHeads(areas, sightLine, 'standingHead', rules);
  const inTheWay = hiddenShare(place.at, mark.at, numberOf(wanted) ?? 1, ground.blockers);
  const hiddenFigure = found(
    inTheWay.share * 100,
    '%',
    'walls and pillars projected onto the frame at the mark; share of its width that they cover',
    [taken('frame', wanted, `${path}.frameWanted`)],
  );
  return {
    camera: shot.camera,
    distance,
    frameWanted: wanted,
    focalNeeded: needed,
    reached: reaches(kindId, optics, path, needed),
    focal,
    ...lightAndFocus(path, shot, device, optics, focal, distance, room),
    frameGiven: frame,
    facePixels: pixels,
    faceVerdict: faceVerdict(path, pixels),
    ...{ viewingAngle, verticalAngle: above, viewVerdict: viewVerdict(path, viewingAngle, above) },
    nearEnough: nearEnough(path, kindId, optics, distance),
    hidden: hiddenFigure,
    sight: calc(
      '',
      "middle ? 'blocked' : hidden > 0.5 ? 'part' : 'clear'",
      [
        constant('middle', inTheWay.middle, '', 'a wall or pillar stands before the middle of the frame'),
        taken('hidden', hiddenFigure, `${path}.hidden`),
      ],
      { rule: 'blocked when the middle of the frame is hidden' },
    ),
    overSeated: seated.clear,
    overStanding: standing.clear,
    lowest,
    hiddenBy: inTheWay.by,
    block: standing.block,
  };
}

/** What the light at the mark asks of the camera, and from where to where it is sharp. */
function lightAndFocus(
  path: string,
  shot: Shot,
  device: Device,
  optics: Optics,
  focal: Figure,
  slant: Figure,
  { rules, ground }: Room,
): Pick<ShotResult, 'aperture' | 'shutter' | 'iso' | 'gain' | 'gainAccepted' | 'lightToSpare' | 'focus'> {
  const { kind } = device;
  const mark = ground.venue.marks?.[shot.mark];
  const at = ground.places[shot.camera ?? '']?.at;
  const aperture = apertureInUse(shot.camera ?? '', device, optics, focal, `${path}.focal`);
  const shutter = shutterTime(rules.format, ground.venue.hertz);
  const light = ground.marks[shot.mark]?.light ?? unknown('lx', 'its mark is gone');
  const iso = isoNeeded(path, shot.mark, light, aperture, shutter);
  const gain = gainNeeded(path, kind, optics, iso);
  const circle = circleOfConfusion(kind, optics, rules);
  return {
    ...{ aperture, shutter, iso, gain },
    gainAccepted: gainAccepted(path, kind, optics, gain),
    lightToSpare: lightToSpare(path, kind, optics, iso),
    focus:
      mark && at
        ? focusOf(path, circle, { focal, aperture }, facesAlong(at, mark, numberOf(slant) ?? 0))
        : NO_FOCUS('its camera has no place yet'),
  };
}

function blankShot(camera: string | undefined, wanted: Figure, why: string): ShotResult {
  const blank = (unit: Figure['unit']): Figure => unknown(unit, why);
  return {
    camera,
    frameWanted: wanted,
    distance: blank('m'),
    focalNeeded: blank('mm'),
    reached: blank(''),
    focal: blank('mm'),
    ...{ aperture: blank('f/'), shutter: blank('s'), iso: blank('ISO'), gain: blank('dB') },
    ...{ gainAccepted: blank(''), lightToSpare: blank('stops'), focus: NO_FOCUS(why) },
    frameGiven: blank('m'),
    ...{ facePixels: blank('px'), faceVerdict: blank(''), nearEnough: blank('') },
    ...{ viewingAngle: blank('°'), verticalAngle: blank('°'), viewVerdict: blank('') },
    hidden: blank('%'),
    sight: blank(''),
    overSeated: blank('m'),
    overStanding: blank('m'),
    lowest: blank('m'),
    hiddenBy: [],
    block: undefined,
  };
}

export const shots: Station<ShotsReads, ShotsResult> = {
  name: 'shots',
  rules: [
    noFilm,
    hidden,
    noCamera,
    outOfReach,
    headsInTheWay,
    aimedAway,
    tooDark,
    notSharp,
    tooNear,
    tooBright,
  ],
  compute,
};
