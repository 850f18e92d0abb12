import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cannotFit } from '../../src/packing/bound.js';
import {
  fitsAlone,
  isWithin,
  overlap,
  restsOn,
  turned,
  turnsOf,
  volume,
  type Box,
  type Put,
  type Sides,
} from '../../src/packing/boxes.js';
import { Filling } from '../../src/packing/corners.js';
import { exactFit } from '../../src/packing/exact.js';

const box = (sides: Sides, more: Partial<Box> = {}): Box => ({
  ...{ sides, kg: 1, upright: false, top: false },
  ...more,
});

/** Every box once, inside, clear of the others, as large as it is. */
function isPacking(puts: readonly Put[], boxes: readonly Box[], space: Sides): boolean {
  return (
    new Set(puts.map(each => each.box)).size === boxes.length &&
    puts.every((put, i) => {
      const own = boxes[put.box];
      return (
        own !== undefined &&
        turnsOf(own).includes(put.turn) &&
        put.sides.join() === turned(own.sides, put.turn).join() &&
        isWithin(put, space) &&
        puts.slice(0, i).every(other => !overlap(put, other))
      );
    })
  );
}

/** A space cut into so many boxes, which therefore fit it with nothing to spare. */
const cuts = fc
  .tuple(
    fc.tuple(
      fc.integer({ min: 4, max: 12 }),
      fc.integer({ min: 4, max: 12 }),
      fc.integer({ min: 4, max: 12 }),
    ),
    fc.array(fc.tuple(fc.nat(2), fc.double({ min: 0.2, max: 0.8, noNaN: true })), {
      minLength: 1,
      maxLength: 5,
    }),
  )
  .map(([space, cuts]) => {
    const parts: Sides[] = [space];
    for (const [axis, share] of cuts) {
      parts.sort((a, b) => volume(b) - volume(a));
      const [whole] = parts;
      const at = Math.round((whole?.[axis] ?? 0) * share);
      if (!whole || at < 1 || at >= (whole[axis] ?? 0)) continue;
      const piece = (side: number): Sides =>
        whole.map((own, i) => (i === axis ? side : own)) as unknown as Sides;
      parts.splice(0, 1, piece(at), piece((whole[axis] ?? 0) - at));
    }
    return { space: space, parts };
  });

describe('boxes in a space', () => {
  it('fit where they were cut from it, however they are turned', () => {
    fc.assert(
      fc.property(cuts, fc.array(fc.nat(5), { minLength: 6, maxLength: 6 }), ({ space, parts }, turns) => {
        const boxes = parts.map((sides, i) =>
          box(turned(sides, turnsOf(box(sides))[turns[i] ?? 0] ?? 'wdh')),
        );
        const found = exactFit(boxes, space);
        expect(found.verdict).toBe('fits');
        if (found.verdict === 'fits') expect(isPacking(found.puts, boxes, space)).toBe(true);
        expect(cannotFit(boxes, space)).toBe(false);
      }),
      { numRuns: 150 },
    );
  });

  it('do not where one of those is larger by a millimetre', () => {
    fc.assert(
      fc.property(cuts, ({ space, parts }) => {
        const boxes = parts.map((sides, i) => box(i === 0 ? [sides[0] + 1, sides[1], sides[2]] : sides));
        expect(exactFit(boxes, space).verdict).toBe('proven not');
        expect(cannotFit(boxes, space)).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  it('are looked at in every way, not only where volume says no', () => {
    // Three of 2 × 1 fill 3 × 2; two of 2 × 2 leave one of nine more than they take of 3 × 3, and still exclude each other.
    expect(
      exactFit(
        [
          [2, 1, 1],
          [2, 1, 1],
          [2, 1, 1],
        ].map(each => box(each as unknown as Sides)),
        [3, 2, 1],
      ).verdict,
    ).toBe('fits');
    const two = [box([2, 2, 1]), box([2, 2, 1])];
    expect([exactFit(two, [3, 3, 1]).verdict, cannotFit(two, [3, 3, 1])]).toEqual(['proven not', true]);
    // Four planks of 2 × 1 stand round the middle of 3 × 3 as a wheel, with room for one more cube and for no plank.
    const planks = (count: number) => Array.from({ length: count }, () => box([2, 1, 1]));
    expect(exactFit(planks(4), [3, 3, 1]).verdict).toBe('fits');
    expect(exactFit([...planks(4), box([1, 1, 1])], [3, 3, 1]).verdict).toBe('fits');
    expect(exactFit(planks(5), [3, 3, 1]).verdict).toBe('proven not');
  });

  it('stay upright where they must', () => {
    const tall = box([1, 1, 3], { upright: true });
    expect([fitsAlone(tall, [3, 3, 2]), fitsAlone({ ...tall, upright: false }, [3, 3, 2])]).toEqual([
      false,
      true,
    ]);
    expect(exactFit([tall], [3, 3, 2]).verdict).toBe('proven not');
  });

  it('give up as unknown when they may take no more steps', () => {
    const many = Array.from({ length: 7 }, (_, i) => box([3 + (i % 3), 4, 5]));
    expect(exactFit(many, [11, 9, 7], 10).verdict).toBe('unknown');
  });
});

describe('filling a space', () => {
  const things = fc.array(
    fc.record({
      sides: fc.tuple(
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 1, max: 9 }),
      ),
      kg: fc.integer({ min: 0, max: 4 }),
      upright: fc.boolean(),
      top: fc.boolean(),
    }),
    { minLength: 1, maxLength: 14 },
  );

  it('keeps everything inside, apart, held from below, within its load, and nothing on what is on top', () => {
    fc.assert(
      fc.property(things, fc.integer({ min: 1, max: 30 }), (boxes, load) => {
        const space: Sides = [15, 12, 10];
        const filling = new Filling({ sides: space, load }, boxes);
        const taken = boxes.flatMap((each, i) => (filling.add(i) ? [each] : []));
        const { puts } = filling;
        expect(puts.length).toBe(taken.length);
        expect(taken.reduce((sum, { kg }) => sum + kg, 0)).toBeLessThanOrEqual(load);
        for (const [i, put] of puts.entries()) {
          expect(isWithin(put, space)).toBe(true);
          expect(puts.slice(0, i).some(other => overlap(put, other))).toBe(false);
          const held = puts.reduce((sum, other) => sum + restsOn(put, other), 0);
          if (put.at[2] > 0) expect(held).toBeGreaterThanOrEqual(0.6 * put.sides[0] * put.sides[1]);
          for (const other of puts) if (boxes[other.box]?.top === true) expect(restsOn(put, other)).toBe(0);
        }
      }),
      { numRuns: 150 },
    );
  });

  it('fills a space with eight equal boxes, and takes no ninth', () => {
    const boxes = Array.from({ length: 9 }, () => box([5, 5, 5]));
    const filling = new Filling({ sides: [10, 10, 10], load: 100 }, boxes);
    expect(boxes.map((_, i) => filling.add(i))).toEqual([...Array<boolean>(8).fill(true), false]);
  });
});
