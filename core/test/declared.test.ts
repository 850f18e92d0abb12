/** What is true of every declared figure: its place, its words, its dimension, and the snag at its limits. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BOOK, createChain } from '../src/assess.js';
import {
  declare,
  DEFINITION,
  figuresIn,
  findingsOf,
  isFigure,
  severityOf,
  type Figure,
  type Limits,
  type Rule,
  type Severity,
  type Threshold,
  type Value,
} from '../src/foundations/index.js';
import { STATIONS } from '../src/foundations/snag.js';
import { BUNDLES } from './bundles.js';
import { dimensionOf, dimensionOfUnit, sameDimension } from './dimensions.js';
import { LIMITS } from './limits.js';

const visitsOf = BUNDLES.map(([, bundle]) => createChain()(bundle).visits);
const declared = visitsOf.flatMap(visits =>
  STATIONS.flatMap(name =>
    [...figuresIn(visits[name].own, name)].map(([path, figure]) => ({ visits, path, figure, of: figure.of })),
  ),
);
const declarations = STATIONS.flatMap(name =>
  (BOOK.stations[name]?.figures ?? []).map(of => ({ station: name, of: of })),
);

describe('a declared figure', () => {
  it('stands in the assessment where it says', () => {
    for (const { path, figure, of } of declared) {
      expect(figure.path).toBe(path);
      expect(path).toMatch(new RegExp(`^${of.key.replaceAll('.', '\\.').replaceAll('*', '[^.]+')}$`));
    }
    expect(declared.length).toBeGreaterThan(2000);
  });

  it('is one of its station’s, has words and a unit of its own, and every one of them occurs', () => {
    const known = new Set(declarations.map(({ of }) => of));
    for (const { path, figure, of } of declared) {
      expect(known.has(of), path).toBe(true);
      expect(figure.unit, path).toBe(of.unit);
    }
    const met = new Set(declared.map(({ of }) => of));
    for (const { station, of } of declarations) {
      expect(of.key.startsWith(`${station}.`), of.key).toBe(true);
      expect(of.label, of.key).toMatch(/^\p{Lu}/u);
      expect(met.has(of), `${of.key} occurs in no demo event`).toBe(true);
    }
    expect(known.size).toBe(new Set(declarations.map(({ of }) => of.key)).size);
  });

  it('has the dimension of its unit by its formula', () => {
    for (const { path, figure } of declared) {
      const { formula, terms } = figure.working;
      if (formula === undefined || typeof figure.value === 'boolean') continue;
      const dimension = dimensionOf(formula, terms);
      if (dimension === 'text') continue;
      expect(sameDimension(dimension, dimensionOfUnit(figure.unit)), `${path}: ${formula}`).toBe(true);
    }
  });

  it('is a sum, a count or a copy where it rests on nothing but its definition', () => {
    for (const { path, figure, of } of declared) {
      if (of.basis.by !== 'definition' || figure.working.formula === undefined) continue;
      // No number of its own but a hundred, for a share, and nothing but terms in sums, differences and shares.
      expect(figure.working.formula.replace(/\b100 \*/, ''), path).not.toMatch(/[\d?]/);
    }
  });

  it('names no formula as its source', () => {
    for (const { of } of declarations)
      if ('source' in of.basis) expect(of.basis.source, of.key).not.toMatch(/[=·√Δ]|\d\s*[*^]/);
  });
});

const SIDES: Readonly<Record<string, (limit: number) => readonly [just: number, within: number]>> = {
  above: limit => [limit + nudge(limit), limit],
  below: limit => [limit - nudge(limit), limit],
  orBelow: limit => [limit - nudge(limit), limit],
};
const nudge = (limit: number): number => Math.max(1, Math.abs(limit)) * 1e-9;

