/** One shot: what its camera makes of it, every figure with its working. */
import type { Area, HouseScreen, Mark, Rules, Shot, Venue } from '../../documents/index.js';
import {
  angleBetween,
  constant,
  direction,
  given,
  numberOf,
  taken,
  type Blocker,
  type Figure,
  type MapOf,
  type Point,
  type Blocking,
  type Term,
} from '../../foundations/index.js';
import type { Equipment } from '../equipment.js';
import type { MarkResult, PlaceResult } from '../ground/index.js';
import * as figures from './figures/framing.js';
import { nearEnough } from './focus.js';
import type { Fitted } from './fitted.js';
import {
  facePixels,
  faceVerdict,
  focalInUse,
  focalNeeded,
  focalSet,
  frameAllRound,
  frameGiven,
  frameHeight,
  frameWanted,
  heldBySet,
  reaches,
  tiltTo,
  verdictFromAbove,
  verticalAngle,
  viewVerdict,
} from './framing.js';
import { acrossOf, pictureAt } from './gear-in-picture.js';
import { framedEverywhere } from './moving.js';
import type { Framing, ShotResult } from './result.js';
import { exposureOf } from './shot-exposure.js';
import { sightOf } from './shot-sight.js';
import { unknownShot } from './unknown-shot.js';
import { lowestWanted, ofPeople, waistOf } from './sight.js';
import { cutBy, windowHolds, windowResult, type Whole } from './window.js';

/** What a shot is worked out from. */
export interface ShotReads {
  readonly shot: Shot;
  readonly mark: Mark | undefined;
  readonly markFigures: MarkResult | undefined;
  /** Its camera: what it is, where it is, and its optics. */
  readonly device: Equipment | undefined;
  readonly place: PlaceResult | undefined;
  readonly optics: Fitted | undefined;
  /** Light at its mark, lx. */
  readonly light: Figure | undefined;
  /** What it is a window of; undefined for a shot with a frame of its own. */
  readonly whole: Whole | undefined;
  readonly rules: Rules;
  readonly blockers: readonly Blocker[];
  readonly blocking: Blocking;
  readonly areas: MapOf<Area> | undefined;
  readonly hertz: Venue['hertz'];
  readonly lamps: Venue['lamps'];
  readonly screens: MapOf<HouseScreen> | undefined;
}

/** A shot whose camera and mark have their places. */
export interface Placed extends ShotReads {
  readonly camera: string;
  readonly mark: Mark;
  readonly device: Equipment;
  readonly place: PlaceResult;
  readonly optics: Fitted;
  readonly at: Point;
  /** Distance on the plan, m, and the heights of lens and eyes. */
  readonly run: number;
  readonly lens: Term;
  readonly face: Term;
}

/** What a camera makes of a shot. */
export function shotResult(id: string, reads: ShotReads): ShotResult {
  const { shot, mark, markFigures, device, place, optics } = reads;
  const { camera } = shot;
  if (!mark || !markFigures || !device || camera === undefined || !optics || !place?.at) {
    const why = !mark ? 'its mark is gone' : !optics ? 'no camera takes it' : 'its camera has no place yet';
    return unknownShot(id, camera, frameWanted(id, shot, mark), why);
  }
  const placed: Placed = {
    ...reads,
    camera,
    mark,
    device,
    place,
    optics,
    at: place.at,
    run: Math.hypot(mark.at[0] - place.at[0], mark.at[1] - place.at[1]),
    lens: taken('lens', place.elevation),
    face: taken('face', markFigures.elevation),
  };
  const angles = anglesOf(id, placed);
  const wanted = frameWanted(id, shot, mark, angles.viewingAngle);
  const lowest = lowestWanted(id, wanted, markFigures.elevation, markFigures.floor);
  const waist = ofPeople(shot) ? waistOf(id, lowest, markFigures.elevation) : undefined;
  const { used, ...framing } = framingOf(id, placed, wanted, lowest);
  return {
    camera,
    ...framing,
    ...angles,
    ...sightOf(id, placed, wanted, { lowest, waist }),
    ...exposureOf(id, placed, used, framing),
  };
}

const acrossTerm = (run: number): Term =>
  constant('across', run, 'm', 'distance on the plan from camera to mark');

