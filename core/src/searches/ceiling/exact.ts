/**
 * The best choice under a ceiling, as a programme in whole numbers: which way each line is come by, what is left on air,
 * and which wishes that meets. Exact; what only a combination loses is found by asking and said as another rule.
 */
import {
  inTurn,
  lazily,
  Programme,
  valueOf,
  type Limits,
  type ProgrammeSolver,
  type Row,
  type Sum,
  type Values,
  type Variable,
} from '../solver/index.js';
import { ceilingCost, reuseWorth, type CeilingProblem, type CeilingWay, type Chosen } from './problem.js';

export interface UnderCeiling {
  readonly chosen: Chosen;
  readonly worth: number;
  /** What no choice can be worth more than. */
  readonly bound: number;
  readonly cost: number;
}

/** A line that is not come by as planned: it is gone, or is another kind. */
export type Departure = readonly [line: string, way: CeilingWay];

/** What is really lost when some lines are not come by as planned, together. */
export type AlsoLost = (departures: readonly Departure[]) => readonly string[];

interface Modelled {
  readonly programme: Programme;
  readonly ways: readonly (readonly [line: string, way: CeilingWay, taken: Variable])[];
  readonly alive: ReadonlyMap<string, Variable>;
  readonly worth: Sum;
  readonly cost: Sum;
}

const THOUSAND = 1000;

/** Worth of a choice and its cost by `Chosen`; throws `NoAnswer` where not even going without everything fits. */
export async function underCeiling(
  problem: CeilingProblem,
  solve: ProgrammeSolver,
  now: () => number,
  limits: Limits = {},
  alsoLost: AlsoLost = () => [],
): Promise<UnderCeiling> {
  const modelled = modelOf(problem);
  const { programme, worth, cost } = modelled;
  const asking = lazily(solve, values => brokenBy(modelled, values, alsoLost), now);
  // First what it is worth; of what is worth as much, what costs least.
  const less: Sum = worth.map(([factor, variable]) => [-factor, variable]);
  const { values, solved } = await inTurn(programme, [less, cost], asking, limits);
  const chosen = chosenBy(modelled, values);
  return {
    chosen,
    worth: valueOf(values, worth),
    bound: -(solved[0]?.bound ?? -Infinity),
    cost: ceilingCost(problem, chosen),
  };
}

function modelOf(problem: CeilingProblem): Modelled {
  const { lines, goals, wishes, ceiling, reserve } = problem;
  const programme = new Programme();
  const ways: [string, CeilingWay, Variable][] = [];
  const there = new Map<string, Sum>();
  const losing = new Map<string, Variable[]>();
  const sums = { gear: [] as Sum[number][], small: [] as Sum[number][], hire: [] as Sum[number][] };
  const worth: Sum[number][] = [];
  for (const line of lines) {
    const taken = line.ways.map((way): [CeilingWay, Variable] => [way, programme.yesNo()]);
    for (const [way, variable] of taken) {
      ways.push([line.id, way, variable]);
      sums[way.money].push([way.cost, variable]);
      worth.push([way.worth, variable]);
      const again = reuseWorth(problem, way);
      if (again > 0) worth.push([again, variable]);
      for (const goal of way.loses) losing.set(goal, [...(losing.get(goal) ?? []), variable]);
    }
    there.set(
      line.id,
      taken.flatMap(([way, variable]): Sum[number][] => (way.there ? [[1, variable]] : [])),
    );
    if (line.follows.length === 0) programme.exactly(ones(taken), 1);
    else programme.atMost(ones(taken), 1);
  }
  for (const { id, follows } of lines) {
    // It is there when all are that it follows, and only then.
    const own = there.get(id) ?? [];
    if (follows.length === 0) continue;
    const others = follows.flatMap(other => (there.get(other) ?? []).map(([one, v]) => [-one, v] as const));
    programme.atLeast([...own, ...others], 1 - follows.length);
    for (const other of follows)
      programme.atMost([...own, ...(there.get(other) ?? []).map(([one, v]) => [-one, v] as const)], 0);
  }
  const alive = new Map(goals.map(goal => [goal, programme.yesNo()]));
  for (const [goal, variable] of alive)
    for (const way of losing.get(goal) ?? [])
      programme.atMost(
        [
          [1, variable],
          [1, way],
        ],
        1,
      );
  for (const { by, least, with: also, weight } of wishes) {
    const met = programme.yesNo();
    worth.push([weight, met]);
    programme.atLeast([...sumFor(by, alive), [-least, met]], 0);
    for (const goal of also) programme.atLeast([...sumFor([goal], alive), [-1, met]], 0);
  }
  const scaled = (sum: Sum, factor: number): Sum => sum.map(([cost, v]) => [(cost * factor) / THOUSAND, v]);
  const hire = scaled(sums.hire, 1);
  // The larger of what is kept and what is listed counts: both must fit.
  programme.atMost([...scaled(sums.gear, 1 + reserve), ...hire], ceiling / THOUSAND + ROUNDING);
  programme.atMost(
    [...scaled(sums.gear, 1), ...scaled(sums.small, 1), ...hire],
    ceiling / THOUSAND + ROUNDING,
  );
  const beside = programme.number(0, Infinity);
  programme.atLeast([[1, beside], ...scaled(sums.gear, -reserve)], 0);
  programme.atLeast([[1, beside], ...scaled(sums.small, -1)], 0);
  return { programme, ways, alive, worth, cost: [...scaled(sums.gear, 1), ...hire, [1, beside]] };
}

