/** What the doors ask the server for and keep: each with the one key that it is known by. */
import { infiniteQueryOptions, queryOptions } from '@tanstack/react-query';
import { call } from './client.js';

/** Who this browser is signed in as. */
export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: () => call('GET /session', {}),
  staleTime: Infinity,
});

export const organisationQuery = queryOptions({
  queryKey: ['organisation'],
  queryFn: () => call('GET /organisation', {}),
});

export const eventsQuery = infiniteQueryOptions({
  queryKey: ['events'],
  queryFn: ({ pageParam }) => call('GET /events', { cursor: pageParam }),
  initialPageParam: undefined as string | undefined,
  getNextPageParam: page => page.next,
});

export const venuesQuery = queryOptions({
  queryKey: ['venues'],
  queryFn: () => call('GET /venues', {}),
});

export const itemsQuery = queryOptions({
  queryKey: ['items'],
  queryFn: () => call('GET /items', {}),
});

export const peopleQuery = queryOptions({
  queryKey: ['people'],
  queryFn: () => call('GET /people', {}),
});

/** One document at its newest revision; asked anew each time. */
export const documentQuery = (id: string) =>
  queryOptions({
    queryKey: ['document', id],
    queryFn: () => call('GET /documents/:id', { id }),
    staleTime: 0,
  });

/** Who changed a document when, a page at a time; asked anew each time. */
export const historyQuery = (id: string) =>
  infiniteQueryOptions({
    queryKey: ['history', id],
    queryFn: ({ pageParam }) => call('GET /documents/:id/history', { id, before: pageParam }),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: page => page.next,
    staleTime: 0,
  });

/** Events from one day to another as a roster is made of them. */
export const rosterQuery = (from: string, to: string) =>
  queryOptions({
    queryKey: ['roster', from, to],
    queryFn: () => call('GET /roster', { from, to }),
    placeholderData: before => before,
  });
