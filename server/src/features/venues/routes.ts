import { newId } from '@idle-satchel/core';
import { Venue } from '@idle-satchel/core/documents';
import { route, type Route } from '../../route.js';
import { venueBundleOf } from '../events/service.js';
import { createDocument } from '../documents/service.js';

export const venueRoutes: readonly Route[] = [
  route({
    method: 'get',
    path: '/venues',
    summary: 'The organisation’s venues',
    handle: async ({ scope }) => ({
      venues: (await scope.allOfKind('venue')).map(({ id, revision, body }) => {
        const venue = body as Venue;
        const count = (map: object | undefined): number => Object.keys(map ?? {}).length;
        return {
          ...{ id, revision, name: venue.name, address: venue.address ?? null },
          ...{ volts: venue.volts, hertz: venue.hertz },
          ...{ marks: count(venue.marks), sockets: count(venue.sockets), uploads: count(venue.uploads) },
          guesses: count(venue.guesses),
          archived: venue.archived ?? false,
        };
      }),
    }),
  }),
  route({
    method: 'get',
    path: '/venues/:id/bundle',
    summary: 'A venue with what its survey is drawn and checked with',
    handle: ({ scope, id }) => venueBundleOf(scope, id()),
  }),
  route<Venue>({
    method: 'post',
    path: '/venues',
    summary: 'Keeps a newly surveyed venue',
    body: Venue,
    status: 201,
    handle: ({ scope, body }) =>
      scope.atomically(async inside => {
        const { id, revision } = await createDocument(inside, newId(), 'venue', body);
        return { id, revision };
      }),
  }),
];
