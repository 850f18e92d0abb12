import { peopleSheet } from '@idle-satchel/core/people-lists';
import { SHEET_ENDINGS } from '@idle-satchel/core';
import type { Rules } from '@idle-satchel/core/documents';
import type { Scope } from '../../database/scope.js';
import { FileAnswer, heavyRoute, route, type Route } from '../../route.js';
import { only } from '../events/service.js';
import { paperOf } from '../sheets/paper.js';
import { sheetFile } from '../sheets/sheet-files.js';
import { madeOnce } from '../making-once.js';
import { changePerson, lineOf, putPeople } from './service.js';
import { vcardsOf } from './vcards.js';

/** Everybody of the house who is known. */
const known = async (scope: Scope) =>
  (await scope.people()).filter(({ body }) => !body.erased).map(({ id, body: person }) => ({ id, person }));

export const handsRoutes: readonly Route[] = [
  ...SHEET_ENDINGS.map(sort =>
    heavyRoute(`GET /people/list.${sort}`, async ({ scope }) => {
      const rules = (await only(scope, 'rules')).body as Rules;
      const today = new Date().toISOString().slice(0, 10);
      const sheet = peopleSheet(
        (await known(scope)).map(({ person }) => person),
        { organisation: rules.organisation, today, dates: rules.dates },
      );
      return sheetFile(sheet, sort, 'people', { paper: paperOf(rules) });
    }),
  ),
  route(
    'GET /people/contacts.vcf',
    async ({ scope }) =>
      new FileAnswer(vcardsOf(await known(scope)), 'text/vcard; charset=utf-8', 'people.vcf'),
  ),
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
