/** Passkeys of this device: a key that never leaves it, and the finger, face or code that lets it sign. */
import type { Json } from '@idle-satchel/core';
import type { Factors, Me } from '@idle-satchel/core/api';
import {
  browserSupportsWebAuthn,
  startAuthentication,
  startRegistration,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/browser';
import { call } from './client.js';

/** An address of numbers: passkeys are made for names alone (Web Authentication, level 3, 5.1.3). */
const NUMBERS = /^[\d.]+$|^\[/;

/** Why there are no passkeys here, or undefined. */
export function noPasskeysHere(): string | undefined {
  if (NUMBERS.test(window.location.hostname))
    return 'Passkeys need an address that is a name; this one is of numbers.';
  if (!window.isSecureContext || !browserSupportsWebAuthn())
    return 'Passkeys need a browser that has them, and an address that begins with https.';
  return undefined;
}

/** The question of the device was put aside, or not answered in time: browsers do not tell which. */
const unanswered = (error: unknown): never => {
  if (error instanceof Error && error.name === 'NotAllowedError')
    throw new Error(
      'The device signed nothing: it was put aside, took too long, or knows no passkey for this',
    );
  if (error instanceof Error && error.name === 'InvalidStateError')
    throw new Error('This device has a passkey of yours already');
  throw error;
};

export async function signInByPasskey(): Promise<Me> {
  const { options } = await call('POST /session/passkey-options', {});
  const optionsJSON = options as unknown as PublicKeyCredentialRequestOptionsJSON;
  const credential = (await startAuthentication({ optionsJSON }).catch(unanswered)) as unknown as Json;
  return call('POST /session/passkey', {}, { credential });
}

/** Makes a passkey on this device; 422 where the password does not fit. */
export async function addPasskey(password: string, label: string): Promise<Factors> {
  const { options } = await call('POST /account/passkey-options', {}, { password });
  const optionsJSON = options as unknown as PublicKeyCredentialCreationOptionsJSON;
  const credential = (await startRegistration({ optionsJSON }).catch(unanswered)) as unknown as Json;
  return call('POST /account/passkeys', {}, { label, credential });
}
