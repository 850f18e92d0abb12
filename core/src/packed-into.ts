/** The edit that puts lines of the checklist into cases and vehicles, or takes them out. */
import type { PackedLine, Plan } from './documents/index.js';
import { inPlan } from './edits.js';
import { idFrom, type Edit, type Operation } from './foundations/index.js';

/** What was said before of these lines is taken back, and so is every record that is `out`. */
export function packedInto(
  packed: Plan['packed'],
  put: readonly PackedLine[],
  out: (record: PackedLine) => boolean = () => false,
): Edit<Plan> {
  const again = new Set(put.map(({ line }) => line));
  const edit = inPlan({ packed });
  for (const [record, each] of Object.entries(packed ?? {}))
    if (again.has(each.line) || out(each)) edit.drop('packed', record);
  for (const each of put) edit.put('packed', idFrom(`packed ${each.line}`), each);
  return edit;
}

/** `to`: the case or vehicle, or the roof of that; empty takes it out. */
export const packedPatch = (packed: Plan['packed'], line: string, to: string, roof = false): Operation[] =>
  packedInto(packed, to === '' ? [] : [{ line, in: to, ...(roof && { roof }) }], each => each.line === line)
    .patch;
