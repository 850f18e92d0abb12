import { notFound } from '../../problem.js';
import { route, type Route } from '../../route.js';
import { changedFields } from '../changed-fields.js';

export const handsRoutes: readonly Route[] = [
  route('GET /people', async ({ scope }) => ({
    people: (await scope.people()).map(({ id, revision, body }) => ({ id, revision, ...body })),
  })),
  route('PATCH /people/:id', ({ scope, id, body: change }) =>
    scope.atomically(async inside => {
      const row = await inside.lockPerson(id());
      if (!row) throw notFound('person');
      const next = changedFields(row, change);
      if (next.revision > row.revision) {
        await inside.savePerson(row, next);
        await inside.notify({ hands: true });
      }
      return { id: row.id, revision: next.revision, ...next.body };
    }),
  ),
];
