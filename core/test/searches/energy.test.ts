/** What bounds a schedule: work that shares something, against the same written out, and against schedules. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Loads } from '../../src/searches/schedule/energy.js';

interface Piece {
  readonly head: number;
  readonly takes: number;
  readonly tail: number;
}
const least = (pieces: readonly Piece[], count: number, enough = Infinity): number => {
  const loads = new Loads(pieces.length);
  for (const { head, takes, tail } of pieces.toSorted((a, b) => b.tail - a.tail))
    loads.add(head, takes, tail);
  return loads.leastEnd(count, enough);
};

/** Of every part of the work: its first moment, its minutes shared out, and the least that follows any of it. */
function ofEveryPart(pieces: readonly Piece[], count: number): number {
  let most = 0;
  for (let part = 1; part < 2 ** pieces.length; part++) {
    const own = pieces.filter((_, i) => (part >> i) % 2 === 1);
    const minutes = own.reduce((sum, { takes }) => sum + takes, 0);
    if (minutes === 0) continue;
    most = Math.max(
      most,
      Math.min(...own.map(({ head }) => head)) +
        Math.ceil(minutes / count) +
        Math.min(...own.map(({ tail }) => tail)),
    );
  }
  return most;
}

const minutes = fc.nat(20);
const piece = fc.record({ head: minutes, takes: fc.integer({ min: 1, max: 20 }), tail: minutes });

describe('the energy of what shares something', () => {
  it('is that of the part of it that takes longest', () => {
    // Two people: 10 + 10 + 8 minutes that come at 5, and 4 behind the last: 5 + 14 + 4. All of it: 0 + 17 + 0.
    const three = [10, 10, 8].map(takes => ({ head: 5, takes, tail: 4 }));
    expect(least([...three, { head: 0, takes: 6, tail: 0 }], 2)).toBe(23);
    expect(least([{ head: 3, takes: 7, tail: 2 }], 1)).toBe(12);
    expect(least([], 2)).toBe(0);
  });

  it('is the most of every part, written out', () => {
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 7 }), fc.integer({ min: 1, max: 3 }), (pieces, count) => {
        expect(least(pieces, count)).toBe(ofEveryPart(pieces, count));
      }),
    );
  });

  it('may stop as soon as it is enough, and is a bound then too', () => {
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 7 }), fc.nat(60), (pieces, enough) => {
        const [whole, part] = [least(pieces, 2), least(pieces, 2, enough)];
        expect(part).toBeLessThanOrEqual(whole);
        expect(part >= enough).toBe(whole >= enough);
      }),
    );
  });

  it('is filled anew', () => {
    const loads = new Loads(2);
    loads.add(9, 9, 9);
    loads.length = 0;
    loads.add(1, 2, 3);
    loads.add(0, 0, 99);
    expect(loads.leastEnd(1, Infinity)).toBe(6);
  });
});
