/**
 * Every figure and every snag of the demo event, the small event and the starter kits as text, held against files that
 * people can read and compare: what a change does to real plans is seen line by line.
 */
import { describe, expect, it } from 'vitest';
import { assess, type Assessment } from '../src/assess.js';
import type { Figure, Snag, Term, Value } from '../src/foundations/index.js';
import { allFigures } from '../src/report.js';
import { BUNDLES } from './bundles.js';
import { BOOTH, CEREMONY, HYBRID } from './eighteen/more.js';
import { BONDED, CHAPEL, HARD_CASE, NETWORK_RACK, PANORAMA, STREET } from './eighteen/nine-to-eighteen.js';
import { staged } from './eighteen/stage.js';
import { EVENTS } from './events.js';

const SET_UPS = [BOOTH, CEREMONY, HYBRID, BONDED, CHAPEL, HARD_CASE, NETWORK_RACK, PANORAMA, STREET];

/** Numbers to six digits: what another machine rounds otherwise in the last place is no other figure. */
const valueText = (value: Value): string =>
  typeof value === 'number' && !Number.isInteger(value)
    ? String(Number(value.toPrecision(6)))
    : String(value);

const figureText = ([path, { value, unit, why }]: [string, Figure]): string =>
  [`${path} = ${valueText(value)}`, unit, why && `(${why})`].filter(Boolean).join(' ');

const snagText = ({ severity, rule, subjects, title, outputs, advice }: Snag): string =>
  [
    `${severity} ${rule} [${subjects.join(' ')}] ${title}`,
    outputs.length > 0 && `→ ${outputs.join(' ')}`,
    advice,
  ]
    .filter(Boolean)
    .join(' ');

const textOf = (assessment: Assessment): string =>
  [
    '# Snags',
    ...assessment.snags.map(snagText),
    '',
    '# Figures',
    ...allFigures(assessment).map(figureText),
    '',
  ].join('\n');

/** What a figure was worked out from, as the ledger opens it. */
const workingText = ([path, { working }]: [string, Figure]): string[] => [
  [path, working.formula ?? working.method, working.rule, working.source].filter(Boolean).join(' | '),
  ...working.terms.map(termText),
];
const termText = ({ name, value, unit, from }: Term): string =>
  `  ${name} = ${valueText(value)} ${unit} ${JSON.stringify(from)}`;

/** Each line once: what is alike in several figures is read where it first stands. */
describe('the working of every figure', () => {
  it('of events with cameras that move, windows, lenses, lamps, a matrix and a remote camera', async () => {
    const known = new Set<string>();
    const both = BUNDLES.filter(([name]) => /that move|in a ring|crowded/.test(name));
    expect(both).toHaveLength(3);
    const lines = both.flatMap(([, bundle]) => allFigures(assess(bundle)).flatMap(workingText));
    const once = lines.filter(line => !known.has(line) && known.add(line));
    await expect(`${once.join('\n')}\n`).toMatchFileSnapshot('golden/workings.txt');
  });
});

/** How set-ups of library kinds are fed, joined and streamed: of each declared figure every way it is worked out. */
describe('the working of figures of the eighteen set-ups', () => {
  it('says where each comes from', async () => {
    const ways = new Set<string>();
    for (const setUp of SET_UPS) {
      for (const [, { of, value, working }] of allFigures(assess(staged(setUp)))) {
        const { formula, method, rule, source, terms } = working;
        const words = terms.flatMap(({ name, value: each, from }) =>
          'source' in from ? [`${name} = ${valueText(each)}: ${from.source}`] : [],
        );
        const shown = [valueText(value)];
        ways.add(
          [of.key, ...[formula ?? method, rule, source, ...shown, ...words].filter(Boolean)].join(' | '),
        );
      }
    }
    const lines = [...ways].filter(way => /^(signal|stream|power|pack|hands)\./.test(way)).sort();
    await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('golden/workings-eighteen.txt');
  });
});

const CROWDED = BUNDLES.filter(([name]) => name.includes('crowded'));

describe('what the assessment says of', () => {
  it.each([...EVENTS, ...CROWDED.map(([, bundle]) => ['crowded', bundle] as const)])(
    '%s',
    async (name, bundle) => {
      await expect(textOf(assess(bundle))).toMatchFileSnapshot(`golden/report-${name}.txt`);
    },
  );
});
