/** Tokens of links that let somebody in: invitations, and links for guests. */
import { newId } from '@idle-satchel/core';
import type { MadeLink } from '@idle-satchel/core/api';
import { hashOf, newSecret } from '../../gate/secrets.js';
import { daysFromNow } from './sign-in.js';

/** A link that is shown once. */
export interface NewToken extends MadeLink {
  readonly hash: Buffer;
  readonly endsAt: Date;
}
export function newToken(days: number): NewToken {
  const token = newSecret();
  const endsAt = daysFromNow(days);
  return { id: newId(), token, ends: endsAt.toISOString(), endsAt, hash: hashOf(token) };
}
