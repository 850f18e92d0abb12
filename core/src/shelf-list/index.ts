/** The shelf as a table shows it: each thing in words, what wants attention, and what it is found by. */
import type { Item, Kind } from '../documents/index.js';
import { counted, showCalendarDay, type DateLocale } from '../foundations/index.js';
import { isReady, keptBack } from '../stations/ready.js';
import { attentionOf, isOverdue, type Attention } from './attention.js';

export { dayBars, dayBounds, type DayBar } from './calendar.js';
export { attentionOf, isOverdue, type Attention } from './attention.js';
export { reminderWords } from './reminder.js';

export interface ShelfLine {
  readonly id: string;
  readonly tape: string;
  /** Label of its kind, with how many of what is counted. */
  readonly what: string;
  readonly family: string;
  /** `ready`, or why it cannot be taken along. */
  readonly state: string;
  readonly where: string;
  readonly home: string;
  readonly kit: string;
  readonly whose: string;
  readonly condition: string;
  /** The day by which it is to be tested electrically; empty where nobody said. */
  readonly testedBy: string;
  readonly attention: readonly Attention[];
  readonly views: ReadonlySet<ShelfView>;
  /** All that it is found by. */
  readonly words: string;
}

export const SHELF_VIEWS = [
  'everything',
  'ready',
  'not ready',
  'wants attention',
  'overdue',
  'lent out',
  'not our own',
  'in repair',
  'retired',
] as const;
/** What of the shelf is shown. */
export type ShelfView = (typeof SHELF_VIEWS)[number];

/** Where a thing is now, as far as anybody said; what is being repaired is not at its home. */
export const whereIs = ({ lent, whereNow, state, home }: Item): string =>
  lent ? `with ${lent.to}` : (whereNow ?? (state === 'in repair' ? '' : (home ?? '')));

/** Where a thing is, as a sentence. */
export function whereWords(item: Item): string {
  const where = whereIs(item);
  if (where === '') return 'Nobody said where it is.';
  // `with Maud` as it is; a place after a colon.
  return /^(with|in|at|on) /.test(where) ? `It is ${where}.` : `It is at: ${where}.`;
}

/** `ready`, or why a thing cannot be taken along. */
export const stateWords = (item: Item): string => keptBack(item)?.replace(/^is /, '') ?? 'ready';

/** Whose a thing is. */
export const whoseIs = ({ owner }: Pick<Item, 'owner'>): string =>
  owner ? `${owner.how}: ${owner.who}` : 'own';

function viewsOf(item: Item, attention: readonly Attention[], today: string): ReadonlySet<ShelfView> {
  const holds: Readonly<Record<ShelfView, boolean>> = {
    everything: true,
    ready: isReady(item),
    'not ready': !isReady(item) && item.state !== 'retired',
    'wants attention': attention.length > 0,
    overdue: item.state !== 'retired' && isOverdue(item, today),
    'lent out': item.lent !== undefined,
    'not our own': item.owner !== undefined,
    'in repair': item.state === 'in repair',
    retired: item.state === 'retired',
  };
  return new Set(SHELF_VIEWS.filter(view => holds[view]));
}

/** One thing in words, on a day. */
export function shelfLine(
  { id, ...item }: Item & { readonly id: string },
  kinds: Readonly<Record<string, Pick<Kind, 'label' | 'family' | 'battery' | 'inner'>>>,
  { today, dates }: { readonly today: string; readonly dates?: DateLocale | undefined },
): ShelfLine {
  const { tape, count, serial = '', note = '', home = '', kit = '', condition = '', tested } = item;
  const kind = kinds[item.kind];
  const attention = attentionOf(item, today, { kind, dates });
  const label = kind?.label ?? 'unknown kind';
  const line = {
    ...{ id, tape, home, kit, condition, attention },
    what: count === undefined ? label : `${label} · ${counted(count, 'piece', 'pieces')}`,
    family: kind?.family ?? '',
    state: stateWords(item),
    where: whereIs(item),
    whose: whoseIs(item),
    testedBy: tested?.next === undefined ? '' : showCalendarDay(tested.next, dates),
    views: viewsOf(item, attention, today),
  };
  const { what, family, state, where, whose } = line;
  const words = [tape, what, family, state, where, home, kit, whose, serial, note, condition].join(' ');
  return { ...line, words };
}
