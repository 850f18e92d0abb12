/** Everything that an event or a venue is worked on with. */
import type { Bundle } from '../documents/bundle.js';
import { Int, One, Ref } from '../documents/decorators.js';
import { Kinds } from '../documents/kinds.js';
import { Claims } from '../documents/claims.js';
import { Shelf } from '../documents/item.js';
import { Hands } from '../documents/people.js';
import { Plan } from '../documents/plan.js';
import { Rules } from '../documents/rules.js';
import { Venue } from '../documents/venue.js';
import { MOST } from './made.js';

/** Which revision of which document. */
export class Revised {
  @Ref() id!: string;
  @Int(1, MOST) revision!: number;
}

class PlanAt extends Revised {
  @One(() => Plan) body!: Plan;
}
class VenueAt extends Revised {
  @One(() => Venue) body!: Venue;
}
class RulesAt extends Revised {
  @One(() => Rules) body!: Rules;
}
class KindsAt extends Revised {
  @One(() => Kinds) body!: Kinds;
}

class VenueDocuments {
  @One(() => VenueAt) venue!: VenueAt;
  @One(() => RulesAt) rules!: RulesAt;
  @One(() => KindsAt) kinds!: KindsAt;
}

class EventDocuments extends VenueDocuments {
  @One(() => PlanAt) plan!: PlanAt;
}

/** A venue at its own door: what its survey is drawn and checked with. */
export class VenueBundle {
  @One(() => VenueDocuments) documents!: VenueDocuments;
  @One(() => Shelf) shelf!: Bundle['shelf'];
  @One(() => Hands) hands!: Bundle['hands'];
  @One(() => Claims) claims!: Bundle['claims'];
}

/** Everything an assessment of an event needs. */
export class EventBundle extends VenueBundle {
  @One(() => EventDocuments) declare documents: EventDocuments;
  /** The newest revision of the venue, which may be beyond the one the plan is pinned to. */
  @Int(1, MOST) venueNow!: number;
}
