/** The layout engine of the schematic, in a worker of its own, fetched when a schematic is first drawn. */
import type { ElkLayout } from '@idle-satchel/core';
import { remoteWorker } from './remote.js';
import workerAddress from 'elkjs/lib/elk-worker.min.js?url';

let engine: Promise<ElkLayout> | undefined;

/** Rejects, as what it lays out does, when the engine cannot be had; whoever asks next asks anew. */
export function layoutEngine(): Promise<ElkLayout> {
  engine ??= begun();
  engine.catch(forget);
  return engine;
}

function forget(): void {
  engine = undefined;
}

async function begun(): Promise<ElkLayout> {
  const { default: Elk } = await import('elkjs/lib/elk-api.js');
  const worker = new Worker(workerAddress);
  const { ask } = remoteWorker(worker, forget);
  const elk = new Elk({ workerFactory: () => worker });
  // Its own types want ids and widths where it needs none.
  const layout = elk.layout.bind(elk) as unknown as ElkLayout;
  return graph => ask(() => layout(graph));
}
