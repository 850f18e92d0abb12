/** The venue as an event sees it: the shared venue with the event's own changes. */
import type { Plan, Venue, VenueChange } from '../../documents/index.js';
import {
  applyPatch,
  inOrder,
  valueAt,
  type DocumentPatch,
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
    try {
      seen = applyPatch(seen, [operationOf(seen, change)]);
    } catch {
      misfits.push(id);
    }
  }
  return { venue: seen, misfits };
}

/** The operation on the venue that a change stands for. */
function operationOf(venue: Venue, { path, value }: VenueChange): Operation {
  if (value === undefined) return { op: 'remove', path };
  return { op: valueAt(venue, path) === undefined ? 'add' : 'replace', path, value: value as Json };
}

/**
 * The edit that takes changes of one event over into the shared venue: the venue as they make it, the plan
 * without them and pinned to the venue's next revision. For a plan that is pinned to the newest revision.
 * Empty when none of them fits the venue.
 */
export function adoptInVenue(
  venue: Venue,
  plan: Pick<Plan, 'venue' | 'venueChanges'>,
  ids: readonly string[],
): DocumentPatch[] {
  const patch: Operation[] = [];
  const adopted: string[] = [];
  let seen = venue;
  for (const [id, change] of inOrder(plan.venueChanges)) {
    if (!ids.includes(id)) continue;
    const operation = operationOf(seen, change);
    try {
      seen = applyPatch(seen, [operation]);
    } catch {
      continue;
    }
    patch.push(operation);
    adopted.push(id);
  }
  if (adopted.length === 0) return [];
  return [
    { document: 'venue', patch },
    {
      document: 'plan',
      patch: [
        ...adopted.map((id): Operation => ({ op: 'remove', path: `/venueChanges/${id}` })),
        { op: 'replace', path: '/venue/revision', value: plan.venue.revision + 1 },
      ],
    },
  ];
}
