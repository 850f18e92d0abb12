/** Files of any kind kept beside the documents, such as the set-up of a switcher; handed out to be saved, never shown. */
import { LARGEST_FILE } from '@idle-satchel/core/documents';
import { raw as readRaw } from 'express';
import { notFound, Problem } from '../../problem.js';
import { route, type Route } from '../../route.js';

/** Read as bytes, whatever it says that it is. */
export const readFile = readRaw({ type: () => true, limit: LARGEST_FILE });

export const fileRoutes: readonly Route[] = [
  route('PUT /files/:id', async ({ scope, id, body }) => {
    const sent: unknown = body;
    if (!Buffer.isBuffer(sent) || sent.length === 0) throw new Problem(415, 'The file is empty');
    const kept = await scope.keepFile({ id: id(), bytes: sent, at: new Date() });
    if (!kept) throw new Problem(409, 'Another file has this id; choose a new one');
    return { bytes: sent.length };
  }),
  route('GET /files/:id', async ({ scope, id, response }) => {
    const file = await scope.file(id());
    if (!file) throw notFound('file');
    response
      .type('application/octet-stream')
      .set('content-disposition', 'attachment')
      .set('cache-control', 'private, max-age=31536000, immutable')
      .send(file.bytes);
  }),
];
