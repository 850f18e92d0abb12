/** Finding another item of the same kind for a device. */
import { inOrder, type Fix } from '../../foundations/index.js';
import type { PackReads } from './result.js';
import { fix, inPlan } from '../../edits.js';

/** Items of the same kind that are ready and that neither this plan nor an overlapping event uses. */
export function* swapItem({ devices, shelf, claims, runs }: PackReads, id: string): Generator<Fix> {
  const device = devices?.[id];
  if (!device) return;
  const used = new Set([
    ...Object.values(devices ?? {}).map(each => each.item),
    ...Object.values(runs.runs).flatMap(run => run.items),
    ...Object.values(claims.claims).map(claim => claim.item),
  ]);
  for (const [item, { kind, tape, state }] of inOrder(shelf.items)) {
    if (kind !== device.kind || state !== 'ready' || used.has(item)) continue;
    yield fix(`Take ${tape}`, inPlan().put('devices', id, 'item', item));
  }
}
