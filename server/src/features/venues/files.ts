/** A venue as files: drawing, picture to scale, and the one-page sheet. */
import { dxfOf, svgOf, toDrawing, type Reading } from '@idle-satchel/core';
import type { Rules, Venue } from '@idle-satchel/core/documents';
import type { Asked } from '../../asked.js';
import { notFound } from '../../problem.js';
import { FileAnswer, heavyRoute, type Route } from '../../route.js';
import { bytesOf } from '../sheets/paper.js';
import { venueSheet } from './sheet.js';

/** Scale of a picture of the plan. */
const SCALE = 100;

async function venueOf({ scope, id }: Asked<unknown>): Promise<{ venue: Venue; reading: Reading }> {
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
  heavyRoute('GET /venues/:id/plan.dxf', async asked => {
    const { venue } = await venueOf(asked);
    return new FileAnswer(dxfOf(toDrawing(venue)), 'image/vnd.dxf', fileName(venue, 'dxf'));
  }),
  heavyRoute('GET /venues/:id/plan.svg', async asked => {
    const { venue, reading } = await venueOf(asked);
    return new FileAnswer(svgOf(venue, SCALE, reading), 'image/svg+xml', fileName(venue, 'svg'));
  }),
  heavyRoute('GET /venues/:id/sheet.pdf', async asked => {
    const { venue, reading } = await venueOf(asked);
    const pdf = venueSheet(venue, reading, reading.system === 'imperial' ? 'LETTER' : 'A4');
    return new FileAnswer(await bytesOf(pdf), 'application/pdf', fileName(venue, 'pdf'));
  }),
];
