/** HiGHS as the solver that searches are handed, and searches run with it to their end. */
import highsOf from 'highs';
import {
  highsSolver as solverOf,
  runSearch,
  type Found,
  type ProgrammeSolver,
  type Search,
} from '../../src/searches/index.js';
import type { Bundle } from '../../src/documents/index.js';

/** Its types say that the module is the function; on Node the function is its default. */
export const highsSolver = (): ProgrammeSolver =>
  solverOf(
    () => (highsOf as unknown as typeof highsOf.default)(),
    () => 0,
  );

/** What a search finds; its clock stands still, so that it goes on until it has its proof. */
export const foundBy = <Options, Problem, Answer>(
  search: Search<Options, Problem, Answer>,
  bundle: Bundle,
  options: Options,
): Promise<Found<Answer>> => runSearch(search, bundle, options, { solve: highsSolver(), now: () => 0 });
