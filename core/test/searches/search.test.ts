/** The shape of every search: steps that report, a stop, how far from proven; and layouts side by side. */
import { describe, expect, it, vi } from 'vitest';
import { cableOf, compared } from '../../src/searches/placement/compare.js';
import type { Layout, ServedShot } from '../../src/searches/placement/layouts.js';
import {
  ended,
  isProven,
  OptionError,
  provenLeast,
  runSearch,
  type Means,
  type Progress,
  type Search,
} from '../../src/searches/search.js';
import { gapOf } from '../../src/searches/gap.js';
import { friday } from '../stations/edited.js';

const MEANS: Means = { solve: () => Promise.reject(new Error('nothing is solved here')), now: () => 0 };

describe('how far an objective is from the best there is', () => {
  it.each([
    [10, 10, 0],
    [8, 10, 0.2],
    [12, 10, 0.2],
    [-8, -10, 0.2],
    [10, 10 + 5e-10, 0],
    [10, 10 + 2e-9, 2e-10],
  ])('%d against %d: %d', (value, bound, gap) => {
    expect(gapOf({ value, bound })).toBeCloseTo(gap, 12);
  });

  it('is beyond all measure where the best there is would be nothing', () => {
    expect(gapOf({ value: 1, bound: 0 })).toBeGreaterThan(1e8);
  });

  it('is nothing where all of them are proven', () => {
    const best = provenLeast('cost', 'points', 5);
    expect(best).toEqual({ label: 'cost', unit: 'points', better: 'less', value: 5, bound: 5 });
    expect(isProven({ objectives: [best, best] })).toBe(true);
    expect(isProven({ objectives: [best, { ...best, bound: 4 }] })).toBe(false);
    expect(isProven({ objectives: [] })).toBe(true);
  });
});

function* steps(count: number): Generator<Progress, string> {
  for (let i = 0; i < count; i++) yield { stage: 'solving', share: i / count };
  return 'the end';
}

describe('steps', () => {
  it('are taken to their end, each reported', async () => {
    const heard: number[] = [];
    expect(await ended(steps(3), ({ share }) => void heard.push(share))).toBe('the end');
    expect(heard).toEqual([0, 1 / 3, 2 / 3]);
    expect(await ended(steps(0))).toBe('the end');
  });

  it('wait for a report that takes its time', async () => {
    const order: string[] = [];
    async function* slow(): AsyncGenerator<Progress, void> {
      order.push('first');
      yield { stage: 'problem', share: 0 };
      await Promise.resolve();
      order.push('second');
    }
    await ended(slow(), async () => {
      await Promise.resolve();
      order.push('heard');
    });
    expect(order).toEqual(['first', 'heard', 'second']);
  });

  it('stop with the reason that is given, before the next of them', async () => {
    const controller = new AbortController();
    const report = vi.fn(({ share }: Progress) => void (share > 0 && controller.abort(new Error('no more'))));
    await expect(ended(steps(9), report, controller.signal)).rejects.toThrow('no more');
    expect(report).toHaveBeenCalledTimes(2);
  });
});

describe('a search', () => {
  const search = (
    of: Partial<Search<{ n: number }, number, string>> = {},
  ): Search<{ n: number }, number, string> => ({
    name: 'test',
    about: 'nothing',
    *problemOf(_, { n }) {
      yield { stage: 'problem', share: 0 };
      if (n < 0) throw new OptionError('/n', 'is less than nothing');
      return n * 2;
    },
    *solve(problem) {
      yield { stage: 'solving', share: 0.5, value: problem, bound: problem };
      return { answer: `it is ${problem}`, objectives: [], offers: [] };
    },
    ...of,
  });

  it('makes its problem and solves it, and reports both', async () => {
    const stages: string[] = [];
    const found = await runSearch(search(), friday, { n: 21 }, MEANS, ({ stage }) => void stages.push(stage));
    expect(found.answer).toBe('it is 42');
    expect(stages).toEqual(['problem', 'solving']);
  });

  it('says which option cannot be followed, and why', async () => {
    const asked = runSearch(search(), friday, { n: -1 }, MEANS);
    await expect(asked).rejects.toThrow('/n: is less than nothing');
    await expect(asked).rejects.toMatchObject({ path: '/n', reason: 'is less than nothing' });
  });

  it('hands on what its solver says', async () => {
    const failing: Means = { ...MEANS, solve: () => Promise.reject(new Error('too hard')) };
    const asking = search({
      async *solve(_, { solve }) {
        yield { stage: 'solving', share: 0 };
        await solve({ variables: [], rows: [], objective: [] });
        return { answer: '', objectives: [], offers: [] };
      },
    });
    await expect(runSearch(asking, friday, { n: 1 }, failing)).rejects.toThrow('too hard');
  });
});

const served = (shot: string, quality: number, second = false): ServedShot =>
  ({ shot, label: `shot ${shot}`, quality, second, worst: 'side' }) as ServedShot;
const layout = (
  ...cameras: (readonly [label: string, cable: number, disturbance: number, ...ServedShot[]])[]
): Layout =>
  ({
    positions: cameras.map(([label, cable, disturbance, ...serves]) => ({
      label,
      cable,
      disturbance,
      serves,
    })),
  }) as unknown as Layout;

describe('layouts side by side', () => {
  const one = layout(
    ['C1', 10, 0.1, served('a', 0.5)],
    ['C2', 5, 0.2, served('a', 0.8), served('b', 0.6, true)],
  );
  const two = layout(['C3', 7, 0, served('b', 0.9), served('a', 0.4, true)]);

  it('have every shot that any of them serves, in the order they come', () => {
    expect(compared({ layouts: [one, two] }).map(({ shot, label }) => [shot, label])).toEqual([
      ['a', 'shot a'],
      ['b', 'shot b'],
    ]);
  });

  it('say who takes it first, and best, in each; nobody where it is only a second camera', () => {
    const [a, b] = compared({ layouts: [one, two] });
    expect(a?.by[0]).toEqual({ quality: 0.8, worst: 'side', camera: 'C2', twice: false });
    expect(a?.by[1]).toBeUndefined();
    expect(b?.by).toEqual([undefined, { quality: 0.9, worst: 'side', camera: 'C3', twice: false }]);
  });

  it('say whether a second camera is on it', () => {
    const both = layout(['C1', 0, 0, served('a', 0.5)], ['C2', 0, 0, served('a', 0.9, true)]);
    expect(compared({ layouts: [both] })[0]?.by[0]).toMatchObject({ camera: 'C1', twice: true });
  });

  it('take as much cable as their cameras together, and nobody knows how much where that of one is not known', () => {
    expect(cableOf(one)).toBe(15);
    expect(cableOf(layout())).toBe(0);
    const [position] = one.positions;
    if (!position) throw new Error('no position');
    expect(cableOf({ positions: [position, { ...position, cable: undefined }] })).toBeUndefined();
  });
});
