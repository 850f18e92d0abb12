/**
 * A second factor: a code that an authenticator on a phone works out anew every thirty seconds (RFC 6238), and codes on
 * paper for when the phone is gone.
 */
import { Secret, TOTP } from 'otpauth';
import type { NewAuthenticator } from '@idle-satchel/core/api';
import type { Sequelize } from 'sequelize';
import type { AccountRow } from '../../database/account-rows.js';
import { FactorRows } from '../../database/factor-rows.js';
import { codeAsShown, hashOf, newCode } from '../../gate/secrets.js';
import { invalid, Problem } from '../../problem.js';
import { qrPath } from '../sheets/qr.js';

/** As authenticators read it whatever they are: six digits of SHA-1 every 30 seconds. */
const PERIOD = 30;
const DIGITS = 6;
/** Steps before and after now that count as well: clocks of phones go wrong by some seconds, and typing takes some. */
const WINDOW = 1;
/** 160 bits, as long as what it is hashed to (RFC 4226, 4). */
const SECRET_BYTES = 20;
const RECOVERY_CODES = 10;

const totpOf = (secret: string, label = ''): TOTP =>
  new TOTP({
    ...{ issuer: 'Idle Satchel', label, algorithm: 'SHA1', digits: DIGITS, period: PERIOD },
    secret: Secret.fromBase32(secret),
  });

/** The step of time whose code this is, or undefined. */
export function stepOf(secret: string, code: string, now = Date.now()): number | undefined {
  const delta = totpOf(secret).validate({ token: code, timestamp: now, window: WINDOW });
  return delta === null ? undefined : Math.floor(now / 1000 / PERIOD) + delta;
}

/** A new secret to be scanned, which counts once a code of it was given; 409 where there is one that does. */
export async function offerAuthenticator(
  sequelize: Sequelize,
  { id, login }: Pick<AccountRow, 'id' | 'login'>,
): Promise<NewAuthenticator> {
  const { base32: secret } = new Secret({ size: SECRET_BYTES });
  if ((await new FactorRows(sequelize).offerAuthenticator(id, secret)) === 0) {
    throw new Problem(409, 'You have an authenticator already', 'End it first, to use another');
  }
  return { secret, ...qrPath(totpOf(secret, login).toString()) };
}

/** New recovery codes in the place of those before: shown once, each good for one use. */
export async function newRecoveryCodes(sequelize: Sequelize, account: string): Promise<string[]> {
  const codes = Array.from({ length: RECOVERY_CODES }, newCode);
  await new FactorRows(sequelize).atomically(rows => rows.replaceRecoveryCodes(account, codes.map(hashOf)));
  return codes;
}

/** Makes a secret count, with the first code of it; gives the recovery codes. 409 where none was offered, 422 for another code. */
export async function confirmAuthenticator(
  sequelize: Sequelize,
  account: string,
  code: string,
): Promise<string[]> {
  const rows = new FactorRows(sequelize);
  const secret = await rows.authenticator(account, false);
  if (secret === undefined) throw new Problem(409, 'Begin with the code to scan');
  const step = stepOf(secret, digitsOf(code));
  if (step === undefined || (await rows.useStep(account, step)) === 0) {
    throw invalid([{ path: '/code', reason: 'is not what the authenticator shows; is its clock right?' }]);
  }
  return newRecoveryCodes(sequelize, account);
}

const digitsOf = (typed: string): string => typed.replace(/\s/g, '');

/** Whether a code is one of the authenticator, or one of paper; either is used up by it. */
export async function provesSecond(
  sequelize: Sequelize,
  account: string,
  secret: string,
  typed: string,
): Promise<boolean> {
  const rows = new FactorRows(sequelize);
  const step = stepOf(secret, digitsOf(typed));
  if (step !== undefined) return (await rows.useStep(account, step)) > 0;
  return (await rows.useRecoveryCode(account, hashOf(codeAsShown(typed)))) > 0;
}
