/** How an installation gets its owner: by a code that only its terminal shows. */
import { newId } from '@idle-satchel/core';
import { libraryKinds, usualRules } from '@idle-satchel/core/kits';
import type { FirstStart } from '@idle-satchel/core/api';
import type { Response } from 'express';
import type { Sequelize } from 'sequelize';
import type { Context } from '../../context.js';
import { AccountRows } from '../../database/account-rows.js';
import { alone } from '../../database/migrations.js';
import { Scope } from '../../database/scope.js';
import { codeAsShown, hashOf, newCode } from '../../gate/secrets.js';
import type { Who } from '../../gate/who.js';
import { invalid, Problem } from '../../problem.js';
import { createDocument } from '../documents/service.js';
import { newAccount } from './new-account.js';
import { daysFromNow, note, welcome } from './sign-in.js';
import { refuseTooMany, triedFrom } from './tries.js';

/** How long a code can be used, days. */
const DAYS = 1;

/** A code that makes an owner, where nobody owns the installation yet. Every process that starts then shows one of its own. */
export async function firstCode(sequelize: Sequelize): Promise<string | undefined> {
  const rows = new AccountRows(sequelize);
  if (await rows.hasOwner()) return undefined;
  const code = newCode();
  await rows.keepFirstCode(hashOf(code), daysFromNow(DAYS));
  return code;
}

/**
 * Makes the owner of an installation that has none, and its organisation where there is none of an earlier version. 401
 * for another code, 409 where somebody owns it already.
 */
export async function firstStart(context: Context, response: Response, body: FirstStart): Promise<Who> {
  const { sequelize } = context;
  const rows = new AccountRows(sequelize);
  if (await rows.hasOwner()) throw owned();
  const tried = await triedFrom(rows, response.req, 'first start', undefined);
  await refuseTooMany(rows, tried);
  await rows.noteTry(tried.pair, tried.address);
  const hash = hashOf(codeAsShown(body.code));
  if (!(await rows.knowsFirstCode(hash))) {
    throw new Problem(
      401,
      'This is not the code that the terminal shows',
      'It is good for a day; a restart shows a new one',
    );
  }
  const account = await newAccount(body);
  const organisation = await sequelize.transaction(async transaction => {
    await alone(sequelize, transaction);
    const inside = new AccountRows(sequelize, transaction);
    if (await inside.hasOwner()) throw owned();
    const there = (await inside.unowned()).map(({ id }) => id);
    const own = there.length > 0 ? there : [await newOrganisation(scopeOf, body.organisation?.trim() ?? '')];
    await inside.createAccount(account);
    for (const each of own) await inside.saveMember(each, account.id, { role: 'owner' });
    await inside.forgetFirstCodes();
    return own[0] as string;

    function scopeOf(id: string): Scope {
      return new Scope(sequelize, id, transaction);
    }
  });
  const who = await welcome(context, response, account, organisation);
  await note(sequelize, who, response.req, 'made the first owner', account.login);
  return who;
}

const owned = (): Problem =>
  new Problem(409, 'Somebody owns this installation already', 'Sign in, or ask them for an invitation');

/** A new organisation, which begins with the usual rules and the kinds of the library; gives its id. */
async function newOrganisation(scopeOf: (id: string) => Scope, name: string): Promise<string> {
  if (name === '') throw invalid([{ path: '/organisation', reason: 'is missing' }]);
  const id = newId();
  const scope = scopeOf(id);
  await scope.createOrganisation(name);
  await createDocument(scope, newId(), 'rules', usualRules(name));
  await createDocument(scope, newId(), 'kinds', { version: 1, kinds: libraryKinds });
  return id;
}
