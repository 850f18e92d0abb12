/** Finding another item of the same kind for a device. */
import { inOrder, type Fix } from '../../foundations/index.js';
import type { PackReads } from './result.js';
import { fix, inPlan } from '../../edits.js';
import { isReady } from '../ready.js';

/** Items of the same kind that are ready and that neither this plan nor an overlapping event uses. */
export function* swapItem({ devices, shelf, claims, runs }: PackReads, id: string): Generator<Fix> {
  const device = devices?.[id];
  if (!device) return;
  const used = new Set([
    ...Object.values(devices ?? {}).map(each => each.item),
    ...Object.values(runs.runs).flatMap(run => run.items),
    ...Object.values(claims.claims).map(claim => claim.item),
  ]);
  for (const [item, own] of inOrder(shelf.items)) {
    if (own.kind !== device.kind || !isReady(own) || used.has(item)) continue;
    yield fix(`Take ${own.tape}`, inPlan().put('devices', id, 'item', item));
  }
}
