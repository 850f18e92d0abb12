/** Clearing away what a device keeps of things that nobody opens any more. */
import { database } from './database.js';

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

/** Takes everything off this device that waits for nothing: somebody else uses it now. */
export async function clearAll(): Promise<void> {
  const shelves = await database();
  for (const { id } of await shelves.getAll('things')) {
    if ((await shelves.countFromIndex('edits', 'of', id)) === 0) await forget(id);
  }
}
