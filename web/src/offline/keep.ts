/** Opening a venue so that nothing is lost: what is known of it and what is still to be sent stay on this device. */
import type { VenueBundle } from '@idle-satchel/core/api';
import { ApiProblem, call } from '../api/client.js';
import type { EventStore } from '../store/event-store.js';
import type { LocalEdit } from '../store/outbox.js';
import { database, type KeptVenue } from './database.js';

export interface Opened {
  readonly bundle: VenueBundle;
  readonly waiting: readonly LocalEdit[];
  /** It comes from this device, so the server may have newer. */
  readonly stale: boolean;
}

/**
 * A venue from the server, or from this device when the server cannot be reached. With edits that still wait it comes
 * from this device in any case, so that they are sent on top of what they were made on and collisions are told.
 */
export async function keptOrFetched(id: string): Promise<Opened> {
  const { venue, waiting } = await kept(id);
  if (venue && waiting.length > 0) return { bundle: venue.bundle, waiting, stale: true };
  try {
    return { bundle: await call('GET /venues/:id/bundle', { id }), waiting, stale: false };
  } catch (error) {
    if (!venue || !(error instanceof ApiProblem) || error.status !== 0) throw error;
    return { bundle: venue.bundle, waiting, stale: true };
  }
}

async function kept(id: string): Promise<{ venue?: KeptVenue; waiting: LocalEdit[] }> {
  try {
    const shelves = await database();
    const venue = await shelves.get('venues', id);
    const edits = await shelves.getAllFromIndex('edits', 'venue', id);
    edits.sort((a, b) => a.turn - b.turn);
    return { ...(venue ? { venue } : {}), waiting: edits.map(({ edit }) => edit) };
  } catch {
    return { waiting: [] };
  }
}

export interface KeptLine {
  readonly id: string;
  readonly name: string;
  /** Entries that the server does not have yet. */
  readonly waiting: number;
}

/** The venues this device can open without a network, by name. */
export async function keptVenues(): Promise<readonly KeptLine[]> {
  try {
    const shelves = await database();
    const [venues, edits] = await Promise.all([shelves.getAll('venues'), shelves.getAll('edits')]);
    return venues
      .map(({ id, name }) => ({ id, name, waiting: edits.filter(({ venue }) => venue === id).length }))
      .sort((a, b) => a.name.localeCompare(b.name));
  } catch {
    return [];
  }
}

/**
 * Keeps what an open venue knows, and its edits until the server has them, at every change. `onFault` hears when this
 * browser keeps nothing. Other pages' edits are left alone.
 */
export function keepFollowing(store: EventStore, bundle: VenueBundle, onFault: () => void): void {
  let known: { venue: unknown; edits: ReadonlyMap<string, LocalEdit> } = {
    venue: undefined,
    edits: new Map(),
  };
  let turn = Date.now();
  const turns = new Map<string, number>();
  const turnOf = (id: string): number => {
    const its = turns.get(id) ?? turn++;
    turns.set(id, its);
    return its;
  };
  let writing = Promise.resolve();
  const follow = (): void => {
    const { documents, waiting } = store.toKeep();
    const edits = new Map(waiting.map(edit => [edit.id, edit]));
    const gone = [...known.edits.keys()].filter(id => !edits.has(id));
    const changed = [...edits].filter(([id, edit]) => known.edits.get(id) !== edit);
    const newer = documents.venue.body !== known.venue;
    if (!newer && gone.length === 0 && changed.length === 0) return;
    known = { venue: documents.venue.body, edits };
    const { plan: _never, ...own } = documents;
    const venue: KeptVenue = {
      id: store.id,
      name: documents.venue.body.name,
      // Names of people stay off the device: a survey needs none.
      bundle: { documents: own, shelf: { items: {} }, hands: { people: {} }, claims: bundle.claims },
    };
    const write = async (): Promise<void> => {
      const change = (await database()).transaction(['venues', 'edits'], 'readwrite');
      const shelf = change.objectStore('edits');
      await Promise.all([
        newer ? change.objectStore('venues').put(venue) : undefined,
        ...changed.map(([id, edit]) => shelf.put({ id, venue: store.id, turn: turnOf(id), edit })),
        ...gone.map(id => shelf.delete(id)),
        change.done,
      ]);
    };
    writing = writing.then(write).catch(onFault);
  };
  store.live.subscribe(follow);
  follow();
}
