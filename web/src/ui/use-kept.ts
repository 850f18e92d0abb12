import { useEffect, useState, type Dispatch, type SetStateAction } from 'react';

/** What was typed and is not done with yet, in the browser's own store, by what it is typed for. */
const HALF_TYPED = 'half-typed/';
const keyOf = (name: string): string => `${HALF_TYPED}${name}`;

function read<T>(name: string): Partial<T> | undefined {
  try {
    const text = sessionStorage.getItem(keyOf(name));
    return text === null ? undefined : (JSON.parse(text) as Partial<T>);
  } catch {
    // A store that is full, shut or holds something else keeps nothing; the page works without.
    return undefined;
  }
}

function write(name: string, value: unknown): void {
  try {
    if (value === undefined) sessionStorage.removeItem(keyOf(name));
    else sessionStorage.setItem(keyOf(name), JSON.stringify(value));
  } catch {
    // As above.
  }
}

/** Fields that were typed before the page was loaded anew, over those of an empty form. */
export const keptFields = <T extends object>(name: string, empty: T): T => ({ ...empty, ...read<T>(name) });

/** Keeps fields for when the page is loaded anew; `undefined` once they are done with. */
export const keepFields = (name: string, fields: object | undefined): void => write(name, fields);

/** A form's fields as state that outlives a reload of the page, until `drop` is called. */
export function useKept<T extends object>(
  name: string,
  empty: T,
): [T, Dispatch<SetStateAction<T>>, () => void] {
  const [fields, setFields] = useState(() => keptFields(name, empty));
  useEffect(() => write(name, fields), [name, fields]);
  return [fields, setFields, () => write(name, undefined)];
}

/** Forgets all that was typed here: it may be of people, and somebody else uses this device now. */
export function forgetKept(): void {
  try {
    for (const key of Object.keys(sessionStorage))
      if (key.startsWith(HALF_TYPED)) sessionStorage.removeItem(key);
  } catch {
    // A store that is shut keeps nothing.
  }
}
