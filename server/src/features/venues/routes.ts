import type { Venue } from '@idle-satchel/core/documents';
import { route, type Route } from '../../route.js';

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
        };
      }),
    }),
  }),
];
