/** What a client is offered: sums by hand, what is not known, and the sheet. */
import { describe, expect, it } from 'vitest';
import { assess } from '../src/assess.js';
import type { Bundle, Quote, QuotePackage } from '../src/documents/index.js';
import { fridayBundle } from '../src/demo/index.js';
import { applyPatch, inOrder } from '../src/foundations/index.js';
import { packagePatch, quotePatch } from '../src/quote/index.js';
import { quoteOf } from '../src/quote/offer.js';
import { quoteSheet } from '../src/sheets/quote.js';

const friday = fridayBundle();
const pounds = (amount: number) => ({ amount, currency: 'GBP' as const });
const offer = (label: string, amount: number, more: Partial<QuotePackage> = {}) => ({
  ...{ label, each: pounds(amount), order: label },
  ...more,
});
const withQuote = (quote: Quote, more: Partial<Bundle> = {}): Bundle => ({
  ...friday,
  ...more,
  plan: { ...friday.plan, quote },
});
const reckoned = (bundle: Bundle) => quoteOf(bundle, assess(bundle));

describe('a quote', () => {
  it('is packages by their days, the crew by its hours, less the discount, with the tax on top', () => {
    const { lines, together, discount, tax, total, validUntil } = reckoned(
      withQuote({
        ...{ on: '2026-11-20', hourly: pounds(22.5), crewHours: 31.5, discount: 7.5, tax: 20 },
        packages: {
          one: offer('a', 185.4, { days: 3, count: 2 }),
          two: offer('b', 60, { once: true, count: 3, days: 9 }),
          three: offer('c', 0.335),
        },
      }),
    );
    // Friday is one day: 6 · 185.40, 3 · 60, 0.335 rounded, 31.5 · 22.50.
    expect(lines.map(({ sum }) => sum)).toEqual([1112.4, 180, 0.34, 708.75]);
    expect(together).toBeCloseTo(2001.49, 9);
    // 7.5 % of that is 150.11175; a fifth of the 1851.38 that are left is 370.276.
    expect([discount, tax, total]).toEqual([150.11, 370.28, 2221.66]);
    expect(validUntil).toBe('2026-12-20');
  });

  it('takes the hours of the crew from the plan: everybody from the call to the end, to the half hour begun', () => {
    const bundle = withQuote({ hourly: pounds(10) });
    const { hands, brief } = assess(bundle);
    const minutes = (phase: keyof typeof brief.phases): number => Number(brief.phases[phase].value);
    const before = Math.max(Number(hands.rigging.value), minutes('rig') + minutes('check'));
    const all = before + minutes('rehearse') + minutes('wait') + minutes('live') + minutes('strike');
    const needed = Number(hands.people.value) + Number(hands.wanted.value) - Number(hands.filled.value);
    expect(Number(hands.crewHours.value)).toBeCloseTo(needed * Math.ceil(all / 30) * 0.5, 9);
    expect(reckoned(bundle).total).toBeCloseTo(Number(hands.crewHours.value) * 10, 9);
  });

  it('counts everybody who is wanted while nobody is put on a role', () => {
    const { assignments: _none, ...plan } = friday.plan;
    const { hands } = assess({ ...friday, plan });
    expect(hands.rigging.value).toBeNull();
    expect(Number(hands.crewHours.value)).toBeGreaterThan(0);
    // What falls to others asks for nobody more.
    const needed = Number(hands.wanted.value) - Number(hands.filled.value);
    expect(needed).toBe(8);
    expect(Number(hands.crewHours.value) % (needed / 2)).toBeCloseTo(0, 9);
  });

  it('has no total, and says why, where a rate is not known', () => {
    const { total, together, missing, lines } = reckoned(
      withQuote({
        tax: 20,
        packages: { one: { ...offer('a', 10), each: { amount: 10, currency: 'NOK' } }, two: offer('b', 5) },
      }),
    );
    expect(lines.map(({ sum }) => sum)).toEqual([undefined, 5]);
    expect([together, total]).toEqual([undefined, undefined]);
    expect(missing).toEqual([
      'no rate for NOK is noted in the house rules',
      'what “a” comes to is not known',
    ]);
  });

  it('charges what the event costs where that is said', () => {
    const { costs } = assess(friday).pack.money;
    const known = Object.values(costs).map(({ cost }) => Number(cost.value));
    expect(known.length).toBeGreaterThan(0);
    const charged = reckoned(withQuote({ costs: true }));
    expect(charged.lines.map(({ sum }) => sum)).toEqual(known);
    expect(reckoned(withQuote({})).lines).toEqual([]);
    expect(reckoned(withQuote({})).total).toBe(0);
  });

  it('is written for its client, with the day until which it stands', () => {
    const bundle = withQuote({
      ...{ client: 'Friends of St Alder’s', number: '26-11', on: '2026-11-20', validDays: 14, discount: 10 },
      packages: { one: offer('Three cameras', 200) },
    });
    const sheet = quoteSheet(bundle, assess(bundle));
    expect(sheet.title).toBe('Quote 26-11');
    expect(sheet.about).toMatch(/^For Friends of St Alder’s · Fri 20 Nov 2026 · /);
    expect(sheet.sections.map(({ rows }) => rows.map(row => row.at(-1)))).toEqual([
      ['£200.00'],
      [],
      [],
      ['£200.00', '−£20.00', '£180.00'],
    ]);
    expect(sheet.notes).toContain('This offer stands until Fri 4 Dec 2026.');
    expect(sheet.notes).toContain('No tax is charged.');
  });

  it('is edited field by field and package by package', () => {
    let { plan } = friday;
    const { order: _order, ...first } = offer('first', 1);
    const steps = [
      () => packagePatch(plan, 'packageone', first),
      () => packagePatch(plan, 'packagetwo', { ...first, label: 'second' }),
      () => packagePatch(plan, 'packageone', { ...first, label: 'first again' }),
      () => quotePatch(plan, { client: 'X', tax: 5 }),
      () => quotePatch(plan, { tax: undefined }),
    ];
    for (const step of steps) plan = applyPatch(plan, step());
    expect(inOrder(plan.quote?.packages).map(([, { label }]) => label)).toEqual(['first again', 'second']);
    expect(plan.quote).toMatchObject({ client: 'X' });
    expect(plan.quote).not.toHaveProperty('tax');
    plan = applyPatch(plan, packagePatch(plan, 'packageone', undefined));
    expect(Object.keys(plan.quote?.packages ?? {})).toEqual(['packagetwo']);
  });
});
