/**
 * Large programmes by their likely part first (kernel search, Angelelli, Mansini and Speranza 2010). The programme
 * without whole numbers says what each variable would cost at least above the bound: what costs little is the kernel, and
 * is solved by itself; what costs more than the best found is above the bound is in no better answer, and is left out.
 */
import { keeps, valueOf, type Model, type Row, type Variable } from './programme.js';
import { solvedAs, type Limits, type ProgrammeSolver, type Solved } from './solve.js';

/** With fewer whole variables than this, a programme is solved as it is. */
const LARGE = 3000;
/** Share of the whole variables, and of the time, that is for the kernel. */
const KERNEL = 0.05;
const TIME = 0.5;

/**
 * The same solver, which takes programmes of so many whole variables or more in parts. `now`: a clock that only goes
 * forward, ms.
 */
export function kernelSolver(solve: ProgrammeSolver, now: () => number, large = LARGE): ProgrammeSolver {
  return async (model, limits = {}) => {
    const whole = model.variables.filter(each => each.whole);
    if (whole.length < large) return solve(model, limits);
    const end = now() + 1000 * (limits.seconds ?? Infinity);
    const left = (share: number): Limits => {
      const seconds = Math.max(0, (share * (end - now())) / 1000);
      return { ...limits, ...(Number.isFinite(seconds) && { seconds }) };
    };
    const relaxed = await solve(withoutWhole(model), left(1));
    const { reduced, value: bound } = relaxed;
    if (relaxed.status === 'none') return relaxed;
    if (!reduced) return solve(model, left(1));
    const cost = ({ index, least, whole }: Variable): number =>
      whole && least === 0 ? (reduced[index] ?? 0) : 0;
    let best = await startOf(model, solve, left(1));
    const part = async (most: number, share: number): Promise<Solved> => {
      const { incumbent } = best;
      const isIn = (variable: Variable): boolean =>
        cost(variable) <= most || (incumbent?.[variable.index] ?? 0) > 0.5;
      return solvedPart(model, isIn, solve, {
        ...left(share),
        ...(incumbent && { start: incumbent }),
        // The bound of a part is not one of the whole.
        ...(limits.report && {
          report: found => limits.report?.({ value: least(found.value, best.value), bound }),
        }),
      });
    };
    const ranked = whole.map(cost).sort((a, b) => a - b);
    const kernel = await part(ranked[Math.floor(KERNEL * ranked.length)] ?? 0, TIME);
    if (kernel.incumbent && !(kernel.value >= best.value)) best = kernel;
    // What is left out costs as much as that at least, so that the rest tells what the whole does.
    const room = best.incumbent ? best.value - bound : Infinity;
    const rest = await part(room + ROUNDING, 1);
    if (rest.incumbent && !(rest.value >= best.value)) best = rest;
    if (rest.status === 'none' && !best.incumbent) return rest;
    if (!best.incumbent) return solvedAs('not known', undefined, NaN, bound);
    return rest.status === 'best'
      ? solvedAs('best', best.incumbent, best.value, best.value)
      : solvedAs('found', best.incumbent, best.value, Math.min(Math.max(bound, rest.bound), best.value));
  };
}

/** Costs within this are the same. */
const ROUNDING = 1e-6;

const withoutWhole = ({ variables, rows, objective }: Model): Model => ({
  variables: variables.map(each => ({ ...each, whole: false })),
  rows,
  objective,
});

/** The lesser of two values of which one may not be known. */
const least = (a: number | undefined, b: number): number | undefined =>
  a === undefined ? (Number.isNaN(b) ? undefined : b) : Number.isNaN(b) ? a : Math.min(a, b);

/** What is known to begin with, as an answer; what it does not tell follows from what it does. */
async function startOf(model: Model, solve: ProgrammeSolver, { start, ...limits }: Limits): Promise<Solved> {
  const isKnown = ({ index }: Variable): boolean => !Number.isNaN(start?.[index] ?? NaN);
  if (!start || model.variables.some(each => each.whole && !isKnown(each))) return solvedAs('not known');
  const variables = model.variables.map(each => {
    const value = start[each.index] ?? 0;
    return { ...each, whole: false, ...(isKnown(each) && { least: value, most: value }) };
  });
  const { incumbent } = await solve({ ...model, variables }, limits);
  if (!incumbent || !keeps(model, incumbent)) return solvedAs('not known');
  return solvedAs('found', incumbent, valueOf(incumbent, model.objective));
}

/** Solves what is in, with nothing of the rest. */
async function solvedPart(
  { variables, rows, objective }: Model,
  isIn: (variable: Variable) => boolean,
  solve: ProgrammeSolver,
  { start, ...limits }: Limits,
): Promise<Solved> {
  const own: Variable[] = [];
  const inPart = new Map<number, Variable>();
  for (const variable of variables) {
    if (!isIn(variable)) continue;
    const each = { ...variable, index: own.length };
    own.push(each);
    inPart.set(variable.index, each);
  }
  const partOf = (sum: Model['objective']): [number, Variable][] =>
    sum.flatMap(([factor, { index }]): [number, Variable][] => {
      const variable = inPart.get(index);
      return variable ? [[factor, variable]] : [];
    });
  const part: Model = {
    variables: own,
    rows: rows.map(row => ({ ...row, sum: partOf(row.sum) })).filter(row => !holdsAnyway(row)),
    objective: partOf(objective),
  };
  const known = start && Float64Array.from([...inPart.keys()], index => start[index] ?? NaN);
  const solved = await solve(part, { ...limits, ...(known && { start: known }) });
  if (!solved.incumbent) return solved;
  const incumbent = new Float64Array(variables.length);
  for (const [index, each] of inPart) incumbent[index] = solved.incumbent[each.index] ?? 0;
  return { ...solved, incumbent };
}

/** Whether a row holds whatever its variables are. */
function holdsAnyway({ sum, least, most }: Row): boolean {
  let [low, high] = [0, 0];
  for (const [factor, variable] of sum) {
    low += factor * (factor > 0 ? variable.least : variable.most);
    high += factor * (factor > 0 ? variable.most : variable.least);
  }
  return low >= least && high <= most;
}
