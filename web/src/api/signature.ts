/** The name people sign with on this device, until accounts exist. */
const KEY = 'idle-satchel name';

export const signedName = (): string => localStorage.getItem(KEY) ?? '';
export const keepName = (name: string): void => localStorage.setItem(KEY, name);
export const author = (): string => signedName() || 'Somebody here';
