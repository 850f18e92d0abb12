/** The venue as an event sees it: the shared venue with the event's own changes. */
import type { Plan, Venue, VenueChange } from '../../documents/index.js';
import {
  applyPatch,
  idFrom,
  inOrder,
  PatchError,
  pointerOf,
  sameJson,
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
      seen = applyPatch(seen, operationsOf(seen, change));
    } catch (error) {
      if (!(error instanceof PatchError)) throw error;
      misfits.push(id);
    }
  }
  return { venue: seen, misfits };
}

/** The same, of what a station reads. */
export const changedVenue = ({
  sharedVenue,
  venueChanges,
}: {
  readonly sharedVenue: Venue;
  readonly venueChanges: MapOf<VenueChange> | undefined;
}): SeenVenue => applyVenueChanges(sharedVenue, venueChanges);

/** The operations on the venue that a change stands for. */
function operationsOf(venue: Venue, { path, value }: VenueChange): Operation[] {
  if (value === undefined) return [{ op: 'remove', path }];
  const op = valueAt(venue, path) === undefined ? 'add' : 'replace';
  return withMaps(venue, [{ op, path, value: value as Json }]);
}

/** A patch of a venue with the maps that it adds a first record to. */
export function withMaps(venue: Venue, patch: readonly Operation[]): Operation[] {
  const opened = new Set<string>();
  const maps = patch.flatMap(({ op, path }): Operation[] => {
    const [, map = '', ...rest] = path.split('/');
    if (op !== 'add' || rest.length !== 1 || opened.has(map) || Object.hasOwn(venue, map)) return [];
    opened.add(map);
    return [{ op: 'add', path: `/${map}`, value: {} }];
  });
  return [...maps, ...patch];
}

/**
 * The operations on a plan that change the venue for its event only: `patch` is what happens to the venue as the
 * event sees it. One change is kept for each field of a record that differs from the survey, one for a record that
 * is new or gone; what is again as surveyed is no change any more. Throws `PatchError` for a patch that does not fit.
 */
export function changeForEvent(
  shared: Venue,
  changes: MapOf<VenueChange> | undefined,
  patch: readonly Operation[],
): Operation[] {
  const before = applyVenueChanges(shared, changes).venue;
  const after = applyPatch(before, withMaps(before, patch));
  const wanted = new Map<string, VenueChange>();
  const touched: string[] = [];
  for (const path of changedRecords(before, after)) {
    touched.push(path);
    for (const change of differences(path, valueAt(shared, path), valueAt(after, path))) {
      wanted.set(idFrom(change.path), change);
    }
  }
  const operations: Operation[] = [];
  for (const [id, { path }] of inOrder(changes)) {
    const inside = touched.some(each => path === each || path.startsWith(`${each}/`));
    if (inside && !wanted.has(id)) operations.push({ op: 'remove', path: `/venueChanges/${id}` });
  }
  for (const [id, change] of wanted) {
    if (sameJson(changes?.[id], change)) continue;
    operations.push({ op: 'add', path: `/venueChanges/${id}`, value: change as unknown as Json });
  }
  if (operations.length > 0 && !changes) operations.unshift({ op: 'add', path: '/venueChanges', value: {} });
  return operations;
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Fields of a venue that hold one record each, not records by id. */
const SINGLE: ReadonlySet<string> = new Set(['facts', 'tracing']);

/** Pointers to the records, or fields that are no records, that are not the same object in both. */
function* changedRecords(before: Venue, after: Venue): Generator<string> {
  for (const field of new Set([...Object.keys(before), ...Object.keys(after)])) {
    const [was, is] = [before[field as keyof Venue], after[field as keyof Venue]] as [unknown, unknown];
    if (was === is) continue;
    if (SINGLE.has(field) || !(isRecord(was) || isRecord(is))) {
      yield pointerOf(field);
      continue;
    }
    const [theirs, ours] = [isRecord(was) ? was : {}, isRecord(is) ? is : {}];
    for (const id of new Set([...Object.keys(theirs), ...Object.keys(ours)])) {
      if (theirs[id] !== ours[id]) yield pointerOf(field, id);
    }
  }
}

/** What differs between a record as surveyed and as an event has it: the whole of it, or field by field. */
function differences(path: string, surveyed: unknown, here: unknown): VenueChange[] {
  if (sameJson(surveyed, here)) return [];
  if (here === undefined) return [{ path }];
  if (!isRecord(surveyed) || !isRecord(here)) return [{ path, value: here }];
  return [...new Set([...Object.keys(surveyed), ...Object.keys(here)])].flatMap(key =>
    sameJson(surveyed[key], here[key])
      ? []
      : [{ path: path + pointerOf(key), ...(here[key] === undefined ? {} : { value: here[key] }) }],
  );
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
    const operations = operationsOf(seen, change);
    try {
      seen = applyPatch(seen, operations);
    } catch {
      continue;
    }
    patch.push(...operations);
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
