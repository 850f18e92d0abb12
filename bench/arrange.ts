/** Racks arranged: how many of twenty draws are proven, and how far the larger ones may be from the best. */
import { arranged, type ArrangeProblem } from '@idle-satchel/core/searches';
import { drawn } from './drawn.js';
import { line, quantile } from './measure.js';

/** Longest for each, s, and for the first answer that is shown. */
const LONGEST = 30;
const AT_ONCE = 0.15;

/** So many things on both rails, some two units high, with so many leads between them. */
function rack(seed: number, units: number, count: number, leads: number): ArrangeProblem {
  const between = drawn(seed);
  const front = Math.round(count * 0.65);
  const room = { front: units, rear: units };
  const things = Array.from({ length: count }, (_, i) => {
    const rear = i >= front;
    const side = rear ? 'rear' : 'front';
    const after = (rear ? count : front) - i - 1;
    const high = room[side] - after >= 2 && between(0, 1) < 0.3 ? 2 : 1;
    room[side] -= high;
    const watts = between(0, 1) < 0.7 ? between(0, 80) : 0;
    return {
      ...{ units: high, lanes: 1 as const, rear, fixed: undefined, height: between(1, 9) },
      ...{ warms: watts / 20, minds: watts > 0 ? between(0.5, 1.5) : 0 },
    };
  });
  const links = Array.from({ length: leads }, () => {
    const a = Math.floor(between(0, count));
    return [a, (a + 1 + Math.floor(between(0, count - 1))) % count, between(0.3, 1.3)] as const;
  });
  const apart = things.flatMap((one, i) =>
    things.flatMap((other, j) =>
      i < j && one.rear !== other.rear && between(0, 1) < 0.1 ? [[i, j] as const] : [],
    ),
  );
  return { units, things, links, apart, touching: [] };
}

function solved(problem: ArrangeProblem, seconds: number): { took: number; cost: number; gap: number } {
  const start = performance.now();
  const steps = arranged(problem, { seconds, now: () => performance.now() });
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  const took = (performance.now() - start) / 1000;
  const { cost = NaN, bound = NaN } = step.value ?? {};
  return { took, cost, gap: Math.max(0, (cost - bound) / Math.abs(cost)) };
}

export function arrange(): void {
  for (const [units, count, leads, draws] of [
    [12, 14, 20, 20],
    [16, 20, 28, 3],
  ] as const) {
    const all = Array.from({ length: draws }, (_, i) => {
      const problem = rack(i + 1, units, count, leads);
      return { best: solved(problem, LONGEST), first: solved(problem, AT_ONCE) };
    });
    const proven = all.filter(({ best }) => best.gap < 1e-9).length;
    const worst = (of: (each: (typeof all)[number]) => number): string => Math.max(...all.map(of)).toFixed(1);
    line(
      `rack of ${units} U, ${count} things (≤ ${LONGEST} s)`,
      `${proven} of ${draws} proven, in ${quantile(
        all.map(({ best }) => best.took),
        0.5,
      ).toFixed(1)} s`,
      `gap at most ${worst(({ best }) => 100 * best.gap)} %`,
      `first in ${worst(({ first }) => first.took)} s, at most ${worst(({ first, best }) => 100 * (first.cost / best.cost - 1))} % above`,
    );
  }
}
