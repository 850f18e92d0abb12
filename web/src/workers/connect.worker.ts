import { assess, type Bundle } from '@idle-satchel/core';
import { connectTheRest, type Proposals } from '@idle-satchel/core/searches';
import { expose } from 'comlink';
import { programmeSolver } from './solver.js';

/** “Connect the rest”, away from the page’s own thread. */
const search = {
  async find(bundle: Bundle): Promise<Proposals> {
    return connectTheRest(bundle, assess(bundle), await programmeSolver());
  },
};

export type ConnectSearch = typeof search;

expose(search);
