/** The name people sign with on this device, until accounts exist; and the name of the browser itself. */
import { newId } from '@idle-satchel/core';

const KEY = 'idle-satchel name';
const BROWSER = 'idle-satchel browser';

export const signedName = (): string => localStorage.getItem(KEY) ?? '';
export function keepName(name: string): void {
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
