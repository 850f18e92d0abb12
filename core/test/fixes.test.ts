/**
 * Every fix that is offered in demo events, their variants and a starter kit, with what it changes, costs and
 * takes away, as text held against files that people can read and compare.
 */
import { describe, expect, it } from 'vitest';
import { createAssessor, type Assessment } from '../src/assess.js';
import type { Bundle } from '../src/documents/index.js';
import { applyFix, createFixer } from '../src/fixes.js';
import { figureAt, isFigure, type OfferedFix, type Snag } from '../src/foundations/index.js';
import { BUNDLES } from './bundles.js';
import { EVENTS } from './events.js';

const NAMES = ['friday', 'chapel', 'varied', 'crossed', 'rewired', 'crowded', 'empty', 'bare'] as const;
const CASES: readonly (readonly [string, Bundle])[] = [
  ...NAMES.map((name, i): [string, Bundle] => [name, (BUNDLES[i] as [string, Bundle])[1]]),
  ...EVENTS.filter(([name]) => name === 'saturday' || name === 'kitfibre04'),
];

const fixText = ({ label, costs, cures, loses, changes }: OfferedFix): string[] => [
  `  ${label}${cures > 0 ? ` (cures ${cures} more)` : ''}`,
  ...costs.map(each => `    costs: ${each}`),
  ...loses.map(each => `    loses: ${each}`),
  ...changes.map(({ document, patch }) => `    ${document} ${JSON.stringify(patch)}`),
];

/** Whether a fix cures its snag and brings no stop. */
function holds(fix: OfferedFix, snag: Snag, { bundle, stops, assessed }: Offered): void {
  const after = assessed(applyFix(bundle, fix)).snags;
  expect(
    after.map(({ id }) => id),
    fix.label,
  ).not.toContain(snag.id);
  expect(stops, fix.label).toEqual(expect.arrayContaining(stopsOf(after)));
}

interface Offered {
  readonly bundle: Bundle;
  readonly stops: readonly string[];
  /** An assessor with a memory: that warm equals fresh is tested elsewhere. */
  readonly assessed: (bundle: Bundle) => Assessment;
}

const stopsOf = (snags: readonly Snag[]): string[] =>
  snags.filter(({ severity }) => severity === 'stop').map(({ id }) => id);

describe('what is offered in', () => {
  it.each(CASES)('%s cures, does no harm, and is what it was', async (name, bundle) => {
    const assessed = createAssessor();
    const fixesFor = createFixer();
    const assessment = assessed(bundle);
    const stops = stopsOf(assessment.snags);
    const text = assessment.snags.flatMap(snag => {
      const fixes = fixesFor(snag.id, bundle);
      if (fixes.length === 0) expect(snag.advice, `${snag.title} without a fix gives advice`).toBeTruthy();
      for (const path of snag.because) expect(isFigure(figureAt(assessment, path)), path).toBe(true);
      for (const fix of fixes) holds(fix, snag, { bundle, stops, assessed });
      return [`${snag.rule}: ${snag.title}`, ...fixes.flatMap(fixText)];
    });
    await expect(`${text.join('\n')}\n`).toMatchFileSnapshot(`golden/fixes-${name}.txt`);
  });
});
