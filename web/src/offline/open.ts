/** Opening an event or a venue so that nothing is lost: from the server, or from this device while that is away. */
import { surveyPlan } from '@idle-satchel/core';
import type { EventBundle } from '@idle-satchel/core/api';
import { ApiProblem, call } from '../api/client.js';
import { loadedAgain } from '../api/load.js';
import { EventStore } from '../store/event-store.js';
import type { LocalEdit } from '../store/outbox.js';
import { keptHere, keptLines, takeOver, type KeptHere } from './keep.js';
import { picturesWait, sendKeptPictures } from './pictures.js';

interface Found {
  readonly bundle: EventBundle;
  /** It comes from this device, so the server may have newer. */
  readonly stale: boolean;
}

/** The server did not answer, or could not just now. */
const isAway = (error: unknown): boolean =>
  error instanceof ApiProblem && (error.status === 0 || error.status >= 502);

/**
 * With edits that still wait it comes from this device in any case, so that they are sent on top of what they were made
 * on and collisions are told.
 */
async function found(
  id: string,
  waiting: readonly LocalEdit[],
  fetching: Promise<EventBundle>,
  bundleOf: (kept: KeptHere) => EventBundle | undefined,
): Promise<Found> {
  const here = async (): Promise<EventBundle | undefined> => {
    const kept = await keptHere(id);
    return kept && bundleOf(kept);
  };
  const own = waiting.length > 0 ? await here() : undefined;
  if (own) return { bundle: own, stale: true };
  try {
    return { bundle: await fetching, stale: false };
  } catch (error) {
    const instead = isAway(error) ? await here() : undefined;
    if (!instead) throw error;
    return { bundle: instead, stale: true };
  }
}

/** Sends photos first where some wait on this device. */
const photosFirst = async (): Promise<{ readonly beforeSending?: () => Promise<void> }> =>
  (await picturesWait()) ? { beforeSending: sendKeptPictures } : {};

/** An event, kept on this device from then on. */
export async function openEvent(id: string): Promise<EventStore> {
  const fetching = call('GET /events/:id/bundle', { id });
  fetching.catch(() => undefined);
  const [waiting, photos] = await Promise.all([takeOver(id), photosFirst()]);
  const { bundle, stale } = await found(id, waiting, fetching, ({ thing, documents }) => {
    const { plan, venue, rules, kinds } = documents;
    return plan && venue && rules && kinds && { ...thing, documents: { plan, venue, rules, kinds } };
  });
  const store = new EventStore(id, bundle, 'event', { waiting, stale, ...photos });
  void keptFrom(store, waiting);
  return store;
}

/** A venue at its door: opened like an event, with a plan that is never kept. */
export async function openVenue(id: string): Promise<EventStore> {
  const fetching = call('GET /venues/:id/bundle', { id }).then(({ documents, ...views }): EventBundle => {
    const { revision } = documents.venue;
    return { ...views, documents: { ...documents, plan: planOf(id, revision) }, venueNow: revision };
  });
  fetching.catch(() => undefined);
  const [waiting, photos] = await Promise.all([takeOver(id), photosFirst()]);
  const { bundle, stale } = await found(id, waiting, fetching, ({ thing, documents }) => {
    const { venue, rules, kinds } = documents;
    if (!venue || !rules || !kinds) return undefined;
    return { ...thing, documents: { plan: planOf(id, venue.revision), venue, rules, kinds } };
  });
  const store = new EventStore(id, bundle, 'venue', { waiting, stale, ...photos });
  void keptFrom(store, waiting);
  return store;
}

/** Keeps it from now on, behind its first picture; where that cannot be had it says so, and tries again. */
async function keptFrom(store: EventStore, waiting: readonly LocalEdit[]): Promise<void> {
  try {
    const { keepFollowing } = await loadedAgain(() => import('./keeper.js'));
    keepFollowing(store, waiting);
  } catch {
    store.update({ onDevice: 'failed' });
    const timer = setTimeout(() => void keptFrom(store, waiting), AGAIN_MS);
    store.whenClosed(() => clearTimeout(timer));
  }
}

/** Between two tries to keep, ms. */
const AGAIN_MS = 5_000;

function planOf(venue: string, revision: number): EventBundle['documents']['plan'] {
  const now = `${new Date().toISOString().slice(0, 16)}:00Z`;
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  return { id: '', revision: 0, body: surveyPlan({ id: venue, revision }, now, zone) };
}

/** Sends what still waits on this device, one thing after the other; resolves when each has been tried. */
export async function sendWaiting(): Promise<void> {
  for (const { id, of, waiting } of await keptLines()) {
    if (waiting === 0) continue;
    try {
      const store = await (of === 'event' ? openEvent(id) : openVenue(id));
      await store.sent();
      store.close();
    } catch {
      // What cannot be opened now is tried again with the next list.
    }
  }
}
