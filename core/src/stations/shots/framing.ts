/** Framing: wanted frame sizes, needed focal length, angle of view. */
import type { Shot, ShotSize } from '../../documents/index.js';
import { calc, constant, given, reckoner, taken, type Figure, type Term } from '../../foundations/index.js';
import { opticsTerm, type Fitted } from './fitted.js';

/** Wanted frame width and height in metres, 16:9. `pair` and wider follow from their width. */
const SIZES: Readonly<Partial<Record<ShotSize, { width: number; height: number }>>> = {
  'head and shoulders': { width: 0.98, height: 0.55 },
  'chest up': { width: 1.33, height: 0.75 },
  'waist up': { width: 1.87, height: 1.05 },
  'knees up': { width: 2.67, height: 1.5 },
  'full figure': { width: 3.73, height: 2.1 },
  pair: { width: 2.2, height: 2.2 / (16 / 9) },
};

/** Sizes from tightest to widest, for offering the next wider one. */
export const TIGHT_TO_WIDE: readonly ShotSize[] = [
  'head and shoulders',
  'chest up',
  'waist up',
  'pair',
  'knees up',
  'full figure',
];

const TABLE = 'table of shot sizes, 16:9';
const GROUP_MARGIN = 1.1;
const LONE_EXTENT = 2;

/** Wanted frame width: from the table, 0.75·n + 0.5 for a panel of n seated, extent + 10 % for a whole area. */
export function frameWanted(id: string, shot: Shot, extent: number | undefined): Figure {
  const size = SIZES[shot.size];
  if (size) return calc('m', 'size', [constant('size', size.width, 'm', TABLE)], { source: TABLE });
  if (shot.size === 'panel') {
    return calc('m', '0.75 * people + 0.5', [
      shot.people === undefined
        ? constant('people', 3, 'people', 'three, until a number is entered')
        : given('people', shot.people, 'people', 'plan', `/shots/${id}/people`),
    ]);
  }
  return calc('m', 'extent * margin', [
    extent === undefined
      ? constant('extent', LONE_EXTENT, 'm', 'two metres, until the mark’s width is entered')
      : given('extent', extent, 'm', 'venue', `/marks/${shot.mark}/width`),
    constant('margin', GROUP_MARGIN, '×', 'the whole area and 10 % around it'),
  ]);
}

/** Terms of the active sensor width after the video mode's crop. */
export function sensorTerms(kind: string, optics: Fitted): Term[] {
  return [
    opticsTerm('w', kind, optics, 'sensorWidth', 'mm'),
    optics.crop === undefined
      ? constant('crop', 1, '×', 'the video mode uses the whole width')
      : opticsTerm('crop', kind, optics, 'crop', '×'),
  ];
}

const NEEDED = 'w / crop * d / W';
export const focalFor = reckoner(NEEDED, 'w', 'crop', 'd', 'W');

/** Focal length that frames W metres at d metres: f = w·d/W, for d much longer than f. */
export const focalNeeded = (
  kind: string,
  optics: Fitted,
  path: string,
  distance: Figure,
  wanted: Figure,
): Figure =>
  calc(
    'mm',
    NEEDED,
    [
      ...sensorTerms(kind, optics),
      taken('d', distance, `${path}.distance`),
      taken('W', wanted, `${path}.frameWanted`),
    ],
    { source: 'thin lens, d much longer than f' },
  );

export const lensTerms = (kind: string, optics: Fitted): Term[] => [
  opticsTerm('fmin', kind, optics, 'focalMin', 'mm'),
  opticsTerm('fmax', kind, optics, 'focalMax', 'mm'),
];

const REACHES = 'fmin <= 1.05 * f and fmax >= 0.95 * f';
export const isReached = reckoner(REACHES, 'fmin', 'fmax', 'f');

/** A lens reaches a shot when fmin ≤ 1.05·f and fmax ≥ 0.95·f. */
export const reaches = (kind: string, optics: Fitted, path: string, needed: Figure): Figure =>
  calc('', REACHES, [...lensTerms(kind, optics), taken('f', needed, `${path}.focalNeeded`)], {
    rule: 'within 5 % of the focal length needed',
  });

/** Focal length in use where one is set by hand for all shots of a camera, as far as the lens goes. */
export const focalSet = (camera: string, kind: string, optics: Fitted, set: number): Figure =>
  calc('mm', 'max(fmin, min(fmax, set))', [
    ...lensTerms(kind, optics),
    given('set', set, 'mm', 'plan', `/devices/${camera}/focal`),
  ]);

/** A shot taken from a frame more than so many times as wide as it is wanted is no such shot any more. */
export const LOOSEST = 2.2;

const HELD = 'focal <= 1.05 * f and focal * loosest >= f';
export const isHeldBySet = reckoner(HELD, 'focal', 'f', 'loosest');

