/** Where leads lie, what they share, and which of them make a loom – by hand. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Point } from '../../src/foundations/index.js';
import { groupsBy, loomOf } from '../../src/stations/runs/looms.js';
import {
  alongFloor,
  lyingBeside,
  squareOf,
  squaresOf,
  type Beside,
  type Squares,
} from '../../src/stations/runs/occupancy.js';
import type { RunResult } from '../../src/stations/runs/result.js';
import { givenFigure } from '../given.js';
import { number } from './edited.js';

interface Wish {
  readonly points: readonly Point[];
  readonly floors?: readonly number[];
  readonly aloft?: readonly number[];
  readonly metres?: number;
  readonly connector?: RunResult['connector'];
  readonly crosses?: boolean;
  readonly label?: string;
}

const run = ({ points, floors, aloft = [], metres = 10, ...of }: Wish): RunResult =>
  ({
    points,
    floors: floors ?? points.map(() => 0),
    aloft: new Set(aloft),
    onFloor: givenFigure(metres, 'm'),
    length: givenFigure(metres, 'm'),
    connector: 'BNC',
    crosses: true,
    label: 'a lead',
    ...of,
  }) as unknown as RunResult;

const straight = (south: number, from: number, to: number): Wish => ({
  points: [
    [from, south],
    [to, south],
  ],
});

describe('along the floor', () => {
  const steps = (wish: Wish, step: number) => {
    const found: { at: Point; length: number; direction: Point; floor: number }[] = [];
    alongFloor(run(wish), step, (at, length, direction, floor) =>
      found.push({ at, length, direction, floor }),
    );
    return found;
  };

  it('goes in even stretches no longer than asked, each told by its middle', () => {
    const found = steps(straight(1, 0, 1), 0.3);
    // 1 m in stretches of at most 0.3 m: four of 0.25 m.
    expect(found.map(({ length }) => length)).toEqual([0.25, 0.25, 0.25, 0.25]);
    expect(found.map(({ at }) => at[0])).toEqual([0.125, 0.375, 0.625, 0.875]);
    expect(found[0]).toMatchObject({ direction: [1, 0], floor: 0 });
  });

  it('takes one stretch where the step is no shorter than the side', () => {
    expect(steps(straight(1, 0, 1), 1)).toHaveLength(1);
    expect(steps(straight(1, 0, 1), 0.999)).toHaveLength(2);
  });

  it('leaves out what hangs, and sides of no length', () => {
    const wish: Wish = {
      points: [
        [0, 0],
        [1, 0],
        [1, 0],
        [1, 2],
        [3, 2],
      ],
      floors: [0, 0, 0, 0, 3],
      aloft: [2],
    };
    const found = steps(wish, 9);
    expect(found.map(({ length }) => length)).toEqual([1, 2]);
    // A stretch lies on the floor at its end.
    expect(found[1]).toMatchObject({ direction: [1, 0], floor: 3 });
  });
});

describe('squares', () => {
  it('are half a metre wide, and apart on storeys', () => {
    expect(squareOf([0.49, 0.49], 0)).toBe(squareOf([0, 0], 0));
    expect(squareOf([0.5, 0], 0)).not.toBe(squareOf([0, 0], 0));
    expect(squareOf([0, 0.5], 0)).not.toBe(squareOf([0, 0], 0));
    expect(squareOf([-0.01, 0], 0)).not.toBe(squareOf([0, 0], 0));
    // Floors are storeys from two metres on: a stage is the same as the floor before it.
    expect(squareOf([0, 0], 0.9)).toBe(squareOf([0, 0], 0));
    expect(squareOf([0, 0], 1)).not.toBe(squareOf([0, 0], 0));
    expect(squareOf([0, 0], 2.6)).not.toBe(squareOf([0, 0], 0));
  });

  it('have the length of the lead in each, and those around them', () => {
    const { lengths, around } = squaresOf(run(straight(0.25, 0, 2)));
    expect(lengths.size).toBe(4);
    for (const length of lengths.values()) expect(length).toBeCloseTo(0.5, 12);
    // Six by three about four in a row.
    expect(around.size).toBe(18);
    expect(around.has(squareOf([-0.3, -0.3], 0))).toBe(true);
    expect(around.has(squareOf([2.3, 0.8], 0))).toBe(true);
    expect(around.has(squareOf([2.6, 0.3], 0))).toBe(false);
    expect(around.has(squareOf([1, 1.1], 0))).toBe(false);
  });
});

describe('what two leads share', () => {
  const shared = (a: Wish, b: Wish): number =>
    [...lyingBeside({ a: squaresOf(run(a)), b: squaresOf(run(b)) })][0]?.[2] ?? 0;
  it('is how far they lie in the same squares or in those beside them', () => {
    expect(shared(straight(0.25, 0, 10), straight(0.25, 0, 10))).toBeCloseTo(10, 9);
    expect(shared(straight(0.25, 0, 10), straight(0.75, 0, 10))).toBeCloseTo(10, 9);
    expect(shared(straight(0.25, 0, 10), straight(1.25, 0, 10))).toBe(0);
  });

  it('is of both the less', () => {
    // The short one lies beside the long one all along; of the long one its 2 m and half a metre more at both ends.
    expect(shared(straight(0.25, 0, 10), straight(0.25, 4, 6))).toBeCloseTo(2, 9);
    expect(shared(straight(0.25, 4, 6), straight(0.25, 0, 10))).toBeCloseTo(2, 9);
  });

  it('is told once for every two that lie beside each other, and for no others', () => {
    const squares = Object.fromEntries(
      ['a', 'b', 'c', 'd'].map((id, i) => [id, squaresOf(run(straight(i === 3 ? 9 : i / 2, 0, 1)))]),
    );
    expect([...lyingBeside(squares)].map(([a, b]) => a + b)).toEqual(['ab', 'bc']);
  });

  it('is what comparing every square of every two gives', () => {
    const wishes = fc.array(
      fc.record({
        y: fc.double({ min: 0, max: 3, noNaN: true }),
        from: fc.double({ min: 0, max: 4, noNaN: true }),
        length: fc.double({ min: 0.1, max: 5, noNaN: true }),
      }),
      { maxLength: 6 },
    );
    fc.assert(
      fc.property(wishes, all => {
        const squares = Object.fromEntries(
          all.map(({ y, from, length }, i) => [`lead${i}`, squaresOf(run(straight(y, from, from + length)))]),
        );
        const part = (a: Squares, b: Squares): number =>
          [...a.lengths].reduce((sum, [square, length]) => (b.around.has(square) ? sum + length : sum), 0);
        const ids = Object.keys(squares);
        const each = ids.flatMap((a, i) =>
          ids.slice(i + 1).flatMap(b => {
            const [one, other] = [squares[a] as Squares, squares[b] as Squares];
            const both = Math.min(part(one, other), part(other, one));
            return both > 0 ? [`${a} ${b} ${both.toFixed(9)}`] : [];
          }),
        );
        const found = [...lyingBeside(squares)].map(([a, b, length]) => `${a} ${b} ${length.toFixed(9)}`);
        expect(found).toEqual(each);
      }),
    );
  });
});

describe('looms', () => {
  const groups = (metres: readonly number[], beside: readonly Beside[], crosses = true) => {
    const runs = Object.fromEntries(
      metres.map((length, i) => [`lead${i}`, run({ ...straight(i, 0, length), metres: length, crosses })]),
    );
    return Object.values(groupsBy(runs, beside)).map(members => members.join());
  };
  const both = (length: number): Beside => ['lead0', 'lead1', length];

  it('are of leads that lie together for four metres', () => {
    expect(groups([8, 8], [both(4)])).toEqual(['lead0,lead1']);
    expect(groups([8, 8], [both(3.99)])).toEqual([]);
    expect(groups([6, 6], [both(3.99)])).toEqual([]);
  });

  it('and for half of the shorter one', () => {
    expect(groups([10, 20], [both(5)])).toEqual(['lead0,lead1']);
    expect(groups([10, 20], [both(4.99)])).toEqual([]);
    expect(groups([20, 10], [both(5)])).toEqual(['lead0,lead1']);
  });

  it('hang together by what lies between', () => {
    const beside = [both(6), ['lead1', 'lead2', 6] as const];
    expect(groups([10, 10, 10, 10], beside)).toEqual(['lead0,lead1,lead2']);
  });

  it('have nothing that stays in a rack', () => {
    expect(groups([10, 10], [both(10)], false)).toEqual([]);
  });
});

describe('a loom', () => {
  const loom = (...wishes: readonly Wish[]) => {
    const runs = Object.fromEntries(wishes.map((wish, i) => [`lead${i}`, run(wish)]));
    const squares = Object.fromEntries(Object.entries(runs).map(([id, each]) => [id, squaresOf(each)]));
    return loomOf('lead0', { runs, squares });
  };

  it('lies together where its longest lead lies beside another', () => {
    const { together, lines, members, through } = loom(
      { ...straight(0.25, 0, 20), metres: 20, label: 'A' },
      { ...straight(0.25, 5, 10), metres: 5, label: 'B' },
    );
    // From 5 m to 10 m, and the square before and behind: 4.5 … 10.5 m.
    expect(number(together)).toBeCloseTo(6, 6);
    expect(members).toEqual(['lead0', 'lead1']);
    expect(lines).toHaveLength(1);
    expect(lines[0]?.[0]?.[0]).toBeGreaterThan(4.4);
    expect(lines[0]?.at(-1)?.[0]).toBeLessThan(10.6);
    expect(through.value).toBe('A and B');
  });

  it('lies together in two places where it parts between', () => {
    const { lines } = loom(
      { ...straight(0.25, 0, 20), metres: 20 },
      { ...straight(0.25, 1, 4), metres: 3 },
      { ...straight(0.25, 12, 16), metres: 4 },
    );
    expect(lines).toHaveLength(2);
  });

  it.each([
    // As many cables as it takes the place of, less the trunk itself.
    ['three long picture leads', 3, 15, 'BNC', 2],
    ['two long picture leads', 2, 15, 'BNC', 0],
    ['three that are just shorter', 3, 14.99, 'BNC', 0],
    ['three network leads', 3, 15, 'RJ45', 0],
    ['four leads of HDMI', 4, 20, 'HDMI A', 3],
  ] as const)('of %s saves by a trunk', (_, count, metres, connector, saves) => {
    const wishes = Array.from({ length: count }, () => ({ ...straight(0.25, 0, 10), metres, connector }));
    const { trunk, together } = loom(...wishes);
    expect(number(trunk)).toBeCloseTo(saves * number(together), 6);
  });
});
