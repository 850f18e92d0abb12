/**
 * The best set of poses, by best-first branch and bound (Land and Doig 1960). A node gives each camera a cell of
 * like poses. Its bound is the best assignment of cameras that each had, for every shot, the best quality found
 * anywhere in the cell, at the least cost found anywhere in it, and did not disturb each other more than any two of
 * those cells must: no set of poses out of those cells is worth more. The cell whose poses differ most is parted.
 * When no node is left whose bound is above the best set found, that set is proven best.
 */
import type { Wanted } from './demands.js';
import { gapOf } from '../gap.js';
import { bounding } from './bound.js';
import { BoundQueue } from './bound-queue.js';
import { Cell } from './cells.js';
import type { Means, Pose } from './poses.js';
import type { Cast, Score } from './score.js';

/** Poses that cameras of one sort can take. */
export interface Pool {
  readonly means: Means;
  readonly poses: readonly Pose[];
  /** Of all pools with the same task, exactly one camera takes a pose; without a task, any number does. */
  readonly task?: string;
}

export interface Best {
  readonly casts: readonly Cast[];
  readonly value: number;
  /** No set of poses is worth more than this. */
  readonly bound: number;
  /** Nodes looked at. */
  readonly nodes: number;
}

interface Node {
  /** A cell for each camera that is placed; cameras of one sort stand side by side. */
  readonly cells: readonly Cell[];
  /** Of each cell, the index of its pool. */
  readonly pools: readonly number[];
  readonly bound: number;
}

const SLICE = 500;
/** Points too few to go on for. */
const EVEN = 1e-9;

/**
 * Yields the best set known after every few hundred nodes, and gives the best at the end: proven, or as soon as its
 * gap is at most what `within` then allows. `count`: how many cameras are placed at most.
 */
export function* bestSet(
  pools: readonly Pool[],
  count: number,
  wanted: Wanted,
  score: Score,
  within: () => number = () => 0,
): Generator<Best, Best> {
  const roots = pools.map(({ poses }) => Cell.of(poses, wanted.shots));
  const bound = bounding(wanted);
  const boundOf = (cells: readonly Cell[], ofPools: readonly number[]): number =>
    bound({ cells, locked: ofPools.map(pool => pools[pool]?.means.worked === 'locked') });
  const open = new BoundQueue<Node>();
  const castsOf = ({ cells, pools: ofPools }: Pick<Node, 'cells' | 'pools'>): Cast[] =>
    cells.map((cell, i) => ({
      pose: cell.pose(0),
      means: (pools[ofPools[i] ?? 0] as Pool).means,
    }));
  let best: { casts: readonly Cast[]; value: number } = { casts: [], value: 0 };
  const offer = (casts: readonly Cast[]): void => {
    const value = score.of(casts);
    if (value > best.value) best = { casts, value };
  };
  const push = (cells: readonly Cell[], ofPools: readonly number[]): void => {
    const bound = boundOf(cells, ofPools);
    if (bound <= best.value + EVEN) return;
    const node = { cells, pools: ofPools, bound };
    if (cells.every(({ size }) => size === 1)) offer(castsOf(node));
    else open.push(node);
  };
  const every = choices(pools, count);
  const most = Math.max(0, ...every.map(list => list.length));
  for (const ofPools of every) {
    if (ofPools.length < most) continue;
    for (let first = 0; first < most; first++) offer(climbed(ofPools, pools, roots, score, first));
  }
  for (const ofPools of every) {
    push(
      ofPools.map(pool => roots[pool] as Cell),
      ofPools,
    );
  }
  for (let nodes = 0; ; nodes++) {
    const node = open.pop();
    const { value } = best;
    const highest = Math.max(value, node?.bound ?? -Infinity);
    if (!node || gapOf({ value, bound: highest }) <= within()) return { ...best, bound: highest, nodes };
    if (nodes % SLICE === SLICE - 1) yield { ...best, bound: highest, nodes };
    const widest = node.cells.reduce((a, b) => (b.spread > a.spread ? b : a));
    for (const cells of parted(node.cells, widest)) push(cells, node.pools);
  }
}

