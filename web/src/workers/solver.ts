/** HiGHS as the solver of searches; it is large, and fetched when it is first asked. */
import type { ProgrammeSolver } from '@idle-satchel/core/searches';
import loadHighs from 'highs';
import wasmAddress from 'highs/runtime?url';

export function programmeSolver(): ProgrammeSolver {
  let loaded: ReturnType<typeof loadHighs> | undefined;
  return async programme => {
    loaded ??= loadHighs({ locateFile: () => wasmAddress });
    const { Status, Columns } = (await loaded).solve(programme, { mip_rel_gap: 0 });
    if (Status !== 'Optimal') throw new Error(`the solver says “${Status}”`);
    return Object.fromEntries(Object.entries(Columns).map(([name, { Primal }]) => [name, Primal ?? 0]));
  };
}
