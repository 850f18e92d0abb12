/** What is kept of somebody, as it is asked for. */
import { queryOptions } from '@tanstack/react-query';
import { call } from '../../api/client.js';

export const personDataQuery = (id: string) =>
  queryOptions({
    queryKey: ['person data', id],
    queryFn: () => call('GET /people/:id/data', { id }),
    staleTime: 0,
  });
export const mentionsQuery = (id: string) =>
  queryOptions({
    queryKey: ['mentions', id],
    queryFn: () => call('GET /people/:id/mentions', { id }),
    staleTime: 0,
  });
export const ownDataQuery = queryOptions({
  queryKey: ['own data'],
  queryFn: () => call('GET /account/data', {}),
  staleTime: 0,
});
