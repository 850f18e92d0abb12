import type { Json } from '@idle-satchel/core';
import { notFound } from '../../problem.js';
import { heavyRoute, route, Written, type Route } from '../../route.js';
import { applyEdit } from '../edits/service.js';
import { asSeen, refuseUnread, writtenAsSeen } from './reading.js';
import { bodyAt, changesAfter, historyOf } from './service.js';

export const documentRoutes: readonly Route[] = [
  route('GET /documents/:id', async ({ scope, id }) => {
    const row = await scope.written(id());
    if (!row) throw notFound('document');
    await refuseUnread(scope, row.id);
    const { kind, revision } = row;
    const body = writtenAsSeen(scope, kind, row.body);
    return new Written(`{"document":"${row.id}","kind":"${kind}","revision":${revision},"body":${body}}`);
  }),
  route(
    'GET /documents/:id/changes',
    async ({ scope, id, whole }) => new Written(await changesAfter(scope, id(), whole('since', 0))),
  ),
  route('GET /documents/:id/history', ({ scope, id, whole }) =>
    historyOf(scope, id(), whole('before', 2 ** 30)),
  ),
  heavyRoute('POST /documents/:id/restore', async ({ scope, id, body }) => {
    const document = id();
    const now = await scope.revisionOf(document);
    if (!now) throw notFound('document');
    const value = asSeen(scope, now.kind, await bodyAt(scope, document, body.revision)) as Json;
    return applyEdit(
      scope,
      {
        id: body.id,
        author: body.author,
        ...(body.browser !== undefined && { browser: body.browser }),
        label: `Restore revision ${body.revision}`,
        changes: [{ document, base: now.revision, patch: [{ op: 'replace', path: '', value }] }],
      },
      true,
    );
  }),
];
