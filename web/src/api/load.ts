/** Parts of the page that are fetched when they are first needed, from a server that may be away, or newer than the page. */
import { call } from './client.js';

/**
 * Fetches once more what could not be had. Some browsers remember under its address that a module failed, and never ask
 * for it again: it is asked for under another one then, which the browser names in its error.
 */
export async function loadedAgain<Part>(load: () => Promise<Part>): Promise<Part> {
  try {
    return await load();
  } catch (error) {
    const [address] = /https?:\/\/\S+\.js/.exec(String(error)) ?? [];
    if (address === undefined) throw error;
    return (await import(/* @vite-ignore */ `${address}?again=${Date.now()}`)) as Part;
  }
}

const RELOADED = 'idle-satchel loaded anew';
/** Loaded anew once and still without its part, a page is not loaded anew again for so long, ms. */
const NOT_AGAIN_MS = 60_000;

/**
 * A server that answers, but has not the part that this page asks for, is a newer one: the whole page is loaded anew,
 * once. False where that is of no use; what was done here is kept on the device.
 */
export async function loadedAnew(): Promise<boolean> {
  try {
    await call('GET /organisation', {});
    const last = Number(sessionStorage.getItem(RELOADED) ?? 0);
    if (Date.now() - last < NOT_AGAIN_MS) return false;
    sessionStorage.setItem(RELOADED, String(Date.now()));
  } catch {
    return false;
  }
  window.location.reload();
  return true;
}
