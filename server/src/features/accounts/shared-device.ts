/** A device that several people use: who has it in hand, told by a PIN. It counts on devices that are signed in, and nowhere else. */
import { MOST_WRONG_PINS, PIN_LENGTH } from '@idle-satchel/core/access';
import type { TakenOver } from '@idle-satchel/core/api';
import type { Context } from '../../context.js';
import { AccountRows } from '../../database/account-rows.js';
import { LinkRows } from '../../database/link-rows.js';
import { forgetSessions, whoOf, type Who } from '../../gate/who.js';
import { invalid, Problem } from '../../problem.js';
import { fits, hashPassword, isRun } from './passwords.js';
import { ended } from './sign-in.js';

/** Why a PIN is not taken, or undefined. */
export function pinFault(pin: string): string | undefined {
  const { least, most } = PIN_LENGTH;
  if (!/^\d+$/.test(pin) || pin.length < least || pin.length > most)
    return `must be ${least} to ${most} digits`;
  if (/^(.)\1+$/.test(pin) || isRun(pin)) return 'is among those that are tried first';
  return undefined;
}

/** Sets the PIN of an account in a house; 422 where it is none. */
export async function setPin(
  { sequelize }: Context,
  organisation: string,
  account: string,
  pin: string,
): Promise<void> {
  const fault = pinFault(pin);
  if (fault !== undefined) throw invalid([{ path: '/pin', reason: fault }]);
  await new LinkRows(sequelize, organisation).savePin(account, await hashPassword(pin));
}

/**
 * Hands the device to whoever gives their PIN, as a hand; or back to whoever it is signed in with, who gives their
 * password. 401 where that does not fit; after too many wrong PINs the device is signed out.
 */
export async function takeOver(
  { sequelize }: Context,
  { organisation, session, deviceOf }: Who,
  { account, pin, password }: TakenOver,
): Promise<Who> {
  if (session === undefined || deviceOf === undefined)
    throw new Problem(409, 'This device is signed in with no account');
  const rows = new AccountRows(sequelize);
  const back = account === deviceOf && password !== undefined;
  const secret = back
    ? (await rows.accountById(account))?.password
    : await new LinkRows(sequelize, organisation).pinOf(account);
  if (!(await fits(secret, (back ? password : pin) ?? ''))) {
    if ((await rows.wrongPin(session)) >= MOST_WRONG_PINS) {
      await rows.endSession(session);
      await ended(sequelize, organisation);
      throw new Problem(401, 'Too many wrong tries: this device is signed out');
    }
    throw new Problem(422, 'This does not fit', undefined, {
      faults: [{ path: back ? '/password' : '/pin', reason: 'does not fit' }],
    });
  }
  await rows.handOver(session, back ? null : account);
  forgetSessions(sequelize);
  await rows.tell(organisation);
  const row = await rows.sessionById(session);
  if (!row) throw new Problem(401, 'Sign in first');
  return whoOf(row);
}
