import { bundleOf } from '@idle-satchel/core';
import { readBundleFile, writeBundleFile } from '@idle-satchel/core/documents';
import { text as readText } from 'express';
import { readCursor } from '../../database/scope.js';
import { invalid } from '../../problem.js';
import { route, type Route } from '../../route.js';
import { copyEvent, createEvent, importEvent } from './making.js';
import { eventBundle } from './service.js';
import { summaryOf } from './summary.js';

const PAGE = 30;
/** Files are read as text, so that a broken one can be told line and place. */
export const readImport = readText({ type: () => true, limit: '4mb' });

export const eventRoutes: readonly Route[] = [
  route('GET /events', async ({ scope, request }) => {
    const { cursor } = request.query;
    const after = typeof cursor === 'string' ? readCursor(cursor) : undefined;
    if (cursor !== undefined && !after)
      throw invalid([{ path: '?cursor', reason: 'is not a cursor of this list' }]);
    const page = await scope.pageOfKind('plan', after, PAGE);
    const events = [];
    for (const row of page.rows) events.push(await summaryOf(scope, row));
    return { events, next: page.next };
  }),
  route('POST /events', ({ scope, body }) => createEvent(scope, body)),
  route('POST /events/import', async ({ scope, request }) => {
    const read = readBundleFile(typeof request.body === 'string' ? request.body : '');
    if (!('bundle' in read)) throw invalid(read.faults);
    return importEvent(scope, read.bundle);
  }),
  route('POST /events/:id/copy', ({ scope, id }) => copyEvent(scope, id())),
  route('GET /events/:id/bundle', ({ scope, id }) => eventBundle(scope, id())),
  route('GET /events/:id/file', async ({ scope, id, request, response }) => {
    const bundle = bundleOf(await eventBundle(scope, id()));
    response
      .attachment(`${bundle.plan.label.replace(/[^\p{L}\p{N}]+/gu, '-').slice(0, 60)}.satchel.json`)
      .type('application/json')
      .send(writeBundleFile(bundle, request.query.names === 'yes'));
  }),
];
