/** Sharing out loads: a good choice first, then the best one with its proof, as far as there is time. */
import { NoAnswer, type Limits, type ProgrammeSolver, type Values } from '../solver/index.js';
import { annealed } from './anneal.js';
import { objectiveOf, plainNames, pluggedBy, programmeOf, type BalanceProgramme } from './exact.js';
import {
  costOfPlugging,
  weighed,
  type BalanceCost,
  type BalanceProblem,
  type Plugged,
  type Weights,
} from './problem.js';

export interface SharedOut {
  readonly plugged: Plugged;
  readonly cost: BalanceCost;
  /** What was made least, as it is and as it cannot be less. */
  readonly value: number;
  readonly bound: number;
  readonly proven: boolean;
}

/** Throws `NoAnswer` where no choice keeps all limits, or none was found. */
export async function sharedOut(
  problem: BalanceProblem,
  weights: Weights,
  solve: ProgrammeSolver,
  limits: Limits = {},
): Promise<SharedOut> {
  const model = programmeOf(problem, plainNames(problem), true);
  model.programme.objective = objectiveOf(model, weights);
  const first = annealed(problem, weights);
  const solved = await solve(model.programme, { ...limits, ...(first && { start: startOf(model, first) }) });
  const plugged = solved.incumbent ? pluggedBy(model, solved.incumbent) : first;
  const cost = plugged && costOfPlugging(problem, plugged);
  if (!plugged || !cost) throw new NoAnswer(solved.status);
  const { bound } = solved;
  const value = weighed(cost, weights);
  return { plugged, cost, value, bound, proven: solved.status === 'best' };
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
