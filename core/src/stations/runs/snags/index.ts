/** Every rule of Runs. */
import { aisleTight } from './aisle-tight.js';
import { amongSeats } from './among-seats.js';
import { beyondReach } from './beyond-reach.js';
import { cableClaimed } from './cable-claimed.js';
import { cableLost } from './cable-lost.js';
import { cutShort } from './cut-short.js';
import { humNear } from './hum-near.js';
import { leadShort } from './lead-short.js';
import { lineUnsound } from './line-unsound.js';
import { muchLeft } from './much-left.js';
import { noCable } from './no-cable.js';
import { noRoute } from './no-route.js';
import { spanTooLong } from './span-too-long.js';

export const RUNS_RULES = [
  ...[noRoute, leadShort, cableLost, cableClaimed, cutShort, noCable, beyondReach, spanTooLong],
  lineUnsound,
  ...[aisleTight, amongSeats, humNear, muchLeft],
];
