/** Who may do what: one table for the server, which refuses by it, and the screens, which hide by it. */

/**
 * What somebody is in an organisation: who answers for it; who plans its events; who helps at some of them; and whoever
 * was handed a link to one event.
 */
export const ROLES = ['owner', 'planner', 'hand', 'guest'] as const;
export type Role = (typeof ROLES)[number];

/** Roles that an account is given; guests have a link in the place of one. */
export const MEMBER_ROLES = ['owner', 'planner', 'hand'] as const satisfies readonly Role[];
export type MemberRole = (typeof MEMBER_ROLES)[number];

export const ROLE_WORDS: Readonly<Record<Role, string>> = {
  owner: 'answers for the house: people, money, secrets, backups, roles',
  planner: 'plans events, surveys venues, keeps the shelf and the house rules',
  hand: 'sees the events they serve; ticks checks, notes readings',
  guest: 'sees the day of one event',
};

export type Action = 'read' | 'change';

/** What is asked for as a whole, by its address. */
export const RESOURCES = [
  'organisation',
  'events',
  'event',
  'venues',
  'shelf',
  'readings',
  'bookings',
  'people',
  'pictures',
  'files',
  'sheets',
  'money',
  'history',
  'live',
  'accounts',
  'links',
  'requests',
  'audit',
  'self',
] as const;
export type Resource = (typeof RESOURCES)[number];

/** What has paths within it: documents, and records of shelf and hands. */
export const PATHED = ['plan', 'venue', 'rules', 'kinds', 'item', 'person'] as const;
export type Pathed = (typeof PATHED)[number];

/** A place within a document or record, as a JSON pointer. */
export interface Place {
  readonly document: Pathed;
  readonly path: string;
}

export type Thing = Resource | Place;

type Cell = Readonly<Record<Action, readonly Role[]>>;

const O: readonly Role[] = ['owner'];
const OP: readonly Role[] = ['owner', 'planner'];
const OPH: readonly Role[] = ['owner', 'planner', 'hand'];
const ALL: readonly Role[] = ROLES;

/** Hands and guests read and change `event` for the events that are theirs only. */
const BY_RESOURCE: Readonly<Record<Resource, Cell>> = {
  organisation: { read: ALL, change: O },
  events: { read: OPH, change: OP },
  event: { read: ALL, change: OPH },
  venues: { read: OP, change: OP },
  shelf: { read: OP, change: OP },
  readings: { read: OP, change: OPH },
  bookings: { read: OP, change: OP },
  people: { read: OP, change: O },
  pictures: { read: ALL, change: OPH },
  files: { read: OPH, change: OP },
  sheets: { read: OPH, change: OP },
  money: { read: O, change: O },
  history: { read: OP, change: OP },
  live: { read: ALL, change: O },
  accounts: { read: O, change: O },
  links: { read: OP, change: OP },
  // How people are asked, and what they are sent; not how they are reached.
  requests: { read: OP, change: OP },
  audit: { read: O, change: O },
  self: { read: ALL, change: OPH },
};

/**
 * By path; `*` is any one key. The longest that leads to a place, or to what it lies in, holds for it. Whoever may not
 * read a place may not change it either.
 */
const BY_PATH: Readonly<Record<Pathed, Readonly<Record<string, Cell>>>> = {
  plan: {
    '': { read: ALL, change: OP },
    '/money': { read: O, change: O },
    '/quote': { read: O, change: O },
    // Checks and readings of the day.
    '/ticks/*': { read: ALL, change: OPH },
    '/workLog/*': { read: ALL, change: OPH },
    '/chargeReadings/*': { read: ALL, change: OPH },
    '/batteryChanges/*/done': { read: ALL, change: OPH },
    '/batteryChanges/*/by': { read: ALL, change: OPH },
    '/links/*/proof': { read: ALL, change: OPH },
    '/links/*/measured': { read: ALL, change: OPH },
    '/links/*/laid': { read: ALL, change: OPH },
    '/devices/*/afterTransport/*': { read: ALL, change: OPH },
  },
  venue: {
    '': { read: ALL, change: OP },
    // What is measured and noted on site; in an event that is one of its differences from the venue.
    '/notes/*': { read: OPH, change: OPH },
    '/uploads/*': { read: ALL, change: OPH },
    '/lightReadings/*': { read: ALL, change: OPH },
    '/mobileReadings/*': { read: ALL, change: OPH },
  },
  rules: {
    '': { read: ALL, change: OP },
    '/money': { read: O, change: O },
  },
  kinds: {
    '': { read: ALL, change: OP },
    '/kinds/*/price': { read: O, change: O },
    '/kinds/*/prices': { read: O, change: O },
    '/kinds/*/verdicts': { read: OP, change: OP },
  },
  item: {
    '': { read: ALL, change: OP },
    '/serial': { read: OP, change: OP },
    '/note': { read: OP, change: OP },
    '/bought': { read: O, change: O },
    '/insured': { read: O, change: O },
    '/faults': { read: OPH, change: OPH },
    '/meter': { read: ALL, change: OPH },
    '/runs': { read: ALL, change: OPH },
  },
  person: {
    '': { read: ALL, change: O },
    // Whoever leads an event sees them of those who serve at it.
    '/phone': { read: O, change: O },
    '/mail': { read: O, change: O },
    '/note': { read: O, change: O },
    '/needs': { read: O, change: O },
    '/guardian': { read: O, change: O },
    // Who plans asks when people come; others do not.
    '/youngUntil': { read: OP, change: O },
    '/most': { read: OP, change: O },
    '/travel': { read: OP, change: O },
    '/seats': { read: OP, change: O },
    '/vetted': { read: OP, change: O },
    '/presence': { read: OP, change: O },
    '/ties': { read: OP, change: O },
    '/training': { read: OP, change: O },
  },
};

/** The keys of a JSON pointer that is known to be well formed. */
const keysOf = (pointer: string): string[] => (pointer === '' ? [] : pointer.slice(1).split('/'));

const leadsTo = (pattern: readonly string[], keys: readonly string[]): boolean =>
  pattern.length <= keys.length && pattern.every((key, i) => key === '*' || key === keys[i]);

const PATTERNS = Object.fromEntries(
  PATHED.map(document => [
    document,
    Object.entries(BY_PATH[document])
      .map(([path, cell]) => ({ keys: keysOf(path), cell }))
      .sort((a, b) => b.keys.length - a.keys.length),
  ]),
) as unknown as Readonly<
  Record<Pathed, readonly { readonly keys: readonly string[]; readonly cell: Cell }[]>
>;

/** Whether somebody in a role may read or change a thing. */
export function may(role: Role, action: Action, thing: Thing): boolean {
  if (typeof thing === 'string') return BY_RESOURCE[thing][action].includes(role);
  const keys = keysOf(thing.path);
  const cell = PATTERNS[thing.document].find(pattern => leadsTo(pattern.keys, keys))?.cell;
  return cell?.[action].includes(role) === true;
}

/** The paths of a document, `*` for any key, that the table tells apart. */
export const pathsToldApart = (document: Pathed): readonly string[] => Object.keys(BY_PATH[document]);

/** Whether a role may change something further in than a path that it may not change itself. */
export const mayFurtherIn = (role: Role, { document, path }: Place): boolean => {
  const keys = keysOf(path);
  return PATTERNS[document].some(
    pattern =>
      pattern.keys.length > keys.length &&
      pattern.cell.change.includes(role) &&
      leadsTo(pattern.keys.slice(0, keys.length), keys),
  );
};
