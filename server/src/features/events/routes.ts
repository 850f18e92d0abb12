import { Instant, Optional, Ref, Text } from '@idle-satchel/core/decorators';
import { readBundleFile, writeBundleFile } from '@idle-satchel/core/documents';
import { text as readText } from 'express';
import { readCursor } from '../../database/scope.js';
import { invalid } from '../../problem.js';
import { route, type Route } from '../../route.js';
import { copyEvent, createEvent, importEvent } from './making.js';
import { bundleOf, coreBundle } from './service.js';
import { summaryOf } from './summary.js';

export class NewEventRequest {
  @Text(80, 1) label!: string;
  @Instant() start!: string;
  @Text(60, 1) zone!: string;
  /** Absent where it begins from a kit, in the plain room of that. */
  @Optional() @Ref() venue?: string;
  /** A starter kit. */
  @Optional() @Ref() kit?: string;
}

const PAGE = 30;
/** Files are read as text, so that a broken one can be told line and place. */
export const readImport = readText({ type: () => true, limit: '4mb' });

export const eventRoutes: readonly Route[] = [
  route({
    method: 'get',
    path: '/events',
    summary: 'Events by start with their open snags, a page at a time (?cursor=)',
    handle: async ({ scope, request }) => {
      const { cursor } = request.query;
      const after = typeof cursor === 'string' ? readCursor(cursor) : undefined;
      if (cursor !== undefined && !after)
        throw invalid([{ path: '?cursor', reason: 'is not a cursor of this list' }]);
      const page = await scope.pageOfKind('plan', after, PAGE);
      const events = [];
      for (const row of page.rows) events.push(await summaryOf(scope, row));
      return { events, next: page.next };
    },
  }),
  route<NewEventRequest>({
    method: 'post',
    path: '/events',
    summary: 'Makes a new event at a venue, or from a starter kit in its plain room',
    body: NewEventRequest,
    status: 201,
    handle: ({ scope, body }) => createEvent(scope, body),
  }),
  route({
    method: 'post',
    path: '/events/import',
    summary: 'Takes over a .satchel.json file as a new event',
    status: 201,
    handle: async ({ scope, request }) => {
      const read = readBundleFile(typeof request.body === 'string' ? request.body : '');
      if (!('bundle' in read)) throw invalid(read.faults);
      return importEvent(scope, read.bundle);
    },
  }),
  route({
    method: 'post',
    path: '/events/:id/copy',
    summary: 'Copies an event, a week later, without what was signed or ticked',
    status: 201,
    handle: ({ scope, id }) => copyEvent(scope, id()),
  }),
  route({
    method: 'get',
    path: '/events/:id/bundle',
    summary: 'Everything an assessment of the event needs',
    handle: ({ scope, id }) => bundleOf(scope, id()),
  }),
  route({
    method: 'get',
    path: '/events/:id/file',
    summary: 'The event as a .satchel.json file; people’s names only with ?names=yes',
    handle: async ({ scope, id, request, response }) => {
      const bundle = coreBundle(await bundleOf(scope, id()));
      response
        .attachment(`${bundle.plan.label.replace(/[^\p{L}\p{N}]+/gu, '-').slice(0, 60)}.satchel.json`)
        .type('application/json')
        .send(writeBundleFile(bundle, request.query.names === 'yes'));
      return undefined;
    },
  }),
];
