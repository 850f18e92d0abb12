/** The bundle as an event sees it, which is what the pointers in workings point into. */
import type { Bundle } from './documents/index.js';
import { applyVenueChanges } from './stations/ground/venue-changes.js';

/** The venue with the event’s changes, and the house rules with the event’s choices. */
export const seenBundle = (bundle: Bundle): Bundle => ({
  ...bundle,
  venue: applyVenueChanges(bundle.venue, bundle.plan.venueChanges).venue,
  rules: { ...bundle.rules, ...bundle.plan.rules },
});
