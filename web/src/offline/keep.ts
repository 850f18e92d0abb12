/** What is opened here stays on this device, with every edit that the server does not have yet. */
import type { DocumentKind, EventBundle } from '@idle-satchel/core/api';
import type { LocalEdit } from '../store/outbox.js';
import { database } from './database.js';
import { keyOf, type KeptThing, type Openable } from './shelves.js';
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
      const own = all.filter(({ tab }) => !open.has(tab)).sort((a, b) => a.turn - b.turn);
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

/** What was not opened for so long is cleared away, unless something of it waits to be sent, ms. */
const LONG_AGO = 60 * 24 * 60 * 60_000;

/** Clears away what nobody has opened for long. */
export async function clearOld(now = Date.now()): Promise<void> {
  const shelves = await database();
  for (const { id, seen } of await shelves.getAll('things')) {
    if (now - seen < LONG_AGO || (await shelves.countFromIndex('edits', 'of', id)) > 0) continue;
    await forget(id);
  }
}

/** Takes what is kept of an event or a venue off this device; edits that wait stay. */
export async function forget(id: string): Promise<void> {
  const change = (await database()).transaction(['things', 'documents'], 'readwrite');
  const documents = change.objectStore('documents');
  const keys = await documents.index('of').getAllKeys(id);
  await Promise.all([
    change.objectStore('things').delete(id),
    ...keys.map(key => documents.delete(key)),
    change.done,
  ]);
}

/** What a thing looks like when it is kept: its documents, and what waits. */
export interface Kept {
  readonly thing: KeptThing;
  readonly documents: Partial<EventBundle['documents']>;
  readonly waiting: readonly LocalEdit[];
}

/** What of it is written, to be compared with what is to be. */
export interface Written {
  readonly thing: KeptThing | undefined;
  readonly bodies: ReadonlyMap<DocumentKind, unknown>;
  readonly edits: ReadonlyMap<string, LocalEdit>;
}

export const NOTHING_WRITTEN: Written = { thing: undefined, bodies: new Map(), edits: new Map() };

/**
 * Writes what has changed since it was written last, all of it or nothing, so that edits always lie on top of the
 * documents that they were made on. Gives what is written then; rejects where the device takes nothing more.
 */
export async function written(
  { thing, documents, waiting }: Kept,
  before: Written,
  turnOf: (edit: string) => number,
): Promise<Written> {
  const edits = new Map(waiting.map(edit => [edit.id, edit]));
  const gone = [...before.edits.keys()].filter(id => !edits.has(id));
  const changed = [...edits].filter(([id, edit]) => before.edits.get(id) !== edit);
  const all = Object.entries(documents) as [DocumentKind, EventBundle['documents'][DocumentKind]][];
  const newer = all.filter(([name, { body }]) => before.bodies.get(name) !== body);
  const bodies = new Map(all.map(([name, { body }]) => [name, body]));
  const next: Written = { thing, bodies, edits };
  const newThing = thing !== before.thing;
  if (!newThing && newer.length + gone.length + changed.length === 0) return next;
  const change = (await database()).transaction(['things', 'documents', 'edits'], 'readwrite');
  const shelf = change.objectStore('edits');
  const { id: of } = thing;
  await Promise.all([
    newThing ? change.objectStore('things').put(thing) : undefined,
    ...newer.map(async ([name, document]) => {
      const [documents, key] = [change.objectStore('documents'), keyOf(of, name)];
      const there = await documents.get(key);
      // A page that was just left may still be at work: it knows less than the one that took over.
      if (there?.id === document.id && there.revision > document.revision) return;
      await documents.put({ ...document, key, of, name });
    }),
    ...changed.map(([id, edit]) => shelf.put({ id, of, tab: TAB, turn: turnOf(id), edit })),
    ...gone.map(id => shelf.delete(id)),
    change.done,
  ]);
  return next;
}
