import { Int, Text } from '@idle-satchel/core/decorators';
import { notFound } from '../../problem.js';
import { route, type Route } from '../../route.js';
import { applyEdit } from '../edits/service.js';
import { bodyAt, changesAfter, historyOf } from './service.js';

export class RestoreRequest {
  /** Id of the edit that will restore it, made by the client. */
  @Text(64, 8) id!: string;
  @Text(80, 1) author!: string;
  @Int(1, 1e9) revision!: number;
}

export const documentRoutes: readonly Route[] = [
  route({
    method: 'get',
    path: '/documents/:id',
    summary: 'A document at its newest revision',
    handle: async ({ scope, id }) => {
      const row = await scope.document(id());
      if (!row) throw notFound('document');
      return { document: row.id, kind: row.kind, revision: row.revision, body: row.body };
    },
  }),
  route({
    method: 'get',
    path: '/documents/:id/changes',
    summary: 'Patches after a revision (?since=), or the whole body when they are too many',
    handle: ({ scope, id, whole }) => changesAfter(scope, id(), whole('since', 0)),
  }),
  route({
    method: 'get',
    path: '/documents/:id/history',
    summary: 'Who changed it when, newest first (?before= is the cursor)',
    handle: ({ scope, id, whole }) => historyOf(scope, id(), whole('before', 2 ** 30)),
  }),
  route<RestoreRequest>({
    method: 'post',
    path: '/documents/:id/restore',
    summary: 'Makes the document what it was at a revision, as a new edit',
    body: RestoreRequest,
    handle: async ({ scope, id, body }) => {
      const row = await scope.document(id());
      if (!row) throw notFound('document');
      const value = await bodyAt(scope, row, body.revision);
      return applyEdit(scope, {
        id: body.id,
        author: body.author,
        label: `Restore revision ${body.revision}`,
        changes: [{ document: row.id, base: row.revision, patch: [{ op: 'replace', path: '', value }] }],
      });
    },
  }),
];