/** Whether a focal length that is set holds a shot: no tighter than it is wanted, and not too loosely. */
export const heldBySet = (path: string, needed: Figure, focal: Figure): Figure =>
  calc(
    '',
    HELD,
    [
      taken('focal', focal, `${path}.focal`),
      taken('f', needed, `${path}.focalNeeded`),
      constant('loosest', LOOSEST, '×', 'a frame wider than so many times is another shot'),
    ],
    { rule: 'the focal length set for all its shots holds this one' },
  );

/** Focal length in use: the one needed, as far as the lens goes. */
export const focalInUse = (kind: string, optics: Fitted, path: string, needed: Figure): Figure =>
  calc('mm', 'max(fmin, min(fmax, f))', [
    ...lensTerms(kind, optics),
    taken('f', needed, `${path}.focalNeeded`),
  ]);

const FRAME = 'w / crop * d / f';
/** Frame width at a distance (m) with a focal length (mm). */
export const frameAt = reckoner(FRAME, 'w', 'crop', 'd', 'f');

/** Length of a full turn at distance 1. */
const TURN = 2 * Math.PI;
export const allRoundAt = (distance: number): number => TURN * distance;

/** What a camera that sees all round gives at a distance: the whole circle, m. */
export const frameAllRound = (path: string, distance: Figure): Figure =>
  calc('m', 'turn * d', [
    constant('turn', TURN, '', 'a whole circle at distance 1'),
    taken('d', distance, `${path}.distance`),
  ]);

/** Frame width the lens really gives there, at the focal length in use. */
export const frameGiven = (
  kind: string,
  optics: Fitted,
  path: string,
  distance: Figure,
  focal: Figure,
): Figure =>
  calc('m', FRAME, [
    ...sensorTerms(kind, optics),
    taken('d', distance, `${path}.distance`),
    taken('f', focal, `${path}.focal`),
  ]);

/** Height of the frame that the lens gives there, 16:9. */
export const frameHeight = (path: string, frame: Figure): Figure =>
  calc('m', 'frame * 9 / 16', [taken('frame', frame, `${path}.frameGiven`)]);

const FACE = 0.16;

const FACE_PIXELS = 'pixels * face / frame';
export const pixelsOnFace = (pixels: number, frame: number): number => onFace(pixels, FACE, frame);
const onFace = reckoner(FACE_PIXELS, 'pixels', 'face', 'frame');

/** Source pixels across a face 0.16 m wide. */
export const facePixels = (kind: string, optics: Fitted, path: string, frame: Figure): Figure =>
  calc('px', FACE_PIXELS, [
    opticsTerm('pixels', kind, optics, 'pixels', 'px'),
    constant('face', FACE, 'm', 'width of a face'),
    taken('frame', frame, `${path}.frameGiven`),
  ]);

/** What so many pixels across a face are enough for. */
export const faceVerdict = (path: string, pixels: Figure): Figure =>
  calc(
    '',
    "px >= 200 ? 'close-up' : px >= 100 ? 'medium shot' : px >= 60 ? 'wide shot' : 'too small to read'",
    [taken('px', pixels, `${path}.facePixels`)],
    { rule: '200, 100 and 60 pixels across a face' },
  );

/** How far the camera looks down on the eyes, degrees; below zero it looks up. */
export const verticalAngle = (across: Term, lens: Term, face: Term): Figure =>
  calc('°', 'atan((lens - face) / across)', [across, lens, face]);

/** How a table, a book or hands are seen from above: within 10° of straight down. */
export const verdictFromAbove = (path: string, above: Figure): Figure =>
  calc(
    '',
    "above >= 80 ? 'good' : above >= 70 ? 'fair' : 'poor'",
    [taken('above', above, `${path}.verticalAngle`)],
    { rule: 'within 10° of straight down, 20° at most' },
  );

/** How a face is seen: by the worse of the angle off its front and the angle above its eyes. */
export const viewVerdict = (path: string, side: Figure, above: Figure): Figure =>
  calc(
    '',
    "side > 60 ? 'profile' : side > 45 or above > 25 or above < -5 ? 'poor' : side > 30 or above > 15 ? 'fair' : 'good'",
    [taken('side', side, `${path}.viewingAngle`), taken('above', above, `${path}.verticalAngle`)],
    { rule: '30°, 45° and 60° off the front; −5° to 15° and to 25° above the eyes' },
  );

const TILT = 'atan((face - frame * 9 / 16 / 6 - lens) / across)';
export const tiltFor = reckoner(TILT, 'face', 'frame', 'lens', 'across');

/** Eyes lie a third from the top, so the middle of a frame is a sixth of its height below them. */
export const tiltTo = (path: string, across: Term, lens: Term, face: Term, frame: Figure): Figure =>
  calc('°', TILT, [...[face, lens, across], taken('frame', frame, `${path}.frameGiven`)]);
