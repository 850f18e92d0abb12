/** OtherWays that are really others: each the best by an aim of its own, and unlike those before it. */
import { valueOf, type Model, type Row, type Sum, type Values, type Variable } from './programme.js';
import type { Limits, ProgrammeSolver, Solved } from './solve.js';

/** What a way is best at, in words: “fewest changes”. */
export interface Aim {
  readonly words: string;
  readonly least: Sum;
  /** An answer that is good for it and known already; it counts for nothing where it is too much like a way before it. */
  readonly start?: Values;
}

export interface OtherWay {
  readonly aim: Aim;
  readonly values: Values;
  readonly solved: Solved;
}

export interface OtherWays {
  readonly ways: readonly OtherWay[];
  /** Aims for which there is no other way, and those for which none was found in time. */
  readonly none: readonly Aim[];
  readonly notFound: readonly Aim[];
}

/** Of what one way assigns, another must assign at least this share otherwise. */
const OTHERWISE = 0.1;

/**
 * For each aim in turn the best way that assigns at least a tenth otherwise than each way before it. `assigns`: the
 * yes-or-no variables that say what is assigned to what.
 */
export async function differentWays(
  model: Model,
  assigns: readonly Variable[],
  aims: readonly Aim[],
  solve: ProgrammeSolver,
  limits: Limits = {},
): Promise<OtherWays> {
  const ways: OtherWay[] = [];
  const [none, notFound]: [Aim[], Aim[]] = [[], []];
  for (const aim of aims) {
    const rows = [...model.rows, ...ways.map(({ values }) => unlike(values, assigns))];
    const { start = limits.start } = aim;
    const solved = await solve(
      { ...model, rows, objective: aim.least },
      { ...limits, ...(start && { start }) },
    );
    if (solved.incumbent) ways.push({ aim, values: solved.incumbent, solved });
    else (solved.status === 'none' ? none : notFound).push(aim);
  }
  return { ways, none, notFound };
}

/** At least so many of what is assigned is not. */
function unlike(values: Values, assigns: readonly Variable[]): Row {
  const assigned: Sum = assigns
    .filter(variable => valueOf(values, [[1, variable]]) > 0.5)
    .map(variable => [1, variable]);
  const others = Math.max(1, Math.ceil(OTHERWISE * assigned.length));
  return { rule: undefined, sum: assigned, least: -Infinity, most: assigned.length - others };
}
