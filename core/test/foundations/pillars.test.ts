/** Pillars: what is in them and what runs into them, round ones as true circles. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { meetsCircle, polar, squareAround } from '../../src/foundations/geometry.js';
import { inPillar, pillarAt, pillarBlocker, runsInto, wallBlocker } from '../../src/foundations/room.js';
import { between } from '../arbitraries.js';

const round = { at: [10, 10] as const, size: 2, round: true };
const square = { at: [10, 10] as const, size: 2 };
const pillar = (shape: typeof round | typeof square) => pillarBlocker('pillar001', { label: 'P', ...shape });

describe('a pillar', () => {
  it('holds every point nearer to its middle than its radius, and no other', () => {
    fc.assert(
      fc.property(between(0, 360), between(0, 2), (turn, share) => {
        fc.pre(Math.abs(share - 1) > 1e-9);
        const at = polar(round.at, turn, share);
        expect(inPillar(round, at)).toBe(share < 1);
        expect(pillarAt([pillar(round)], at) !== undefined).toBe(share < 1);
      }),
    );
  });

  it('that is square has corners', () => {
    expect(inPillar(square, [10.99, 10.99])).toBe(true);
    expect(inPillar(round, [10.99, 10.99])).toBe(false);
    expect(pillarAt([pillar(square)], [10.99, 10.99])?.label).toBe('P');
    expect(pillarAt([pillar(square)], [11.01, 10])).toBeUndefined();
  });

  it('is run into by what comes nearer than its side', () => {
    // A stand of 1 m beside it: their sides meet at 11.5.
    expect(runsInto(squareAround([11.49, 10], 1), pillar(round))).toBe(true);
    expect(runsInto(squareAround([11.51, 10], 1), pillar(round))).toBe(false);
    expect(runsInto(squareAround([11.4, 11.4], 1), pillar(square))).toBe(true);
    // The corner of the stand is at 10.9: 1.27 m off the middle.
    expect(runsInto(squareAround([11.4, 11.4], 1), pillar(round))).toBe(false);
    expect(runsInto(squareAround([10, 10], 0.5), pillar(round))).toBe(true);
    expect(runsInto(squareAround([10, 10], 5), pillar(round))).toBe(true);
  });

  it('and a wall, which has a line and no inside', () => {
    const line = [
      [0, 0],
      [10, 0],
    ] as const;
    const wall = wallBlocker('wall00001', { label: 'W', line });
    expect(runsInto(squareAround([5, 0.49], 1), wall)).toBe(true);
    expect(runsInto(squareAround([5, 0.51], 1), wall)).toBe(false);
    expect(pillarAt([wall], [5, 0])).toBeUndefined();
  });
});

it('a polygon and a circle meet where their nearest points do', () => {
  const box = squareAround([0, 0], 2);
  expect(meetsCircle(box, { at: [2, 0], radius: 1.01 })).toBe(true);
  expect(meetsCircle(box, { at: [2, 0], radius: 0.99 })).toBe(false);
  // From a corner: √2 = 1.414.
  expect(meetsCircle(box, { at: [2, 2], radius: 1.42 })).toBe(true);
  expect(meetsCircle(box, { at: [2, 2], radius: 1.41 })).toBe(false);
  expect(meetsCircle(box, { at: [0, 0], radius: 0.1 })).toBe(true);
});
