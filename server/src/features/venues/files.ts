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
  const { units = 'metric', dates } = (rules?.body ?? {}) as Partial<Rules>;
  const venue = row.body as Venue;
  return { venue, reading: { system: units, zone: venue.zone ?? 'UTC', dates } };
}

const fileName = ({ name }: Venue, ending: string): string =>
  `${name.replace(/[^\p{L}\p{N}]+/gu, '-').slice(0, 60)}.${ending}`;

export const venueFileRoutes: readonly Route[] = [
  route('GET /venues/:id/plan.dxf', async call => {
    const { venue } = await venueOf(call);
    call.response
      .attachment(fileName(venue, 'dxf'))
      .type('image/vnd.dxf')
      .send(dxfOf(toDrawing(venue)));
  }),
  route('GET /venues/:id/plan.svg', async call => {
    const { venue, reading } = await venueOf(call);
    call.response
      .attachment(fileName(venue, 'svg'))
      .type('image/svg+xml')
      .send(svgOf(venue, SCALE, reading));
  }),
  route('GET /venues/:id/sheet.pdf', async call => {
    const { venue, reading } = await venueOf(call);
    call.response.attachment(fileName(venue, 'pdf')).type('application/pdf');
    venueSheet(venue, reading, reading.system === 'imperial' ? 'LETTER' : 'A4').pipe(call.response);
  }),
];
