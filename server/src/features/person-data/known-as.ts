/** Who somebody is in a house: the person, the account, and by which names they signed. */
import { SOMEBODY } from '@idle-satchel/core/access';
import type { Person } from '@idle-satchel/core/documents';
import type { AccountKept } from '@idle-satchel/core/api';
import { PersonRows } from '../../database/person-rows.js';
import type { Scope } from '../../database/scope.js';
import { notFound } from '../../problem.js';

export interface Somebody {
  readonly id?: string;
  readonly person?: Person;
  readonly account?: AccountKept;
  readonly names: readonly string[];
}

/** The rows of what is kept of people in the house that somebody works in. */
export const personRowsOf = ({ sequelize, organisationId, actor }: Scope): PersonRows =>
  new PersonRows(sequelize, organisationId, null, actor);

/** A person of the house with the account that they sign in with, if any; 404 where nobody is known by the id. */
export async function personKnown(rows: PersonRows, id: string): Promise<Somebody> {
  const row = (await rows.people()).find(each => each.id === id);
  if (!row || row.body.erased) throw notFound('person');
  return known(rows, { id, body: row.body }, await rows.accountOfPerson(id));
}

/** An account in the house with the person that it is, if any. */
export async function accountKnown(rows: PersonRows, account: string, person?: string): Promise<Somebody> {
  const row = (await rows.people()).find(each => each.id === person);
  return known(rows, row && { id: row.id, body: row.body }, account);
}

async function known(
  rows: PersonRows,
  person: { readonly id: string; readonly body: Person } | undefined,
  account: string | undefined,
): Promise<Somebody> {
  const kept = account === undefined ? undefined : await rows.accountKept(account);
  const signed = account === undefined ? [] : await rows.signedWith(account);
  const names = [person?.body.name, kept?.name, ...signed].filter(name => name !== undefined);
  return {
    ...(person && { id: person.id, person: person.body }),
    ...(kept && { account: kept }),
    names: [...new Set(names)].filter(name => name !== SOMEBODY),
  };
}
