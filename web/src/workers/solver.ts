/** HiGHS as the solver of searches; it is large, and fetched when it is first asked. */
import type { ProgrammeSolver } from '@idle-satchel/core/searches';
import loadHighs from 'highs';
import wasmAddress from 'highs/runtime?url';

export async function programmeSolver(): Promise<ProgrammeSolver> {
  const highs = await loadHighs({ locateFile: () => wasmAddress });
  return programme => {
    const { Status, Columns } = highs.solve(programme, { mip_rel_gap: 0 });
    if (Status !== 'Optimal') throw new Error(`the solver says “${Status}”`);
    const values = Object.entries(Columns).map(([name, { Primal }]) => [name, Primal ?? 0] as const);
    return Promise.resolve(Object.fromEntries(values));
  };
}
