/** What is asked of single things, and of bookings. */
import { infiniteQueryOptions, queryOptions } from '@tanstack/react-query';
import { call } from '../../api/client.js';

/** Who changed a thing of the shelf when, a page at a time; asked anew with each of its revisions. */
export const itemHistoryQuery = (id: string, revision: number) =>
  infiniteQueryOptions({
    queryKey: ['item history', id, revision],
    queryFn: ({ pageParam }) => call('GET /items/:id/history', { id, before: pageParam }),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: page => page.next,
    staleTime: 0,
  });

/** When a thing is booked or planned; asked anew with each look. */
export const itemBookingsQuery = (id: string) =>
  queryOptions({
    queryKey: ['bookings', 'item', id],
    queryFn: () => call('GET /items/:id/bookings', { id }),
    staleTime: 0,
  });

/** Bookings that touch a time. */
export const bookingsQuery = (from: string, to: string) =>
  queryOptions({
    queryKey: ['bookings', from, to],
    queryFn: () => call('GET /bookings', { from, to }),
    staleTime: 0,
  });
