/** Ids of records and the order in which ordered records are read. */

/** A map of records by id; JSON objects keep no reliable key order, so read it through `inOrder`. */
export type MapOf<T> = Readonly<Record<string, T>>;

export const ID_PATTERN = '^[a-z][a-z0-9]{7,11}$';
const ID = new RegExp(ID_PATTERN);
const ALPHABET = '0123456789abcdefghijklmnopqrstuvwxyz';

export const isId = (text: unknown): text is string => typeof text === 'string' && ID.test(text);

/**
 * A new random id of 12 characters, `[a-z][a-z0-9]{11}`, about 61 bits.
 * `random` gives numbers in [0, 1); callers may pass a stronger source.
 */
export function newId(random: () => number = Math.random): string {
  let id = ALPHABET[10 + Math.floor(random() * 26)] ?? 'a';
  while (id.length < 12) id += ALPHABET[Math.floor(random() * 36)] ?? '0';
  return id;
}

/** The same text always gives the same id: two FNV-1a passes (32 bit each) in base 36. */
export function idFrom(text: string): string {
  const pass = (seed: number): string => {
    let hash = seed;
    for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193) >>> 0;
    return hash.toString(36).padStart(7, '0');
  };
  return `k${(pass(0x811c9dc5) + pass(0x9747b28c)).slice(0, 11)}`;
}

/** Plain code-unit comparison: the same on every machine, unlike a locale's. */
export const compareText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

const sorted = new WeakMap<object, readonly [string, object][]>();
const orderOf = (record: object): string => (record as { order?: string }).order ?? '~';

/**
 * The records of a map as `[id, record]`, by fractional `order`, then id. Records without order come last.
 * The list is kept per map, since documents are immutable: never change one.
 */
export function inOrder<T extends object>(map: MapOf<T> | undefined): readonly [string, T][] {
  if (!map) return [];
  let entries = sorted.get(map);
  if (!entries) {
    entries = Object.entries(map).sort(
      ([idA, a], [idB, b]) => compareText(orderOf(a), orderOf(b)) || compareText(idA, idB),
    );
    sorted.set(map, entries);
  }
  return entries as readonly [string, T][];
}

/** The few records of a large map that meet a condition, without a list of them all. */
export function entriesWhere<T>(map: MapOf<T>, meets: (value: T) => boolean): [string, T][] {
  const found: [string, T][] = [];
  for (const id in map) {
    const value = map[id];
    if (value !== undefined && meets(value)) found.push([id, value]);
  }
  return found;
}

const DIGITS = '0123456789abcdefghijklmnopqrstuvwxyz';

/**
 * A fractional order key strictly between two others (`undefined`: an open end), so that one record can be
 * moved by changing that record alone. Keys are base-36 fractions without trailing zeros.
 * Throws when `before` is not below `after`.
 */
export function orderBetween(before: string | undefined, after: string | undefined): string {
  const low = before ?? '';
  if (after !== undefined && low >= after) throw new RangeError(`order ${low} is not below ${after}`);
  let key = '';
  let open = after === undefined;
  for (let i = 0; ; i++) {
    const floor = DIGITS.indexOf(low[i] ?? '0');
    const ceiling = open ? 36 : DIGITS.indexOf(after?.[i] ?? '0');
    if (ceiling - floor > 1) return key + (DIGITS[Math.floor((floor + ceiling) / 2)] ?? '');
    key += DIGITS[floor] ?? '0';
    if (ceiling > floor) open = true;
  }
}

/** An order key after the last one, short however many follow: the next of 46,656 steps, while any is left. */
export function orderAfter(last: string | undefined): string {
  const step = last === undefined ? 0 : parseInt(last.slice(0, 3).padEnd(3, '0'), 36);
  return step < 36 ** 3 - 1 ? `${(step + 1).toString(36).padStart(3, '0')}h` : orderBetween(last, undefined);
}

/** `count` order keys in rising order, for records made together. */
export function ordersFor(count: number): string[] {
  const keys: string[] = [];
  for (let i = 0; i < count; i++) keys.push(`${(i + 1).toString(36).padStart(3, '0')}h`);
  return keys;
}
