/** HiGHS as the solver that searches are handed. */
import highsOf from 'highs';
import type { ProgrammeSolver } from '../../src/searches/index.js';

export async function highsSolver(): Promise<ProgrammeSolver> {
  const solver = await (highsOf as unknown as typeof highsOf.default)();
  return programme => {
    const { Status, Columns } = solver.solve(programme, { mip_rel_gap: 0 });
    if (Status !== 'Optimal') throw new Error(Status);
    return Promise.resolve(
      Object.fromEntries(Object.entries(Columns).map(([name, { Primal }]) => [name, Primal ?? 0])),
    );
  };
}
