/** A venue as files: drawing, picture to scale, and the one-page sheet. */
import { dxfOf, svgOf, toDrawing, type Reading } from '@idle-satchel/core';
import type { Rules, Venue } from '@idle-satchel/core/documents';
import { notFound } from '../../problem.js';
import { route, type Call, type Route } from '../../route.js';
import { venueSheet } from './sheet.js';

/** Scale of a picture of the plan. */
const SCALE = 100;

async function venueOf({ scope, id }: Call<unknown>): Promise<{ venue: Venue; reading: Reading }> {
  const row = await scope.document(id(), 'venue');
  if (!row) throw notFound('venue');
  const [rules] = await scope.allOfKind('rules');
  const system = (rules?.body as Rules | undefined)?.units ?? 'metric';
  return { venue: row.body as Venue, reading: { system, zone: 'UTC' } };
}

const fileName = ({ name }: Venue, ending: string): string =>
  `${name.replace(/[^\p{L}\p{N}]+/gu, '-').slice(0, 60)}.${ending}`;

export const venueFileRoutes: readonly Route[] = [
  route({
    method: 'get',
    path: '/venues/:id/plan.dxf',
    summary: 'The venue as a DXF drawing in metres, a layer for each kind of thing',
    handle: async call => {
      const { venue } = await venueOf(call);
      call.response
        .attachment(fileName(venue, 'dxf'))
        .type('image/vnd.dxf')
        .send(dxfOf(toDrawing(venue)));
      return undefined;
    },
  }),
  route({
    method: 'get',
    path: '/venues/:id/plan.svg',
    summary: 'The venue’s plan at 1 : 100 as SVG',
    handle: async call => {
      const { venue, reading } = await venueOf(call);
      call.response
        .attachment(fileName(venue, 'svg'))
        .type('image/svg+xml')
        .send(svgOf(venue, SCALE, reading));
      return undefined;
    },
  }),
  route({
    method: 'get',
    path: '/venues/:id/sheet.pdf',
    summary: 'One page about the venue as PDF, on Letter where units are imperial, else A4',
    handle: async call => {
      const { venue, reading } = await venueOf(call);
      call.response.attachment(fileName(venue, 'pdf')).type('application/pdf');
      venueSheet(venue, reading, reading.system === 'imperial' ? 'LETTER' : 'A4').pipe(call.response);
      return undefined;
    },
  }),
];
