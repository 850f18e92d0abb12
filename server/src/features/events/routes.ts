import { writeBundleFile, readBundleFile } from '@idle-satchel/core/documents';
import { text as readText } from 'express';
import { readCursor } from '../../database/document-rows.js';
import { invalid } from '../../problem.js';
import { FileAnswer, heavyRoute, route, Written, type Route } from '../../route.js';
import { madeOnce } from '../making-once.js';
import { readBundle } from './assessed.js';
import { linesOf } from './lines.js';
import { copyEvent, createEvent, importEvent, makeVariant } from './making.js';
import { writtenBundle } from './service.js';
import { nextPurchaseOf, variantsOf } from './variants.js';

const PAGE = 30;
/** Files are read as text, so that a broken one can be told line and place. */
export const readImport = readText({ type: () => true, limit: '4mb' });

export const eventRoutes: readonly Route[] = [
  route('GET /events', async ({ scope, text, context }) => {
    const cursor = text('cursor');
    const after = cursor === undefined ? undefined : readCursor(cursor);
    if (cursor !== undefined && !after)
      throw invalid([{ path: '?cursor', reason: 'is not a cursor of this list' }]);
    const page = await scope.pageOfKind('plan', after, PAGE, await scope.servedEvents());
    return { events: await linesOf(context, scope, page.rows), next: page.next };
  }),
  route('GET /events/lines', async ({ scope, text, context }) => {
    const ids = (text('ids') ?? '').split(',').filter(id => id !== '');
    if (ids.length > PAGE) throw invalid([{ path: '?ids', reason: `are more than ${PAGE}` }]);
    const served = await scope.servedEvents();
    return { events: await linesOf(context, scope, served ? ids.filter(id => served.has(id)) : ids) };
  }),
  route('POST /events', ({ scope, body, chosenId }) =>
    madeOnce(scope, chosenId(), body, (inside, id) => createEvent(inside, id, body)),
  ),
  heavyRoute('POST /events/import', async ({ scope, body, chosenId }) => {
    const file = typeof body === 'string' ? body : '';
    const read = readBundleFile(file);
    if (!('bundle' in read)) throw invalid(read.faults);
    return madeOnce(scope, chosenId(), file, (inside, id) => importEvent(inside, id, read.bundle));
  }),
  heavyRoute('POST /events/:id/copy', ({ scope, id, chosenId }) =>
    madeOnce(scope, chosenId(), `copy of ${id()}`, (inside, copy) => copyEvent(inside, copy, id())),
  ),
  heavyRoute('POST /events/:id/variant', ({ scope, id, body, chosenId }) =>
    madeOnce(scope, chosenId(), { of: id(), ...body }, (inside, copy) =>
      makeVariant(inside, copy, id(), body.label),
    ),
  ),
  heavyRoute('GET /events/:id/variants', ({ scope, id }) => variantsOf(scope, id())),
  heavyRoute('GET /events/next-purchase', ({ scope }) => nextPurchaseOf(scope)),
  route('GET /events/:id/bundle', async ({ scope, id }) => new Written(await writtenBundle(scope, id()))),
  heavyRoute('GET /events/:id/file', async ({ scope, id, text }) => {
    const bundle = await readBundle(scope, id());
    const name = bundle.plan.label.replace(/[^\p{L}\p{N}]+/gu, '-').slice(0, 60);
    const file = writeBundleFile(bundle, text('names') === 'yes');
    return new FileAnswer(file, 'application/json', `${name}.satchel.json`);
  }),
];
