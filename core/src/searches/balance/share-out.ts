/** Sharing out loads: for each aim a good choice first, then the best one with its proof, as far as there is time. */
import {
  differentWays,
  lazily,
  type Aim,
  type Limits,
  type ProgrammeSolver,
  type Values,
} from '../solver/index.js';
import { annealed } from './anneal.js';
import {
  objectiveOf,
  pluggedBy,
  programmeOf,
  unseatedBy,
  type BalanceNames,
  type BalanceProgramme,
} from './exact.js';
import {
  costOfPlugging,
  weighed,
  type BalanceCost,
  type BalanceProblem,
  type Plugged,
  type Weights,
} from './problem.js';

export interface BalanceAim {
  readonly words: string;
  readonly weights: Weights;
}

/** One way to plug everything in. */
export interface SharedOut {
  readonly aim: string;
  readonly plugged: Plugged;
  readonly cost: BalanceCost;
  /** What was made least, as it is and as it cannot be less. */
  readonly value: number;
  readonly bound: number;
  readonly proven: boolean;
}

export interface WaysToShare {
  readonly ways: readonly SharedOut[];
  /** Aims for which there is no other way than those, and those for which none was found in time. */
  readonly none: readonly string[];
  readonly notFound: readonly string[];
}

export interface Solving {
  readonly solve: ProgrammeSolver;
  /** A clock that only goes forward, ms. */
  readonly now: () => number;
}

/** For each aim the best way unlike those before it; each may take as long as the limits say. */
export async function sharedOut(
  problem: BalanceProblem,
  names: BalanceNames,
  aims: readonly BalanceAim[],
  { solve, now }: Solving,
  limits: Limits = {},
): Promise<WaysToShare> {
  const model = programmeOf(problem, names, true);
  const asked = aims.map(({ words, weights }) => {
    const first = annealed(problem, weights);
    return {
      ...{ words, weights, least: objectiveOf(model, weights) },
      ...(first && { start: startOf(model, first) }),
    };
  });
  const assigns = model.points.flatMap(own => own.flatMap(each => each ?? []));
  const seated = lazily(solve, values => unseatedBy(problem, model, values), now);
  const found = await differentWays(model.programme, assigns, asked, seated, limits);
  const [ways, notFound]: [SharedOut[], Aim[]] = [[], [...found.notFound]];
  for (const { aim, values, solved } of found.ways) {
    const plugged = pluggedBy(model, values);
    const cost = costOfPlugging(problem, plugged);
    const { weights } = asked.find(each => each === aim) ?? {};
    // What the solver takes for kept and is not would be no way.
    if (!cost || !weights) notFound.push(aim);
    else
      ways.push({
        ...{ aim: aim.words, plugged, cost, value: weighed(cost, weights) },
        ...{ bound: solved.bound, proven: solved.status === 'best' },
      });
  }
  const words = (all: readonly Aim[]): string[] => all.map(each => each.words);
  return { ways, none: words(found.none), notFound: words(notFound) };
}

/** Where things are plugged in, as values of a programme; what follows from it is left to the solver. */
function startOf({ programme, points, strips }: BalanceProgramme, plugged: Plugged): Values {
  const values = new Float64Array(programme.variables.length).fill(NaN);
  for (const [all, chosen] of [
    [points, plugged.points],
    [strips, plugged.strips],
  ] as const)
    for (const [i, own] of all.entries())
      for (const [at, variable] of own.entries())
        if (variable) values[variable.index] = Number(chosen[i] === at);
  return values;
}
