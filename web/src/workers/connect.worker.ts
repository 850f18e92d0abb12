import { assess, type Bundle } from '@idle-satchel/core';
import { connectTheRest, type ProgrammeSolver, type Proposals } from '@idle-satchel/core/searches';
import { expose } from 'comlink';
import loadHighs from 'highs';
import wasmAddress from 'highs/runtime?url';

/** “Connect the rest”, away from the page’s own thread: the solver is large, and fetched when it is first asked. */
const search = {
  async find(bundle: Bundle): Promise<Proposals> {
    const highs = await loadHighs({ locateFile: () => wasmAddress });
    const solve: ProgrammeSolver = programme => {
      const { Status, Columns } = highs.solve(programme, { mip_rel_gap: 0 });
      if (Status !== 'Optimal') throw new Error(`the solver says “${Status}”`);
      const values = Object.entries(Columns).map(([name, { Primal }]) => [name, Primal ?? 0] as const);
      return Promise.resolve(Object.fromEntries(values));
    };
    return connectTheRest(bundle, assess(bundle), solve);
  },
};

export type ConnectSearch = typeof search;

expose(search);
