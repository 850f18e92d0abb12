/** Secrets that browsers and links carry, of which only hashes are kept here. */
import { createHash, randomBytes } from 'node:crypto';

/** 256 random bits that fit into an address. */
export const newSecret = (): string => randomBytes(32).toString('base64url');

/** What is kept of a secret. It is random through and through: nobody finds it by trying, so a fast hash does. */
export const hashOf = (secret: string): Buffer => createHash('sha256').update(secret).digest();

/** Letters and digits that nobody takes for each other. */
const LETTERS = '23456789ABCDEFGHJKMNPQRSTVWXYZ';
const GROUPS = 4;
const IN_GROUP = 4;

/** A code to be read from one screen and typed into another: 16 letters, 78 bits. */
export function newCode(): string {
  const letters: string[] = [];
  // Bytes that would make some letters likelier than others are left out.
  const fair = 256 - (256 % LETTERS.length);
  while (letters.length < GROUPS * IN_GROUP) {
    for (const byte of randomBytes(GROUPS * IN_GROUP)) {
      if (byte < fair && letters.length < GROUPS * IN_GROUP)
        letters.push(LETTERS[byte % LETTERS.length] ?? '');
    }
  }
  return Array.from({ length: GROUPS }, (_, i) =>
    letters.slice(i * IN_GROUP, (i + 1) * IN_GROUP).join(''),
  ).join('-');
}

/** A code as it was typed, whichever way. */
export const codeAsShown = (typed: string): string =>
  typed
    .toUpperCase()
    .replace(/[^A-Z0-9]/g, '')
    .replace(/(.{4})(?=.)/g, '$1-');
