/** Several sums made least after each other: what counts first is kept at its least for what counts next. */
import { onceEach, valueOf, type Model, type Row, type Sum, type Values } from './programme.js';
import { incumbentOf, type Limits, type ProgrammeSolver, type Solved } from './solve.js';

/** So much may a sum be above its least while the next one is made least: less than anything that is counted. */
const ROOM = 1e-4;

export interface InTurn {
  readonly values: Values;
  /** What was found for each sum, in order. */
  readonly solved: readonly Solved[];
  /** Rows that keep each sum at what was found. */
  readonly kept: readonly Row[];
}

/** Throws `NoAnswer` where nothing keeps the rules. Each sum may take as long as the limits say, asked anew for each. */
export async function inTurn(
  model: Model,
  sums: readonly Sum[],
  solve: ProgrammeSolver,
  limitsNow: Limits | (() => Limits) = {},
): Promise<InTurn> {
  const kept: Row[] = [];
  const solved: Solved[] = [];
  let values: Values | undefined;
  for (const objective of sums) {
    const limits = typeof limitsNow === 'function' ? limitsNow() : limitsNow;
    const start = values ?? limits.start;
    const rows = [...model.rows, ...kept];
    const own = await solve({ ...model, rows, objective }, { ...limits, ...(start && { start }) });
    values = incumbentOf(own);
    solved.push(own);
    kept.push({
      ...{ rule: undefined, sum: onceEach(objective), least: -Infinity },
      most: valueOf(values, objective) + ROOM,
    });
  }
  return { values: values ?? new Float64Array(model.variables.length), solved, kept };
}
