/** Every rule of Pack. */
import { aboveSeats } from './above-seats.js';
import { accessory } from './accessory.js';
import { bookedOtherwise } from './booked-otherwise.js';
import { caseFull } from './case-full.js';
import { claimed } from './claimed.js';
import { comesBack } from './comes-back.js';
import { door } from './door.js';
import { faultOpen } from './fault-open.js';
import { goesBack } from './goes-back.js';
import { itemUnfit } from './item-unfit.js';
import { lift } from './lift.js';
import { lifter } from './lifter.js';
import { deliveryLate, overCeiling, unpricedNeeds } from './money.js';
import { notOwned } from './not-owned.js';
import { overloaded } from './overloaded.js';
import { push } from './push.js';
import { ridesBadly } from './rides-apart.js';
import { stairs } from './stairs.js';
import { stockShort } from './stock-short.js';
import { testDue } from './test-due.js';
import { packTooLarge } from './too-large.js';
import { triedHere } from './tried-here.js';
import { unbooked } from './unbooked.js';
import { untested } from './untested.js';

export const PACK_RULES = [
  itemUnfit,
  notOwned,
  claimed,
  bookedOtherwise,
  unbooked,
  comesBack,
  goesBack,
  testDue,
  untested,
  faultOpen,
  triedHere,
  accessory,
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
  overCeiling,
  unpricedNeeds,
  deliveryLate,
];
