/** What is opened here stays on this device, with every edit that the server does not have yet. */
import { madeBy } from '../api/me.js';
import type { EventBundle } from '@idle-satchel/core/api';
import type { LocalEdit } from '../store/outbox.js';
import { database } from './database.js';
import type { KeptThing, Openable } from './shelves.js';
import { TAB, whileAlone } from './tabs.js';

/** What this device has of an event or a venue. */
export interface KeptHere {
  readonly thing: KeptThing;
  readonly documents: Partial<EventBundle['documents']>;
}

/** What is kept under an id; undefined where nothing is, or the browser keeps nothing. */
export async function keptHere(id: string): Promise<KeptHere | undefined> {
  try {
    const shelves = await database();
    const [thing, documents] = await Promise.all([
      shelves.get('things', id),
      shelves.getAllFromIndex('documents', 'of', id),
    ]);
    if (!thing) return undefined;
    const named = documents.map(({ name, id: own, revision, body }) => [name, { id: own, revision, body }]);
    return { thing, documents: Object.fromEntries(named) as KeptHere['documents'] };
  } catch {
    return undefined;
  }
}

/**
 * The edits that wait on this device to be sent, in order, taken over by this tab; those of other open tabs stay with
 * them.
 */
export async function takeOver(id: string): Promise<LocalEdit[]> {
  try {
    const shelves = await database();
    // Few have anything that waits: only they ask what the other tabs are.
    if ((await shelves.countFromIndex('edits', 'of', id)) === 0) return [];
    return await whileAlone(async open => {
      const change = shelves.transaction('edits', 'readwrite');
      const all = await change.store.index('of').getAll(id);
      // What somebody else made on this device waits until they are here again.
      const { by } = madeBy();
      const own = all
        .filter(({ tab, edit }) => !open.has(tab) && (edit.by === undefined || edit.by === by))
        .sort((a, b) => a.turn - b.turn);
      await Promise.all([...own.map(each => change.store.put({ ...each, tab: TAB })), change.done]);
      return own.map(({ edit }) => edit);
    });
  } catch {
    return [];
  }
}

export interface KeptLine {
  readonly id: string;
  readonly of: Openable;
  readonly name: string;
  /** Edits that the server does not have yet. */
  readonly waiting: number;
}

/** What this device can open without a network, by name. */
export async function keptLines(): Promise<readonly KeptLine[]> {
  try {
    const shelves = await database();
    const [things, edits] = await Promise.all([shelves.getAll('things'), shelves.getAll('edits')]);
    return things
      .map(({ id, of, name }) => ({ id, of, name, waiting: edits.filter(edit => edit.of === id).length }))
      .sort((a, b) => a.name.localeCompare(b.name));
  } catch {
    return [];
  }
}
