/** Passwords: which are taken, how they are kept, and how they are compared. */
import { hash, verify, type Options } from '@node-rs/argon2';
import { dictionary } from '@zxcvbn-ts/language-common';
import { PASSWORD_LENGTH } from '@idle-satchel/core/access';
import { busy } from '../../problem.js';

/** What one password costs to try: 46 MiB, twice over, by argon2id (OWASP asks for 46 MiB once, or 19 MiB twice, at least). */
const COST: Options = { memoryCost: 47_104, timeCost: 2, parallelism: 1, algorithm: 2 };

/** Hashes that are worked out at once, and that wait: each takes its memory and a processor. */
const AT_ONCE = 2;
const WAITING = 40;

let working = 0;
const waiting: (() => void)[] = [];

/** Runs work that is costly by design, a few at a time; 503 where too many wait. */
async function inTurn<T>(work: () => Promise<T>): Promise<T> {
  if (working >= AT_ONCE) {
    if (waiting.length >= WAITING) throw busy('Too many sign in at once', 'Try again in a moment', 5);
    await new Promise<void>(resolve => waiting.push(resolve));
  } else working++;
  try {
    return await work();
  } finally {
    const next = waiting.shift();
    if (next) next();
    else working--;
  }
}

export const hashPassword = (password: string): Promise<string> => inTurn(() => hash(password, COST));

/** What is compared where there is no such account: it takes as long, and never fits. */
let nobodys: Promise<string> | undefined;

/** Whether a password is the one that is kept; as slow for an account that does not exist. */
export async function fits(kept: string | undefined, password: string): Promise<boolean> {
  nobodys ??= hash('nobody has this password', COST);
  const against = kept ?? (await nobodys);
  const same = await inTurn(() => verify(against, password.slice(0, PASSWORD_LENGTH.most + 1)));
  return same && kept !== undefined;
}

const commonest = new Set<string>(
  (dictionary as Readonly<Record<string, readonly string[]>>)['passwords-common']?.filter(
    ({ length }) => length >= PASSWORD_LENGTH.least / 2,
  ),
);

/** What is left of a word when it is said over and over: `abc` of `abcabcabc`. */
const once = (text: string): string => /^(.+?)\1+$/s.exec(text)?.[1] ?? text;

/** Digits or letters that follow each other: 123456, abcdef, or backwards. */
export function isRun(text: string): boolean {
  const steps = [...text].slice(1).map((each, i) => (each.codePointAt(0) ?? 0) - (text.codePointAt(i) ?? 0));
  return steps.every(step => step === 1 || step === -9) || steps.every(step => step === -1 || step === 9);
}

/**
 * Why a password is not taken, or undefined: too short or too long to be compared, among the commonest, or nothing but
 * names that anybody would try first (NIST SP 800-63B, 3.1.1.2). There are no rules about what is in it.
 */
export function passwordFault(password: string, names: readonly string[] = []): string | undefined {
  const length = [...password].length;
  if (length < PASSWORD_LENGTH.least) return `must have ${PASSWORD_LENGTH.least} characters or more`;
  if (length > PASSWORD_LENGTH.most) return `must have ${PASSWORD_LENGTH.most} characters or fewer`;
  const plain = once(password.toLowerCase());
  if (plain.length < 4 || isRun(plain) || commonest.has(plain) || commonest.has(password.toLowerCase()))
    return 'is among the passwords that are tried first; take a few words that nobody would guess';
  const rest = names
    .flatMap(name => name.toLowerCase().split(/[^\p{L}\p{N}]+/u))
    .filter(({ length: letters }) => letters >= 3)
    .reduce((left, name) => left.replaceAll(name, ''), plain);
  if (rest.replace(/[^\p{L}]/gu, '').length < 4 && rest.length < plain.length)
    return 'is made of names that anybody would try first';
  return undefined;
}
