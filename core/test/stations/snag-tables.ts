/** Rules as tables: an edit of the demo event that brings a snag up, and one close to it that does not. */
import { describe, expect, it } from 'vitest';
import { createAssessor, createChain } from '../../src/assess.js';
import { fridayBundle } from '../../src/demo/index.js';
import type { Bundle } from '../../src/documents/index.js';
import { applyFix, createFixer } from '../../src/fixes.js';
import {
  applyPatch,
  type Json,
  type OfferedFix,
  type Operation,
  type Severity,
  type Snag,
} from '../../src/foundations/index.js';

export const friday = fridayBundle();

export type Part = 'plan' | 'venue' | 'kinds' | 'shelf' | 'claims' | 'hands';
export type Change = readonly [part: Part, ...patch: Operation[]];
export const changed = (...changes: readonly Change[]): Bundle =>
  changes.reduce<Bundle>(
    (bundle, [part, ...patch]) => ({ ...bundle, [part]: applyPatch(bundle[part], patch) }),
    friday,
  );
export const set = (path: string, value: unknown): Operation => ({ op: 'add', path, value: value as Json });
export const remove = (path: string): Operation => ({ op: 'remove', path });

export const corners = (...points: [number, number][]) => points;

export const device = (id: string, field: string): string => `/devices/${id}/${field}`;

/** A screen behind the lectern, so wide that every camera sees it. */
export const screenAt = (refresh: number) => ({
  order: '1',
  label: 'words',
  at: [19.5, 5],
  width: 3,
  height: 1,
  facing: 180,
  refresh,
});

/** A banner across the nave before the marks, hanging down to some height. */
export const hanging = (underside: number) => ({
  label: 'banner',
  kind: 'obstacle',
  underside,
  outline: corners([14.5, 4], [14.8, 4], [14.8, 11.4], [14.5, 11.4]),
});

export type Row = readonly [rule: string, severity: Severity, brings: Change, spares: Change];

/** With memories of their own, as every row is the demo but for a little: that warm equals fresh is tested elsewhere. */
const assessed = createAssessor();
const fixesFor = createFixer();
const inWords = createChain();

export const found = (bundle: Bundle, rule: string) =>
  assessed(bundle).snags.filter(snag => snag.rule === rule);

const wordsOf = (snag: Snag, fixes: readonly OfferedFix[]): readonly string[] => [
  `${snag.severity}: ${snag.title}`,
  `about ${snag.subjects.join(', ')}; because ${snag.because.join(', ')}; endangers ${snag.outputs.join(', ') || 'nothing'}`,
  `advice: ${snag.advice ?? 'none'}`,
  ...fixes.map(({ label, costs, loses, changes }) =>
    [
      `fix: ${label}`,
      costs.length > 0 && `costs ${costs.join(' ')}`,
      loses.length > 0 && `loses ${loses.join(' ')}`,
      JSON.stringify(changes),
    ]
      .filter(Boolean)
      .join(' | '),
  ),
];

export const holds = (table: readonly Row[]): void =>
  describe.each(table)('%s', (rule, severity, brings, spares) => {
    it('comes up, with its severity, and goes away with each fix offered', () => {
      const bundle = changed(brings);
      const snags = found(bundle, rule);
      expect(snags.map(snag => snag.severity)).toContain(severity);
      for (const snag of snags) {
        const fixes = fixesFor(snag.id, bundle);
        // In words, and in figures: what is said and offered stays what people have read and compared.
        expect(wordsOf(snag, fixes)).toMatchSnapshot();
        if (fixes.length === 0) expect(snag.advice).toBeTruthy();
        for (const fix of fixes)
          expect(found(applyFix(bundle, fix), rule).map(each => each.id)).not.toContain(snag.id);
      }
    });

    it('speaks of no metres and kilograms to who reads feet and pounds', () => {
      const bundle = changed(brings);
      const inFeet = { ...bundle, rules: { ...bundle.rules, units: 'imperial' as const } };
      const names = Object.values(bundle.kinds.kinds).map(({ label }) => label);
      const { snags, visits } = inWords(inFeet);
      for (const snag of snags.filter(each => each.rule === rule)) {
        const { rules, input } = visits[snag.station];
        // What it proposes, whether or not it would be offered.
        const fixes = rules.find(each => each.rule === rule)?.fixes?.(snag, input as never) ?? [];
        const said = [snag.title, snag.advice ?? '', ...Array.from(fixes, ({ label }) => label)];
        // A cable is called by its length in metres wherever it is sold.
        const words = said.map(each => names.reduce((text, name) => text.replaceAll(name, ''), each));
        for (const each of words) expect(each).not.toMatch(/\d (m|kg)\b(?! or \d)/);
      }
    });

    it('does not come up for what is nearly the same', () => {
      const [bad, good] = [found(changed(brings), rule), found(changed(spares), rule)];
      const ids = new Set(good.map(snag => `${snag.severity} ${snag.id}`));
      expect(bad.some(snag => !ids.has(`${snag.severity} ${snag.id}`))).toBe(true);
    });
  });
