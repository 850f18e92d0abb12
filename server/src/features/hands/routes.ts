import { seenBy, type Role } from '@idle-satchel/core/access';
import type { PersonRow } from '../../database/models.js';
import { notFound, Problem } from '../../problem.js';
import { route, type Route } from '../../route.js';
import { changedFields } from '../changed-fields.js';

/** A person as a role sees them. */
const lineOf = (role: Role, { id, revision, body }: Pick<PersonRow, 'id' | 'revision' | 'body'>) => ({
  id,
  revision,
  ...seenBy(role, 'person', body),
});

export const handsRoutes: readonly Route[] = [
  route('GET /people', async ({ scope }) => ({
    people: (await scope.people()).map(row => lineOf(scope.viewer.role, row)),
  })),
  route('PATCH /people/:id', ({ scope, id, body: { cleared = [], ...fields } }) =>
    scope.atomically(async inside => {
      const row = await inside.lockPerson(id());
      if (!row) throw notFound('person');
      if (row.body.erased) throw new Problem(409, 'Nothing is known of them any more');
      const gone = Object.fromEntries(cleared.map(field => [field, undefined]));
      const next = changedFields(row, { ...fields, ...gone });
      if (next.revision > row.revision) {
        await inside.savePerson(row, next);
        await inside.notify({ hands: true });
      }
      return lineOf(scope.viewer.role, { id: row.id, ...next });
    }),
  ),
];
