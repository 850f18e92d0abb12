/** The things of the shelf that the checklist names, each once. */
import type { Item, Shelf } from '../../documents/index.js';
import type { PackLines } from './result.js';

/** A thing of the shelf that is taken along. */
export interface SetAside {
  readonly id: string;
  readonly item: Item;
  /** The first line that names it. */
  readonly line: string;
}

export function setAside(lines: PackLines, items: Shelf['items']): readonly SetAside[] {
  const met = new Map<string, SetAside>();
  for (const [line, { item: id }] of Object.entries(lines)) {
    const item = items[id ?? ''];
    if (id !== undefined && item && !met.has(id)) met.set(id, { id, item, line });
  }
  return [...met.values()];
}
