/** The venue as an event sees it: the shared venue with the event's own changes. */
import type { Venue, VenueChange } from '../../documents/index.js';
import {
  applyPatch,
  inOrder,
  valueAt,
  type Json,
  type MapOf,
  type Operation,
} from '../../foundations/index.js';

export interface SeenVenue {
  readonly venue: Venue;
  /** Ids of changes that no longer fit the venue. */
  readonly misfits: readonly string[];
}

/** Applies changes in id order; one whose place is gone, or that removes what is gone, is a misfit. */
export function applyVenueChanges(venue: Venue, changes: MapOf<VenueChange> | undefined): SeenVenue {
  let seen = venue;
  const misfits: string[] = [];
  for (const [id, change] of inOrder(changes)) {
    const exists = valueAt(seen, change.path) !== undefined;
    const operation: Operation =
      change.value === undefined
        ? { op: 'remove', path: change.path }
        : { op: exists ? 'replace' : 'add', path: change.path, value: change.value as Json };
    try {
      seen = applyPatch(seen, [operation]);
    } catch {
      misfits.push(id);
    }
  }
  return { venue: seen, misfits };
}