/** A result with another value at one place. */
function withValue(node: unknown, [key, ...rest]: readonly string[], value: Value): unknown {
  if (isFigure(node)) return { ...node, value };
  const record = node as Record<string, unknown>;
  // Parts are read by name: a result makes them when they are.
  const copy: Record<string, unknown> = {};
  for (const name of Object.keys(record)) copy[name] = record[name];
  copy[key ?? ''] = withValue(record[key ?? ''], rest, value);
  return copy;
}

/** Severities that a rule gives where a figure of some station has a value; `alone`: but for what other figures raise. */
function severitiesAt(
  figure: Figure,
  value: Value,
  rule: string,
  visits: (typeof visitsOf)[number],
  alone = false,
): Severity[] {
  const [name = '', ...keys] = (figure.path ?? '').split('.');
  const { rules, input } = visits[name as (typeof STATIONS)[number]];
  const own = withValue((input as { own: unknown }).own, keys, value);
  const found = rules.find(each => each.rule === rule) as Rule<object> | undefined;
  if (!found) throw new Error(`no rule ${rule}`);
  const about = figure.path ?? '';
  const isAbout = (each: Figure) => each.path === about;
  return [...findingsOf(found, { ...input, own })]
    .filter(({ because }) => because.some(isAbout))
    .filter(
      ({ because }) => !alone || !because.some(each => !isAbout(each) && severityOf(each) !== undefined),
    )
    .map(({ severity }) => severity);
}

describe('the limits of declared figures', () => {
  it('are those of the table, no more and no fewer', () => {
    const levels = declarations.flatMap(({ of: { key, limits } }) =>
      limits
        ? Object.entries(limits).flatMap(([severity, threshold]) =>
            severity === 'raises'
              ? []
              : Object.entries(threshold as Threshold).map(([side, value]) => [key, severity, side, value]),
          )
        : [],
    );
    expect(levels.sort()).toEqual(
      LIMITS.map(({ key, severity, side, value }) => [key, severity, side, value]).sort(),
    );
  });

  it.each(LIMITS)('$key: $severity where it is $side $value ($from)', ({ key, severity, side, value }) => {
    const limits = declarations.find(({ of }) => of.key === key)?.of.limits as Limits;
    const cases = declared.filter(({ of }) => of.key === key);
    const verdicts = (at: Value, alone = false): Severity[][] =>
      cases.map(({ figure, visits }) => severitiesAt(figure, at, limits.raises, visits, alone));
    expect(cases.length).toBeGreaterThan(0);
    if (side === 'isNot') {
      expect(verdicts('something').flat()).toContain(severity);
      expect([...verdicts(value, true), ...verdicts(null, true)].flat()).toEqual([]);
      return;
    }
    if (side === 'is') {
      // One of them at least is not spared for another reason.
      expect(verdicts(value).flat()).toContain(severity);
      expect(verdicts('something else', true).flat()).not.toContain(severity);
      return;
    }
    const [just, within] = SIDES[side]?.(value as number) ?? [NaN, NaN];
    expect(verdicts(just).flat()).toContain(severity);
    expect(verdicts(within).flat()).not.toContain(severity);
  });
});

describe('severityOf', () => {
  const limits = { raises: 'x', stop: { above: 10 }, risk: { above: 5 }, note: { below: 0 } } as const;
  const some = declare({ key: 'brief.some', label: 'Some', unit: 'W', basis: DEFINITION, limits });
  it('is the worst of the limits a value is beyond', () => {
    fc.assert(
      fc.property(
        fc.oneof(fc.double({ noNaN: true, min: -20, max: 20 }), fc.constantFrom(0, 5, 10)),
        value => {
          const expected = value > 10 ? 'stop' : value > 5 ? 'risk' : value < 0 ? 'note' : undefined;
          expect(severityOf(some.found([], value))).toBe(expected);
        },
      ),
    );
  });
  it('is none of what has no value or no limits', () => {
    expect(severityOf(some.unknown([], 'not measured'))).toBeUndefined();
    const plain = declare({ key: 'brief.plain', label: 'Plain', unit: 'W', basis: DEFINITION });
    expect(severityOf(plain.found([], 99))).toBeUndefined();
  });
});
