/**
 * How often a password may be tried. Failures count for a name tried from one place, so that nobody locks another out by
 * trying their name; and for a place, whichever names are tried from there. A browser in which somebody signed in before
 * is a place of its own.
 */
import { createHash } from 'node:crypto';
import { isIPv6 } from 'node:net';
import type { Request } from 'express';
import type { AccountRows } from '../../database/account-rows.js';
import { cookieOf } from '../../gate/cookies.js';
import { hashOf } from '../../gate/secrets.js';
import { Problem } from '../../problem.js';

/** Failures within the time for which they count, before nothing more is tried. */
const MOST = { pair: 10, address: 200 } as const;
const MINUTES = 15;

const digest = (...parts: readonly string[]): Buffer =>
  createHash('sha256').update(JSON.stringify(parts)).digest();

/** Addresses that one customer of a provider has: of the newer kind the first half (RFC 6177). */
export function placeOf(address: string): string {
  const plain = address.replace(/^::ffff:(?=\d+\.)/, '');
  if (!isIPv6(plain)) return plain;
  const [head = '', tail] = plain.split('::');
  const groups = head.split(':').filter(Boolean);
  const after = tail?.split(':').filter(Boolean) ?? [];
  const all =
    tail === undefined
      ? groups
      : [...groups, ...Array.from({ length: 8 - groups.length - after.length }, () => '0'), ...after];
  return all
    .slice(0, 4)
    .map(group => Number.parseInt(group, 16).toString(16))
    .join(':');
}

/** A place from which a name is tried. */
export interface Tried {
  readonly pair: Buffer;
  readonly address: Buffer;
  /** The name was signed in with in this browser before. */
  readonly known: boolean;
}

/** From where a name is tried, and what is known of that. */
export async function triedFrom(
  rows: AccountRows,
  request: Request,
  login: string,
  account: string | undefined,
): Promise<Tried> {
  const browser = cookieOf(request, 'browser');
  const known =
    browser !== undefined && account !== undefined && (await rows.knowsBrowser(hashOf(browser), account));
  const place = placeOf(request.ip ?? '');
  return {
    pair: digest(login.toLowerCase(), known ? `browser ${browser}` : place),
    address: digest(place),
    known,
  };
}

/**
 * The codes that are tried for an account by whoever has its password, wherever they are: a million of them are tried soon
 * from many places. A browser that is known is apart, so that they keep its owner out nowhere where they have been.
 */
export function triedCode(request: Request, account: string, { known, address }: Tried): Tried {
  const browser = known ? cookieOf(request, 'browser') : undefined;
  return { pair: digest('code', account, browser ?? ''), address, known };
}

/** 429 where too much was tried from there. A browser that is known does not suffer from its neighbours. */
export async function refuseTooMany(rows: AccountRows, { pair, address, known }: Tried): Promise<void> {
  const failed = await rows.failures(pair, address, MINUTES);
  if (failed.pair < MOST.pair && (known || failed.address < MOST.address)) return;
  throw new Problem(
    429,
    'Too many tries from here',
    `Wait a quarter of an hour, or sign in where you have before`,
    {},
    MINUTES * 60,
  );
}
