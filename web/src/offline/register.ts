/** Working without a network: the interface is kept by the browser from the first walk round on. */
import { registerSW } from 'virtual:pwa-register';
import { newerVersion } from './newer-version.js';

let registered = false;

/** When the browser has nothing better to do: what is on the screen comes first. */
const idle = (): Promise<void> =>
  new Promise(resolve => {
    if ('requestIdleCallback' in window) requestIdleCallback(() => resolve());
    else setTimeout(resolve, 1000);
  });

/** Keeps the interface in this browser, and asks that what is kept is not cleared away. Does so once, behind the picture. */
export async function registerOffline(): Promise<void> {
  if (registered || !('serviceWorker' in navigator)) return;
  registered = true;
  await idle();
  const update = registerSW({
    onNeedRefresh: () => newerVersion.set(() => void update(true)),
  });
  await navigator.storage?.persist?.();
}
