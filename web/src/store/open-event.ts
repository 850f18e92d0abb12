/** Fetching an event with all its documents. */
import { call } from '../api/client.js';
import { EventStore } from './event-store.js';

export const openEvent = async (id: string): Promise<EventStore> =>
  new EventStore(id, await call('GET /events/:id/bundle', { id }));
