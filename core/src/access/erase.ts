/** Taking somebody’s name out of whatever texts it stands in. */
import { SOMEBODY } from '../documents/without-names.js';
import { pointerOf, type Json, type Operation } from '../foundations/index.js';

/** Under these keys a text is who somebody is, and nothing else: a name of one word is taken for one only here. */
const WHO = new Set(['by', 'who', 'to', 'from', 'client', 'author']);

/** Scripts that put no space between words. */
const UNSPACED =
  /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}\p{Script=Lao}\p{Script=Khmer}\p{Script=Myanmar}]/u;

/** Shorter words of a name, such as “de”, are in every other text. */
const SHORTEST_WORD = 3;

const LETTER = String.raw`[\p{L}\p{N}\p{M}]`;
const escaped = (text: string): string => text.replace(/[\\^$.*+?()[\]{}|/]/g, String.raw`\$&`);

/** Matches a text as written, or with its accents written apart (Unicode, annex 15), as a word of its own. */
function wordPattern(text: string, flags: string): RegExp {
  const written = [...new Set([text, text.normalize('NFC'), text.normalize('NFD')])].map(form =>
    form
      .trim()
      .split(/\s+/)
      .map(escaped)
      .join(String.raw`\s+`),
  );
  const any = `(?:${written.join('|')})`;
  return new RegExp(UNSPACED.test(text) ? any : `(?<!${LETTER})${any}(?!${LETTER})`, flags);
}

/** What every field of texts takes, and what tape codes do. */
const ALWAYS_FITS = 30;
const TAPE_FITS = 16;

/** A text in the place of another, no longer than its field takes it: as long as that was, or as what always fits. */
function fitted(before: string, after: string, key: string): string {
  if (after === before) return before;
  const most = Math.max(before.length, key === 'tape' ? TAPE_FITS : ALWAYS_FITS);
  return after.slice(0, most).replace(/[\uD800-\uDBFF]$/, '');
}

const isLong = (name: string): boolean =>
  /\S\s+\S/.test(name.trim()) || (UNSPACED.test(name) && name.length > 1);

/** Where a word of an erased name still stands, and in which text. */
interface Mention {
  readonly path: string;
  readonly word: string;
  readonly text: string;
}

export interface Eraser {
  /** Words of the names that are told where they stand by themselves. */
  readonly words: readonly string[];
  /** A text without the names; `key` is what it is called where it stands. */
  readonly text: (text: string, key?: string) => string;
  /** Any value without them; what has none in it keeps its identity. */
  readonly value: <T>(value: T, key?: string) => T;
  /** Operations that take them out of a body. */
  readonly patch: (body: object) => Operation[];
  /** Words of the names that stand in a body by themselves: whether they mean this person only people can tell. */
  readonly mentions: (body: unknown) => Mention[];
}

/**
 * Takes names out, however they are written large or small: those of several words wherever they stand, those of one word
 * where a text says who somebody is; other texts only as they are given, as words of their own.
 * @param everywhere names of one word are taken out wherever they stand, too: in what is of nothing but people.
 */
export function eraserOf(
  names: readonly string[],
  {
    also = [],
    everywhere = false,
  }: { readonly also?: readonly string[]; readonly everywhere?: boolean } = {},
): Eraser {
  const known = names.filter(name => name.trim() !== '');
  const anywhere = [
    ...known.filter(name => everywhere || isLong(name)).map(name => wordPattern(name, 'giu')),
    ...also.map(each => wordPattern(each, 'gu')),
  ];
  const exact = known.filter(name => !isLong(name)).map(name => name.trim().normalize().toLowerCase());
  const parts = new Set(
    known.flatMap(name => name.trim().split(/\s+/)).filter(({ length }) => length >= SHORTEST_WORD),
  );
  const wordPatterns = [...parts].map(word => ({ word, pattern: wordPattern(word, 'u') }));

  const text = (from: string, key = ''): string => {
    if (WHO.has(key) && exact.includes(from.trim().normalize().toLowerCase())) return SOMEBODY;
    return fitted(
      from,
      anywhere.reduce((left, pattern) => left.replace(pattern, SOMEBODY), from),
      key,
    );
  };

  const value = <T>(from: T, key = ''): T => {
    if (typeof from === 'string') return text(from, key) as T;
    if (typeof from !== 'object' || from === null) return from;
    let changed = false;
    const each = (inside: unknown, own: string): unknown => {
      const next = value(inside, own);
      if (next !== inside) changed = true;
      return next;
    };
    // A patch says where it writes beside what: the last key of its path is what the value is called.
    const { path } = from as { readonly path?: unknown };
    const written = typeof path === 'string' ? path.slice(path.lastIndexOf('/') + 1) : 'value';
    const next = Array.isArray(from)
      ? from.map((inside: unknown) => each(inside, key))
      : Object.fromEntries(
          Object.entries(from).map(([own, inside]: [string, unknown]) => [
            own,
            each(inside, own === 'value' ? written : own),
          ]),
        );
    return changed ? (next as T) : from;
  };

  const found = (
    body: unknown,
    keys: readonly string[],
    visit: (at: string, text: string, key: string) => void,
  ): void => {
    if (typeof body === 'string') visit(pointerOf(...keys), body, keys.at(-1) ?? '');
    else if (typeof body === 'object' && body !== null)
      for (const [key, inside] of Object.entries(body)) found(inside, [...keys, key], visit);
  };

  const patch = (body: object): Operation[] => {
    const operations: Operation[] = [];
    found(body, [], (path, from, key) => {
      const to: Json = text(from, key);
      if (to !== from) operations.push({ op: 'replace', path, value: to });
    });
    return operations;
  };

  const mentions = (body: unknown): Mention[] => {
    const all: Mention[] = [];
    found(body, [], (path, from) => {
      const left = text(from);
      for (const { word, pattern } of wordPatterns)
        if (pattern.test(left)) all.push({ path, word, text: left });
    });
    return all;
  };

  return { words: [...parts], text, value, patch, mentions };
}
