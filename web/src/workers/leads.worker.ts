import { assess, type Bundle } from '@idle-satchel/core';
import { cutAll, waysOut, type StockProposal, type WayOut } from '@idle-satchel/core/searches';
import { expose } from 'comlink';
import { programmeSolver } from './solver.js';

/** Cutting leads from the stock, and ways out for one that is too long, away from the page’s own thread. */
const search = {
  async cut(bundle: Bundle): Promise<StockProposal> {
    return cutAll(bundle, assess(bundle), await programmeSolver());
  },
  waysOut: (bundle: Bundle, link: string): WayOut[] => waysOut(bundle, link),
};

export type LeadSearch = typeof search;

expose(search);
