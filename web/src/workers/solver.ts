/** HiGHS as the solver of searches; it is large, and fetched when it is first asked. */
import { highsSolver, type ProgrammeSolver } from '@idle-satchel/core/searches';
import loadHighs from 'highs';
import wasmAddress from 'highs/runtime?url';

export const programmeSolver = (): ProgrammeSolver =>
  highsSolver(
    () => loadHighs({ locateFile: () => wasmAddress }),
    () => performance.now(),
  );
