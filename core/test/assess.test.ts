import { describe, expect, it } from 'vitest';
import { assess } from '../src/assess.js';
import { fixesFor } from '../src/fixes.js';
import { figureAt, scopeOf, valueAt, type Figure, type Value } from '../src/foundations/index.js';
import { allFigures } from '../src/report.js';
import { seenBundle } from '../src/seen.js';
import { BUNDLES } from './bundles.js';

const [[, friday]] = BUNDLES;

/** A second evaluator, unlike the core's own: the formula rewritten to JavaScript. */
function recomputed(formula: string, figure: Figure): Value {
  const scope = scopeOf(figure.working.terms);
  const list = (value: unknown): number[] =>
    [value]
      .flat()
      .filter(x => x !== undefined)
      .map(Number);
  const library = {
    sum: (...xs: unknown[]) => xs.flatMap(list).reduce((a, b) => a + b, 0),
    count: (...xs: unknown[]) => xs.flat().filter(x => x !== undefined).length,
    max: (...xs: unknown[]) => Math.max(...xs.flatMap(list)),
    min: (...xs: unknown[]) => Math.min(...xs.flatMap(list)),
    sqrt: Math.sqrt,
    abs: Math.abs,
    ceil: Math.ceil,
    floor: Math.floor,
    round: Math.round,
    cos: (x: number) => Math.cos((x * Math.PI) / 180),
    log2: Math.log2,
    log10: Math.log10,
    atan: (x: number) => (Math.atan(x) * 180) / Math.PI,
    later: (at: string, minutes: number) => new Date(new Date(at).getTime() + minutes * 60000).toISOString(),
    minutes: (a: string, b: string) => (new Date(b).getTime() - new Date(a).getTime()) / 60000,
  };
  const names = new Set(formula.replace(/'[^']*'/g, '').match(/[A-Za-z_]\w*/g));
  // A term may be called like a function, as a floor is.
  const called = Object.entries(library).filter(([name]) => !scope.has(name));
  const free = [...names].filter(
    name => (scope.has(name) || !(name in library)) && !['and', 'or', 'not'].includes(name),
  );
  const script = formula
    .replaceAll('^', '**')
    .replace(/\band\b/g, '&&')
    .replace(/\bor\b/g, '||')
    .replace(/\bnot\b/g, '!')
    .replace(/(?<![<>!=])=(?!=)/g, '===');
  const run = new Function(...called.map(([name]) => name), ...free, `return ${script}`) as (
    ...args: unknown[]
  ) => Value;
  return run(...called.map(([, fn]) => fn), ...free.map(name => scope.get(name)));
}

describe.each(BUNDLES)('the working of every figure of %s', (_, bundle) => {
  const assessment = assess(bundle);
  const figures = allFigures(assessment);

  it('gives the value again', () => {
    let formulas = 0;
    for (const [path, figure] of figures) {
      const { formula, method } = figure.working;
      expect(formula ?? method, path).toBeTruthy();
      if (figure.value === null) expect(figure.why, path).toBeTruthy();
      if (typeof figure.value === 'number') expect(Number.isFinite(figure.value), path).toBe(true);
      if (!formula || figure.value === null) continue;
      formulas++;
      const again = recomputed(formula, figure);
      if (typeof again !== 'number' || typeof figure.value !== 'number')
        expect(again, path).toEqual(figure.value);
      else
        expect(Math.abs(again - figure.value), path).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(again)));
    }
    expect(formulas).toBeGreaterThan(15);
  });

  it('takes its terms from where they say', () => {
    const seen = seenBundle(bundle) as unknown as Record<string, unknown>;
    for (const [path, { working }] of figures) {
      for (const { name, value, from } of working.terms) {
        const at = `${path}: ${name}`;
        if ('figure' in from)
          expect(figureAt(assessment, from.figure)?.value, `${at} ← ${from.figure}`).toEqual(value);
        else if ('document' in from)
          expect(valueAt(seen[from.document], from.pointer) ?? null, at).toEqual(value);
        else expect(from.source, at).not.toBe('');
      }
    }
  });
});

describe('the demo event', () => {
  it('has the honest snags it was made with', () => {
    const rules = assess(friday).snags.map(snag => snag.rule);
    for (const rule of [
      'signal.connector-mismatch',
      'runs.beyond-reach',
      'power.battery-short',
      'shots.hidden',
      'power.circuit-over',
      'hands.unheard',
    ]) {
      expect(rules).toContain(rule);
    }
    expect(fixesFor('nothing', friday)).toEqual([]);
  });
});
