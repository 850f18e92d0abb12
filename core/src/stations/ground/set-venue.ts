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

/** Operations on the plan that take paths out of the venue, for this event only. */
export const dropFromVenue = (
  changes: MapOf<VenueChange> | undefined,
  paths: readonly string[],
): Operation[] => [
  ...(changes || paths.length === 0 ? [] : [{ op: 'add' as const, path: '/venueChanges', value: {} }]),
  ...paths.map((path): Operation => ({ op: 'add', path: `/venueChanges/${idFrom(path)}`, value: { path } })),
];

/** The same as `setInVenue` for several paths at once. */
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
