/** Every rule of Pack. */
import { aboveSeats } from './above-seats.js';
import { caseFull } from './case-full.js';
import { claimed } from './claimed.js';
import { door } from './door.js';
import { itemUnfit } from './item-unfit.js';
import { lift } from './lift.js';
import { lifter } from './lifter.js';
import { notOwned } from './not-owned.js';
import { overloaded } from './overloaded.js';
import { push } from './push.js';
import { ridesBadly } from './rides-apart.js';
import { stairs } from './stairs.js';
import { stockShort } from './stock-short.js';
import { packTooLarge } from './too-large.js';

export const PACK_RULES = [
  itemUnfit,
  notOwned,
  claimed,
  stockShort,
  lift,
  lifter,
  stairs,
  push,
  door,
  caseFull,
  packTooLarge,
  ridesBadly,
  overloaded,
  aboveSeats,
];
