/** Routes of what proves somebody besides a password. */
import { Ended, Me } from './accounts.js';
import {
  FactorCode,
  Factors,
  NewAuthenticator,
  NewPasskey,
  OwnPassword,
  PasskeyAnswer,
  PasskeyOptions,
  RecoveryCodes,
} from './factors.js';

export const factorRoutes = {
  'GET /account/factors': {
    summary: 'What lets one in besides one’s password',
    needs: ['change', 'self'],
    answer: Factors,
  },
  'POST /account/authenticator': {
    summary: 'A new secret of an authenticator, which counts once a code of it is given',
    needs: ['change', 'self'],
    body: OwnPassword,
    answer: NewAuthenticator,
  },
  'PUT /account/authenticator': {
    summary: 'Makes it count by its first code; the recovery codes are shown once',
    needs: ['change', 'self'],
    body: FactorCode,
    answer: RecoveryCodes,
  },
  'POST /account/authenticator/end': {
    summary: 'Signing in asks for no code any more; the recovery codes go with it',
    needs: ['change', 'self'],
    body: OwnPassword,
    answer: Ended,
  },
  'POST /account/recovery-codes': {
    summary: 'New recovery codes in the place of those before',
    needs: ['change', 'self'],
    body: OwnPassword,
    answer: RecoveryCodes,
  },
  'POST /account/passkey-options': {
    summary: 'What this browser makes a passkey of, within five minutes',
    needs: ['change', 'self'],
    body: OwnPassword,
    answer: PasskeyOptions,
  },
  'POST /account/passkeys': {
    summary: 'Keeps a passkey that this browser made',
    needs: ['change', 'self'],
    body: NewPasskey,
    answer: Factors,
    status: 201,
  },
  'POST /account/passkeys/:id/end': {
    summary: 'A passkey lets nobody in any more',
    needs: ['change', 'self'],
    body: OwnPassword,
    answer: Ended,
  },
  'POST /session/passkey-options': {
    summary: 'What a passkey is asked to sign by whoever signs in, within five minutes',
    needs: 'open',
    answer: PasskeyOptions,
  },
  'POST /session/passkey': {
    summary: 'Signs in by a passkey; 401 for whatever is wrong about it, 429 after too many tries',
    needs: 'open',
    body: PasskeyAnswer,
    answer: Me,
  },
} as const;
