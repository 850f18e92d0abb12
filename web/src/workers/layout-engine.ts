/** The layout engine of the schematic, in a worker of its own, fetched when a schematic is first drawn. */
import type { ElkLayout } from '@idle-satchel/core';
import workerAddress from 'elkjs/lib/elk-worker.min.js?url';

let engine: Promise<ElkLayout> | undefined;

export function layoutEngine(): Promise<ElkLayout> {
  engine ??= import('elkjs/lib/elk-api.js').then(({ default: Elk }) => {
    const elk = new Elk({ workerFactory: () => new Worker(workerAddress) });
    // Its own types want ids and widths where it needs none.
    return elk.layout.bind(elk) as unknown as ElkLayout;
  });
  return engine;
}