/** Less than half a cent, in thousands: what sums of cents lose in reckoning. */
const ROUNDING = 1e-6;

const ones = (taken: readonly (readonly [CeilingWay, Variable])[]): Sum => taken.map(([, v]) => [1, v]);

const sumFor = (goals: readonly string[], alive: ReadonlyMap<string, Variable>): Sum =>
  goals.flatMap((goal): Sum[number][] => {
    const variable = alive.get(goal);
    return variable ? [[1, variable]] : [];
  });

function chosenBy({ ways }: Modelled, values: Values): Chosen {
  return new Map(
    ways.flatMap(([line, way, { index }]) => ((values[index] ?? 0) > 0.5 ? [[line, way] as const] : [])),
  );
}

/** Rules for what ways lose together that none of them loses alone, each for as few ways as that takes. */
function brokenBy({ ways, alive }: Modelled, values: Values, alsoLost: AlsoLost): readonly Row[] {
  const isTaken = ({ index }: Variable): boolean => (values[index] ?? 0) > 0.5;
  const taken = new Map<Departure, Variable>(
    ways.flatMap(([line, way, variable]): [Departure, Variable][] =>
      isTaken(variable) && !way.asPlanned ? [[[line, way], variable]] : [],
    ),
  );
  const departures = [...taken.keys()];
  const lost = new Set(alsoLost(departures));
  return [...alive].flatMap(([goal, variable]): Row[] => {
    if (!isTaken(variable) || !lost.has(goal)) return [];
    const causes = fewest(departures, few => alsoLost(few).includes(goal));
    const sum = causes.flatMap((cause): Sum[number][] => {
      const own = taken.get(cause);
      return own ? [[1, own]] : [];
    });
    return [{ rule: undefined, sum: [[1, variable], ...sum], least: -Infinity, most: sum.length }];
  });
}

/** Some of them that are enough, none of which can be spared; larger parts are tried first. */
function fewest<T>(all: readonly T[], enough: (few: readonly T[]) => boolean): readonly T[] {
  let left = all;
  for (let size = Math.ceil(all.length / 2); size >= 1; size = size === 1 ? 0 : Math.ceil(size / 2)) {
    for (let from = 0; from < left.length;) {
      const fewer = [...left.slice(0, from), ...left.slice(from + size)];
      if (fewer.length > 0 && enough(fewer)) left = fewer;
      else from += size;
    }
  }
  return left;
}
