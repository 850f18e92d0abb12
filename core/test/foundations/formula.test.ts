import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { evaluate, FormulaError, type Value } from '../../src/foundations/formula.js';

const value = (formula: string, names: Record<string, Value | Value[]> = {}): Value =>
  evaluate(formula, new Map(Object.entries(names)));

describe('formulas', () => {
  it.each([
    ['1 + 2 * 3 ^ 2', 19],
    ['-(2 + 3) * 2', -10],
    ['2 ^ 3 ^ 2', 512],
    ['8 / 4 / 2', 1],
    ['atan(1)', 45],
    ['cos(60)', 0.5],
    ["x > 1 and not (x > 3) ? 'in' : 'out'", 'in'],
    ["s = 'half' ? 0.5 : 0.75", 0.5],
    ['sum(list) / count(list)', 2],
    ['max(list, 7)', 7],
    ['sum(nothing)', 0],
    ['later(at, -(30 + 15))', '2026-12-04T18:45:00.000Z'],
    ['minutes(at, later(at, 90))', 90],
  ])('%s', (formula, expected) => {
    const result = value(formula, { x: 2, s: 'half', list: [1, 2, 3], at: '2026-12-04T19:30:00Z' });
    if (typeof expected === 'number') expect(result).toBeCloseTo(expected, 12);
    else expect(result).toBe(expected);
  });

  it.each(['1 +', '(1', '1 $ 2', 'nope(1)', 'a b', '', ') + 1', "'open"])('refuses %j', formula => {
    expect(() => value(formula, { a: 1, b: 2 })).toThrow(FormulaError);
  });

  it('refuses a name without a value and a text in arithmetic', () => {
    expect(() => value('lost')).toThrow(FormulaError);
    expect(() => value('a + 1', { a: 'one' })).toThrow(FormulaError);
  });

  it('agrees with the host language on random arithmetic', () => {
    const expression = fc.letrec<{ sum: string; term: string }>(tie => ({
      term: fc.oneof(
        { depthSize: 'small' },
        fc.integer({ min: 1, max: 99 }).map(String),
        tie('sum').map(inner => `(${inner})`),
      ),
      sum: fc
        .tuple(
          tie('term'),
          fc.constantFrom('+', '-', '*', '/'),
          tie('term'),
          fc.constantFrom('+', '-', '*'),
          tie('term'),
        )
        .map(parts => parts.join(' ')),
    })).sum;
    fc.assert(
      fc.property(expression, formula => {
        const host = new Function(`return ${formula}`) as () => number;
        const expected = host();
        expect(value(formula)).toBe(expected);
      }),
      { numRuns: 300 },
    );
  });
});
