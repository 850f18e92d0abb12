/** An account as somebody makes it for themselves. */
import { newId } from '@idle-satchel/core';
import type { AccountRow } from '../../database/account-rows.js';
import { invalid } from '../../problem.js';
import { hashPassword, passwordFault } from './passwords.js';

/** Letters, digits and what stands in addresses of mail. */
const LOGIN = /^[\p{L}\p{N}][\p{L}\p{N}._@+-]*$/u;

/** 422 where the password is not taken, or the sign-in name is none. */
export async function newAccount({
  name,
  login,
  password,
}: Pick<AccountRow, 'name' | 'login' | 'password'>): Promise<AccountRow> {
  const fault = passwordFault(password, [name, login]);
  if (fault !== undefined) throw invalid([{ path: '/password', reason: fault }]);
  if (!LOGIN.test(login)) {
    throw invalid([{ path: '/login', reason: 'must be letters, digits, or an address of mail' }]);
  }
  return { id: newId(), name: name.trim(), login, password: await hashPassword(password) };
}
