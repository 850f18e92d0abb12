/** One shot: how far, how large, how lit, how sharp, and past what it is seen. */
import type { Device, Shot } from '../../documents/index.js';
import {
  angleBetween,
  calc,
  constant,
  direction,
  found,
  given,
  numberOf,
  taken,
  unknown,
  type Figure,
  type Segment,
} from '../../foundations/index.js';
import { apertureInUse, gainAccepted, gainNeeded, isoNeeded, lightToSpare, shutterTime } from './exposure.js';
import { flickerOf, lampPulse, screenPulses } from './flicker.js';
import { pictureAt, type Picture } from './gear-in-picture.js';
import { opticsOf, type Fitted } from './fitted.js';
import { circleOfConfusion, facesAlong, focusOf, nearEnough, NO_FOCUS, type Focus } from './focus.js';
import {
  facePixels,
  faceVerdict,
  focalInUse,
  focalNeeded,
  focalSet,
  heldBySet,
  frameAllRound,
  frameGiven,
  frameHeight,
  frameWanted,
  reaches,
  tiltTo,
  verdictFromAbove,
  verticalAngle,
  viewVerdict,
} from './framing.js';
import type { ShotsReads } from './index.js';
import { framedEverywhere } from './moving.js';
import { pastSolids, solidsBetween } from './past-solids.js';
import { hiddenShare, lowestWanted, overHeads, type Hidden } from './sight.js';
import { cutBy, windowHolds, windowResult, type Whole, type WindowResult } from './window.js';

const NO_AREAS = {};

export interface ShotResult {
  readonly camera: string | undefined;
  readonly distance: Figure;
  readonly frameWanted: Figure;
  readonly focalNeeded: Figure;
  readonly reached: Figure;
  /** Focal length in use for this shot: the one needed, as far as the lens goes. */
  readonly focal: Figure;
  readonly frameGiven: Figure;
  readonly frameHeight: Figure;
  readonly facePixels: Figure;
  /** What the face is large enough for. */
  readonly faceVerdict: Figure;
  /** Off the front of the face, and above its eyes. */
  readonly viewingAngle: Figure;
  readonly verticalAngle: Figure;
  readonly viewVerdict: Figure;
  /** How far the lens looks up, so that the eyes lie a third from the top of the frame. */
  readonly tilt: Figure;
  /** The lens focuses that near. */
  readonly nearEnough: Figure;
  readonly sight: Figure;
  readonly hidden: Figure;
  readonly overSeated: Figure;
  readonly overStanding: Figure;
  readonly lowest: Figure;
  /** Clearance from furniture and from what hangs, and the area it is least to. */
  readonly pastSolids: Figure;
  readonly solid: string | undefined;
  /** Who hides what, the worst first. */
  readonly hiddenBy: Hidden['by'];
  readonly block: string | undefined;
  readonly aperture: Figure;
  readonly shutter: Figure;
  /** Lamps and screens in the picture that flicker all the same, or `none`. */
  readonly flickers: Figure;
  readonly iso: Figure;
  readonly gain: Figure;
  readonly gainAccepted: Figure;
  readonly lightToSpare: Figure;
  readonly focus: Focus;
  /** What is in it, as its camera is framed; undefined while that has no place. */
  readonly picture: Picture | undefined;
  /** Where it is cut from the picture of another shot. */
  readonly window: WindowResult | undefined;
  /** The lens frames it from everywhere that its camera moves to; undefined for one that stays. */
  readonly fromEverywhere: Figure | undefined;
}

/** What a shot is reckoned from. */
export interface Room extends Pick<ShotsReads, 'devices' | 'kinds' | 'rules' | 'ground'> {
  readonly blocking: readonly Segment[];
  /** Light at its mark, lx. */
  readonly light: Figure | undefined;
  /** What it is a window of; undefined for a shot with a frame of its own. */
  readonly whole: Whole | undefined;
}

