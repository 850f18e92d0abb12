/** Every rule of Racks. */
import { earsOnly, railsUnfit } from './held.js';
import { comesOpen, lidPlugs, outOfReach } from './lids.js';
import { bent } from './bent.js';
import { drawerTips } from './drawer-tips.js';
import { notBonded } from './not-bonded.js';
import { overlap } from './overlap.js';
import { againstWall, loud } from './standing.js';
import { tooDeep } from './too-deep.js';
import { tooHeavy } from './too-heavy.js';
import { tooHot } from './too-hot.js';
import { topHeavy } from './top-heavy.js';
import { trayFull } from './tray-full.js';
import { ventsCovered } from './vents.js';

export const RACKS_RULES = [
  ...[overlap, tooHeavy, topHeavy, tooDeep, tooHot, trayFull],
  ...[earsOnly, railsUnfit, comesOpen, againstWall, loud, ventsCovered],
  ...[bent, drawerTips, notBonded, lidPlugs, outOfReach],
];
