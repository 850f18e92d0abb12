/** Framing: wanted frame sizes, needed focal length, angle of view. */
import type { Mark, Shot, ShotSize } from '../../documents/index.js';
import { constant, given, reckoner, taken, type Figure, type Term } from '../../foundations/index.js';
import * as figures from './figures/framing.js';
import { opticsTerm, type Fitted } from './fitted.js';

/** Wanted frame width, m. */
export const SIZES = {
  'head and shoulders': 0.98,
  'chest up': 1.33,
  'waist up': 1.87,
  'knees up': 2.67,
  'full figure': 3.73,
  pair: 2.2,
} satisfies Partial<Record<ShotSize, number>>;

/** Sizes from tightest to widest, for offering the next wider one. */
export const TIGHT_TO_WIDE: readonly ShotSize[] = [
  'head and shoulders',
  'chest up',
  'waist up',
  'pair',
  'knees up',
  'full figure',
];

const GROUP_MARGIN = 1.1;
/** Width of a seat of a panel, and what is left around them all, m. */
const [SEAT, AROUND] = [0.75, 0.5];
const LONE_EXTENT = 2;

const ACROSS = 'margin * max(extent * abs(cos(side)), min(extent, seat))';
const acrossFrom = reckoner(ACROSS, 'margin', 'extent', 'side', 'seat');
/**
 * Width of the frame, m, that a whole area asks for from so many degrees off its front: its extent as it is seen from
 * there and 10 %, at least the width of one person, as a row seen from its end is.
 */
export const wholeAreaFrom = (extent: number, side: number): number =>
  acrossFrom(GROUP_MARGIN, extent, side, SEAT);

/**
 * Wanted frame width: from the table, 0.75·n + 0.5 for a panel of n seated (n as the shot says, else the mark), extent as seen + 10 % for a whole area.
 * `side`: the viewing angle, degrees off the front; undefined while it is not known, which counts as the front.
 */
export function frameWanted(
  id: string,
  shot: Shot,
  mark: Pick<Mark, 'width' | 'people'> | undefined,
  side?: Figure,
): Figure {
  const extent = mark?.width;
  const size = (SIZES as Partial<Record<ShotSize, number>>)[shot.size];
  if (size) {
    const width = constant('size', size, 'm', 'table of shot sizes, 16:9');
    return figures.frameWanted.calc([id], [width], { formula: 'size' });
  }
  if (shot.size === 'panel') {
    const people =
      shot.people !== undefined
        ? given('people', shot.people, 'people', 'plan', `/shots/${id}/people`)
        : mark?.people !== undefined && mark.people > 1
          ? given('people', mark.people, 'people', 'venue', `/marks/${shot.mark}/people`)
          : constant('people', 3, 'people', 'three, until a number is entered');
    const seats = [
      constant('seat', SEAT, 'm', 'width of a seat'),
      constant('around', AROUND, 'm', 'left around them all'),
    ];
    return figures.frameWanted.calc([id], [people, ...seats], { formula: 'seat * people + around' });
  }
  const whole =
    extent === undefined
      ? constant('extent', LONE_EXTENT, 'm', 'two metres, until the mark’s width is entered')
      : given('extent', extent, 'm', 'venue', `/marks/${shot.mark}/width`);
  const margin = constant('margin', GROUP_MARGIN, '×', 'the whole area and 10 % around it');
  if (side && seenFromItsSide(shot, extent)) {
    const person = constant('seat', SEAT, 'm', 'width of one person, as a row is seen from its end');
    return figures.frameWanted.calc([id], [whole, margin, taken('side', side), person], { formula: ACROSS });
  }
  return figures.frameWanted.calc([id], [whole, margin], { formula: 'extent * margin' });
}

/** Whether how wide a shot is wanted depends on the side it is seen from. */
export const seenFromItsSide = ({ size }: Pick<Shot, 'size'>, extent: number | undefined): extent is number =>
  size === 'whole area' && extent !== undefined;

/** Terms of the active sensor width after the video mode's crop. */
export function sensorTerms(kind: string, optics: Fitted): Term[] {
  return [
    opticsTerm('w', kind, optics, 'sensorWidth', 'mm'),
    optics.crop === undefined
      ? constant('crop', 1, '×', 'the video mode uses the whole width')
      : opticsTerm('crop', kind, optics, 'crop', '×'),
  ];
}

/** Focal length that frames W metres at d metres: f = w·d/W, for d much longer than f. */
export const focalFor = figures.focalNeeded.reckoner('w', 'crop', 'd', 'W');

export const focalNeeded = (
  id: string,
  kind: string,
  optics: Fitted,
  distance: Figure,
  wanted: Figure,
): Figure =>
  figures.focalNeeded.calc([id], [...sensorTerms(kind, optics), taken('d', distance), taken('W', wanted)]);

export const lensTerms = (kind: string, optics: Fitted): Term[] => [
  opticsTerm('fmin', kind, optics, 'focalMin', 'mm'),
  opticsTerm('fmax', kind, optics, 'focalMax', 'mm'),
];

