/** Edits of the checklist: lines that people add, and the list as it was printed. */
import type { Bundle, ExtraLine, Item, Plan, PrintedList, Shelf } from '../documents/index.js';
import { editPlan } from '../edits.js';
import { idFrom, inOrder, orderAfter, type Operation } from '../foundations/index.js';
import { groupOf } from '../stations/pack/device-lines.js';
import type { PackLines } from '../stations/pack/result.js';
import { isReady } from '../stations/ready.js';

/** Puts a line of one’s own on the list, after the others where it is new. */
export function extraPatch(plan: Plan, id: string, line: Omit<ExtraLine, 'order'>): Operation[] {
  const order = plan.extras?.[id]?.order ?? orderAfter(inOrder(plan.extras).at(-1)?.[1].order);
  return editPlan(plan).put('extras', id, { order, ...line }).patch;
}

export const printedPatch = (plan: Plan, list: PrintedList): Operation[] =>
  editPlan(plan).put('printedList', list).patch;

/** The kits of the shelf by name, each with how many of its things are ready and not on the checklist yet. */
export function kitsToTake(
  { items }: Shelf,
  lines: PackLines,
): readonly (readonly [kit: string, left: number])[] {
  const kits = new Set(Object.values(items).flatMap(({ kit }) => kit ?? []));
  return [...kits].sort().map(kit => [kit, leftOfKit(items, lines, kit).length]);
}

/** Things of a kit that are ready and on no line. */
function leftOfKit(
  items: Shelf['items'],
  lines: PackLines,
  kit: string,
): readonly (readonly [string, Item])[] {
  const had = new Set(Object.values(lines).flatMap(({ item }) => item ?? []));
  return Object.entries(items).filter(([id, item]) => item.kit === kit && isReady(item) && !had.has(id));
}

/** Takes a kit along as a whole: a line for each of its things that is ready and not on the checklist yet. */
export function kitPatch(
  { plan, shelf, kinds }: Pick<Bundle, 'plan' | 'shelf' | 'kinds'>,
  lines: PackLines,
  kit: string,
): Operation[] {
  const edit = editPlan(plan);
  let order = inOrder(plan.extras).at(-1)?.[1].order;
  for (const [id, { kind, count = 1 }] of leftOfKit(shelf.items, lines, kit)) {
    const { label = 'Unknown kind', family } = kinds.kinds[kind] ?? {};
    order = orderAfter(order);
    edit.put('extras', idFrom(`kit ${kit} ${id}`), {
      ...{ order, label, count, group: groupOf(family), kind, item: id },
      reason: `of the kit “${kit}”`,
    });
  }
  return edit.patch;
}
