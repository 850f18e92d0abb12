/**
 * Every figure and every snag of the demo event, the small event and the starter kits as text, held against files that
 * people can read and compare: what a change does to real plans is seen line by line.
 */
import { describe, expect, it } from 'vitest';
import { assess, type Assessment } from '../src/assess.js';
import { chapelBundle, fridayBundle, saturdayPlan, sundayPlan, weekendVenues } from '../src/demo/index.js';
import type { Bundle } from '../src/documents/index.js';
import type { Figure, Snag, Value } from '../src/foundations/index.js';
import { kitBundle, kits } from '../src/kits/index.js';
import { allFigures } from '../src/report.js';

const friday = fridayBundle();
const START = '2026-12-05T10:00:00Z';
/** One of each sort: phones, a compact switcher, fibre, a camera that stays. */
const KITS: ReadonlySet<string> = new Set(['kitphones1', 'kitcompact', 'kitfibre04', 'kitperman1']);
const EVENTS: readonly (readonly [string, Bundle])[] = [
  ['friday', friday],
  ['chapel', chapelBundle()],
  ['saturday', { ...friday, plan: saturdayPlan(START), venue: weekendVenues.venuegrange1 ?? friday.venue }],
  ['sunday', { ...friday, plan: sundayPlan(START), venue: weekendVenues.venuemillra1 ?? friday.venue }],
  ...kits
    .filter(({ id }) => KITS.has(id))
    .map((kit): [string, Bundle] => [kit.id, kitBundle(kit, friday.rules)]),
];

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

describe('what the assessment says of', () => {
  it.each(EVENTS)('%s', async (name, bundle) => {
    await expect(textOf(assess(bundle))).toMatchFileSnapshot(`golden/report-${name}.txt`);
  });
});