/** How large it is and from which side, and the optics as it uses them: those of a window are cut. */
function framingOf(
  id: string,
  placed: Placed,
  wanted: Figure,
  lowest: Figure,
): Omit<Framing, keyof Angles> & { readonly used: Fitted } {
  const { camera, device, mark, at, run, lens, face, rules, whole, blocking } = placed;
  const { kind } = device;
  const own = placed.optics;
  const onPlan = acrossTerm(run);
  const distance = figures.distance.calc([id], [onPlan, lens, face]);
  const needed = focalNeeded(id, kind, own, distance, wanted);
  const focal = focalOf(id, placed, needed);
  const frameOf = (optics: Fitted, crop?: Figure): Figure =>
    own.panoramic ? frameAllRound(id, distance, crop) : frameGiven(id, kind, optics, distance, focal);
  const full = frameOf(own);
  const window =
    whole &&
    windowResult(id, kind, own, rules, whole, {
      full,
      wanted,
      aim: direction(at, mark.at),
      tilt: numberOf(tiltTo(id, onPlan, lens, face, wanted)) ?? 0,
    });
  const optics = window ? cutBy(own, numberOf(window.crop) ?? 1) : own;
  const frame = window ? frameOf(optics, window.crop) : full;
  const tilt = tiltTo(id, onPlan, lens, face, frame);
  const pixels = facePixels(id, kind, optics, frame);
  return {
    used: optics,
    distance,
    frameWanted: wanted,
    focalNeeded: needed,
    focal,
    window,
    tilt,
    lowest,
    reached: window
      ? windowHolds(id, window)
      : own.panoramic
        ? figures.reached.found([id], true, [], { method: 'it sees all round' })
        : device.focal === undefined
          ? reaches(id, kind, optics, needed)
          : heldBySet(id, needed, focal),
    frameGiven: frame,
    frameHeight: frameHeight(id, frame),
    facePixels: pixels,
    faceVerdict: faceVerdict(id, pixels),
    nearEnough: nearEnough(id, kind, optics, distance),
    fromEverywhere: framedEverywhere(id, camera, device, { at, mark, optics, wanted }, blocking),
    picture: pictureAt(placed.place, mark, tilt, {
      across: tangentOf(optics, { focal, frame, distance, window }),
      allRound: own.panoramic === true && !window,
    }),
  };
}

/** Tangent of half the angle of a frame; that of a window of a picture all round follows from its width. */
function tangentOf(
  optics: Fitted,
  {
    focal,
    frame,
    distance,
    window,
  }: Pick<Framing, 'focal' | 'distance' | 'window'> & { readonly frame: Figure },
): number | undefined {
  const [f, width, d] = [focal, frame, distance].map(numberOf);
  if (window && optics.panoramic) return width === undefined || !d ? undefined : width / 2 / d;
  return f === undefined ? undefined : acrossOf(optics, f);
}

/** The focal length in use: that of the whole picture for a window, the one set, or the one needed. */
function focalOf(id: string, { camera, device, optics, whole }: Placed, needed: Figure): Figure {
  if (whole) {
    return figures.focal.calc([id], [taken('f', whole.focal)], {
      formula: 'f',
      rule: 'that of the picture it is cut from',
    });
  }
  return device.focal === undefined
    ? focalInUse(id, device.kind, optics, needed)
    : focalSet(id, camera, device.kind, optics, device.focal);
}

type Angles = Pick<Framing, 'viewingAngle' | 'verticalAngle' | 'viewVerdict'>;

/** From which side it is seen, and how good that is. */
function anglesOf(id: string, { shot, mark, at, run, lens, face }: Placed): Angles {
  const across = acrossTerm(run);
  const above = verticalAngle(id, across, lens, face);
  if (shot.size === 'from above') {
    return {
      viewingAngle: figures.viewingAngle.unknown([id], 'what is seen from above has no front'),
      verticalAngle: above,
      viewVerdict: verdictFromAbove(id, above),
    };
  }
  const facing = given('facing', mark.facing, '°', 'venue', `/marks/${shot.mark}/facing`);
  const side = angleBetween(direction(mark.at, at), mark.facing);
  const viewingAngle = figures.viewingAngle.found([id], side, [facing]);
  return { viewingAngle, verticalAngle: above, viewVerdict: viewVerdict(id, viewingAngle, above) };
}
