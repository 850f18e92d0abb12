/** Rules of which most are never broken: they are said only once they are. */
import type { Model, Row, Values } from './programme.js';
import type { ProgrammeSolver } from './solve.js';

/**
 * The same solver, which goes on until nothing is broken. `broken`: the rows that some values break, each a rule that
 * must hold anyway. `now`: a clock that only goes forward, ms.
 */
export const lazily =
  (solve: ProgrammeSolver, broken: (values: Values) => readonly Row[], now: () => number): ProgrammeSolver =>
  async (model, limits = {}) => {
    const end = now() + 1000 * (limits.seconds ?? Infinity);
    let asked: Model = model;
    for (;;) {
      const seconds = Math.max(0, (end - now()) / 1000);
      const solved = await solve(asked, { ...limits, ...(Number.isFinite(seconds) && { seconds }) });
      const rows = solved.incumbent ? broken(solved.incumbent) : [];
      if (rows.length === 0) return solved;
      asked = { ...asked, rows: [...asked.rows, ...rows] };
    }
  };
