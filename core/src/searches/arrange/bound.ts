/**
 * What the things that are still to be placed cost at least, from a unit upwards. Heights: each pair of rails is one
 * machine that nothing waits on, and no order of it is cheaper than that of cost for each unit of space (Smith’s rule).
 * Leads and warmth between two of them: what two that cannot be in one unit cost in the better order.
 */
import { middle, type ArrangeProblem, type Thing } from './problem.js';

export interface Bound {
  /** Of the things that are not in `placed`, the lowest of them at `from`. */
  (placed: number, from: number): number;
}

/** Whether two can never be in one unit: both take the whole width of the same rails. */
const exclude = (a: Thing, b: Thing): boolean => a.rear === b.rear && a.lanes === 1 && b.lanes === 1;

export function boundOf({ units, things, links }: ArrangeProblem): Bound {
  const linked = things.map((_, i) =>
    links.flatMap(([a, b, cost]): (readonly [number, number])[] =>
      a === i ? [[b, cost]] : b === i ? [[a, cost]] : [],
    ),
  );
  const warmer = pairsOf(things);
  const nearest = nearestOf(things, links);
  const order: { space: number; units: number; cost: number }[] = [];
  return (placed, from) => {
    let sum = 0;
    let warmth = 0;
    for (let i = 0; i < things.length; i++) if (placed & (1 << i)) warmth += things[i]?.warms ?? 0;
    for (const rear of [false, true]) {
      order.length = 0;
      for (let i = 0; i < things.length; i++) {
        const thing = things[i] as Thing;
        if (placed & (1 << i) || thing.rear !== rear) continue;
        sum += thing.minds * warmth;
        let cost = thing.height;
        for (const [other, each] of linked[i] ?? []) if (placed & (1 << other)) cost += each;
        if (thing.fixed) sum += cost * middle(thing.fixed.unit, thing.units);
        else if (cost <= 0) sum += cost * (units - thing.units / 2);
        else order.push({ space: thing.units / thing.lanes, units: thing.units, cost });
      }
      order.sort((a, b) => b.cost / b.space - a.cost / a.space);
      let at = from - 1;
      let [stacked, alone] = [0, 0];
      for (const { space, units: high, cost } of order) {
        at += space;
        // Where several share the width, they end no sooner than on a machine that takes their share of the time.
        stacked += cost * (at - high / 2);
        alone += cost * (from - 1 + high / 2);
      }
      sum += Math.max(stacked, alone);
    }
    for (const [a, b, cost] of warmer) if (!(placed & (1 << a)) && !(placed & (1 << b))) sum += cost;
    for (const [i, ends] of nearest.entries()) {
      if (placed & (1 << i)) continue;
      let free = 0;
      for (const { other, cost, apart } of ends) {
        if (placed & (1 << other)) continue;
        // One neighbour above and one below are as near as can be; half of each lead is counted at either end.
        sum += (cost * apart[Math.min(free >> 1, apart.length - 1)]!) / 2;
        free++;
      }
    }
    return sum;
  };
}

/** Pairs that exclude each other, with what the warmth of one costs the other in the better order. */
const pairsOf = (things: readonly Thing[]): (readonly [number, number, number])[] =>
  things.flatMap((a, i) =>
    things.flatMap((b, j): (readonly [number, number, number])[] => {
      const cost = Math.min(a.minds * b.warms, b.minds * a.warms);
      return j > i && cost > 0 && exclude(a, b) ? [[i, j, cost]] : [];
    }),
  );

interface LinkEnd {
  readonly other: number;
  readonly cost: number;
  /** How near the first two, the next two … of the neighbours can be at best, units. */
  readonly apart: readonly number[];
}

/** The links of each thing, the dearest first, with how near what they join can be. */
function nearestOf(things: readonly Thing[], links: ArrangeProblem['links']): LinkEnd[][] {
  return things.map((own, i) => {
    // Several leads to one neighbour are as near as one.
    const costs = new Map<number, number>();
    for (const [a, b, cost] of links) {
      const other = a === i ? b : b === i ? a : undefined;
      if (other !== undefined) costs.set(other, (costs.get(other) ?? 0) + cost);
    }
    const ends = [...costs].map(([other, cost]) => ({ other, cost })).sort((a, b) => b.cost - a.cost);
    // Only where none of them can be beside it or another of them is there a distance.
    const strict = own.lanes === 1 && ends.every(({ other }) => exclude(own, things[other] as Thing));
    const heights = ends.map(({ other }) => things[other]?.units ?? 1);
    const least = Math.min(...heights);
    const apart = strict ? ends.map((_, k) => own.units / 2 + least / 2 + k * least) : [0];
    return ends.map(end => ({ ...end, apart }));
  });
}
