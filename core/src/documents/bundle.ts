import { One, OneOf } from './decorators.js';
import { Kinds } from './kinds.js';
import { Claims } from './claims.js';
import { Shelf } from './item.js';
import { Hands } from './people.js';
import { Plan } from './plan.js';
import { Rules } from './rules.js';
import { Venue } from './venue.js';

/** Everything an assessment needs: four documents and three read-only views. */
export class Bundle {
  @One(() => Plan) plan!: Plan;
  @One(() => Venue) venue!: Venue;
  @One(() => Rules) rules!: Rules;
  @One(() => Kinds) kinds!: Kinds;
  @One(() => Shelf) shelf!: Shelf;
  @One(() => Hands) hands!: Hands;
  @One(() => Claims) claims!: Claims;
}

export const BUNDLE_FORMAT = 'idle-satchel bundle';

/** A bundle as a `.satchel.json` file. */
export class BundleFile extends Bundle {
  @OneOf([BUNDLE_FORMAT]) format!: typeof BUNDLE_FORMAT;
  @OneOf([1]) version!: 1;
}
