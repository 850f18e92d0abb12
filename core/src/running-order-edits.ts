/** Where items that are added come in a running order. */
import type { Phase, Plan } from './documents/index.js';
import { inPlan } from './edits.js';
import { inOrder, newId, orderAfter, orderBetween, type Operation } from './foundations/index.js';
import type { ReadItem } from './running-order-text.js';

type Order = Plan['runningOrder'];

/** Behind which item one of this phase comes when it is added: the last, but nothing follows the strike save more of it. */
function indexBehind(order: Order, phase: Phase): number {
  const list = inOrder(order);
  if (phase === 'strike') return list.length - 1;
  return list.findLastIndex(([, item]) => item.phase !== 'strike');
}

/** An order key behind the item at an index of the list; −1 is before all. */
function keyBehind(order: Order, index: number): string {
  const list = inOrder(order);
  const [before, after] = [list[index]?.[1].order, list[index + 1]?.[1].order];
  return after === undefined ? orderAfter(before) : orderBetween(before, after);
}

/** The edit that adds items at the end, in their order, and before the strike where they are no part of it. */
export function addItemsPatch(
  { runningOrder }: Pick<Plan, 'runningOrder'>,
  items: readonly ReadItem[],
): Operation[] {
  let order = runningOrder;
  return inPlan().each(items, (edit, { at: _at, ...item }) => {
    const id = newId();
    const added = { ...item, order: keyBehind(order, indexBehind(order, item.phase)) };
    order = { ...order, [id]: added };
    return edit.put('runningOrder', id, added);
  }).patch;
}

/**
 * The edit that adds an item to be named, and its id: behind the item `behind`, else at the end before the strike. It
 * takes the phase of the one before it.
 */
export function addItemPatch(
  { runningOrder }: Pick<Plan, 'runningOrder'>,
  behind?: string,
): { id: string; patch: Operation[] } {
  const list = inOrder(runningOrder);
  const at = list.findIndex(([id]) => id === behind);
  const index = at < 0 ? indexBehind(runningOrder, 'live') : at;
  const id = newId();
  const { patch } = inPlan().put('runningOrder', id, {
    order: keyBehind(runningOrder, index),
    label: 'New item',
    phase: list[index]?.[1].phase ?? 'live',
    minutes: 10,
  });
  return { id, patch };
}