/** A lens reaches a shot when fmin ≤ 1.05·f and fmax ≥ 0.95·f. */
export const isReached = figures.reached.reckoner('fmin', 'fmax', 'f');

export const reaches = (id: string, kind: string, optics: Fitted, needed: Figure): Figure =>
  figures.reached.calc([id], [...lensTerms(kind, optics), taken('f', needed)]);

/** Focal length in use where one is set by hand for all shots of a camera, as far as the lens goes. */
export const focalSet = (id: string, camera: string, kind: string, optics: Fitted, set: number): Figure =>
  figures.focal.calc(
    [id],
    [...lensTerms(kind, optics), given('set', set, 'mm', 'plan', `/devices/${camera}/focal`)],
    { formula: 'max(fmin, min(fmax, set))', rule: 'the one set for all shots of its camera' },
  );

/** A shot taken from a frame more than so many times as wide as it is wanted is no such shot any more. */
export const LOOSEST = 2.2;

const HELD = 'focal <= 1.05 * f and focal * loosest >= f';
export const isHeldBySet = reckoner(HELD, 'focal', 'f', 'loosest');

/** Whether a focal length that is set holds a shot: no tighter than it is wanted, and not too loosely. */
export const heldBySet = (id: string, needed: Figure, focal: Figure): Figure =>
  figures.reached.calc(
    [id],
    [
      taken('focal', focal),
      taken('f', needed),
      constant('loosest', LOOSEST, '×', 'a frame wider than so many times is another shot'),
    ],
    { formula: HELD, rule: 'the focal length set for all its shots holds this one' },
  );

/** Focal length in use: the one needed, as far as the lens goes. */
export const focalInUse = (id: string, kind: string, optics: Fitted, needed: Figure): Figure =>
  figures.focal.calc([id], [...lensTerms(kind, optics), taken('f', needed)]);

/** Frame width at a distance (m) with a focal length (mm). */
export const frameAt = figures.frameGiven.reckoner('w', 'crop', 'd', 'f');

/** Length of a full turn at distance 1. */
const TURN = 2 * Math.PI;
export const allRoundAt = (distance: number): number => TURN * distance;

/**
 * What a camera that sees all round gives at a distance: the whole circle, m, or the part of it that a window so many
 * times narrower is.
 */
export const frameAllRound = (id: string, distance: Figure, crop?: Figure): Figure => {
  const circle = [constant('turn', TURN, '', 'a whole circle at distance 1'), taken('d', distance)];
  return crop
    ? figures.frameGiven.calc([id], [...circle, taken('crop', crop)], { formula: 'turn * d / crop' })
    : figures.frameGiven.calc([id], circle, { formula: 'turn * d' });
};

/** Frame width the lens really gives there, at the focal length in use. */
export const frameGiven = (
  id: string,
  kind: string,
  optics: Fitted,
  distance: Figure,
  focal: Figure,
): Figure =>
  figures.frameGiven.calc([id], [...sensorTerms(kind, optics), taken('d', distance), taken('f', focal)]);

/** Height of the frame that the lens gives there, 16:9. */
export const frameHeight = (id: string, frame: Figure): Figure =>
  figures.frameHeight.calc([id], [taken('frame', frame)]);

const FACE = 0.16;
const onFace = figures.facePixels.reckoner('pixels', 'face', 'frame');
export const pixelsOnFace = (pixels: number, frame: number): number => onFace(pixels, FACE, frame);

/** Source pixels across a face 0.16 m wide. */
export const facePixels = (id: string, kind: string, optics: Fitted, frame: Figure): Figure =>
  figures.facePixels.calc(
    [id],
    [
      opticsTerm('pixels', kind, optics, 'pixels', 'px'),
      constant('face', FACE, 'm', 'width of a face'),
      taken('frame', frame),
    ],
  );

/** What so many pixels across a face are enough for. */
export const faceVerdict = (id: string, pixels: Figure): Figure =>
  figures.faceVerdict.calc([id], [taken('px', pixels)]);

/** How far the camera looks down on the eyes, degrees; below zero it looks up. */
export const verticalAngle = (id: string, across: Term, lens: Term, face: Term): Figure =>
  figures.verticalAngle.calc([id], [across, lens, face]);

/** How a table, a book or hands are seen from above: within 10° of straight down. */
export const verdictFromAbove = (id: string, above: Figure): Figure =>
  figures.viewVerdict.calc([id], [taken('above', above)], {
    formula: "above >= 80 ? 'good' : above >= 70 ? 'fair' : 'poor'",
    rule: 'within 10° of straight down, 20° at most',
  });

/** How a face is seen: by the worse of the angle off its front and the angle above its eyes. */
export const viewVerdict = (id: string, side: Figure, above: Figure): Figure =>
  figures.viewVerdict.calc([id], [taken('side', side), taken('above', above)]);

/** Eyes lie a third from the top, so the middle of a frame is a sixth of its height below them. */
export const tiltFor = figures.tilt.reckoner('face', 'frame', 'lens', 'across');

export const tiltTo = (id: string, across: Term, lens: Term, face: Term, frame: Figure): Figure =>
  figures.tilt.calc([id], [face, lens, across, taken('frame', frame)]);
