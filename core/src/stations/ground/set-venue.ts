/** Changing the venue for one event: the edit to `venueChanges` that makes a path hold a value. */
import type { VenueChange } from '../../documents/index.js';
import { idFrom, type Json, type MapOf, type Operation } from '../../foundations/index.js';

/** Operations on the plan that set `path` of the venue, for this event only. One change is kept per path. */
export function setInVenue(changes: MapOf<VenueChange> | undefined, path: string, value: Json): Operation[] {
  const id = idFrom(path);
  return [
    ...(changes ? [] : [{ op: 'add' as const, path: '/venueChanges', value: {} }]),
    { op: 'add', path: `/venueChanges/${id}`, value: { path, value } },
  ];
}

/** The same for several paths at once. */
export function setAllInVenue(
  changes: MapOf<VenueChange> | undefined,
  values: Iterable<readonly [path: string, value: Json]>,
): Operation[] {
  const operations: Operation[] = [];
  let present: MapOf<VenueChange> | undefined = changes;
  for (const [path, value] of values) {
    operations.push(...setInVenue(present, path, value));
    present ??= {};
  }
  return operations;
}
