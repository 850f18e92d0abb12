/** Working without a server: the interface is kept by the browser, at a desk as on a walk round. */
import { registerSW } from 'virtual:pwa-register';
import { clearOld } from './clear.js';
import { newerVersion } from './newer-version.js';

/** Keeps the interface in this browser, and asks that what is kept is not cleared away. */
export async function registerOffline(): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  const update = registerSW({
    onNeedRefresh: () => newerVersion.set(() => void update(true)),
  });
  await Promise.allSettled([navigator.storage?.persist?.(), clearOld()]);
}
