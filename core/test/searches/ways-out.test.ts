/** Ways out of a lead that is too long: each is tried, and what it says it takes is what it takes. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyFix } from '../../src/fixes.js';
import { numberOf } from '../../src/foundations/index.js';
import { isProven, OptionError, waysOut } from '../../src/searches/index.js';
import { reachIsGood } from '../../src/stations/runs/reach.js';
import { friday } from '../stations/edited.js';
import { foundBy } from './solver.js';

const before = assess(friday);
const tooLong = Object.keys(before.runs.runs).find(id => {
  const run = before.runs.runs[id];
  return run && numberOf(run.length) !== undefined && !reachIsGood(run.reach);
});
const LINK = tooLong ?? '';
const { answer, offers, objectives } = await foundBy(waysOut, friday, { link: LINK });

describe('ways out', () => {
  it('begin with one that carries, where any does, and buys least', () => {
    expect(tooLong).toBeDefined();
    expect(answer[0]?.carries).toBe(true);
    const carrying = answer.filter(({ carries }) => carries);
    expect(answer.slice(0, carrying.length)).toEqual(carrying);
    expect(answer[0]?.buy.length).toBe(Math.min(...carrying.map(({ buy }) => buy.length)));
    expect(isProven({ objectives })).toBe(true);
  });

  it('offer the edit of each, no more than three of a sort', () => {
    expect(offers.map(({ id }) => id)).toEqual(answer.map(({ id }) => id));
    const sorts = answer.map(({ sort }) => sort);
    for (const sort of new Set(sorts)) {
      expect(sorts.filter(each => each === sort).length).toBeLessThanOrEqual(3);
    }
  });

  it.each(answer.map(way => [way.label, way] as const))('%s: takes what it says', (_, way) => {
    const after = assess(applyFix(friday, way));
    const weight = (numberOf(after.pack.weight) ?? NaN) - (numberOf(before.pack.weight) ?? NaN);
    expect(way.weight).toBeCloseTo(weight, 9);
    const run = after.runs.runs[LINK];
    if (way.carries) expect(run && reachIsGood(run.reach)).toBe(true);
  });

  it('need a lead of the plan', async () => {
    const asked = foundBy(waysOut, friday, { link: 'nolead0001' });
    await expect(asked).rejects.toThrow(OptionError);
    await expect(asked).rejects.toThrow('/link: names no lead of the plan');
  });
});