/** What a camera makes of a shot, every figure with its working. */
export function shotResult(id: string, shot: Shot, room: Room): ShotResult {
  const { devices, kinds, rules, ground, whole } = room;
  const path = `shots.shots.${id}`;
  const mark = ground.venue.marks?.[shot.mark];
  const place = shot.camera === undefined ? undefined : ground.places[shot.camera];
  const device = shot.camera === undefined ? undefined : devices?.[shot.camera];
  const kindId = device?.kind;
  const own = device && opticsOf(kinds, device);
  const markFigures = ground.marks[shot.mark];
  const wanted = frameWanted(id, shot, mark?.width);
  if (
    !mark ||
    !markFigures ||
    !place?.at ||
    !own ||
    !device ||
    shot.camera === undefined ||
    kindId === undefined
  ) {
    const why = !mark ? 'its mark is gone' : !own ? 'no camera takes it' : 'its camera has no place yet';
    return blankShot(shot.camera, wanted, why);
  }
  const [lens, face] = [place.elevation, markFigures.elevation];
  const run = Math.hypot(mark.at[0] - place.at[0], mark.at[1] - place.at[1]);
  const across = constant('across', run, 'm', 'distance on the plan from camera to mark');
  const lensTerm = taken('lens', lens, `ground.places.${shot.camera}.elevation`);
  const faceTerm = taken('face', face, `ground.marks.${shot.mark}.elevation`);
  const distance = calc('m', 'sqrt(across ^ 2 + (lens - face) ^ 2)', [across, lensTerm, faceTerm]);
  const needed = focalNeeded(kindId, own, path, distance, wanted);
  const focal = whole
    ? calc('mm', 'f', [taken('f', whole.focal, `shots.shots.${whole.shot}.focal`)])
    : device.focal === undefined
      ? focalInUse(kindId, own, path, needed)
      : focalSet(shot.camera, kindId, own, device.focal);
  const full = own.panoramic ? frameAllRound(path, distance) : frameGiven(kindId, own, path, distance, focal);
  const aim = direction(place.at, mark.at);
  const window =
    whole &&
    windowResult(path, kindId, own, rules, whole, {
      ...{ full, wanted, aim },
      tilt: numberOf(tiltTo(path, across, lensTerm, faceTerm, wanted)) ?? 0,
    });
  const optics = window ? cutBy(own, numberOf(window.crop) ?? 1) : own;
  const frame = window ? frameGiven(kindId, optics, path, distance, focal) : full;
  const tilt = tiltTo(path, across, lensTerm, faceTerm, frame);
  const picture = pictureAt(place, mark, optics, focal, tilt);
  const pixels = facePixels(kindId, optics, path, frame);
  const fromAbove = shot.size === 'from above';
  const viewingAngle = fromAbove
    ? unknown('°', 'what is seen from above has no front')
    : found(
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
  const edges = solidsBetween(areas, place.at, mark.at, [place.level, mark.level]);
  const solids = pastSolids(edges, path, run, { lens: lensTerm, lowest, face: faceTerm });
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
    reached: window
      ? windowHolds(path, window)
      : optics.panoramic
        ? found(true, '', 'it sees all round')
        : device.focal === undefined
          ? reaches(kindId, optics, path, needed)
          : heldBySet(path, needed, focal),
    focal,
    ...{
      picture,
      window,
      fromEverywhere: framedEverywhere(
        path,
        shot.camera,
        device,
        { at: place.at, mark, optics, wanted },
        room.blocking,
      ),
    },
    ...lightAndFocus(path, shot, device, { optics, focal, picture }, distance, room),
    ...{ frameGiven: frame, frameHeight: frameHeight(path, frame) },
    facePixels: pixels,
    faceVerdict: faceVerdict(path, pixels),
    ...{
      viewingAngle,
      verticalAngle: above,
      viewVerdict: fromAbove ? verdictFromAbove(path, above) : viewVerdict(path, viewingAngle, above),
    },
    tilt,
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
    ...{ pastSolids: solids.clear, solid: solids.by },
  };
}

/** What the light at the mark asks of the camera, and from where to where it is sharp. */
function lightAndFocus(
  path: string,
  shot: Shot,
  device: Device,
  { optics, focal, picture }: { optics: Fitted; focal: Figure; picture: Picture | undefined },
  slant: Figure,
  { rules, ground, blocking, light: lit }: Room,
): Pick<
  ShotResult,
  'aperture' | 'shutter' | 'flickers' | 'iso' | 'gain' | 'gainAccepted' | 'lightToSpare' | 'focus'
> {
  const { kind } = device;
  const mark = ground.venue.marks?.[shot.mark];
  const at = ground.places[shot.camera ?? '']?.at;
  const aperture = apertureInUse(shot.camera ?? '', device, optics, focal, `${path}.focal`);
  const lamps = lampPulse(ground.venue);
  const screens = picture ? screenPulses(ground.venue, picture, blocking) : [];
  const { flickers, ...chosen } = flickerOf(rules.format, [...(lamps ? [lamps] : []), ...screens]);
  // Lamps on the mains alone have a plain formula; more sources need a search.
  const shutter =
    lamps && screens.length === 0 ? shutterTime(rules.format, ground.venue.hertz) : chosen.shutter;
  const light = lit ?? unknown('lx', 'its mark is gone');
  const iso = isoNeeded(path, shot.mark, light, aperture, shutter, optics);
  const gain = gainNeeded(path, kind, optics, iso);
  const circle = circleOfConfusion(kind, optics, rules);
  return {
    ...{ aperture, shutter, flickers, iso, gain },
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
    ...{
      aperture: blank('f/'),
      shutter: blank('s'),
      flickers: blank(''),
      iso: blank('ISO'),
      gain: blank('dB'),
    },
    ...{ gainAccepted: blank(''), lightToSpare: blank('stops'), focus: NO_FOCUS(why) },
    ...{ frameGiven: blank('m'), frameHeight: blank('m') },
    ...{ facePixels: blank('px'), faceVerdict: blank(''), nearEnough: blank('') },
    ...{ viewingAngle: blank('°'), verticalAngle: blank('°'), viewVerdict: blank(''), tilt: blank('°') },
    hidden: blank('%'),
    sight: blank(''),
    overSeated: blank('m'),
    overStanding: blank('m'),
    ...{ lowest: blank('m'), pastSolids: blank('m'), solid: undefined },
    hiddenBy: [],
    ...{ block: undefined, picture: undefined, window: undefined, fromEverywhere: undefined },
  };
}
