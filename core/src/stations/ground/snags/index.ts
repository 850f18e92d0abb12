/** Every rule of Ground. */
import { aisleNarrow } from './aisle-narrow.js';
import { changeMisfit } from './change-misfit.js';
import { exitBlocked } from './exit-blocked.js';
import { galleryWithoutStairs } from './gallery-without-stairs.js';
import { guessed } from './guessed.js';
import { lightUnmeasured } from './light-unmeasured.js';
import { markInPillar } from './mark-in-pillar.js';
import { outlineCrossed } from './outline-crossed.js';
import { placeOutside } from './place-outside.js';
import { seatsUnderStage } from './seats-under-stage.js';
import { socketWithoutCircuit } from './socket-without-circuit.js';
import { standsBadly } from './stands-badly.js';
import { unitsSlip } from './units-slip.js';

export const GROUND_RULES = [
  ...[outlineCrossed, unitsSlip, changeMisfit, markInPillar, placeOutside, exitBlocked],
  ...[socketWithoutCircuit, aisleNarrow, galleryWithoutStairs, lightUnmeasured, guessed],
  ...[standsBadly, seatsUnderStage],
];
