/** Searches about leads, each in a worker that ends when it has answered. */
import type { Bundle } from '@idle-satchel/core';
import type { StockProposal, WayOut } from '@idle-satchel/core/searches';
import { wrap, type Remote } from 'comlink';
import type { LeadSearch } from './leads.worker.js';

async function asked<T>(ask: (search: Remote<LeadSearch>) => Promise<T>): Promise<T> {
  const worker = new Worker(new URL('./leads.worker.ts', import.meta.url), { type: 'module' });
  try {
    return await ask(wrap<LeadSearch>(worker));
  } finally {
    worker.terminate();
  }
}

export const cutFromStock = (bundle: Bundle): Promise<StockProposal> => asked(search => search.cut(bundle));
export const waysOutOf = (bundle: Bundle, link: string): Promise<WayOut[]> =>
  asked(search => search.waysOut(bundle, link));
