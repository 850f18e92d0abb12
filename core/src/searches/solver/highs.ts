/** HiGHS as the solver: models as sparse rows, and what came of solving one. */
import type { CallbackData, Highs, Model as HighsModel, ModelData } from 'highs';
import { kernelSolver } from './kernel.js';
import { keeps, onceEach, valueOf, type Model, type Values } from './programme.js';
import { solvedAs, type Incumbent, type Limits, type ProgrammeSolver, type Solved } from './solve.js';

/**
 * A solver over HiGHS, which is large: it is loaded when it is first asked, and again where loading failed. `now`: a
 * clock that only goes forward, ms.
 */
export function highsSolver(load: () => Promise<Highs>, now: () => number): ProgrammeSolver {
  let loading: Promise<Highs> | undefined;
  return kernelSolver(async (model, limits = {}) => {
    loading ??= load();
    const highs = await loading.catch((error: unknown) => {
      loading = undefined;
      throw error;
    });
    if (model.variables.length === 0) return withoutVariables(model);
    try {
      return solved(highs, model, limits);
    } catch (error) {
      // Out of memory, it stops for good: the next model is solved by one that is loaded anew.
      if (!isOf(error, 'RuntimeError') && !isOf(error, 'HighsError')) throw error;
      loading = undefined;
      return asBefore(model, limits.start);
    }
  }, now);
}

/** A model without variables is a matter of its limits. */
const withoutVariables = ({ rows }: Model): Solved =>
  rows.every(({ least, most }) => least <= 0 && most >= 0)
    ? solvedAs('best', new Float64Array(), 0, 0)
    : solvedAs('none');

function solved(highs: Highs, model: Model, limits: Limits): Solved {
  const { modelStatus } = highs.constants;
  const { gap = 0, seconds, start, report, wanted } = limits;
  const value = start && keeps(model, start) ? valueOf(start, model.objective) : NaN;
  // Nothing can be better than all at their bounds.
  if (start && value <= leastOf(model) + 1e-9) return solvedAs('best', start, value, value);
  return highs.withModel(dataOf(highs, model), own => {
    own.options.set({
      ...{ output_flag: false, mip_rel_gap: gap, mip_abs_gap: 1e-9 },
      ...(seconds !== undefined && { time_limit: seconds }),
    });
    if (start) own.setSolution(known(start));
    let { modelStatus: status } = ranOnce(own, listening(highs, report, wanted));
    if (status === modelStatus.unboundedOrInfeasible) {
      // Which of both it is, is told without the simplifying that found it.
      own.options.set({ presolve: 'off' });
      ({ modelStatus: status } = own.run(listening(highs, report, wanted)));
    }
    if (status === modelStatus.infeasible) return solvedAs('none');
    if (status === modelStatus.unbounded) return solvedAs('endless');
    const answer = answerOf(own, model, status === modelStatus.optimal && (gap === 0 || !isWhole(model)));
    return answer.incumbent ? answer : asBefore(model, start, answer.bound);
  });
}

const isOf = (error: unknown, name: string): boolean => error instanceof Error && error.name === name;

/** Runs; where the solver fails at its own simplifying, as it does of a few models, once more without that. */
function ranOnce(own: HighsModel, hears: Parameters<HighsModel['run']>[0]) {
  try {
    return own.run(hears);
  } catch (error) {
    if (!isOf(error, 'HighsError')) throw error;
    own.options.set({ presolve: 'off' });
    return own.run(hears);
  }
}

/** What was known before, where it is an answer and nothing was found. */
function asBefore(model: Model, start: Values | undefined, bound = -Infinity): Solved {
  if (!start || !keeps(model, start)) return solvedAs('not known', undefined, NaN, bound);
  return solvedAs('found', start, valueOf(start, model.objective), bound);
}

/** What a sum is with each variable at the better of its bounds. */
const leastOf = ({ objective }: Model): number =>
  onceEach(objective).reduce(
    (sum, [factor, { least, most }]) => sum + factor * (factor > 0 ? least : most),
    0,
  );

/** What of an answer is known; the rest is found by the solver. */
function known(start: Values): { readonly indices: number[]; readonly values: number[] } {
  const indices = [...start.keys()].filter(index => !Number.isNaN(start[index]));
  return { indices, values: indices.map(index => start[index] ?? 0) };
}

const isWhole = ({ variables }: Model): boolean => variables.some(({ whole }) => whole);

/** What was found, with whole variables as whole numbers. */
function answerOf(own: HighsModel, model: Model, proven: boolean): Solved {
  const bound = isWhole(model) ? Number(own.info.get('mip_dual_bound')) : -Infinity;
  const isAnswer = Number(own.info.get('primal_solution_status')) === FEASIBLE;
  if (!isAnswer) return solvedAs('not known', undefined, NaN, bound);
  const { colValue = [], colDual = [] } = own.getSolution();
  const values: Values = Float64Array.from(model.variables, ({ index, whole }) =>
    whole ? Math.round(colValue[index] ?? 0) : (colValue[index] ?? 0),
  );
  const value = valueOf(values, model.objective);
  const best = {
    ...solvedAs('best', values, value, value),
    ...(!isWhole(model) && { reduced: Float64Array.from(colDual) }),
  };
  // The last digits of a bound are the solver’s.
  if (proven || value - bound <= 1e-9 * Math.max(1, Math.abs(value))) return best;
  return solvedAs('found', values, value, Math.min(bound, value));
}

/** HiGHS’ word for a solution that keeps all rows. */
const FEASIBLE = 2;

function listening(
  { constants: { callbackType } }: Highs,
  report: Limits['report'],
  wanted: Limits['wanted'],
): Parameters<HighsModel['run']>[0] {
  if (!report && !wanted) return {};
  let told = '';
  return {
    // Asked all the time: what has not changed is not told again.
    [callbackType.mipInterrupt]: ({
      data,
      interrupt,
    }: {
      readonly data: CallbackData;
      readonly interrupt: () => void;
    }): undefined => {
      if (wanted && !wanted()) interrupt();
      if (!report) return;
      const found = incumbentIn(data);
      const words = `${found.value} ${found.bound}`;
      if (words !== told) report(found);
      told = words;
    },
  };
}

function incumbentIn({
  mip_primal_bound: value = Infinity,
  mip_dual_bound = -Infinity,
}: CallbackData): Incumbent {
  return { value: Number.isFinite(value) ? value : undefined, bound: mip_dual_bound };
}

function dataOf(highs: Highs, { variables, rows, objective }: Model): ModelData {
  const finite = (value: number): number =>
    Number.isFinite(value) ? value : Math.sign(value) * highs.infinity;
  const costs = new Float64Array(variables.length);
  for (const [factor, { index }] of objective) costs[index] = (costs[index] ?? 0) + factor;
  const [starts, indices, values] = [[0], [] as number[], [] as number[]];
  for (const { sum } of rows) {
    for (const [factor, { index }] of sum) {
      indices.push(index);
      values.push(factor);
    }
    starts.push(indices.length);
  }
  const { integer, continuous } = highs.constants.variableType;
  return {
    numCols: variables.length,
    numRows: rows.length,
    colCost: costs,
    colLower: variables.map(({ least }) => finite(least)),
    colUpper: variables.map(({ most }) => finite(most)),
    rowLower: rows.map(({ least }) => finite(least)),
    rowUpper: rows.map(({ most }) => finite(most)),
    matrix: { format: 'csr', numRows: rows.length, numCols: variables.length, starts, indices, values },
    integrality: variables.map(({ whole }) => (whole ? integer : continuous)),
  };
}
