/** “Connect the rest” in a worker that ends when it has answered. */
import type { Bundle } from '@idle-satchel/core';
import type { Proposals } from '@idle-satchel/core/searches';
import { wrap } from 'comlink';
import type { ConnectSearch } from './connect.worker.js';

export async function connectRest(bundle: Bundle): Promise<Proposals> {
  const worker = new Worker(new URL('./connect.worker.ts', import.meta.url), { type: 'module' });
  try {
    return await wrap<ConnectSearch>(worker).find(bundle);
  } finally {
    worker.terminate();
  }
}
