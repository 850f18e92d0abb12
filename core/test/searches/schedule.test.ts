/** The shortest schedule: as short as trying everything finds, never impossible, and as long as a rectangle that was cut up. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Branching } from '../../src/searches/schedule/branch.js';
import { improved } from '../../src/searches/schedule/list.js';
import {
  impossibleIn,
  tailsOf,
  type Schedule,
  type Work,
  type Workshop,
} from '../../src/searches/schedule/work.js';

const FOREVER = { isOver: () => false };

/** A number from 0 to 1 that is the same in each run (Park and Miller 1988). */
function seeded(seed: number): () => number {
  let state = (seed % 2147483646) + 1;
  return () => (state = (state * 48271) % 2147483647) / 2147483647;
}

const piece = (minutes: number, seats: readonly (readonly number[])[], more: Partial<Work> = {}): Work => ({
  ...{ minutes, seats, after: [], tools: [], notBefore: 0 },
  ...more,
});

/** What is wrong with a schedule, by the rules written anew. */
function wrongWith({ work, tools }: Workshop, { begins, who, ends }: Schedule): string[] {
  const until = (i: number): number => (begins[i] ?? NaN) + (work[i]?.minutes ?? NaN);
  const together = (i: number, j: number): boolean =>
    (begins[i] ?? 0) < until(j) &&
    (begins[j] ?? 0) < until(i) &&
    until(i) > (begins[i] ?? 0) &&
    until(j) > (begins[j] ?? 0);
  return work.flatMap(({ after, seats, notBefore }, i) => {
    const own = who[i] ?? [];
    const others = work.map((_, j) => j).filter(j => j !== i && together(i, j));
    return [
      ...((begins[i] ?? -1) < notBefore ? [`${i} begins too early`] : []),
      ...after
        .filter(each => (begins[i] ?? 0) < until(each))
        .map(each => `${i} begins before ${each} is done`),
      ...(own.length === seats.length && new Set(own).size === own.length ? [] : [`${i} has not its people`]),
      ...seats.flatMap((seat, k) =>
        seat.includes(own[k] ?? -1) ? [] : [`seat ${k} of ${i} is not for them`],
      ),
      ...others.flatMap(j =>
        (who[j] ?? []).filter(each => own.includes(each)).map(each => `${each} does ${i} and ${j}`),
      ),
      ...tools.flatMap((count, tool) => {
        const at = begins[i] ?? 0;
        const used = work.reduce(
          (sum, each, j) => ((begins[j] ?? 0) <= at && at < until(j) ? sum + (each.tools[tool] ?? 0) : sum),
          0,
        );
        return used > count ? [`tool ${tool} is short at ${at}`] : [];
      }),
      ...(until(i) > ends ? [`${i} ends after the end`] : []),
    ];
  });
}

/** The shortest of all orders with all people: each piece as early as it goes then. */
function bruteForce({ people, tools, work }: Workshop): number {
  let best = Infinity;
  const begins = work.map(() => -1);
  const who: number[][] = work.map(() => []);
  const until = (i: number): number => (begins[i] ?? 0) + (work[i]?.minutes ?? 0);
  const placedOnes = (): number[] => work.map((_, i) => i).filter(i => (begins[i] ?? -1) >= 0);
  const fits = (i: number, at: number, own: readonly number[]): boolean => {
    const to = at + (work[i]?.minutes ?? 0);
    const beside = placedOnes().filter(
      j => j !== i && at < until(j) && (begins[j] ?? 0) < to && until(j) > (begins[j] ?? 0),
    );
    if (to > at && beside.some(j => (who[j] ?? []).some(each => own.includes(each)))) return false;
    return tools.every((count, tool) =>
      [at, ...beside.map(j => begins[j] ?? 0).filter(time => time >= at)].every(
        time =>
          beside.reduce(
            (sum, j) =>
              (begins[j] ?? 0) <= time && time < until(j) ? sum + (work[j]?.tools[tool] ?? 0) : sum,
            work[i]?.tools[tool] ?? 0,
          ) <= count,
      ),
    );
  };
  const crews = (i: number, k: number, own: readonly number[]): number[][] =>
    k === (work[i]?.seats.length ?? 0)
      ? [[...own]]
      : (work[i]?.seats[k] ?? [])
          .filter(each => each < people && !own.includes(each))
          .flatMap(each => crews(i, k + 1, [...own, each]));
  const place = (left: readonly number[]): void => {
    const ends = Math.max(0, ...placedOnes().map(until));
    if (ends >= best) return;
    if (left.length === 0) {
      best = ends;
      return;
    }
    for (const i of left) {
      const { after = [], notBefore = 0 } = work[i] ?? {};
      if (after.some(each => left.includes(each))) continue;
      const from = Math.max(notBefore, ...after.map(until));
      for (const own of crews(i, 0, [])) {
        const at = [from, ...placedOnes().map(until)]
          .filter(time => time >= from)
          .sort((a, b) => a - b)
          .find(time => fits(i, time, own));
        if (at === undefined) continue;
        [begins[i], who[i]] = [at, own];
        place(left.filter(each => each !== i));
        begins[i] = -1;
      }
    }
  };
  place(work.map((_, i) => i));
  return best;
}

