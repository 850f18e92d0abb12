/** Whoever changes how they are let in proves once more who they are: a device that lies open is not enough. */
import type { Request } from 'express';
import type { Context } from '../../context.js';
import { AccountRows, type AccountRow } from '../../database/account-rows.js';
import type { Who } from '../../gate/who.js';
import { invalid, Problem } from '../../problem.js';
import { fits } from './passwords.js';
import { refuseTooMany, triedFrom } from './tries.js';

/** The account of whoever asks; 409 in a demo, which has none. */
export function accountOf({ account }: Who): string {
  if (account === undefined) throw new Problem(409, 'A demo has no accounts of its own');
  return account;
}

/** One’s own account, proven by its password. 422 where that does not fit, 429 after too many tries. */
export async function proveOwn(
  { sequelize }: Pick<Context, 'sequelize'>,
  who: Who,
  request: Request,
  password: string,
): Promise<AccountRow> {
  const rows = new AccountRows(sequelize);
  const own = await rows.accountById(accountOf(who));
  const tried = await triedFrom(rows, request, own?.login ?? '', own?.id);
  await refuseTooMany(rows, tried);
  await rows.noteTry(tried.pair, tried.address);
  if (!(await fits(own?.password, password)) || !own) {
    throw invalid([{ path: '/password', reason: 'is not your password' }]);
  }
  await rows.forgetTries(tried.pair);
  return own;
}
