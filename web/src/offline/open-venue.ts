/** Fetching a venue: opened like an event, with a plan that is never kept. */
import { surveyPlan } from '@idle-satchel/core';
import { keepFollowing, keptOrFetched, keptVenues } from './keep.js';
import { picturesWait, sendKeptPictures } from './pictures.js';
import { EventStore } from '../store/event-store.js';

/** A venue, kept on this device from then on; without a network it comes from there. */
export async function openVenue(id: string): Promise<EventStore> {
  const [{ bundle, waiting, stale }, pictures] = await Promise.all([keptOrFetched(id), picturesWait()]);
  const { documents, ...views } = bundle;
  const { revision } = documents.venue;
  const now = `${new Date().toISOString().slice(0, 16)}:00Z`;
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const plan = { id: '', revision: 0, body: surveyPlan({ id, revision }, now, zone) };
  const opened = { documents: { ...documents, plan }, ...views, venueNow: revision };
  const store = new EventStore(id, opened, 'venue', {
    waiting,
    stale,
    ...(pictures ? { beforeSending: sendKeptPictures } : {}),
  });
  const fault = 'This browser keeps nothing once it is closed: stay here until everything is sent.';
  keepFollowing(store, bundle, () => store.say(fault));
  return store;
}

/** Sends what still waits on this device, venue by venue; resolves when each has been sent or cannot be just now. */
export async function sendWaiting(): Promise<void> {
  for (const { id, waiting } of await keptVenues()) {
    if (waiting === 0) continue;
    const store = await openVenue(id);
    await store.sent();
    store.close();
  }
}
