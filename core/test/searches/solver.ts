/** HiGHS as the solver that searches are handed, and searches run with it to their end. */
import highsOf from 'highs';
import { runSearch, type Found, type ProgrammeSolver, type Search } from '../../src/searches/index.js';
import type { Bundle } from '../../src/documents/index.js';

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

/** What a search finds; its clock stands still, so that it goes on until it has its proof. */
export const foundBy = async <Options, Problem, Answer>(
  search: Search<Options, Problem, Answer>,
  bundle: Bundle,
  options: Options,
): Promise<Found<Answer>> => runSearch(search, bundle, options, { solve: await highsSolver(), now: () => 0 });
