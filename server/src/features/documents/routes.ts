import type { Json } from '@idle-satchel/core';
import type { DocumentNow } from '@idle-satchel/core/api';
import { notFound } from '../../problem.js';
import { route, type Route } from '../../route.js';
import { applyEdit } from '../edits/service.js';
import { bodyAt, changesAfter, historyOf } from './service.js';

export const documentRoutes: readonly Route[] = [
  route('GET /documents/:id', async ({ scope, id }) => {
    const row = await scope.document(id());
    if (!row) throw notFound('document');
    return {
      document: row.id,
      kind: row.kind,
      revision: row.revision,
      body: row.body as DocumentNow['body'],
    };
  }),
  route('GET /documents/:id/changes', ({ scope, id, whole }) => changesAfter(scope, id(), whole('since', 0))),
  route('GET /documents/:id/history', ({ scope, id, whole }) =>
    historyOf(scope, id(), whole('before', 2 ** 30)),
  ),
  route('POST /documents/:id/restore', async ({ scope, id, body }) => {
    const row = await scope.document(id());
    if (!row) throw notFound('document');
    const value = (await bodyAt(scope, row, body.revision)) as Json;
    return applyEdit(scope, {
      id: body.id,
      author: body.author,
      label: `Restore revision ${body.revision}`,
      changes: [{ document: row.id, base: row.revision, patch: [{ op: 'replace', path: '', value }] }],
    });
  }),
];
