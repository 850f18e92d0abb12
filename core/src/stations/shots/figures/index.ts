/** Every figure of Shots. */
import { CAMERA_FIGURES } from './cameras.js';
import { FRAMING_FIGURES } from './framing.js';
import { LAMP_FIGURES } from '../lamp.js';
import { LIGHT_FIGURES } from './light.js';
import { SIGHT_FIGURES } from './sight.js';

export const SHOTS_FIGURES = [
  ...CAMERA_FIGURES,
  ...FRAMING_FIGURES,
  ...SIGHT_FIGURES,
  ...LIGHT_FIGURES,
  ...LAMP_FIGURES,
];
