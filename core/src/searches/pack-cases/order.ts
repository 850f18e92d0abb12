/**
 * Things into cases: one after the other, each into the first case that takes it; their order is changed as long as that
 * leaves less out, or puts the weight lower (simulated annealing over the order).
 */
import type { Box, Put, Space } from '../../packing/boxes.js';
import { Filling } from '../../packing/corners.js';
import { anneal, lehmer } from '../annealing.js';

export interface CaseThing {
  readonly kg: number;
  /** m³ of it, without foam. */
  readonly room: number;
  readonly top: boolean;
  /** Cases that it may ride in, the ones to be tried first at the front. */
  readonly cases: readonly number[];
  /** When it is wanted at the other end, from 0, first, to 1; what is wanted first lies at the door. */
  readonly stage?: number;
  /** Things of one number ride in one case. */
  readonly group: number | undefined;
}

export interface CaseSpace extends Space {
  readonly case: number;
}

export interface CaseProblem {
  readonly things: readonly CaseThing[];
  /** For each case, the things as boxes with its foam around. */
  readonly boxes: readonly (readonly Box[])[];
  /** Compartments, those of one case after each other. */
  readonly spaces: readonly CaseSpace[];
  /** kg that each case carries in all. */
  readonly loads: readonly number[];
  /** Whether two things may not share a case. */
  readonly clash: (a: number, b: number) => boolean;
}

export interface PutIn extends Put {
  readonly space: number;
}

export interface CasePacking {
  readonly puts: readonly PutIn[];
  readonly left: readonly number[];
}

/** The things as boxes in a case. */
export const boxesIn = ({ boxes }: CaseProblem, of: number): readonly Box[] => boxes[of] ?? [];

/** Tries in one round, after which others get a turn. */
const ROUND = 40;
/** Rounds without anything better after which no more are made, once nothing is left out. */
const ENOUGH = 4;
/** What one percent of all room left out is worth, in centimetres that the centre of all weight is lower. */
const LEFT = 1000;

/** What it is worth that what is wanted first lies at the door and not at the far end, in the same measure. */
const EARLY = 40;

/** Yields the share of time that is gone. `seed`: another gives another sequence of tries. */
export function* packInOrder(
  problem: CaseProblem,
  {
    seconds,
    now,
    seed = 1,
  }: { readonly seconds: number; readonly now: () => number; readonly seed?: number },
): Generator<number, CasePacking> {
  const { things } = problem;
  const size = (i: number): number => things[i]?.room ?? 0;
  const order = things
    .map((_, i) => i)
    .sort(
      (a, b) =>
        Number(things[a]?.top) - Number(things[b]?.top) ||
        (things[b]?.stage ?? 0) - (things[a]?.stage ?? 0) ||
        size(b) - size(a),
    );
  const random = lehmer(seed);
  const [start, end] = [now(), now() + seconds * 1000];
  let best = packed(problem, order);
  let least = costOf(problem, best);
  let current = best;
  const tried = (): (() => void) | undefined => {
    const [a, b] = [Math.floor(random() * order.length), Math.floor(random() * order.length)];
    if (a === b) return undefined;
    const swap = (): void => {
      const held = order[a] as number;
      order[a] = order[b] as number;
      order[b] = held;
    };
    swap();
    return swap;
  };
  for (let calm = 0; order.length > 1 && now() < end && !(best.left.length === 0 && calm >= ENOUGH);) {
    const before = least;
    anneal(
      {
        cost: () => costOf(problem, (current = packed(problem, order))),
        tried,
        kept: cost => {
          if (cost < least - 1e-9) [least, best] = [cost, current];
        },
      },
      { tries: ROUND, hot: LEFT / 100, cold: 0.01, random },
    );
    calm = least < before - 1e-9 ? 0 : calm + 1;
    yield Math.min(1, (now() - start) / Math.max(1, end - start));
  }
  return best;
}

/** What a packing costs: room that is left out, then the height of the centre of all weight and the order of unloading. */
function costOf({ things, spaces }: CaseProblem, { puts, left }: CasePacking): number {
  const kgOf = (box: number): number => things[box]?.kg ?? 0;
  const all = things.reduce((sum, { room }) => sum + room, 0);
  const out = left.reduce((sum, i) => sum + (things[i]?.room ?? 0), 0);
  const kg = puts.reduce((sum, { box }) => sum + kgOf(box), 0);
  const high = puts.reduce((sum, { box, at, sides }) => sum + kgOf(box) * (at[2] + sides[2] / 2), 0);
  // What is wanted early should not lie deep.
  const deep = puts.reduce((sum, { box, at, sides, space }) => {
    const { stage } = things[box] ?? {};
    const long = spaces[space]?.sides[1] ?? 1;
    return stage === undefined ? sum : sum + ((1 - stage) * (long - at[1] - sides[1])) / long;
  }, 0);
  return (
    (puts.length > 0 ? (EARLY * deep) / puts.length : 0) +
    (all > 0 ? (LEFT * 100 * out) / all : 0) +
    (kg > 0 ? high / kg / 10 : 0)
  );
}

/** Everything put in, in an order. */
function packed(problem: CaseProblem, order: readonly number[]): CasePacking {
  const { things, spaces, loads, clash } = problem;
  const fillings = spaces.map(space => new Filling(space, boxesIn(problem, space.case)));
  const kg = loads.map(() => 0);
  const riding = loads.map((): number[] => []);
  const groups = new Map<number, number>();
  const left: number[] = [];
  for (const i of order) {
    const box = things[i] as CaseThing;
    const bound = box.group === undefined ? undefined : groups.get(box.group);
    const cases = bound === undefined ? box.cases : box.cases.filter(each => each === bound);
    const taken = cases.find(each => {
      if ((kg[each] ?? 0) + box.kg > (loads[each] ?? 0) + 1e-9) return false;
      if (riding[each]?.some(other => clash(i, other)) === true) return false;
      return spaces.some((space, s) => space.case === each && fillings[s]?.add(i) === true);
    });
    if (taken === undefined) {
      left.push(i);
      continue;
    }
    kg[taken] = (kg[taken] ?? 0) + box.kg;
    riding[taken]?.push(i);
    if (box.group !== undefined) groups.set(box.group, taken);
  }
  return { puts: fillings.flatMap(({ puts }, space) => puts.map(put => ({ ...put, space }))), left };
}
