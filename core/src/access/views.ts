/** A bundle as somebody sees it: without what is not for them. */
import type {
  Bundle,
  Claims,
  Hands,
  Item,
  Kinds,
  Person,
  Plan,
  Rules,
  Shelf,
  Venue,
} from '../documents/index.js';
import { itemWithoutNames, SOMEBODY } from '../documents/without-names.js';
import { LEAD_ROLE, type Json } from '../foundations/index.js';
import { peopleOn } from '../stations/youth.js';
import { hiddenFrom, patchWithoutHidden, seesAll, withoutHidden } from './hidden.js';
import type { Pathed, Role } from './roles.js';

/** Who looks: in a role, and as which person of the house where they are one. */
export interface Viewer {
  readonly role: Role;
  readonly person?: string;
  /** The one event that a guest sees. */
  readonly event?: string;
}

interface Bodies {
  readonly plan: Plan;
  readonly venue: Venue;
  readonly rules: Rules;
  readonly kinds: Kinds;
  readonly item: Item;
  readonly person: Person;
}

/** A document or record as a role sees it. */
export function seenBy<Sort extends Pathed>(role: Role, sort: Sort, body: Bodies[Sort]): Bodies[Sort] {
  const seen = withoutHidden(body, hiddenFrom(role, sort));
  const nameless = role === 'guest' ? withoutSigners(seen) : seen;
  if (sort === 'plan') return venueChangesSeenBy(role, nameless as Plan) as Bodies[Sort];
  // Who lends a thing, owns it or has it is for those who keep the shelf.
  return sort === 'item' && HELPERS.has(role)
    ? (itemWithoutNames(nameless as Item) as Bodies[Sort])
    : nameless;
}

/** What an event says of its venue is seen as what the venue says of itself. */
function venueChangesSeenBy(role: Role, plan: Plan): Plan {
  const hidden = hiddenFrom(role, 'venue');
  if (!plan.venueChanges || seesAll(role, 'venue')) return plan;
  const seen = Object.entries(plan.venueChanges).flatMap(([id, change]) => {
    const { path, value } = change;
    const [shown] =
      patchWithoutHidden(
        [value === undefined ? { op: 'remove', path } : { op: 'add', path, value: value as Json }],
        hidden,
      ) ?? [];
    if (!shown) return [];
    return [[id, 'value' in shown ? { ...change, value: shown.value } : change] as const];
  });
  return { ...plan, venueChanges: Object.fromEntries(seen) };
}

const HELPERS: ReadonlySet<Role> = new Set<Role>(['hand', 'guest']);

const ANOTHER = 'another event';

/** Any value with `by` of whatever was signed in it made nameless; what has none keeps its identity. */
function withoutSigners<T>(value: T): T {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
  let changed = false;
  const nameless = Object.fromEntries(
    Object.entries(value).map(([key, each]: [string, unknown]) => {
      const next = key === 'by' && typeof each === 'string' ? SOMEBODY : withoutSigners(each);
      if (next !== each) changed = true;
      return [key, next];
    }),
  );
  return changed ? (nameless as T) : value;
}

/** People of the house who serve an event: on a role of it, or named at a lift. */
export function servingAt({ assignments, devices }: Plan): ReadonlySet<string> {
  return new Set([
    ...Object.values(assignments ?? {}).map(({ person }) => person),
    ...Object.values(devices ?? {}).flatMap(({ liftedBy }) => liftedBy ?? []),
  ]);
}

/** Whether somebody in a role sees every event there is. */
export const seesEveryEvent = (role: Role): boolean => !HELPERS.has(role);

/** Whether somebody may see an event at all: who plans sees each, a hand those they serve, a guest their own. */
export function seesEvent({ role, person, event }: Viewer, id: string, plan: Plan): boolean {
  if (seesEveryEvent(role)) return true;
  if (role === 'guest') return event === id;
  return person !== undefined && servingAt(plan).has(person);
}

const shelfSeenBy = (role: Role, { items }: Shelf): Shelf => ({
  items: Object.fromEntries(Object.entries(items).map(([id, item]) => [id, seenBy(role, 'item', item)])),
});

/** Whether a person of the house leads an event. */
const leadsEvent = ({ assignments }: Plan, id: string): boolean =>
  Object.values(assignments ?? {}).some(({ role, person }) => role === LEAD_ROLE && person === id);

/**
 * Whoever plans sees everybody; a hand those who serve with them; a guest that somebody does. Whoever leads the event sees
 * how those who serve at it are reached.
 */
function handsSeenBy({ role, person }: Viewer, { people }: Hands, plan: Plan): Hands {
  const serving = servingAt(plan);
  const leads = role !== 'guest' && person !== undefined && leadsEvent(plan, person);
  const isSeen = (id: string): boolean =>
    !HELPERS.has(role) || serving.has(id) || (role === 'hand' && id === person);
  const seen = (id: string, each: Person): Person => {
    const plain = leads && serving.has(id) ? each : seenBy(role, 'person', each);
    return role === 'guest' ? { ...plain, name: SOMEBODY } : plain;
  };
  // Until when somebody is under 18 is not for everybody; that they are at the event is.
  const shown = Object.entries(peopleOn({ ...plan, people })).filter(([id]) => isSeen(id));
  return { people: Object.fromEntries(shown.map(([id, each]) => [id, seen(id, each)])) };
}

function claimsSeenBy(role: Role, claims: Claims): Claims {
  if (!HELPERS.has(role)) return claims;
  const { duties: _duties, ...shown } = claims;
  return {
    ...shown,
    claims: Object.fromEntries(
      Object.entries(claims.claims).map(([id, claim]) => [id, { ...claim, event: ANOTHER }]),
    ),
    ...(claims.before && { before: { ...claims.before, event: ANOTHER } }),
    ...(claims.after && { after: { ...claims.after, event: ANOTHER } }),
  };
}

/** Everything that an assessment needs, as somebody sees it. An owner sees it as it is. */
export function bundleSeenBy(viewer: Viewer, bundle: Bundle): Bundle {
  const { role } = viewer;
  if (role === 'owner') return bundle;
  return {
    plan: seenBy(role, 'plan', bundle.plan),
    venue: seenBy(role, 'venue', bundle.venue),
    rules: seenBy(role, 'rules', bundle.rules),
    kinds: seenBy(role, 'kinds', bundle.kinds),
    shelf: shelfSeenBy(role, bundle.shelf),
    hands: handsSeenBy(viewer, bundle.hands, bundle.plan),
    claims: claimsSeenBy(role, bundle.claims),
  };
}
