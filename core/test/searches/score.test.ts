/** What positions are worth together, by hand: second cameras, the same side, both sides of a conversation, stands. */
import { describe, expect, it } from 'vitest';
import type { Point } from '../../src/foundations/index.js';
import type { Means, Pose, Scene } from '../../src/searches/placement/poses.js';
import { conversationsIn, Score, served, type Cast } from '../../src/searches/placement/score.js';
import type { WantedShot } from '../../src/searches/placement/demands.js';

const shot = (points: number, second: number, at: Point = [10, 10], facing = 0): WantedShot =>
  ({ points, second, subject: { mark: { at, facing } } }) as unknown as WantedShot;

const cast = (
  at: Point,
  quality: number[],
  bearings: number[],
  worked: Means['worked'] = 'operated',
): Cast => ({
  pose: { at, level: undefined, floor: 0, height: 1.5, quality, bearings, cost: 0 } as unknown as Pose,
  means: { worked } as unknown as Means,
});

const scoreOf = (...shots: WantedShot[]): Score =>
  new Score({ wanted: { shots, moments: [] } } as unknown as Scene);

describe('shots at a time of their own', () => {
  const rows = (...quality: number[]) => quality.map(q => ({ quality: [q], locked: false }));
  it('are worth their points times the best quality, and a share of the next best', () => {
    const moment = [[{ shot: 0, points: 3 }]];
    expect(served(rows(0.5), moment, [{ second: 0.4 }])).toBeCloseTo(1.5, 12);
    expect(served(rows(0.5, 0.8), moment, [{ second: 0.4 }])).toBeCloseTo(3 * (0.8 + 0.4 * 0.5), 12);
    // A third camera on it adds nothing.
    expect(served(rows(0.5, 0.8, 0.4), moment, [{ second: 0.4 }])).toBeCloseTo(3, 12);
    expect(served(rows(0), moment, [{ second: 0.4 }])).toBe(0);
  });

  it('wanted at one moment are shared out: one each, unless a camera is locked and has both in its frame', () => {
    const moment = [
      [
        { shot: 0, points: 3 },
        { shot: 1, points: 2 },
      ],
    ];
    const shares = [{ second: 0 }, { second: 0 }];
    const one = (locked: boolean) => [{ quality: [0.9, 0.8], locked }];
    expect(served(one(false), moment, shares)).toBeCloseTo(2.7, 12);
    expect(served(one(true), moment, shares)).toBeCloseTo(2.7 + 1.6, 12);
  });
});

describe('two cameras', () => {
  const same = scoreOf(shot(3, 0.4));
  const apart = (degrees: number): number =>
    same.betweenTwo(cast([0, 0], [0.9], [10]), cast([5, 5], [0.5], [10 + degrees]));
  it('from less than 30° apart lose 0.8 of what the second is worth', () => {
    expect(apart(29.9)).toBeCloseTo(0.8 * 0.4 * 3 * 0.5, 12);
    expect(apart(30)).toBe(0);
    expect(apart(330.1)).toBeCloseTo(0.8 * 0.4 * 3 * 0.5, 12);
  });

  it('lose nothing on a shot that one of them cannot serve', () => {
    expect(same.betweenTwo(cast([0, 0], [0.9], [0]), cast([5, 5], [0], [0]))).toBe(0);
  });

  it.each([
    // Stands are squares: 1.2 m with an operator, 0.8 m without.
    ['operated', 'operated', 1.2],
    ['operated', 'locked', 1],
    ['locked', 'locked', 0.8],
  ] as const)('%s and %s may not overlap: %d m', (a, b, side) => {
    const between = (east: number, south: number): number =>
      same.betweenTwo(cast([0, 0], [0], [0], a), cast([east, south], [0], [0], b));
    expect(between(side - 0.001, 0)).toBe(Infinity);
    expect(between(0, side - 0.001)).toBe(Infinity);
    expect(between(side, 0)).toBe(0);
    expect(between(side, side - 0.001)).toBe(0);
  });

  it('on both sides of a conversation cost half a point, on one side nothing', () => {
    // Two people 3 m apart on a line from west to east, facing each other.
    const talk = [shot(0, 0, [0, 0], 0), shot(0, 0, [3, 0], 180)];
    const score = scoreOf(...talk);
    const between = (a: Point, b: Point): number =>
      score.betweenTwo(cast(a, [0, 0], [0, 0]), cast(b, [0, 0], [0, 0]));
    expect(between([-2, 5], [5, 5])).toBe(0);
    expect(between([-2, 5], [5, -5])).toBe(0.5);
  });
});

describe('a conversation', () => {
  const talk = (apart: number, turned: number): number =>
    conversationsIn([shot(1, 0, [0, 0], turned), shot(1, 0, [apart, 0], 180)]).length;
  it('is between people up to 5 m apart who face each other within 60°', () => {
    expect([talk(5, 0), talk(5.01, 0)]).toEqual([1, 0]);
    expect([talk(3, 60), talk(3, 60.1)]).toEqual([1, 0]);
  });
});
