import { type Venue } from '@idle-satchel/core/documents';
import { route, Written, type Route } from '../../route.js';
import { venueBundle } from '../events/service.js';
import { createDocument } from '../documents/service.js';
import { madeOnce } from '../making-once.js';

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
  route('GET /venues/:id/bundle', async ({ scope, id }) => new Written(await venueBundle(scope, id()))),
  route('POST /venues', ({ scope, body, chosenId }) =>
    madeOnce(scope, chosenId(), body, async (inside, id) => {
      const { revision } = await createDocument(inside, id, 'venue', body);
      return { id, revision };
    }),
  ),
];
