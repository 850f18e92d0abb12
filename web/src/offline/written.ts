/** Writing what is open onto the shelves of this device. */
import type { DocumentKind, EventBundle } from '@idle-satchel/core/api';
import type { LocalEdit } from '../store/outbox.js';
import { database } from './database.js';
import { keyOf, type KeptThing } from './shelves.js';
import { TAB } from './tabs.js';

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
