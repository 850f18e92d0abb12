/** Figures: every number the application shows, with the working that led to it. */
import { evaluate, type Value } from './formula.js';
import type { Declaration } from './declared.js';
import type { Unit } from './units.js';

/** Where a term's value comes from; `/pointer` is a JSON pointer into a document of the bundle. */
export type Origin =
  | { readonly figure: string }
  | { readonly document: DocumentName; readonly pointer: string }
  | { readonly source: string };

/** Parts of the bundle a term can point into; `venue` is the venue as this event sees it. */
export type DocumentName = 'plan' | 'venue' | 'rules' | 'kinds' | 'shelf' | 'hands' | 'claims';

export interface Term {
  readonly name: string;
  readonly value: Value;
  readonly unit: Unit;
  readonly from: Origin;
}

/** `formula` (or `method`, for what an algorithm found) says how `value` follows from `terms`. */
export interface Working {
  readonly formula?: string;
  readonly method?: string;
  readonly terms: readonly Term[];
  readonly rule?: string;
  readonly source?: string;
}

/** What a number is and how it came to be: `value` is at full precision; null comes with `why` (“infinite”). */
export interface Worked {
  readonly value: Value;
  readonly unit: Unit;
  readonly working: Working;
  readonly why?: string;
}

/** A worked number that knows its place in the assessment and its declaration. */
export interface Figure extends Worked {
  readonly path: string;
  readonly of: Declaration;
}

export type Note = Pick<Working, 'rule' | 'source'>;

/**
 * A number computed by its own formula from its terms, so that the working cannot differ from the value.
 * A non-finite result becomes null with the reason, as does a term without a value.
 */
export function calc(unit: Unit, formula: string, terms: readonly Term[], note: Note = {}): Worked {
  const working: Working = { formula, terms, ...note };
  const missing = terms.find(term => term.value === null);
  if (missing) return { value: null, unit, working, why: `${missing.name} is not known` };
  const value = evaluate(formula, scopeOf(terms));
  if (typeof value !== 'number' || Number.isFinite(value)) return { value, unit, working };
  return { value: null, unit, working, why: Number.isNaN(value) ? 'not defined here' : 'infinite' };
}

/** What an algorithm found; `method` names it. */
export function found(
  value: Value,
  unit: Unit,
  method: string,
  terms: readonly Term[] = [],
  note: Note = {},
): Worked {
  return { value, unit, working: { method, terms, ...note } };
}

/** Without a value, and why. */
export function unknown(unit: Unit, why: string, terms: readonly Term[] = []): Worked {
  return { value: null, unit, working: { method: why, terms }, why };
}

/** Gathers terms under their names; several terms of one name make a list. */
export function scopeOf(terms: readonly Term[]): Map<string, Value | Value[]> {
  const scope = new Map<string, Value | Value[]>();
  for (const { name, value } of terms) {
    const before = scope.get(name);
    if (before === undefined) scope.set(name, value);
    else if (Array.isArray(before)) before.push(value);
    else scope.set(name, [before, value]);
  }
  return scope;
}

/** A term read from a document of the bundle. */
export const given = (
  name: string,
  value: Value | undefined,
  unit: Unit,
  document: DocumentName,
  pointer: string,
): Term => ({ name, value: value ?? null, unit, from: { document, pointer } });

/** A term taken from another figure. */
export const taken = (name: string, { value, unit, path }: Figure): Term => ({
  name,
  value,
  unit,
  from: { figure: path },
});

/** A constant or default, with its source in words. */
export const constant = (name: string, value: Value, unit: Unit, source: string): Term => ({
  name,
  value,
  unit,
  from: { source },
});

/** The value of a figure as a number, or undefined when it has none. */
export const numberOf = (figure: Figure | undefined): number | undefined =>
  typeof figure?.value === 'number' ? figure.value : undefined;

export function isFigure(node: unknown): node is Figure {
  return typeof node === 'object' && node !== null && 'working' in node && 'unit' in node && 'value' in node;
}

/** Every figure in a result tree with its path; figures live in id-keyed trees, never in lists. */
export function* figuresIn(node: unknown, path = ''): Generator<[string, Figure]> {
  if (typeof node !== 'object' || node === null || Array.isArray(node) || ArrayBuffer.isView(node)) return;
  if (isFigure(node)) {
    yield [path, node];
    return;
  }
  for (const [key, child] of Object.entries(node)) {
    yield* figuresIn(child, path ? `${path}.${key}` : key);
  }
}

/** The figure at a path of the assessment, or undefined. */
export const figureAt = (root: unknown, path: string): Figure | undefined =>
  figureBelow(root, path.split('.'));

/** The figure that some keys after each other lead to, or undefined. */
export function figureBelow(root: unknown, keys: Iterable<string>): Figure | undefined {
  let node = root;
  for (const key of keys) {
    if (typeof node !== 'object' || node === null || !Object.hasOwn(node, key)) return undefined;
    node = (node as Record<string, unknown>)[key];
  }
  return isFigure(node) ? node : undefined;
}
