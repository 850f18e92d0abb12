/** What a draft changes of a record, by the fields of its form. */
import { sameJson } from '../foundations/index.js';

/** Fields that say something else now; those that are blank now are cleared. */
export function changesOf<Name extends string>(
  before: object,
  after: object,
  only: readonly Name[],
): { readonly [field: string]: unknown; readonly cleared?: Name[] } {
  const [was, is] = [before, after] as Readonly<Record<string, unknown>>[];
  const changed = only.filter(name => !sameJson(was?.[name], is?.[name]));
  const cleared = changed.filter(name => is?.[name] === undefined);
  return {
    ...Object.fromEntries(changed.flatMap(name => (is?.[name] === undefined ? [] : [[name, is[name]]]))),
    ...(cleared.length > 0 && { cleared }),
  };
}
