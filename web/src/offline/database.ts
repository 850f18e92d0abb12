/** What this device keeps of what was opened on it, in its own database. */
import { openDB, type IDBPDatabase } from 'idb';
import { fromFirst } from './first-shelves.js';
import type { Shelves } from './shelves.js';

const VERSION = 3;

let opening: Promise<IDBPDatabase<Shelves>> | undefined;

/** The device's database; rejects where the browser keeps nothing, as some do in private windows. */
export function database(): Promise<IDBPDatabase<Shelves>> {
  opening ??= opened();
  opening.catch(forget);
  return opening;
}

function forget(): void {
  opening = undefined;
}

const opened = (): Promise<IDBPDatabase<Shelves>> =>
  new Promise((resolve, reject) => {
    openDB<Shelves>('idle-satchel', VERSION, {
      upgrade: (shelves, old, _now, change) => {
        shelves.createObjectStore('takes', { keyPath: 'organisation' });
        if (old === 2) return;
        shelves.createObjectStore('things', { keyPath: 'id' });
        shelves.createObjectStore('documents', { keyPath: 'key' }).createIndex('of', 'of');
        if (old === 1) return fromFirst(shelves, change);
        shelves.createObjectStore('edits', { keyPath: 'id' }).createIndex('of', 'of');
        shelves.createObjectStore('pictures', { keyPath: 'id' });
      },
      // A tab of an older version holds the shelves: this one works without them until that is closed.
      blocked: () => reject(new Error('another tab holds what this device keeps')),
      // Another tab wants a newer version of them: it must not wait for this one.
      blocking: () => {
        void opening?.then(each => each.close());
        forget();
      },
      terminated: forget,
    }).then(resolve, reject);
  });
