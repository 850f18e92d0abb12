/**
 * Every fix that is offered in the demo events, their variants and some starter kits, with what it changes, costs and
 * takes away, as text held against files that people can read and compare.
 */
import { describe, expect, it } from 'vitest';
import { assess } from '../src/assess.js';
import type { Bundle } from '../src/documents/index.js';
import { fixesFor } from '../src/fixes.js';
import type { OfferedFix } from '../src/foundations/index.js';
import { BUNDLES } from './bundles.js';
import { EVENTS } from './events.js';

const NAMES = ['friday', 'chapel', 'varied', 'crossed', 'rewired', 'crowded', 'empty', 'bare'] as const;
const CASES: readonly (readonly [string, Bundle])[] = [
  ...NAMES.map((name, i): [string, Bundle] => [name, (BUNDLES[i] as [string, Bundle])[1]]),
  ...EVENTS.filter(([name]) => name !== 'friday' && name !== 'chapel'),
];

const fixText = ({ label, costs, cures, loses, changes }: OfferedFix): string[] => [
  `  ${label}${cures > 0 ? ` (cures ${cures} more)` : ''}`,
  ...costs.map(each => `    costs: ${each}`),
  ...loses.map(each => `    loses: ${each}`),
  ...changes.map(({ document, patch }) => `    ${document} ${JSON.stringify(patch)}`),
];

describe('what is offered in', () => {
  it.each(CASES)('%s', async (name, bundle) => {
    const text = assess(bundle).snags.flatMap(({ id, rule, title }) => [
      `${rule}: ${title}`,
      ...fixesFor(id, bundle).flatMap(fixText),
    ]);
    await expect(`${text.join('\n')}\n`).toMatchFileSnapshot(`golden/fixes-${name}.txt`);
  });
});
