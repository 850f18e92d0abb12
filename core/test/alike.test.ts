/** Runs of ports that forms fold: six or more that count up and are alike besides. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { alikeRuns, likeOf } from '../src/kind-drafts/alike.js';
import { draftOf } from '../src/kind-drafts/index.js';
import { libraryKinds } from '../src/library/index.js';

const row = (name: string, from: number, to: number, like = 'x') =>
  Array.from({ length: to - from + 1 }, (_, i) => ({ label: `${name} ${from + i}`, like }));

describe('a run of ports', () => {
  it.each([
    ['five of a sort', row('SDI in', 1, 5), []],
    ['six of a sort', row('SDI in', 1, 6), [{ first: 0, count: 6, label: 'SDI in 1 – 6' }]],
    [
      'with a gap',
      [...row('SDI in', 1, 6), ...row('SDI in', 8, 12)],
      [{ first: 0, count: 6, label: 'SDI in 1 – 6' }],
    ],
    [
      'of two sorts',
      [...row('in', 1, 8), ...row('out', 1, 7)],
      [
        { first: 0, count: 8, label: 'in 1 – 8' },
        { first: 8, count: 7, label: 'out 1 – 7' },
      ],
    ],
    ['that differ in what they are', [...row('in', 1, 4), ...row('in', 5, 9, 'y')], []],
    ['without numbers', Array.from({ length: 8 }, () => ({ label: 'in', like: 'x' })), []],
    ['past a ten', row('in', 7, 13), [{ first: 0, count: 7, label: 'in 7 – 13' }]],
    ['of nothing', [], []],
  ])('%s', (_, things, runs) => {
    expect(alikeRuns(things)).toEqual(runs);
  });

  it('never takes one twice, and never one of another sort', () => {
    const thing = fc.record({
      label: fc.integer({ min: 1, max: 9 }).map(n => `in ${n}`),
      like: fc.constantFrom('x', 'y'),
    });
    fc.assert(
      fc.property(fc.array(thing, { maxLength: 40 }), things => {
        let end = 0;
        for (const { first, count } of alikeRuns(things)) {
          expect(first).toBeGreaterThanOrEqual(end);
          end = first + count;
          expect(new Set(things.slice(first, end).map(({ like }) => like)).size).toBe(1);
        }
        expect(end).toBeLessThanOrEqual(things.length);
      }),
    );
  });

  it('folds a matrix of forty by forty into two lines, and leaves a small switcher as it is', () => {
    const runs = (kind: string) => {
      const of = libraryKinds[kind];
      if (!of) throw new Error(kind);
      return alikeRuns(draftOf(of).ports.map(port => ({ label: port.label ?? '', like: likeOf(port) }))).map(
        ({ count }) => count,
      );
    };
    expect(runs('matrixfor')).toEqual([40, 40]);
    expect(runs('switchcom')).toEqual([]);
  });
});
