/** Working without a network: the interface is kept by the browser from the first walk round on. */
import { registerSW } from 'virtual:pwa-register';
import { newerVersion } from './newer-version.js';

let registered = false;

/** Keeps the interface in this browser, and asks that what is kept is not cleared away. Does so once. */
export async function registerOffline(): Promise<void> {
  if (registered || !('serviceWorker' in navigator)) return;
  registered = true;
  const update = registerSW({
    onNeedRefresh: () => newerVersion.set(() => void update(true)),
  });
  await navigator.storage?.persist?.();
}
