/**
 * Figures declared once: where a figure stands in the assessment, what it is called, its unit, what it rests on,
 * and its limits with the snag they raise. Ledger, flags, finder, sheets and the command line read all that from
 * the figure; nothing of it is written a second time.
 */
import {
  calc,
  figureBelow,
  found,
  unknown,
  type Figure,
  type Note,
  type Term,
  type Worked,
} from './figure.js';
import { reckoner, type Reckoner, type Value } from './formula.js';
import { SEVERITIES, type Severity } from './severity.js';
import { showText, type Reading, type Unit } from './units.js';

/** What a figure rests on. A definition is a sum, a count or a copy, no more. */
export type Basis =
  | { readonly by: 'standard'; readonly source: string }
  | { readonly by: 'house rule'; readonly rule: string; readonly source?: string }
  | { readonly by: 'measurement'; readonly source?: string }
  | { readonly by: 'definition' };

/** A formula or method of a standard, of physics or of a published table, by its name there. */
export const standard = (source: string): Basis => ({ by: 'standard', source });
/** A choice that practitioners make in different ways, and what it leans on. */
export const houseRule = (rule: string, source?: string): Basis => ({
  by: 'house rule',
  rule,
  ...(source !== undefined && { source }),
});
/** What somebody measured, or an algorithm measures on the survey. */
export const measurement = (source?: string): Basis => ({
  by: 'measurement',
  ...(source !== undefined && { source }),
});
export const DEFINITION: Basis = { by: 'definition' };
/** What is measured on the plan that everybody sees. */
export const VENUE_PLAN = measurement('the plan of the venue');

/** Where a figure becomes a snag of some severity. */
export type Threshold =
  | { readonly above: number; readonly orBelow?: number }
  | { readonly below: number }
  | { readonly is: Value }
  /** Known, and anything but that. */
  | { readonly isNot: Value };

export interface Limits extends Readonly<Partial<Record<Severity, Threshold>>> {
  /** The rule that raises the snag. */
  readonly raises: string;
}

/** The ids in a key, one for each `*`. */
export type IdsOf<Key extends string> = Key extends `${string}*${infer Rest}` ? [string, ...IdsOf<Rest>] : [];

export interface Declaration {
  /** Its place in the assessment, `*` for each id: `power.circuits.*.share`. */
  readonly key: string;
  readonly label: string;
  /** Its name at the head of a narrow column, where that is another. */
  readonly short?: string;
  readonly unit: Unit;
  readonly basis: Basis;
  readonly limits?: Limits;
}

/** What a declared figure is called at the head of a column. */
export const shortLabel = ({ short, label }: Declaration): string => short ?? label;

interface Computed<Key extends string> extends Omit<Declaration, 'key'> {
  readonly key: Key;
  /** How it follows from its terms; absent where that differs from one to the next. */
  readonly formula?: string;
  /** The algorithm that finds it. */
  readonly method?: string;
}

/** What an algorithm says of a figure before it has a place. */
export type Outcome =
  | { readonly value: Value; readonly method?: string; readonly terms?: readonly Term[] }
  | { readonly why: string; readonly terms?: readonly Term[] };

/** Nothing of its own: formula, method and note are those of the declaration. */
const AS_DECLARED = {};

/** A declared figure, which makes its figures: each knows its place and its declaration from birth. */
export class Declared<Key extends string = string> implements Declaration {
  readonly key: Key;
  readonly label: string;
  readonly short?: string;
  readonly unit: Unit;
  readonly basis: Basis;
  readonly limits?: Limits;
  readonly formula: string | undefined;
  readonly method: string | undefined;
  private readonly pieces: readonly string[];
  private readonly note: Note;

  constructor({ key, label, short, unit, basis, limits, formula, method }: Computed<Key>) {
    this.key = key;
    this.label = label;
    if (short !== undefined) this.short = short;
    this.unit = unit;
    this.basis = basis;
    if (limits) this.limits = limits;
    this.formula = formula;
    this.method = method;
    this.pieces = key.split('*');
    this.note = noteOf(basis);
  }

  /** The place of the figure with these ids: `power.circuits.circvestr.share`. */
  path(...ids: IdsOf<Key>): string {
    let path = this.pieces[0] ?? '';
    for (let i = 0; i < ids.length; i++) path += `${ids[i] as string}${this.pieces[i + 1] ?? ''}`;
    return path;
  }

