/** Looms: leads that lie together for much of their way, laid and taped as one. */
import { constant, listed, taken, type Figure, type Point } from '../../foundations/index.js';
import * as figures from './figures.js';
import type { RunResult } from './result.js';
import { alongFloor, lyingBeside, squareOf, type Beside, type Squares } from './occupancy.js';

export interface Loom {
  /** Ids of its leads, and where they lie together: lines for the plan. */
  readonly members: readonly string[];
  readonly lines: readonly (readonly Point[])[];
  /** Their names, in one figure. */
  readonly through: Figure;
  /** How far they lie together, m. */
  readonly together: Figure;
  /** Metres of cable that one fibre trunk in place of its long picture leads would save; 0 where it is not worth it. */
  readonly trunk: Figure;
}

/** Leads that lie together for less are left by themselves, m; and for less than this part of the shorter one. */
const LEAST_SHARED = 4;
const LEAST_PART = 0.5;
/** A picture lead from this length on counts for a trunk, and so many of them make one worth while. */
const LONG = 15;
const ENOUGH = 3;
const PICTURES: ReadonlySet<RunResult['connector']> = new Set(['HDMI A', 'HDMI C', 'HDMI D', 'BNC']);

const lengthOf = ({ onFloor }: RunResult): number => Number(onFloor.value ?? 0);

/** The leads of each loom, by the first of them. */
export const loomGroups = ({
  runs,
  squares,
}: {
  readonly runs: Readonly<Record<string, RunResult>>;
  readonly squares: Readonly<Record<string, Squares>>;
}): Readonly<Record<string, readonly string[]>> => groupsBy(runs, lyingBeside(squares));

/** Those that hang together by what lies beside each other for long enough. */
export function groupsBy(
  runs: Readonly<Record<string, RunResult>>,
  beside: Iterable<Beside>,
): Readonly<Record<string, readonly string[]>> {
  const up = new Map<string, string>();
  const rootOf = (id: string): string => {
    let root = id;
    for (let next = up.get(root); next !== undefined; next = up.get(root)) root = next;
    if (root !== id) up.set(id, root);
    return root;
  };
  for (const [a, b, length] of beside) {
    const [one, other] = [runs[a], runs[b]];
    if (!one?.crosses || !other?.crosses) continue;
    const least = Math.max(LEAST_SHARED, LEAST_PART * Math.min(lengthOf(one), lengthOf(other)));
    const [root, joins] = [rootOf(a), rootOf(b)];
    if (length >= least && root !== joins) up.set(joins, root);
  }
  const groups = new Map<string, string[]>();
  for (const [id, { crosses }] of Object.entries(runs)) {
    if (!crosses) continue;
    const root = rootOf(id);
    const own = groups.get(root) ?? [];
    groups.set(root, own);
    own.push(id);
  }
  return Object.fromEntries(
    [...groups.values()].flatMap(own => (own.length > 1 ? [[own[0] ?? '', own] as const] : [])),
  );
}

export interface LoomMembers {
  /** Those of its leads only. */
  readonly runs: Readonly<Record<string, RunResult>>;
  readonly squares: Readonly<Record<string, Squares>>;
}

/** One loom: where its leads lie together, and whether a trunk would save cable. */
export function loomOf(id: string, { runs, squares }: LoomMembers): Loom {
  const members = Object.keys(runs);
  const own = members.flatMap(id => runs[id] ?? []);
  const longest = members.reduce((a, b) =>
    lengthOf(runs[b] as RunResult) > lengthOf(runs[a] as RunResult) ? b : a,
  );
  const others = members.flatMap(id => (id === longest ? [] : (squares[id] ?? [])));
  const lines: Point[][] = [];
  let line: Point[] | undefined;
  let together = 0;
  alongFloor(runs[longest] as RunResult, 0.25, (at, length, _direction, floor) => {
    const square = squareOf(at, floor);
    if (!others.some(({ around }) => around.has(square))) {
      line = undefined;
      return;
    }
    together += length;
    if (line) line.push(at);
    else lines.push((line = [at]));
  });
  const long = own.filter(run => PICTURES.has(run.connector) && Number(run.length.value ?? 0) >= LONG);
  const length = figures.loomTogether.found([id], together);
  return {
    members,
    lines: lines.filter(each => each.length > 1),
    through: figures.loomThrough.found([id], listed(own.map(({ label }) => label))),
    together: length,
    trunk: figures.loomTrunk.calc(
      [id],
      [
        constant('leads', long.length, 'pieces', `picture leads of ${LONG} m and more`),
        constant('enough', ENOUGH, 'pieces', 'long picture leads that make a trunk worth while'),
        constant('one', 1, 'pieces', 'the trunk itself'),
        taken('together', length),
      ],
    ),
  };
}
