/**
 * Why nothing fits: rules that cannot hold together although any of them could be left out (an irreducible infeasible
 * subset, found by halving as in QuickXplain, Junker 2004), each proven to be needed by solving without it; and what
 * giving way would cost least.
 */
import {
  Programme,
  rulesOf,
  valueOf,
  type Model,
  type Row,
  type Rule,
  type Sum,
  type Variable,
} from './programme.js';
import type { ProgrammeSolver } from './solve.js';

/** A rule that gives way, and by how much in its unit. */
export interface Relaxed {
  readonly rule: Rule;
  readonly by: number;
}

export interface Conflict {
  /** Empty where what has no rule cannot hold by itself. */
  readonly rules: readonly Rule[];
  /** Whether each is proven to be needed: there was time for it. */
  readonly proven: boolean;
  /** The cheapest giving way after which everything else holds; empty where that was not found, or none helps. */
  readonly relaxed: readonly Relaxed[];
}

/** Longest for all of it, s. */
const LONGEST = 10;

/** Thrown when there is no time left for a proof. */
class OutOfTime extends Error {}

/** Why a model that has no answer has none; unproven where it has one after all. `now`: a clock that only goes forward, ms. */
export async function whyNone(
  model: Model,
  solve: ProgrammeSolver,
  now: () => number,
  seconds = LONGEST,
): Promise<Conflict> {
  const end = now() + 1000 * seconds;
  const left = (share = 1): number => (share * (end - now())) / 1000;
  // A part of the time is kept for what giving way costs, which is worth as much as the why.
  const relaxed = await cheapest(model, solve, left(0.3));
  const holds = async (rules: ReadonlySet<Rule>): Promise<boolean> => {
    if (left() <= 0) throw new OutOfTime();
    const rows = model.rows.filter(each => !each.rule || rules.has(each.rule));
    const { status } = await solve({ ...model, rows, objective: [] }, { seconds: left() });
    if (status === 'not known') throw new OutOfTime();
    return status !== 'none';
  };
  let rules = rulesOf(model);
  try {
    if (await holds(new Set(rules))) return { rules: [], proven: false, relaxed };
    if (!(await holds(new Set()))) return { rules: [], proven: true, relaxed };
    rules = await halved(holds, [], false, rules);
    for (const each of rules) {
      const others = new Set(rules.filter(other => other !== each));
      if (!(await holds(others))) rules = [...others];
    }
    return { rules, proven: true, relaxed };
  } catch (error) {
    if (!(error instanceof OutOfTime)) throw error;
    return { rules, proven: false, relaxed };
  }
}

/** Those of some rules that are needed for the conflict with what is kept. */
async function halved(
  holds: (rules: ReadonlySet<Rule>) => Promise<boolean>,
  kept: readonly Rule[],
  added: boolean,
  rules: readonly Rule[],
): Promise<Rule[]> {
  if (added && !(await holds(new Set(kept)))) return [];
  if (rules.length <= 1) return [...rules];
  const middle = rules.length >> 1;
  const [first, second] = [rules.slice(0, middle), rules.slice(middle)];
  const ofSecond = await halved(holds, [...kept, ...first], true, second);
  const ofFirst = await halved(holds, [...kept, ...ofSecond], ofSecond.length > 0, first);
  return [...ofFirst, ...ofSecond];
}

/** Less than this is the solver’s rounding. */
const NOTHING = 1e-6;

/** Lets every rule give way at its price, and makes the sum of that least. */
async function cheapest(model: Model, solve: ProgrammeSolver, seconds: number): Promise<Relaxed[]> {
  const elastic = new Programme();
  elastic.variables.push(...model.variables);
  const given = new Map<Rule, [number, Variable][]>();
  const slack = (rule: Rule): Variable => {
    const variable = elastic.number(0, Infinity);
    given.set(rule, [...(given.get(rule) ?? []), [1, variable]]);
    return variable;
  };
  for (const row of model.rows) elastic.rows.push(row.rule ? loosened(row, row.rule, slack) : row);
  elastic.objective = [...given].flatMap(([{ price }, own]) =>
    own.map(([factor, variable]) => [factor * price, variable] as const),
  );
  const { incumbent } = await solve(elastic, { seconds });
  if (!incumbent) return [];
  return [...given].flatMap(([rule, sum]) => {
    const by = valueOf(incumbent, sum);
    return by > NOTHING ? [{ rule, by }] : [];
  });
}

function loosened(row: Row, rule: Rule, slack: (rule: Rule) => Variable): Row {
  const ways: Sum = [
    ...(Number.isFinite(row.least) ? ([[1, slack(rule)]] as const) : []),
    ...(Number.isFinite(row.most) ? ([[-1, slack(rule)]] as const) : []),
  ];
  return { ...row, sum: [...row.sum, ...ways] };
}
