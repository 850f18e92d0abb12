/** The edit that puts a line of the checklist into a case, or takes it out of one. */
import { inPlan } from '../edits.js';
import type { Plan } from '../documents/index.js';
import { idFrom, type Operation } from '../foundations/index.js';

/** `to`: the case; empty takes it out. */
export function packedPatch(packed: Plan['packed'], line: string, to: string): Operation[] {
  const edit = inPlan({ packed });
  for (const [record, each] of Object.entries(packed ?? {}))
    if (each.line === line) edit.drop('packed', record);
  if (to !== '') edit.put('packed', idFrom(`packed ${line}`), { line, in: to });
  return edit.patch;
}
