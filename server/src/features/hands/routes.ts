import { notFound } from '../../problem.js';
import { route, type Route } from '../../route.js';

export const handsRoutes: readonly Route[] = [
  route('GET /people', async ({ scope }) => ({
    people: (await scope.people()).map(row => ({ id: row.id, ...row.body })),
  })),
  route('PATCH /people/:id', ({ scope, id, body }) =>
    scope.atomically(async inside => {
      const row = (await inside.people()).find(each => each.id === id());
      if (!row) throw notFound('person');
      const person = { ...row.body, ...body };
      await inside.savePerson(row.id, person);
      await inside.notify({ hands: true });
      return { id: row.id, ...person };
    }),
  ),
];
