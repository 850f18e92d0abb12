/** Taking stock: what ought to be where, what was seen, what differs, and what of that is written to the shelf. */
import type { ClearableField, ItemFields, ItemLine, ItemOfChange } from '../api/shelf.js';
import type { ItemFault } from '../documents/index.js';
import { counted, idFrom } from '../foundations/index.js';
import { whereIs } from '../shelf-list/index.js';

/** What was seen of one thing. */
export interface SeenThing {
  /** Where. */
  readonly place: string;
  /** Of what is counted how many. */
  readonly count?: number;
  readonly damage?: Omit<ItemFault, 'mended' | 'how' | 'due'>;
}

/** A stock take as far as it has come. */
export interface StockTake {
  /** Places that were looked through to the end. */
  readonly visited: readonly string[];
  readonly seen: Readonly<Record<string, SeenThing>>;
  /** Codes that were read of things that are not on the shelf. */
  readonly unknown: readonly string[];
}

export const NEW_TAKE: StockTake = { visited: [], seen: {}, unknown: [] };

/** Whether a thing ought to lie at its place: it is nobody’s at the moment, and not away. */
const isIn = ({ state, lent }: ItemLine): boolean => !lent && (state === 'ready' || state === 'in repair');

/** What ought to be at a place, by tape code; `''` is where nobody said. */
export const expectedAt = (items: readonly ItemLine[], place: string): readonly ItemLine[] =>
  items
    .filter(item => isIn(item) && whereIs(item) === place)
    .sort((a, b) => a.tape.localeCompare(b.tape, 'en', { numeric: true }));

export interface TakePlace {
  readonly place: string;
  readonly expected: number;
}

/** Every place where something ought to be or lives, by name; where nobody said last. */
export function placesOf(items: readonly ItemLine[]): readonly TakePlace[] {
  const places = new Set(items.flatMap(item => (isIn(item) ? [whereIs(item)] : (item.home ?? []))));
  return [...places]
    .sort((a, b) => Number(a === '') - Number(b === '') || a.localeCompare(b, 'en', { numeric: true }))
    .map(place => ({ place, expected: expectedAt(items, place).length }));
}

/** The thing that a code means: its tape code as typed, or the address that its label leads to. */
export function thingByCode<Thing extends Pick<ItemLine, 'id' | 'tape'>>(
  items: readonly Thing[],
  code: string,
): Thing | undefined {
  const text = code.trim();
  const id = /\/shelf\/([a-z][a-z0-9]{7,11})\/?$/.exec(text)?.[1];
  const plain = (tape: string): string => tape.replaceAll(/\s+/g, '').toLowerCase();
  return (
    items.find(item => item.id === id) ?? items.find(({ tape }) => plain(tape) === plain(text) && text !== '')
  );
}

export const DIFFERENCES = ['missing', 'elsewhere', 'back', 'count', 'damage'] as const;
/** Not where it ought to be; somewhere else; there though it was away; more or fewer; found damaged. */
export type DifferenceSort = (typeof DIFFERENCES)[number];

/** One way to write a difference to the shelf. */
export interface Resolution {
  readonly label: string;
  readonly fields: ItemFields;
}

export interface Difference {
  readonly key: string;
  readonly item: ItemLine;
  readonly sort: DifferenceSort;
  /** As it follows the tape code. */
  readonly words: string;
  /** The most likely first. */
  readonly ways: readonly Resolution[];
}

const placeWords = (place: string): string => (place === '' ? 'a place that nobody noted' : place);

/** What differs from what the shelf says; missing is only what ought to be where somebody looked to the end. */
export function differencesOf(items: readonly ItemLine[], take: StockTake): readonly Difference[] {
  const visited = new Set(take.visited);
  const found: Difference[] = [];
  for (const item of items) {
    const seen = take.seen[item.id];
    const say = (sort: DifferenceSort, words: string, ways: readonly Resolution[]): void =>
      void found.push({ key: `${sort} ${item.id}`, item, sort, words, ways });
    if (seen) sayOfSeen(item, seen, say);
    else if (isIn(item) && visited.has(whereIs(item)))
      say('missing', `is not at ${placeWords(whereIs(item))}`, [
        { label: 'It is out: nobody plans with it', fields: { state: 'out', whereNow: 'not found' } },
        { label: 'It is gone for good', fields: { state: 'retired' } },
      ]);
  }
  const order = (sort: DifferenceSort): number => DIFFERENCES.indexOf(sort);
  return found.sort((a, b) => order(a.sort) - order(b.sort));
}

