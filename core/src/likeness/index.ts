/** How alike names are that people write, by their words and numbers. */

/** `hdmi`, `1.5`, `m` of “HDMI, 1.5 m”. */
const partsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .replace(/(\d),(\d)/g, '$1.$2')
    .match(/\d+(?:\.\d+)?|\p{L}+/gu) ?? [];

const isNumber = (part: string): boolean => /^\d/.test(part);

/** Whether a text holds every word that is wanted, begun at least, and every number; whatever when nothing is wanted. */
export const holdsWords = (text: string, wanted: string): boolean =>
  holdsParts(partsOf(text), partsOf(wanted));

const holdsParts = (parts: readonly string[], wanted: readonly string[]): boolean =>
  wanted.every(want =>
    parts.some(part => (isNumber(want) ? Number(part) === Number(want) : part.startsWith(want))),
  );

/** Looks for words in many texts that are asked again with each letter that is typed. */
export interface WordFinder {
  /** Takes a text apart before it is asked for, where there is time for it. */
  readonly learn: (text: string) => void;
  /** As `holdsWords`; a text is taken apart once. */
  readonly holds: (text: string, wanted: string) => boolean;
}

export function wordFinder(): WordFinder {
  const known = new Map<string, readonly string[]>();
  const learnt = (text: string): readonly string[] => {
    const parts = known.get(text) ?? partsOf(text);
    known.set(text, parts);
    return parts;
  };
  let sought = { wanted: '', parts: partsOf('') };
  return {
    learn: learnt,
    holds: (text, wanted) => {
      if (sought.wanted !== wanted) sought = { wanted, parts: partsOf(wanted) };
      return sought.parts.length === 0 || holdsParts(learnt(text), sought.parts);
    },
  };
}

/** Whether a word is another with one letter more, less, or otherwise. */
function nearly(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1) return false;
  let i = 0;
  while (i < a.length && a[i] === b[i]) i++;
  const [restA, restB] = [a.slice(i), b.slice(i)];
  return restA.slice(1) === restB.slice(1) || restA.slice(1) === restB || restA === restB.slice(1);
}

/** Words of fewer letters are only like themselves. */
const SHORT = 4;

/** How alike two parts are, 0…1. */
function partLikeness(a: string, b: string): number {
  if (isNumber(a) || isNumber(b)) return isNumber(a) && isNumber(b) && Number(a) === Number(b) ? 1 : 0;
  if (a === b) return 1;
  if (a.length < SHORT || b.length < SHORT) return 0;
  if (a.startsWith(b) || b.startsWith(a)) return 0.8;
  return nearly(a, b) ? 0.7 : 0;
}

/** A number says more than a word: cables differ by their length alone. */
const weightOf = (part: string): number => (isNumber(part) ? 1.5 : 1);

/** How alike two names are, 0…1: what their parts share, as a share of all parts of both (Dice). */
export function likeness(a: string, b: string): number {
  const [left, right] = [partsOf(a), partsOf(b)];
  const one = (from: readonly string[], to: readonly string[]): number =>
    from.reduce(
      (sum, part) => sum + weightOf(part) * Math.max(0, ...to.map(each => partLikeness(part, each))),
      0,
    );
  const whole = [...left, ...right].reduce((sum, part) => sum + weightOf(part), 0);
  return whole === 0 ? 0 : (one(left, right) + one(right, left)) / whole;
}

/** Less alike than this is no suggestion. */
const LEAST = 0.3;

/** The names that are most like what was written, the likest first; none that has little to do with it. */
export const likest = (written: string, names: readonly string[], most: number): string[] =>
  names
    .map(name => ({ name, like: likeness(written, name) }))
    .filter(({ like }) => like >= LEAST)
    .sort((a, b) => b.like - a.like)
    .slice(0, most)
    .map(({ name }) => name);
