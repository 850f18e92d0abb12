/** What a device kept by the first version, which knew venues only, each with all that belongs to it in one piece. */
import type { DocumentKind, EventBundle } from '@idle-satchel/core/api';
import type { IDBPDatabase, IDBPTransaction, StoreNames } from 'idb';
import { keyOf, type KeptDocument, type KeptEdit, type Shelves } from './shelves.js';

interface FirstVenue {
  readonly id: string;
  readonly name: string;
  readonly bundle: Omit<EventBundle, 'venueNow'>;
}

type Upgrade = IDBPTransaction<Shelves, StoreNames<Shelves>[], 'versionchange'>;

/** Brings it over, edits that wait to be sent too; takes place within the upgrade, which waits for it. */
export function fromFirst(shelves: IDBPDatabase<Shelves>, change: Upgrade): void {
  change.objectStore('edits').createIndex('of', 'of');
  void bringOver(change).then(() => {
    (shelves as unknown as { deleteObjectStore(name: 'venues'): void }).deleteObjectStore('venues');
  });
}

async function bringOver(change: Upgrade): Promise<void> {
  const edits = change.objectStore('edits');
  for (const kept of await edits.getAll()) {
    const { venue } = kept as unknown as { readonly venue: string };
    await edits.put({ ...kept, of: venue, tab: '' } satisfies KeptEdit);
  }
  const first = change as unknown as { objectStore(name: 'venues'): { getAll(): Promise<FirstVenue[]> } };
  for (const { id, name, bundle } of await first.objectStore('venues').getAll()) {
    const { documents, ...views } = bundle;
    const venueNow = documents.venue.revision;
    await change.objectStore('things').put({ ...views, venueNow, id, name, of: 'venue', seen: Date.now() });
    for (const which of Object.keys(documents) as DocumentKind[]) {
      const kept: KeptDocument = { ...documents[which], key: keyOf(id, which), of: id, name: which };
      await change.objectStore('documents').put(kept);
    }
  }
}
