/** Every rule of Pack. */
import { aboveSeats } from './above-seats.js';
import { caseFull } from './case-full.js';
import { claimed } from './claimed.js';
import { itemUnfit } from './item-unfit.js';
import { lift } from './lift.js';
import { notOwned } from './not-owned.js';
import { overloaded } from './overloaded.js';
import { ridesBadly } from './rides-apart.js';
import { stockShort } from './stock-short.js';
import { packTooLarge } from './too-large.js';

export const PACK_RULES = [
  itemUnfit,
  notOwned,
  claimed,
  stockShort,
  lift,
  caseFull,
  packTooLarge,
  ridesBadly,
  overloaded,
  aboveSeats,
];
