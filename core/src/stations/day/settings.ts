/** Settings files that are kept with a thing. */
import type { SettingsFile } from '../../documents/index.js';
import { inOrder, type MapOf } from '../../foundations/index.js';

/** Of each file its newest version, in the order in which they were first kept. */
export function newestSettings(settings: MapOf<SettingsFile> | undefined): readonly SettingsFile[] {
  const newest = new Map<string, SettingsFile>();
  for (const [, each] of inOrder(settings))
    if (each.version >= (newest.get(each.label)?.version ?? 0)) newest.set(each.label, each);
  return [...newest.values()];
}
