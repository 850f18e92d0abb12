import { Flag, Many, Num, Optional, Text } from '@idle-satchel/core/decorators';
import { Skill } from '@idle-satchel/core/documents';
import { notFound } from '../../problem.js';
import { route, type Route } from '../../route.js';

/** What can be changed of a person; absent fields stay. */
export class PersonChange {
  @Optional() @Text(80, 1) name?: string;
  @Optional() @Many(() => Skill, 20) skills?: Skill[];
  @Optional() @Flag() young?: boolean;
  @Optional() @Num(0, 23) lift?: number;
}

export const handsRoutes: readonly Route[] = [
  route({
    method: 'get',
    path: '/people',
    summary: 'The organisation’s people and their skills',
    handle: async ({ scope }) => ({
      people: (await scope.people()).map(row => ({ id: row.id, ...row.body })),
    }),
  }),
  route<PersonChange>({
    method: 'patch',
    path: '/people/:id',
    summary: 'Renames a person or changes their skills',
    body: PersonChange,
    handle: ({ scope, id, body }) =>
      scope.atomically(async inside => {
        const row = (await inside.people()).find(each => each.id === id());
        if (!row) throw notFound('person');
        const person = { ...row.body, ...body };
        await inside.savePerson(row.id, person);
        await inside.notify({ hands: true });
        return { id: row.id, ...person };
      }),
  }),
];
