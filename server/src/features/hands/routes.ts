import { route, type Route } from '../../route.js';
import { madeOnce } from '../making-once.js';
import { changePerson, lineOf, putPeople } from './service.js';

export const handsRoutes: readonly Route[] = [
  route('GET /people', async ({ scope }) => ({
    people: (await scope.people()).map(row => lineOf(scope, row)),
  })),
  route('POST /people', ({ scope, body, chosenId }) =>
    madeOnce(scope, chosenId(), body, async inside => ({ people: await putPeople(inside, body.people) })),
  ),
  route('PATCH /people', ({ scope, body: { people } }) =>
    scope.atomically(async inside => {
      const changed = [];
      // In one order, so that two of them never wait for each other.
      for (const [i, { id, ...fields }] of [...people.entries()].sort(([, a], [, b]) =>
        a.id < b.id ? -1 : 1,
      ))
        changed.push({ i, row: await changePerson(inside, id, fields, `/people/${i}`) });
      return {
        people: changed.sort((a, b) => a.i - b.i).map(({ row: { id, revision } }) => ({ id, revision })),
      };
    }),
  ),
  route('PATCH /people/:id', ({ scope, id, body }) =>
    scope.atomically(async inside => lineOf(inside, await changePerson(inside, id(), body))),
  ),
];
