/** In which order leads are laid, by whom, and in how many minutes: worked out by hand. */
import { describe, expect, it } from 'vitest';
import { layOrder, type LayStep } from '../../src/stations/runs/lay-order.js';
import type { RunResult, RunsResult } from '../../src/stations/runs/result.js';
import { givenFigure } from '../given.js';

type Kind = RunResult['crossings'][number]['kind'];

const run = (metres: number, ...crossings: readonly (readonly [Kind, string])[]): RunResult =>
  ({
    crosses: true,
    onFloor: givenFigure(metres, 'm'),
    crossings: crossings.map(([kind, id]) => ({ kind, id })),
  }) as unknown as RunResult;

const order = (
  runs: Readonly<Record<string, RunResult>>,
  people = 1,
  looms: Readonly<Record<string, readonly string[]>> = {},
): LayStep[] =>
  layOrder(
    {
      runs,
      looms: Object.fromEntries(
        Object.entries(looms).map(([id, members]) => [id, { members }]),
      ) as unknown as RunsResult['looms'],
    },
    people,
  );

describe('leads are laid', () => {
  it('those over doors first, then the longest, at a minute for four metres', () => {
    expect(order({ short: run(8), long: run(20), over: run(4, ['door', 'door0001']) })).toEqual([
      { link: 'over', minutes: 1 + 3, person: 1 },
      { link: 'long', minutes: 5, person: 1 },
      { link: 'short', minutes: 2, person: 1 },
    ]);
  });

  it('with three minutes for each ramp or door, once for a loom', () => {
    const aisle = ['aisle', 'aisle001'] as const;
    expect(order({ a: run(12, aisle) })[0]?.minutes).toBe(3 + 3);
    const loom = order({ a: run(12, aisle), b: run(24, aisle) }, 1, { one: ['a', 'b'] });
    // The longest of a loom is taped; the others are unrolled beside it, twelve metres a minute.
    expect(loom).toEqual([
      { link: 'b', minutes: 6 + 3, person: 1 },
      { link: 'a', minutes: 1, person: 1 },
    ]);
  });

  it('by whoever has least to do, a loom by one person', () => {
    const runs = { a: run(40), b: run(20), c: run(16), d: run(4) };
    expect(order(runs, 2).map(({ link, person }) => [link, person])).toEqual([
      ['a', 1],
      ['b', 2],
      ['c', 2],
      ['d', 2],
    ]);
    expect(new Set(order(runs, 2, { one: ['a', 'b', 'c', 'd'] }).map(({ person }) => person))).toEqual(
      new Set([1]),
    );
    // Nobody is no way to lay anything.
    expect(order(runs, 0).every(({ person }) => person === 1)).toBe(true);
  });

  it('only where they cross the floor', () => {
    expect(order({ a: { ...run(4), crosses: undefined } as unknown as RunResult })).toEqual([]);
  });
});
