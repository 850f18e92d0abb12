/** Who this browser is signed in as: remembered on the device, so that pages that open without a network know it too. */
import type { Me } from '@idle-satchel/core/api';

const KEY = 'idle-satchel me';
const listeners = new Set<() => void>();

function remembered(): Me | undefined {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? 'null') as Me | undefined;
  } catch {
    return undefined;
  }
}

let now: Me | undefined = remembered() ?? undefined;

export const me = {
  /** Undefined until it is known. */
  get: (): Me | undefined => now,
  set(next: Me): void {
    if (JSON.stringify(next) === JSON.stringify(now)) return;
    now = next;
    try {
      localStorage.setItem(KEY, JSON.stringify(next));
    } catch {
      // A full device asks again with the next page.
    }
    for (const listener of listeners) listener();
  },
  /** The server says that this browser is signed in no more. */
  lost(): void {
    if (now?.signedIn !== false) me.set({ signedIn: false });
  },
  subscribe(listener: () => void): () => void {
    listeners.add(listener);
    return () => void listeners.delete(listener);
  },
};

// Another tab signs in or out: this one is the same browser.
if (typeof window !== 'undefined')
  window.addEventListener('storage', ({ key }) => {
    if (key !== KEY) return;
    const next = remembered();
    if (next) me.set(next);
  });

/** The account of whoever is signed in, as what they do here is kept with it. */
export function madeBy(): { readonly by?: string } {
  const by = now?.account;
  return by === undefined ? {} : { by };
}
