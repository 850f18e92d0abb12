/** What this device keeps of the venues that were opened on it, in its own database. */
import type { VenueBundle } from '@idle-satchel/core/api';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { LocalEdit } from '../store/outbox.js';

export interface KeptEdit {
  readonly id: string;
  readonly venue: string;
  /** Edits are sent in this order. */
  readonly turn: number;
  readonly edit: LocalEdit;
}

export interface KeptPicture {
  readonly id: string;
  readonly type: string;
  readonly bytes: ArrayBuffer;
  /** Why the server would not have it; absent while it is still to be sent. */
  readonly refused?: string;
}

export interface KeptVenue {
  readonly id: string;
  readonly name: string;
  readonly bundle: VenueBundle;
}

interface Shelves extends DBSchema {
  venues: { key: string; value: KeptVenue };
  edits: { key: string; value: KeptEdit; indexes: { venue: string } };
  pictures: { key: string; value: KeptPicture };
}

let opening: Promise<IDBPDatabase<Shelves>> | undefined;

/** The device's database; rejects where the browser keeps nothing, as some do in private windows. */
export function database(): Promise<IDBPDatabase<Shelves>> {
  opening ??= openDB<Shelves>('idle-satchel', 1, {
    upgrade(fresh) {
      fresh.createObjectStore('venues', { keyPath: 'id' });
      fresh.createObjectStore('edits', { keyPath: 'id' }).createIndex('venue', 'venue');
      fresh.createObjectStore('pictures', { keyPath: 'id' });
    },
  });
  opening.catch(() => (opening = undefined));
  return opening;
}
