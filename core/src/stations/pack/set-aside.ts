/** The things of the shelf that the checklist names, each once, and what they are for. */
import type { Item, Shelf } from '../../documents/index.js';
import type { PackLine, PackLines } from './result.js';

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

/** What a thing of a line is for, as it follows its tape code: ` for WORDS`, ` to change BATTERY`, `, which goes with CAM 01,`. */
export const forWhat = ({ purpose, goesWith }: Pick<PackLine, 'purpose' | 'goesWith'>): string =>
  goesWith !== undefined
    ? `, which ${purpose},`
    : purpose.startsWith('to ')
      ? ` ${purpose}`
      : ` for ${purpose}`;