const shops = fc
  .array(
    fc.record({
      minutes: fc.integer({ min: 0, max: 5 }),
      seats: fc.array(fc.subarray([0, 1, 2], { minLength: 1 }), { minLength: 1, maxLength: 2 }),
      after: fc.array(fc.integer({ min: 0, max: 4 }), { maxLength: 2 }),
      tool: fc.boolean(),
      notBefore: fc.constantFrom(0, 0, 0, 3),
    }),
    { minLength: 1, maxLength: 5 },
  )
  .map((all): Workshop => ({
    people: 3,
    tools: [1],
    work: all.map(({ minutes, seats, after, tool, notBefore }, i) =>
      piece(
        minutes,
        // Two seats for the same one person can never be taken.
        minutes === 0 ? [] : seats.every(seat => seat.length === 1) ? seats.slice(0, 1) : seats,
        {
          after: [...new Set(after.filter(each => each < i))],
          tools: [tool && minutes > 0 ? 1 : 0],
          notBefore,
        },
      ),
    ),
  }));

describe('the shortest schedule', () => {
  it('is as short as trying every order with everybody finds, and possible', () => {
    fc.assert(
      fc.property(shops, shop => {
        const { schedule, bound } = new Branching(shop).shortest(FOREVER);
        expect(wrongWith(shop, schedule)).toEqual([]);
        expect(bound).toBe(schedule.ends);
        expect(schedule.ends).toBe(bruteForce(shop));
      }),
      { numRuns: 150 },
    );
  });

  it('is never longer than its bound allows, also where it begins with one that is known', () => {
    fc.assert(
      fc.property(shops, fc.integer({ min: 1, max: 1e6 }), (shop, seed) => {
        const branching = new Branching(shop);
        const soon = improved(shop, branching.bound, 30, seeded(seed), FOREVER.isOver);
        expect(wrongWith(shop, soon)).toEqual([]);
        expect(soon.ends).toBeGreaterThanOrEqual(branching.bound);
        const { schedule } = new Branching(shop, soon).shortest(FOREVER);
        expect(wrongWith(shop, schedule)).toEqual([]);
        expect(schedule.ends).toBe(new Branching(shop).shortest(FOREVER).schedule.ends);
      }),
      { numRuns: 80 },
    );
  });

  it.each([1, 2, 3, 4, 5])('fills a rectangle that was cut into pieces: draw %i', seed => {
    const random = seeded(seed);
    const [people, length] = [4, 24];
    const pieces: [people: number, minutes: number][] = [];
    const cut = (wide: number, long: number, cuts: number): void => {
      if (cuts === 0) return void pieces.push([wide, long]);
      if (wide > 1 && random() < 0.5) {
        const part = 1 + Math.floor(random() * (wide - 1));
        cut(part, long, cuts - 1);
        cut(wide - part, long, cuts - 1);
      } else {
        const part = 1 + Math.floor(random() * (long - 1));
        cut(wide, part, cuts - 1);
        cut(wide, long - part, cuts - 1);
      }
    };
    cut(people, length, 3);
    const anybody = [0, 1, 2, 3];
    const work = pieces
      .map(([wide, long]) =>
        piece(
          long,
          Array.from({ length: wide }, () => anybody),
        ),
      )
      .sort(() => random() - 0.5);
    const { schedule, bound } = new Branching({ people, tools: [], work }).shortest(FOREVER);
    expect([schedule.ends, bound]).toEqual([length, length]);
  });

  it('gives what it has when time is over, and says what nothing can be shorter than', () => {
    // Five pieces of 3 by two people who each do one at a time: 9, where shares alone say 8.
    const work = Array.from({ length: 5 }, () => piece(3, [[0, 1]]));
    const { schedule, bound } = new Branching({ people: 2, tools: [], work }).shortest({
      isOver: () => true,
    });
    expect(schedule.ends).toBe(9);
    expect(bound).toBeLessThanOrEqual(9);
    expect(new Branching({ people: 2, tools: [], work }).bound).toBe(8);
  });

  it('is nothing where there is nothing to do', () => {
    const { schedule, bound } = new Branching({ people: 0, tools: [], work: [] }).shortest(FOREVER);
    expect([schedule.ends, bound]).toEqual([0, 0]);
  });
});

describe('work', () => {
  it('has as much behind it as the longest path, and no circle where nothing waits for itself', () => {
    const work = [
      piece(2, [[0]]),
      piece(3, [[0]], { after: [0] }),
      piece(4, [[0]], { after: [0] }),
      piece(1, [[0]], { after: [1, 2] }),
    ];
    expect(tailsOf(work)).toEqual([7, 4, 5, 1]);
    const by = (of: readonly Work[], tools: readonly number[] = []) =>
      impossibleIn({ people: 1, tools, work: of });
    expect(by(work)).toBeUndefined();
    expect(by([...work, piece(1, [[0]], { after: [5] }), piece(1, [[0]], { after: [4] })])).toBe(4);
  });

  it('is refused where nobody can do it, one person would be two, or a tool is short', () => {
    const by = (of: Work, tools: readonly number[] = []): Workshop => ({ people: 1, tools, work: [of] });
    expect(impossibleIn(by(piece(1, [[]])))).toBe(0);
    expect(impossibleIn(by(piece(1, [[0], [0]])))).toBe(0);
    expect(impossibleIn(by(piece(1, [[0]], { tools: [2] }), [1]))).toBe(0);
    expect(impossibleIn(by(piece(1, [[0]], { tools: [2] }), [2]))).toBeUndefined();
    expect(() => new Branching(by(piece(1, [[]])))).toThrow('piece 0 cannot be done');
  });
});
