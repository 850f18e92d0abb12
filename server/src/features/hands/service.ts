/** People of a house: put there, and changed. */
import { newId } from '@idle-satchel/core';
import type { KeptPerson, PersonChange, PersonLine } from '@idle-satchel/core/api';
import type { Person, PersonFields } from '@idle-satchel/core/documents';
import { seenBy } from '@idle-satchel/core/access';
import type { PersonRow } from '../../database/models.js';
import type { Scope } from '../../database/scope.js';
import { notFound, Problem } from '../../problem.js';
import { changedFields, type Revisable } from '../changed-fields.js';

/** A person as whoever asks sees them. */
export const lineOf = (
  scope: Scope,
  { id, revision, body }: Pick<PersonRow, 'id' | 'revision' | 'body'>,
): PersonLine => ({
  id,
  revision,
  ...seenBy(scope.viewer.role, 'person', body),
});

/** 400 where somebody is tied to themselves, or to nobody of the house. */
async function withTies(
  scope: Scope,
  people: readonly { readonly id: string; readonly at: string; readonly ties: Person['ties'] }[],
): Promise<void> {
  const tied = people.flatMap(({ id, at, ties }) =>
    Object.entries(ties ?? {}).map(([tie, { person }]) => ({ id, person, path: `${at}/ties/${tie}/person` })),
  );
  if (tied.length === 0) return;
  const known = new Set((await scope.people()).flatMap(({ id, body }) => (body.erased ? [] : [id])));
  const faults = tied.flatMap(({ id, person, path }) => {
    if (person === id) return [{ path, reason: 'is themselves' }];
    return known.has(person) ? [] : [{ path, reason: 'is nobody of the house' }];
  });
  if (faults.length > 0) throw new Problem(400, 'Somebody is tied to nobody', '', { faults });
}

/** Puts people there, under ids that are chosen for them. */
export async function putPeople(inside: Scope, people: readonly PersonFields[]): Promise<KeptPerson[]> {
  const made = people.map(body => ({ id: newId(), body }));
  await withTies(
    inside,
    made.map(({ id, body }, i) => ({ id, at: `/people/${i}`, ties: body.ties })),
  );
  for (const { id, body } of made) await inside.createPerson(id, body);
  await inside.notify({ hands: true });
  return made.map(({ id }) => ({ id, revision: 1 }));
}

/**
 * Changes a person; 404 where there is none, 409 where they are erased, or somebody changed the same since. `at`: where
 * the change stands in what was sent.
 */
export async function changePerson(
  inside: Scope,
  id: string,
  { cleared = [], ...fields }: PersonChange,
  at = '',
): Promise<{ readonly id: string } & Pick<Revisable<Person>, 'revision' | 'body'>> {
  const row = await inside.lockPerson(id);
  if (!row) throw notFound('person');
  if (row.body.erased) throw new Problem(409, 'Nothing is known of them any more');
  await withTies(inside, [{ id, at, ties: fields.ties }]);
  const gone = Object.fromEntries(cleared.map(field => [field, undefined]));
  const next = changedFields<Person>(row, { ...fields, ...gone }, body =>
    seenBy(inside.viewer.role, 'person', body),
  );
  if (next.revision > row.revision) {
    await inside.savePerson(row, next);
    await inside.notify({ hands: true });
  }
  return { id, ...next };
}
