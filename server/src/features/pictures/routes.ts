/**
 * Pictures beside a venue: plans to trace, photos of the walk round. Kept without what they tell about where and when
 * they were taken.
 */
import { MOST_PIXELS, pictureHeader, withoutTales } from '@idle-satchel/core';
import { raw as readRaw } from 'express';
import { notFound, Problem } from '../../problem.js';
import { route, type Route } from '../../route.js';

/** Read as bytes; a picture is made small enough before it is sent. */
export const readPicture = readRaw({ type: () => true, limit: '6mb' });

export const pictureRoutes: readonly Route[] = [
  route('PUT /pictures/:id', async ({ scope, id, body }) => {
    const sent: unknown = body;
    const bytes = Buffer.isBuffer(sent) ? new Uint8Array(sent) : new Uint8Array();
    const header = pictureHeader(bytes);
    if (!header) throw new Problem(415, 'This is not a PNG or JPEG picture');
    const { type, width, height } = header;
    if (width * height > MOST_PIXELS) {
      throw new Problem(413, 'The picture has too many pixels', `${width} × ${height}, at most 40 million`);
    }
    const plain = withoutTales(bytes);
    if (!plain) throw new Problem(422, 'The picture is cut off or broken');
    const kept = await scope.keepPicture({ id: id(), type, bytes: Buffer.from(plain), at: new Date() });
    if (!kept) throw new Problem(409, 'Another picture has this id; choose a new one');
    return { width, height };
  }),
  route('GET /pictures/:id', async ({ scope, id, response }) => {
    const picture = await scope.picture(id());
    if (!picture) throw notFound('picture');
    response
      .type(picture.type)
      .set('cache-control', 'private, max-age=31536000, immutable')
      .send(picture.bytes);
  }),
];
