/** Figures of cameras: where they look, what they stand on, how they move, and whom they disturb. */
import {
  declare,
  DEFINITION,
  houseRule,
  measurement,
  standard,
  VENUE_PLAN,
} from '../../../foundations/index.js';

export const cameraFocal = declare({
  key: 'shots.cameras.*.focal',
  label: 'Focal length in use',
  unit: 'mm',
  basis: DEFINITION,
  formula: 'f',
});
export const aim = declare({ key: 'shots.cameras.*.aim', label: 'Direction', unit: '°', basis: VENUE_PLAN });
export const angleOfView = declare({
  key: 'shots.cameras.*.angleOfView',
  label: 'Angle of view',
  unit: '°',
  basis: standard('horizontal, thin lens'),
  formula: '2 * atan(w / crop / (2 * f))',
});
export const noFilm = declare({
  key: 'shots.cameras.*.noFilm',
  label: 'No-film areas in the picture',
  unit: '',
  basis: VENUE_PLAN,
  method:
    'every 0.25 m of each no-film area’s edge inside the angle of view, tested for a clear line from the camera',
  limits: { raises: 'shots.no-film', stop: { isNot: 'none' } },
});
export const disturbance = declare({
  key: 'shots.cameras.*.disturbance',
  label: 'Disturbs',
  unit: '%',
  basis: houseRule('within 20° of the line of sight; twice for who works it, half as much again above heads'),
  formula: 'drawn * moves * above',
  limits: { raises: 'shots.disturbing', note: { above: 40 } },
});
export const pictures = declare({
  key: 'shots.cameras.*.pictures',
  label: 'Pictures at once, each for an input',
  unit: 'pieces',
  basis: DEFINITION,
  formula: 'own + windows',
});
export const sweep = declare({
  key: 'shots.cameras.*.moving.sweep',
  label: 'Goes',
  unit: 'm',
  basis: DEFINITION,
  formula: 'sweep',
});
export const takesIn = declare({
  key: 'shots.cameras.*.moving.takesIn',
  label: 'Comes into or over',
  unit: '',
  basis: VENUE_PLAN,
  method: 'what the area it moves in has in common with walls, seats, aisles and exits',
});
export const carried = declare({
  key: 'shots.cameras.*.moving.carried',
  label: 'Carried',
  unit: 'kg',
  basis: DEFINITION,
  formula: 'sum(weight)',
});
export const carriedFor = declare({
  key: 'shots.cameras.*.moving.carriedFor',
  label: 'For',
  unit: 'min',
  basis: DEFINITION,
  method: 'items of the running order that its shots are wanted in, added up',
});
export const tallEnough = declare({
  key: 'shots.cameras.*.support.tallEnough',
  label: 'Stand reaches that height',
  unit: '',
  basis: measurement('its data sheet'),
  formula: 'low <= lens + 0.005 and lens <= high + 0.005',
  limits: { raises: 'shots.support-wrong-height', risk: { is: false } },
});
export const strongEnough = declare({
  key: 'shots.cameras.*.support.strongEnough',
  label: 'Stand carries it',
  unit: '',
  basis: houseRule('clamps and plates count as well'),
  formula: 'sum(weight) <= load',
  limits: { raises: 'shots.support-too-weak', stop: { is: false } },
});
export const rightHead = declare({
  key: 'shots.cameras.*.support.rightHead',
  label: 'Head can be worked',
  unit: '',
  basis: houseRule('a camera worked by hand needs a fluid head'),
  formula: "worked != 'operated' or head = 'fluid'",
  limits: { raises: 'shots.support-wrong-head', risk: { is: false } },
});

export const CAMERA_FIGURES = [
  ...[cameraFocal, aim, angleOfView, noFilm, disturbance, pictures, sweep, takesIn, carried, carriedFor],
  ...[tallEnough, strongEnough, rightHead],
];
