/** Searches by name: their options are checked, they can be stopped, and their best offer can be taken. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyFix } from '../../src/fixes.js';
import { optionFaults, SEARCHES, type SearchCommand } from '../../src/searches/commands.js';
import { ended, gapOf, type Progress } from '../../src/searches/index.js';
import { edited, friday, remove } from '../stations/edited.js';
import { highsSolver } from './solver.js';

const means = { solve: highsSolver(), now: () => 0 };
const named = (name: string): SearchCommand => {
  const command = SEARCHES[name];
  if (!command) throw new Error(`no search ${name}`);
  return command;
};

describe('searches as commands', () => {
  it.each([
    ['positions', {}],
    ['positions', { count: 1, heights: [1.5, 2.4], refused: [{ at: [1, 2], radius: 1 }] }],
    ['ways-out', { link: 'linkword1' }],
  ])('%s takes %j', (name, options) => {
    expect(optionFaults(named(name), options)).toEqual([]);
  });

  it.each([
    ['positions', { count: 0 }, '/count', 'must be a whole number from 1 to 100'],
    ['positions', { heights: [0.05] }, '/heights', 'must be up to 20 numbers from 0.1 to 20'],
    ['positions', { refused: [{ radius: 1 }] }, '/refused/0/at', 'is missing'],
    ['positions', { speed: 1 }, '/speed', 'is not a known field'],
    ['ways-out', {}, '/link', 'is missing'],
    ['desk', { link: 'linkword1' }, '/link', 'is not a known field'],
    ['cut', [], '', 'must be an object'],
  ])('%s refuses %j', (name, options, path, reason) => {
    expect(optionFaults(named(name), options)).toContainEqual({ path, reason });
  });

  it('positions: all cameras of the plan may be moved, and all may be put up, unless less is asked', async () => {
    const { answer } = await named('positions').run(friday, { grid: 1, heights: [1.5] }, means);
    const { layouts } = answer as { layouts: { positions: { stays: boolean }[]; value: number }[] };
    expect(layouts[0]?.positions.length).toBeGreaterThan(1);
    expect(layouts[0]?.positions.every(({ stays }) => !stays)).toBe(true);
    const one = await named('positions').run(friday, { grid: 1, heights: [1.5], count: 1 }, means);
    expect(one.objectives[0]?.value).toBeLessThanOrEqual(layouts[0]?.value ?? NaN);
    expect(one.objectives.map(gapOf)).toEqual([0]);
  });

  it('connect: the best offer, taken, leaves nothing to connect', async () => {
    const bare = edited(remove('/links/linkword1'));
    const { offers } = await named('connect').run(bare, {}, means);
    expect(offers).toHaveLength(1);
    const after = offers[0] ? applyFix(bare, offers[0]) : bare;
    expect(assess(after).signal.sources.laptopwor?.input.value).not.toBeNull();
    expect((await named('connect').run(after, {}, means)).offers).toEqual([]);
  });

  it('tell how far they have come, and stop with the reason that they are given', async () => {
    const told: Progress[] = [];
    await named('desk').run(friday, {}, means, progress => void told.push(progress));
    expect(told[0]?.stage).toBe('problem');
    const solving = told.filter(({ stage }) => stage === 'solving').map(({ share }) => share);
    expect(solving.length).toBeGreaterThan(0);
    expect(solving).toEqual([...solving].sort((a, b) => a - b));
    const reason = new Error('no longer wanted');
    let left = 2;
    const stop = {
      throwIfAborted(): void {
        if (left-- === 0) throw reason;
      },
    };
    await expect(named('desk').run(friday, {}, means, undefined, stop)).rejects.toBe(reason);
  });
});

describe('the gap of an objective', () => {
  it('is the share of the bound that is missing, whichever way is better', () => {
    expect(gapOf({ value: 9, bound: 10 })).toBeCloseTo(0.1, 12);
    expect(gapOf({ value: 11, bound: 10 })).toBeCloseTo(0.1, 12);
    expect(gapOf({ value: 10, bound: 10 })).toBe(0);
    expect(gapOf({ value: 1, bound: 1 - 2e-9 })).toBeGreaterThan(0);
  });
});

describe('the steps of a search', () => {
  it('wait for a report that gives a promise', async () => {
    const order: string[] = [];
    function* steps(): Generator<Progress, string> {
      yield { stage: 'problem', share: 0 };
      order.push('went on');
      return 'done';
    }
    const report = async (): Promise<void> => {
      await Promise.resolve();
      order.push('told');
    };
    expect(await ended(steps(), report)).toBe('done');
    expect(order).toEqual(['told', 'went on']);
  });
});
