/** Every rule of Shots. */
import { aimedAway } from './aimed-away.js';
import { headsInTheWay } from './heads-in-the-way.js';
import { coveredOnce } from './covered-once.js';
import { disturbing } from './disturbing.js';
import { flicker } from './flicker.js';
import { gearInShot } from './gear-in-picture.js';
import { hidden } from './hidden.js';
import { lampColour } from './lamp-colour.js';
import { lampGlare } from './lamp-glare.js';
import { lampUnturned } from './lamp-unturned.js';
import { lensMisfit } from './lens-misfit.js';
import { noCamera } from './no-camera.js';
import { noFilm } from './no-film.js';
import { notSharp } from './not-sharp.js';
import { notStraightDown } from './not-straight-down.js';
import { overhead } from './overhead.js';
import { outOfReach } from './out-of-reach.js';
import { poorCut } from './poor-cut.js';
import { supportTooWeak } from './support-too-weak.js';
import { supportWrongHead } from './support-wrong-head.js';
import { supportWrongHeight } from './support-wrong-height.js';
import { standInAisle } from './stand-in-aisle.js';
import { solidInTheWay } from './solid-in-the-way.js';
import { tooBright } from './too-bright.js';
import { tooDark } from './too-dark.js';
import { tooNear } from './too-near.js';
import { sweepTakesIn } from './sweep-takes-in.js';
import { windowTooTight } from './window-too-tight.js';

export const SHOTS_RULES = [
  noFilm,
  hidden,
  noCamera,
  outOfReach,
  headsInTheWay,
  solidInTheWay,
  aimedAway,
  tooDark,
  notSharp,
  tooNear,
  tooBright,
  overhead,
  notStraightDown,
  standInAisle,
  supportTooWeak,
  supportWrongHeight,
  supportWrongHead,
  flicker,
  gearInShot,
  poorCut,
  coveredOnce,
  disturbing,
  windowTooTight,
  lensMisfit,
  sweepTakesIn,
  lampColour,
  lampGlare,
  lampUnturned,
];
