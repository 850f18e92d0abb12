/** Keeps an open event or venue on this device at every change, and says when the device takes nothing more. */
import type { EventState } from '../store/event-state.js';
import type { EventStore } from '../store/event-store.js';
import type { LocalEdit } from '../store/outbox.js';
import { looksOf } from './looks.js';
import { NOTHING_WRITTEN, written, type Written } from './written.js';

/** Between two tries to keep what could not be kept, ms. */
const AGAIN_MS = 5_000;

/** `waiting` is what of a store’s edits is there already. Other pages’ edits are left alone. */
export function keepFollowing(store: EventStore, waiting: readonly LocalEdit[]): void {
  const kept = looksOf(store);
  let before: Written = { ...NOTHING_WRITTEN, edits: new Map(waiting.map(edit => [edit.id, edit])) };
  let turn = Date.now();
  const turns = new Map<string, number>();
  const turnOf = (id: string): number => {
    const its = turns.get(id) ?? turn++;
    turns.set(id, its);
    return its;
  };
  let writing = false;
  let behind = false;
  let timer: ReturnType<typeof setTimeout> | undefined;

  const write = async (): Promise<void> => {
    behind = true;
    if (writing) return;
    writing = true;
    clearTimeout(timer);
    while (behind) {
      behind = false;
      try {
        before = await written(kept(), before, turnOf);
        if (!behind) tell('kept');
      } catch {
        tell('failed');
        timer = setTimeout(() => void write(), AGAIN_MS);
        break;
      }
    }
    writing = false;
  };
  const tell = (onDevice: EventState['onDevice']): void => {
    if (store.get().onDevice !== onDevice) store.update({ onDevice });
  };
  /** Whether something that waits is not written as it is. */
  const isBehind = (): boolean => store.toKeep().waiting.some(edit => before.edits.get(edit.id) !== edit);

  let seen: readonly unknown[] = [];
  const follow = (): void => {
    // While something is dragged nothing that is kept changes.
    const now = store.keepsWhat();
    if (now.every((each, i) => each === seen[i])) return;
    seen = now;
    if (store.get().onDevice === 'kept' && isBehind()) tell('keeping');
    void write();
  };
  const stop = store.live.subscribe(follow);
  store.whenClosed(() => {
    stop();
    clearTimeout(timer);
  });
  follow();
}
