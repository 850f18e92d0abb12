import { newId } from '@idle-satchel/core';
import { type Venue } from '@idle-satchel/core/documents';
import { route, type Route } from '../../route.js';
import { venueBundle } from '../events/service.js';
import { createDocument } from '../documents/service.js';

export const venueRoutes: readonly Route[] = [
  route('GET /venues', async ({ scope }) => ({
    venues: (await scope.allOfKind('venue')).map(({ id, revision, body }) => {
      const venue = body as Venue;
      const count = (map: object | undefined): number => Object.keys(map ?? {}).length;
      return {
        id,
        revision,
        name: venue.name,
        address: venue.address ?? null,
        volts: venue.volts,
        hertz: venue.hertz,
        zone: venue.zone ?? null,
        marks: count(venue.marks),
        sockets: count(venue.sockets),
        uploads: count(venue.uploads),
        guesses: count(venue.guesses),
        archived: venue.archived ?? false,
      };
    }),
  })),
  route('GET /venues/:id/bundle', ({ scope, id }) => venueBundle(scope, id())),
  route('POST /venues', ({ scope, body }) =>
    scope.atomically(async inside => {
      const { id, revision } = await createDocument(inside, newId(), 'venue', body);
      return { id, revision };
    }),
  ),
];
