/** Fetching what is opened: an event with all its documents, or a venue with a plan that is never kept. */
import { surveyPlan } from '@idle-satchel/core';
import { call, type EventBundle, type VenueBundle } from '../api/client.js';
import { EventStore } from './event-store.js';

export const openEvent = async (id: string): Promise<EventStore> =>
  new EventStore(id, await call<EventBundle>(`/events/${id}/bundle`));

export async function openVenue(id: string): Promise<EventStore> {
  const { documents, ...views } = await call<VenueBundle>(`/venues/${id}/bundle`);
  const { revision } = documents.venue;
  const now = `${new Date().toISOString().slice(0, 16)}:00Z`;
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const plan = { id: '', revision: 0, body: surveyPlan({ id, revision }, now, zone) };
  return new EventStore(id, { documents: { ...documents, plan }, ...views, venueNow: revision }, 'venue');
}
