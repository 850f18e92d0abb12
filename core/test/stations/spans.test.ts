/** Leads that follow each other over pieces with nothing inside: what counts is the whole. */
import { describe, expect, it } from 'vitest';
import { applyPatch } from '../../src/foundations/index.js';
import { assess } from '../../src/assess.js';
import type { Bundle, Link } from '../../src/documents/index.js';
import { staged } from '../eighteen/stage.js';
import { saturday } from '../events.js';

const [lead, link] = Object.entries(saturday.plan.links ?? {}).find(
  ([, { to }]) => to.device === 'housline1',
) as [string, Link];

/** 10 m and 3 m of plain HDMI on either side of an active line of so many metres. */
const withLine = (length: number, proof?: object): Bundle => ({
  ...saturday,
  venue: applyPatch(saturday.venue, [{ op: 'replace', path: '/houseLines/hlinehdmi/length', value: length }]),
  plan: applyPatch(saturday.plan, [
    proof
      ? { op: 'replace', path: `/links/${lead}/proof`, value: { ...link.proof, ...proof } }
      : { op: 'remove', path: `/links/${lead}/proof` },
  ]),
});

const spanOf = (bundle: Bundle) => {
  const { runs, snags } = assess(bundle);
  const [span] = Object.values(runs.spans);
  return {
    span,
    reach: span?.reach.value,
    told: snags.filter(({ rule }) => rule.endsWith('span-too-long')).map(({ severity }) => severity),
  };
};

describe('leads on both sides of a line of the house', () => {
  it('are as long as all of it', () => {
    const { span } = spanOf(withLine(15));
    expect(span?.label).toBe('SPLIT ROOM → PROJECTOR');
    expect(span?.over).toBe('PROJECTOR LINE');
    expect(span?.length.value).toBe(28);
  });

  it('carry until their shares come to one', () => {
    // 13 m of 15 and 15 m of 25: 28 / (0.8667 + 0.6); at the very most 13 m of 20.
    const { span } = spanOf(withLine(15));
    expect(span?.limit.value).toBeCloseTo(28 / (13 / 15 + 15 / 25), 9);
    expect(span?.stretched.value).toBeCloseTo(22.4, 9);
  });

  it.each([
    // 13/15 + 3.33/25 = 0.9999 and 3.34/25: 1.0003.
    [3.33, 'within', []],
    [3.34, 'beyond the house rule', ['risk']],
    // 13/20 + 8.74/25 = 0.9996 and 8.76/25: 1.0004.
    [8.74, 'beyond the house rule', ['risk']],
    [8.76, 'beyond any rule', ['stop']],
  ])('with %s m of it: %s', (length, verdict, severities) => {
    const { reach, told } = spanOf(withLine(length));
    expect(reach).toBe(verdict);
    expect(told).toEqual(severities);
  });

  it('are proved by a test over as much, and not over less', () => {
    expect(spanOf(withLine(15, { length: 28 })).reach).toBe('proved');
    expect(spanOf(withLine(15, { length: 27.9 })).reach).toBe('beyond any rule');
    expect(spanOf(withLine(3, { length: 16, works: false })).reach).toBe('failed when tested');
    const [failed] = assess(withLine(3, { length: 16, works: false })).snags.filter(
      ({ rule }) => rule === 'runs.span-too-long',
    );
    expect(failed?.title).toBe(
      'SPLIT ROOM → PROJECTOR: 16 m of cable over PROJECTOR LINE failed when this length was tested.',
    );
    expect(spanOf(withLine(3, { length: 16.1, works: false })).reach).toBe('within');
  });

  it('are told where the line is broken, or was never tested with this', () => {
    const told = (condition: string, proof?: object): string[] => {
      const bundle = withLine(3, proof);
      const venue = applyPatch(bundle.venue, [
        { op: 'replace', path: '/houseLines/hlinehdmi/condition', value: condition },
      ]);
      const { snags } = assess({ ...bundle, venue });
      return snags.filter(({ rule }) => rule === 'runs.line-unsound').map(({ severity }) => severity);
    };
    expect([told('good'), told('worn'), told('untested'), told('broken')]).toEqual([
      [],
      [],
      ['risk'],
      ['stop'],
    ]);
    expect(told('untested', { length: 16 })).toEqual([]);
    expect(told('broken', { length: 16 })).toEqual(['stop']);
  });

  it('say nothing where a lead is too long by itself', () => {
    const plan = applyPatch(saturday.plan, [
      { op: 'remove', path: `/links/${lead}/proof` },
      { op: 'add', path: `/links/${lead}/measured`, value: 30 },
    ]);
    expect(spanOf({ ...saturday, plan }).told).toEqual([]);
    const rules = assess({ ...saturday, plan }).snags.map(({ rule, subjects }) => [rule, ...subjects]);
    expect(rules).toContainEqual(['runs.beyond-reach', lead]);
  });
});

describe('coax over a patch bay', () => {
  const bundle = staged({
    id: 'patched01',
    label: 'Patched',
    about: 'a camera over a patch bay',
    crew: 1,
    devices: [
      ['camera001', 'C1', 'campanpoe', { at: [10.6, 1.2], height: 1.65 }, { worked: 'locked' }],
      ['deskrack1', 'RACK', 'rackcas12', { at: [2.2, 8.2], height: 0.75 }],
      ['patchbay1', 'PATCH', 'patchbay8', { inside: 'deskrack1' }],
      ['switcher1', 'SWITCHER', 'switchrac', { inside: 'deskrack1' }],
    ],
    leads: ['camera001.sdiout001 > patchbay1.patchin01', 'patchbay1.patchout1 > switcher1.sdiin0001'],
    outputs: [],
  });

  it('loses half a decibel in the pass, and is said nothing of where it is short', () => {
    const { span, told } = spanOf(bundle);
    // HD on RG59: 0.723 · √742.5 + 0.00167 · 742.5 = 20.94 dB for 100 m; 18 dB less 0.5.
    const loss = 0.723 * Math.sqrt(742.5) + 0.00167 * 742.5;
    expect(span?.limit.value).toBeCloseTo((100 * 17.5) / loss, 9);
    expect(span?.over).toBe('PATCH');
    expect(told).toEqual([]);
  });
});