function sayOfSeen(
  item: ItemLine,
  { place, count, damage }: SeenThing,
  say: (sort: DifferenceSort, words: string, ways: readonly Resolution[]) => void,
): void {
  const there = placeAs(item, place);
  if (!isIn(item)) {
    const away = item.lent ? `lent to ${item.lent.to}` : item.state;
    const cleared: ClearableField[] = [...(item.lent ? (['lent'] as const) : []), ...(there.cleared ?? [])];
    const fields: ItemFields = { ...there, state: 'ready', ...(cleared.length > 0 && { cleared }) };
    say('back', `is at ${placeWords(place)}, though it is noted as ${away}`, [
      { label: 'It is back, and ready', fields },
    ]);
  } else if (whereIs(item) !== place)
    say('elsewhere', `is at ${placeWords(place)}, not at ${placeWords(whereIs(item))}`, [
      { label: 'It is there now', fields: there },
      ...(place === '' ? [] : [{ label: 'It lives there', fields: livesAt(item, place) }]),
    ]);
  const known = item.count ?? 1;
  if (count !== undefined && count !== known)
    say('count', `has ${counted(count, 'piece', 'pieces')}, not ${known}`, [
      count === 0
        ? { label: 'It is used up', fields: { state: 'out' } }
        : { label: `There are ${count}`, fields: { count } },
    ]);
  if (damage) {
    // The same fault has the same id, however often it is written.
    const fault = { faults: { [idFrom(`${item.id}/${damage.at}`)]: damage } };
    say('damage', `is damaged: ${damage.what}`, [
      { label: 'Note it, and send it to be mended', fields: { ...fault, state: 'in repair' } },
      { label: 'Note it', fields: fault },
    ]);
  }
}

/** Where a thing is now: nothing is noted of what is at home, unless it is being repaired, which is done elsewhere. */
const placeAs = ({ home, whereNow, state }: ItemLine, place: string): ItemFields =>
  place === '' || (home === place && state !== 'in repair')
    ? whereNow === undefined
      ? {}
      : { cleared: ['whereNow'] }
    : { whereNow: place };

const livesAt = ({ whereNow }: ItemLine, place: string): ItemFields => ({
  home: place,
  ...(whereNow !== undefined && { cleared: ['whereNow'] }),
});

/** What is chosen of each difference, by its key: which of its ways, or none. */
export type Chosen = Readonly<Record<string, number | undefined>>;

/**
 * What is chosen until somebody chooses otherwise: what was seen is so; what is missing is looked for again first, and
 * nobody retired a thing for nothing.
 */
export function wayOf({ key, sort, item }: Difference, chosen: Chosen): number | undefined {
  if (Object.hasOwn(chosen, key)) return chosen[key];
  return sort === 'missing' || item.state === 'retired' ? undefined : 0;
}

/** The changes of the shelf that are chosen, all of one thing together. */
export function chosenChanges(differences: readonly Difference[], chosen: Chosen): readonly ItemOfChange[] {
  const changes = new Map<string, ItemOfChange>();
  for (const difference of differences) {
    const way = difference.ways[wayOf(difference, chosen) ?? -1];
    if (!way) continue;
    const { id, revision } = difference.item;
    const before = changes.get(id);
    const cleared = [...(before?.cleared ?? []), ...(way.fields.cleared ?? [])];
    changes.set(id, {
      ...(before ?? { id, base: revision }),
      ...way.fields,
      ...(cleared.length > 0 && { cleared }),
    });
  }
  return [...changes.values()];
}
