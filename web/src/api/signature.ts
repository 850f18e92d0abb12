/** The name people sign with: that of who is signed in, or in a demo what they say; and the name of the browser itself. */
import { newId } from '@idle-satchel/core';
import { me } from './me.js';

const KEY = 'idle-satchel name';
const BROWSER = 'idle-satchel browser';

/** The name that goes with who is signed in; undefined where anybody may say theirs. */
export const ownName = (): string | undefined => me.get()?.name;

export const signedName = (): string => ownName() ?? localStorage.getItem(KEY) ?? '';
export function keepName(name: string): void {
  if (ownName() !== undefined) return;
  try {
    localStorage.setItem(KEY, name);
  } catch {
    // A full device forgets it with the page.
  }
}
export const author = (): string => signedName() || 'Somebody here';

let own: string | undefined;

/** What tells this browser from others, so that whoever signs by another name can still undo what they did. */
export function browserName(): string {
  try {
    own ??= localStorage.getItem(BROWSER) ?? undefined;
    own ??= newId();
    localStorage.setItem(BROWSER, own);
  } catch {
    // A full device keeps no name: this page goes by one of its own.
    own ??= newId();
  }
  return own;
}
