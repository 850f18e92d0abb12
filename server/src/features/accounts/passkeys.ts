/** Passkeys: a device signs a challenge with a key that never leaves it (Web Authentication, level 3). */
import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
  type AuthenticationResponseJSON,
  type AuthenticatorTransport,
  type RegistrationResponseJSON,
} from '@simplewebauthn/server';
import { newId } from '@idle-satchel/core';
import type { Factors, NewPasskey } from '@idle-satchel/core/api';
import type { Request } from 'express';
import { BaseError, type Sequelize } from 'sequelize';
import type { AccountRow } from '../../database/account-rows.js';
import { FactorRows, type PasskeyRow } from '../../database/factor-rows.js';
import { isTaken } from '../../database/own-rows.js';
import { invalid, Problem } from '../../problem.js';

/** How long a challenge can be answered, ms. */
const ANSWERED_WITHIN = 5 * 60_000;
const MOST_PASSKEYS = 20;

const transportsOf = ({ transports }: PasskeyRow): AuthenticatorTransport[] => [
  ...(transports as readonly AuthenticatorTransport[]),
];

/** For whom a passkey is: this host, by the address that the browser is at. */
function placeOf(request: Request): { readonly expectedRPID: string; readonly expectedOrigin: string } {
  const origin = new URL(`${request.protocol}://${request.headers.host ?? 'localhost'}`);
  return { expectedRPID: origin.hostname, expectedOrigin: origin.origin };
}

const endsAt = (): Date => new Date(Date.now() + ANSWERED_WITHIN);

/** What a browser makes a passkey of; 409 where there are enough. */
export async function passkeyOffer(
  sequelize: Sequelize,
  request: Request,
  { id, login, name }: Pick<AccountRow, 'id' | 'login' | 'name'>,
) {
  const rows = new FactorRows(sequelize);
  const own = await rows.passkeysOf(id);
  if (own.length >= MOST_PASSKEYS) throw new Problem(409, `You have ${MOST_PASSKEYS} passkeys already`);
  const options = await generateRegistrationOptions({
    ...{ rpName: 'Idle Satchel', rpID: placeOf(request).expectedRPID },
    ...{ userID: new TextEncoder().encode(id), userName: login, userDisplayName: name },
    attestationType: 'none',
    excludeCredentials: own.map(each => ({ id: each.credential, transports: transportsOf(each) })),
    // It stands for a password and a second factor: the device asks for a finger, a face or a code.
    authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
    timeout: ANSWERED_WITHIN,
  });
  await rows.keepChallenge(options.challenge, id, endsAt());
  return options;
}

/** Keeps a new passkey; 422 for one that does not prove itself. */
export async function keepPasskey(
  sequelize: Sequelize,
  request: Request,
  account: string,
  { label, credential }: NewPasskey,
): Promise<Factors> {
  const rows = new FactorRows(sequelize);
  const found = await verified(() =>
    verifyRegistrationResponse({
      response: credential as unknown as RegistrationResponseJSON,
      expectedChallenge: async challenge => (await rows.useChallenge(challenge, account)) > 0,
      ...placeOf(request),
      requireUserVerification: true,
    }),
  );
  if (!found?.registrationInfo) {
    throw invalid([{ path: '/credential', reason: 'does not prove itself; begin anew' }]);
  }
  const { id, publicKey, counter, transports = [] } = found.registrationInfo.credential;
  try {
    await rows.createPasskey(
      { id: newId(), account, credential: id, publicKey, counter, transports },
      label.trim(),
    );
  } catch (error) {
    if (isTaken(error)) throw new Problem(409, 'This passkey is kept already');
    throw error;
  }
  return rows.factorsOf(account);
}

/** What a browser is asked to sign by whoever signs in: it does not say who, and tells nobody who has a passkey. */
export async function passkeyChallenge(sequelize: Sequelize, request: Request) {
  const options = await generateAuthenticationOptions({
    rpID: placeOf(request).expectedRPID,
    userVerification: 'required',
    timeout: ANSWERED_WITHIN,
  });
  await new FactorRows(sequelize).keepChallenge(options.challenge, undefined, endsAt());
  return options;
}

/** The account that a passkey signs in to; undefined for whatever does not fit. */
export async function accountOfPasskey(
  sequelize: Sequelize,
  request: Request,
  answer: NewPasskey['credential'],
): Promise<AccountRow | undefined> {
  const rows = new FactorRows(sequelize);
  const response = answer as unknown as AuthenticationResponseJSON;
  const { id } = response;
  const row = typeof id === 'string' ? await rows.passkey(id) : undefined;
  if (!row) return undefined;
  const found = await verified(() =>
    verifyAuthenticationResponse({
      response,
      expectedChallenge: async challenge => (await rows.useChallenge(challenge, undefined)) > 0,
      ...placeOf(request),
      credential: {
        ...{ id: row.credential, publicKey: new Uint8Array(row.publicKey), counter: row.counter },
        transports: transportsOf(row),
      },
      requireUserVerification: true,
    }),
  );
  if (!found) return undefined;
  await rows.usedPasskey(row.id, found.authenticationInfo.newCounter);
  return rows.accountById(row.account);
}

/** What a check found; undefined for whatever it refuses or cannot read: what it was given comes from outside. */
async function verified<Found extends { readonly verified: boolean }>(
  check: () => Promise<Found>,
): Promise<Found | undefined> {
  try {
    const found = await check();
    return found.verified ? found : undefined;
  } catch (error) {
    if (error instanceof BaseError) throw error;
    return undefined;
  }
}