  /** The figure of these ids in an assessment, or undefined. */
  in(root: unknown, ids: IdsOf<Key>): Figure | undefined {
    let at = 0;
    return figureBelow(
      root,
      this.key.split('.').map(step => (step === '*' ? (ids[at++] as string) : step)),
    );
  }

  /** Computed from its terms by its formula, or by one of its own; see `calc`. */
  calc(
    ids: IdsOf<Key>,
    terms: readonly Term[],
    own: Note & { readonly formula?: string } = AS_DECLARED,
  ): Figure {
    if (own === AS_DECLARED) return this.born(ids, calc(this.unit, this.formula ?? '', terms, this.note));
    const { formula = this.formula ?? '', ...note } = own;
    return this.born(ids, calc(this.unit, formula, terms, { ...this.note, ...note }));
  }

  /** Found by its method, or by one of its own; see `found`. */
  found(
    ids: IdsOf<Key>,
    value: Value,
    terms: readonly Term[] = [],
    own: Note & { readonly method?: string } = AS_DECLARED,
  ): Figure {
    if (own === AS_DECLARED)
      return this.born(ids, found(value, this.unit, this.method ?? '', terms, this.note));
    const { method = this.method ?? '', ...note } = own;
    return this.born(ids, found(value, this.unit, method, terms, { ...this.note, ...note }));
  }

  /** Its formula as a function of bare numbers, for what asks it of many places; see `reckoner`. */
  reckoner<const Names extends readonly string[]>(...names: Names): Reckoner<[...Names]> {
    return reckoner(this.formula ?? '', ...names);
  }

  /** As some algorithm says: found, or without a value and why. */
  said(ids: IdsOf<Key>, outcome: Outcome): Figure {
    const { terms = [] } = outcome;
    return 'why' in outcome
      ? this.unknown(ids, outcome.why, terms)
      : this.found(ids, outcome.value, terms, outcome.method === undefined ? {} : { method: outcome.method });
  }

  /** Without a value, and why. */
  unknown(ids: IdsOf<Key>, why: string, terms: readonly Term[] = []): Figure {
    return this.born(ids, unknown(this.unit, why, terms));
  }

  /** A figure that was made just now gets its place and declaration: it is nobody else's yet. */
  private born(ids: IdsOf<Key>, worked: Worked): Figure {
    const figure = worked as { -readonly [Name in keyof Figure]: Figure[Name] };
    figure.path = this.path(...ids);
    figure.of = this;
    return figure;
  }
}

/** Declares a figure. */
export const declare = <const Key extends string>(of: Computed<Key>): Declared<Key> => new Declared(of);

function noteOf(basis: Basis): Note {
  switch (basis.by) {
    case 'standard':
      return { source: basis.source };
    case 'house rule':
      return { rule: basis.rule, ...(basis.source !== undefined && { source: basis.source }) };
    case 'measurement':
      return basis.source === undefined ? {} : { source: basis.source };
    case 'definition':
      return {};
  }
}

const beyond = (value: Value, threshold: Threshold): boolean => {
  if ('is' in threshold) return value === threshold.is;
  if ('isNot' in threshold) return value !== null && value !== threshold.isNot;
  if (typeof value !== 'number') return false;
  if ('below' in threshold) return value < threshold.below;
  return value > threshold.above || (threshold.orBelow !== undefined && value < threshold.orBelow);
};

/** How bad a figure is by its declared limits, the worst first; undefined within them, or without any. */
export function severityOf({ value, of }: Figure): Severity | undefined {
  const { limits } = of;
  if (!limits) return undefined;
  return SEVERITIES.find(severity => {
    const threshold = limits[severity];
    return threshold !== undefined && beyond(value, threshold);
  });
}

/** The number at which a figure becomes a snag of that severity, as people read it: `23 kg`. */
export function limitText({ limits, unit }: Declaration, severity: Severity, reading: Reading): string {
  const threshold = limits?.[severity];
  if (!threshold) return '';
  if ('above' in threshold) return showText(threshold.above, unit, reading);
  return 'below' in threshold ? showText(threshold.below, unit, reading) : '';
}
