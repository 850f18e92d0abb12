/** Figures of framing: how far, how large, with which lens, and from which side. */
import { declare, houseRule, measurement, standard, VENUE_PLAN } from '../../../foundations/index.js';

const THIN_LENS = standard('thin lens, the distance much longer than the focal length');
const WIDE_SCREEN = standard('ITU-R BT.709: pictures are 16:9');
const EYES_AT_A_THIRD = houseRule('the eyes lie a third from the top of the frame');

export const distance = declare({
  key: 'shots.shots.*.distance',
  label: 'Distance',
  unit: 'm',
  basis: VENUE_PLAN,
  formula: 'sqrt(across ^ 2 + (lens - face) ^ 2)',
});
export const frameWanted = declare({
  key: 'shots.shots.*.frameWanted',
  label: 'Frame wanted',
  unit: 'm',
  basis: houseRule('the table of shot sizes; so much for each seat of a panel; a whole area and 10 %'),
});
export const focalNeeded = declare({
  key: 'shots.shots.*.focalNeeded',
  label: 'Focal length needed',
  unit: 'mm',
  basis: THIN_LENS,
  formula: 'w / crop * d / W',
});
export const reached = declare({
  key: 'shots.shots.*.reached',
  label: 'Shot reached',
  unit: '',
  basis: houseRule('within 5 % of the focal length needed'),
  formula: 'fmin <= 1.05 * f and fmax >= 0.95 * f',
  limits: { raises: 'shots.out-of-reach', risk: { is: false } },
});
export const focal = declare({
  key: 'shots.shots.*.focal',
  label: 'Focal length',
  short: 'Lens mark',
  unit: 'mm',
  basis: houseRule('the one needed, as far as the lens goes'),
  formula: 'max(fmin, min(fmax, f))',
});
export const frameGiven = declare({
  key: 'shots.shots.*.frameGiven',
  label: 'Frame it gives',
  unit: 'm',
  basis: THIN_LENS,
  formula: 'w / crop * d / f',
});
export const frameHeight = declare({
  key: 'shots.shots.*.frameHeight',
  label: 'Frame height',
  unit: 'm',
  basis: WIDE_SCREEN,
  formula: 'frame * 9 / 16',
});
export const facePixels = declare({
  key: 'shots.shots.*.facePixels',
  label: 'Face',
  unit: 'px',
  basis: houseRule('a face is 0.16 m wide'),
  formula: 'pixels * face / frame',
});
export const faceVerdict = declare({
  key: 'shots.shots.*.faceVerdict',
  label: 'Face reads as',
  unit: '',
  basis: houseRule('200, 100 and 60 pixels across a face'),
  formula:
    "px >= 200 ? 'close-up' : px >= 100 ? 'medium shot' : px >= 60 ? 'wide shot' : 'too small to read'",
});
export const viewingAngle = declare({
  key: 'shots.shots.*.viewingAngle',
  label: 'Viewing angle',
  unit: '°',
  basis: VENUE_PLAN,
  method: 'angle on the plan between where the subject faces and the camera',
});
export const verticalAngle = declare({
  key: 'shots.shots.*.verticalAngle',
  label: 'Camera above the eyes',
  unit: '°',
  basis: VENUE_PLAN,
  formula: 'atan((lens - face) / across)',
  limits: { raises: 'shots.overhead', risk: { above: 60 } },
});
export const viewVerdict = declare({
  key: 'shots.shots.*.viewVerdict',
  label: 'Face seen',
  unit: '',
  basis: houseRule('30°, 45° and 60° off the front; −5° to 15° and to 25° above the eyes'),
  formula:
    "side > 60 ? 'profile' : side > 45 or above > 25 or above < -5 ? 'poor' : side > 30 or above > 15 ? 'fair' : 'good'",
  limits: { raises: 'shots.not-straight-down', risk: { is: 'poor' } },
});
export const tilt = declare({
  key: 'shots.shots.*.tilt',
  label: 'Tilt',
  unit: '°',
  basis: EYES_AT_A_THIRD,
  formula: 'atan((face - frame * 9 / 16 / 6 - lens) / across)',
});
export const lowest = declare({
  key: 'shots.shots.*.lowest',
  label: 'Lowest point wanted',
  unit: 'm',
  basis: EYES_AT_A_THIRD,
  formula: 'max(floor, eyes - 2 / 3 * frame * 9 / 16)',
});
export const waist = declare({
  key: 'shots.shots.*.waist',
  label: 'Waist of who is to be seen',
  unit: 'm',
  basis: houseRule('of people in a wide shot all above the waist is to be seen, not their feet'),
  formula: 'max(lowest, eyes - 2 / 3 * waistUp * 9 / 16)',
});
export const nearEnough = declare({
  key: 'shots.shots.*.nearEnough',
  label: 'The lens focuses that near',
  unit: '',
  basis: measurement('its data sheet'),
  formula: 'd >= nearest',
  limits: { raises: 'shots.too-near', risk: { is: false } },
});
export const windowCrop = declare({
  key: 'shots.shots.*.window.crop',
  label: 'Narrower than the picture it is cut from',
  unit: '×',
  basis: VENUE_PLAN,
  formula: 'max(1, full / W)',
});
export const windowSharp = declare({
  key: 'shots.shots.*.window.sharp',
  label: 'As sharp as the output',
  unit: '',
  basis: houseRule('as many pixels of the sensor as the output has'),
  formula: 'pixels / crop >= 0.95 * out',
  limits: { raises: 'shots.window-too-tight', risk: { is: false } },
});
export const windowInside = declare({
  key: 'shots.shots.*.window.inside',
  label: 'Inside the whole picture',
  unit: '',
  basis: VENUE_PLAN,
  method: 'the window laid into the picture of the shot that its camera is framed for',
  limits: { raises: 'shots.window-too-tight', risk: { is: false } },
});
export const fromEverywhere = declare({
  key: 'shots.shots.*.fromEverywhere',
  label: 'Reached from everywhere it goes',
  unit: '',
  basis: houseRule('within 5 % of the focal length needed, from everywhere'),
  formula: 'fmin <= 1.05 * w / crop * near / W and fmax >= 0.95 * w / crop * far / W',
});

export const FRAMING_FIGURES = [
  ...[distance, frameWanted, focalNeeded, reached, focal, frameGiven, frameHeight, facePixels, faceVerdict],
  ...[viewingAngle, verticalAngle, viewVerdict, tilt, lowest, waist, nearEnough, windowCrop, windowSharp],
  ...[windowInside, fromEverywhere],
];
