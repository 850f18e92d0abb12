/**
 * Which tab sends what this device keeps: an edit belongs to the tab it was made in while that is open, and to whichever
 * opens the same thing next once it is not. So no edit is sent by two.
 */
import { newId } from '@idle-satchel/core';
import { random } from '../api/random.js';

/** This tab, by a name of its own. */
export const TAB = newId(random);

const LOCK = 'idle-satchel tab ';

/** Held for as long as this tab is open; the browser lets go of it however the tab ends. */
let held: Promise<void> | undefined;

function holdOwn(): Promise<void> {
  held ??= new Promise(resolve => {
    void navigator.locks.request(LOCK + TAB, () => {
      resolve();
      return new Promise(() => undefined);
    });
  });
  return held;
}

/** Does something while no other tab does the same; it is told which of the other tabs are open. */
export async function whileAlone<T>(work: (open: ReadonlySet<string>) => Promise<T>): Promise<T> {
  await holdOwn();
  return await navigator.locks.request('idle-satchel taking over', async () => {
    const { held: locks = [] } = await navigator.locks.query();
    const names = locks.flatMap(({ name }) => (name?.startsWith(LOCK) ? [name.slice(LOCK.length)] : []));
    return await work(new Set(names.filter(name => name !== TAB)));
  });
}
