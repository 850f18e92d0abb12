/** With how few batteries it can be done, as a programme of named rules: those are asked when it cannot be done. */
import { Programme, rule, type Sum, type Values, type Variable } from '../solver/index.js';
import { pieceAt, takeOf, type SwapProblem, type Swaps } from './problem.js';
import { inOrderOfTwins, twins } from './twins.js';

export interface FeedingProgramme {
  readonly programme: Programme;
  readonly swapsOf: (values: Values) => Swaps;
  /** A plan that is known, as values. */
  readonly valuesOf: (swaps: Swaps) => Values;
}

/** Each piece has one battery, no battery is in two places, and none gives more than it has. */
export function feedingProgramme(problem: SwapProblem): FeedingProgramme {
  const { positions, batteries } = problem;
  const programme = new Programme();
  // By position, piece and battery.
  const at: Placed = positions.map(({ pieces }, p) =>
    pieces.map((_, i) =>
      batteries.map(battery => (takeOf(battery, p, i) === undefined ? undefined : programme.yesNo())),
    ),
  );
  const used = batteries.map(() => programme.yesNo());
  for (const [p, { label }] of positions.entries()) {
    const fed = rule(`${label} is fed all the time`, 'piece', 100);
    for (const own of at[p] ?? []) programme.exactly(ones(own), 1, fed);
  }
  const twin = twins(problem);
  for (const [b, battery] of batteries.entries()) {
    const isUsed = used[b] as Variable;
    const load = at.flatMap((pieces, p) =>
      pieces.flatMap((own, i) => ones([own[b]], 100 * (takeOf(battery, p, i) ?? 0))),
    );
    const gives = rule(`${battery.label} gives no more than it has`, '%', 1);
    programme.atMost([...load, [-100 * battery.left, isUsed]], 0, gives);
    for (const then of togetherOf(problem, at, b)) programme.atMost([...ones(then), [-1, isUsed]], 0);
    const earlier = used[b > 0 ? twin.lastIndexOf(twin[b] ?? b, b - 1) : -1];
    if (earlier)
      programme.atMost(
        [
          [1, isUsed],
          [-1, earlier],
        ],
        0,
      );
  }
  programme.objective = ones(used);
  return {
    programme,
    swapsOf: values =>
      at.map(pieces =>
        pieces.map(each => each.findIndex(variable => (values[variable?.index ?? -1] ?? 0) > 0.5)),
      ),
    valuesOf: swaps => {
      const values = new Float64Array(programme.variables.length);
      for (const [p, own] of inOrderOfTwins(problem, swaps).entries())
        for (const [i, b] of own.entries())
          for (const variable of [at[p]?.[i]?.[b], used[b]]) if (variable) values[variable.index] = 1;
      return values;
    },
  };
}

type Placed = readonly (readonly (readonly (Variable | undefined)[])[])[];

const ones = (variables: readonly (Variable | undefined)[], factor = 1): Sum =>
  variables.flatMap(variable => (variable ? [[factor, variable] as const] : []));

/** Where a battery can be at each step of the grid, each such set once. */
function togetherOf({ positions, steps }: SwapProblem, at: Placed, b: number): Variable[][] {
  const pieceOf = positions.map(pieceAt);
  const found = new Map<string, Variable[]>();
  for (let step = 0; step < steps; step++) {
    const then = positions.flatMap((_, p) => at[p]?.[pieceOf[p]?.get(step) ?? -1]?.[b] ?? []);
    if (then.length > 0) found.set(then.map(({ index }) => index).join(), then);
  }
  return [...found.values()];
}