/**
 * Every way to choose up to `count` cameras out of the pools, as lists of pool indices in ascending order: no more of
 * a sort than there are, and one for each task.
 */
function choices(pools: readonly Pool[], count: number): number[][] {
  let lists: number[][] = [[]];
  pools.forEach(({ means, poses, task }, pool) => {
    const most = poses.length === 0 ? 0 : task === undefined ? means.devices.length : 1;
    lists = lists.flatMap(list =>
      Array.from({ length: most + 1 }, (_, n) => [...list, ...new Array<number>(n).fill(pool)]),
    );
  });
  const tasks = new Set(pools.flatMap(({ task }) => task ?? []));
  return lists.filter(list => {
    const taken = list.map(pool => pools[pool] as Pool);
    const owned = taken.every(
      ({ means }) => taken.filter(each => each.means === means).length <= means.devices.length,
    );
    const done = [...tasks].every(task => taken.filter(each => each.task === task).length === 1);
    return list.length > 0 && list.length <= count && owned && done;
  });
}

/** The cells with one of them parted; where several cameras share it, every way to share the two halves. */
function parted(cells: readonly Cell[], parting: Cell): Cell[][] {
  const [left, right] = parting.split();
  const sharing = cells.filter(cell => cell === parting).length;
  return Array.from({ length: sharing + 1 }, (_, inRight) => {
    let seen = 0;
    return cells.map(cell => (cell !== parting ? cell : seen++ < sharing - inRight ? left : right));
  });
}

/**
 * A good set to begin with: cameras put up one by one where each adds most, beginning with one of them, then each
 * moved while that helps.
 */
function climbed(
  ofPools: readonly number[],
  pools: readonly Pool[],
  roots: readonly Cell[],
  score: Score,
  first: number,
): Cast[] {
  let placed: ReadonlyMap<number, Cast> = new Map();
  let value = -Infinity;
  for (let round = 0; round < 4; round++) {
    const before = value;
    ofPools.forEach((_, turn) => {
      const slot = (turn + first) % ofPools.length;
      const pool = ofPools[slot] as number;
      const { means } = pools[pool] as Pool;
      const others = [...placed].filter(([each]) => each !== slot).map(([, cast]) => cast);
      let [top, found] = [round === 0 ? -Infinity : value, placed];
      for (const pose of promising(roots[pool] as Cell, others, score)) {
        const cast = { pose, means };
        const with_ = score.of([...others, cast]);
        if (with_ > top) [top, found] = [with_, new Map([...placed, [slot, cast]])];
      }
      [placed, value] = [found, top];
    });
    if (value <= before + EVEN) break;
  }
  return [...placed.values()];
}

/** Poses that are tried in full when a good set is begun with. */
const TRIED = 40;

/** In cells of no more poses than this each is looked at. */
const FEW = 200;

/** The poses that would add most if cameras did not disturb each other; only those are tried in full. */
function promising(root: Cell, others: readonly Cast[], score: Score): Pose[] {
  const without = score.best(others);
  const open = new BoundQueue<{ readonly of: Cell | Pose; readonly bound: number }>();
  const push = (cell: Cell): void => {
    open.push({ of: cell, bound: score.gain(without, { quality: cell.best, cost: cell.cheapest }) });
  };
  push(root);
  const found: Pose[] = [];
  while (found.length < TRIED) {
    const next = open.pop()?.of;
    if (!next) break;
    if (!(next instanceof Cell)) found.push(next);
    else if (next.size > FEW) next.split().forEach(push);
    else {
      for (let i = 0; i < next.size; i++) {
        const of = next.pose(i);
        open.push({ of, bound: score.gain(without, of) });
      }
    }
  }
  return found;
}
