/** What the pages of accounts ask the server for. */
import { infiniteQueryOptions, queryOptions } from '@tanstack/react-query';
import { call } from '../../api/client.js';

export const membersQuery = queryOptions({
  queryKey: ['members'],
  queryFn: () => call('GET /members', {}),
});
export const invitationsQuery = queryOptions({
  queryKey: ['invitations'],
  queryFn: () => call('GET /invitations', {}),
});
export const guestLinksQuery = queryOptions({
  queryKey: ['guest links'],
  queryFn: () => call('GET /guest-links', {}),
});
export const sessionsQuery = queryOptions({
  queryKey: ['sessions'],
  queryFn: () => call('GET /sessions', {}),
  staleTime: 0,
});
export const factorsQuery = queryOptions({
  queryKey: ['factors'],
  queryFn: () => call('GET /account/factors', {}),
  staleTime: 0,
});
export const pinNamesQuery = queryOptions({
  queryKey: ['pin names'],
  queryFn: () => call('GET /session/people', {}),
});
export const auditQuery = infiniteQueryOptions({
  queryKey: ['audit'],
  queryFn: ({ pageParam }) => call('GET /audit', { before: pageParam }),
  initialPageParam: undefined as string | undefined,
  getNextPageParam: page => page.next,
  staleTime: 0,
});
