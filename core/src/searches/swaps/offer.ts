/** The edit that makes a swap plan the plan of the day. */
import { inPlan } from '../../edits.js';
import { idFrom, inOrder } from '../../foundations/index.js';
import type { Offer } from '../search.js';
import type { SwapTask } from './from-plan.js';
import type { SwapsOf } from './index.js';

/**
 * Puts the changes of a plan in place of those that are planned; those that were made stay. None where a battery
 * would have to be put elsewhere that is not on the shelf.
 */
export function offerOf(
  { bundle, problem }: SwapTask,
  positions: readonly SwapsOf[],
  { id: name, label }: Pick<Offer, 'id' | 'label'>,
): readonly Offer[] {
  const { plan, shelf, kinds } = bundle;
  const edit = inPlan({ batteryChanges: plan.batteryChanges });
  const made = inOrder(plan.batteryChanges).filter(([, { done }]) => done !== undefined).length;
  for (const [id, { done }] of inOrder(plan.batteryChanges))
    if (done === undefined) edit.drop('batteryChanges', id);
  for (const [p, { id: battery, steps, begins }] of positions.entries()) {
    const device = plan.devices?.[battery];
    const underWay = problem.positions[p]?.underWay === true;
    for (const [i, { id, after }] of steps.entries()) {
      const stays = i === 0 && (underWay ? !begins : id === (device?.item ?? battery));
      if (stays) continue;
      const item = shelf.items[id];
      if (!item) return [];
      const there = Object.keys(kinds.kinds[device?.kind ?? '']?.ports ?? {});
      const put = Object.keys(kinds.kinds[item.kind]?.ports ?? {});
      // Before the day begins another battery simply is the first, where its lead goes into the same port.
      if (i === 0 && !underWay && put.join() === there.join()) {
        edit.put('devices', battery, 'item', id).put('devices', battery, 'kind', item.kind);
      } else {
        // A name of its own for each round of planning: what was made at that minute stays.
        edit.put('batteryChanges', idFrom(`change ${battery} ${after} ${made}`), {
          battery,
          item: id,
          after,
        });
      }
    }
  }
  if (edit.patch.length === 0) return [];
  return [{ id: name, label, changes: [edit.change] }];
}
