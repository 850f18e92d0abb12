/** Edits of the checklist: lines that people add, and the list as it was printed. */
import type { ExtraLine, Plan, PrintedList } from '../documents/index.js';
import { editPlan } from '../edits.js';
import { inOrder, orderAfter, type Operation } from '../foundations/index.js';

/** Puts a line of one’s own on the list, after the others where it is new. */
export function extraPatch(plan: Plan, id: string, line: Omit<ExtraLine, 'order'>): Operation[] {
  const order = plan.extras?.[id]?.order ?? orderAfter(inOrder(plan.extras).at(-1)?.[1].order);
  return editPlan(plan).put('extras', id, { order, ...line }).patch;
}

export const printedPatch = (plan: Plan, list: PrintedList): Operation[] =>
  editPlan(plan).put('printedList', list).patch;
