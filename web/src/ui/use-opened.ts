/** Opening an event or a venue for as long as its page is shown, and the keys that work in both. */
import type { StationName } from '@idle-satchel/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { EventStore } from '../store/event-store.js';
import { useOpenEvent, type OpenEvent } from '../store/hooks.js';
import { UiStore } from '../store/ui-store.js';
import { toggleBlackout } from './blackout.js';
import { useShortcuts } from './shortcuts.js';

/** Undefined while it is being fetched; what goes wrong is thrown for the page around. */
export function useOpened(
  id: string,
  fetchStore: (id: string) => Promise<EventStore>,
  go: (station: StationName) => void,
): OpenEvent | undefined {
  const [store, setStore] = useState<EventStore>();
  const [error, setError] = useState<Error>();
  const latest = useRef(go);
  useEffect(() => {
    latest.current = go;
  });
  useEffect(() => {
    let wanted = true;
    let opened: EventStore | undefined;
    fetchStore(id).then(
      next => {
        if (!wanted) return next.close();
        opened = next;
        setStore(next);
      },
      (reason: unknown) => wanted && setError(reason instanceof Error ? reason : new Error(String(reason))),
    );
    return () => {
      wanted = false;
      opened?.close();
      setStore(undefined);
      setError(undefined);
    };
  }, [id, fetchStore]);
  // A page that is put away may never run again: what waits for more of its kind goes out now.
  useEffect(() => {
    if (!store) return;
    const putAway = (): void => {
      if (document.visibilityState === 'hidden') void store.whenSettled();
    };
    const leave = (): void => store.sendLast();
    // Only what this device could not keep is lost with the page.
    const warn = (event: BeforeUnloadEvent): void => {
      const { onDevice, waiting } = store.get();
      if (onDevice === 'failed' && waiting > 0) event.preventDefault();
    };
    document.addEventListener('visibilitychange', putAway);
    window.addEventListener('pagehide', leave);
    window.addEventListener('beforeunload', warn);
    return () => {
      document.removeEventListener('visibilitychange', putAway);
      window.removeEventListener('pagehide', leave);
      window.removeEventListener('beforeunload', warn);
    };
  }, [store]);
  const open = useMemo(
    () => store && { store, ui: new UiStore(), go: (name: StationName) => latest.current(name) },
    [store],
  );
  if (error) throw error;
  return open;
}

/** Snags, undo, Blackout, search: the keys of everything that can be open. */
export function useOpenShortcuts(): void {
  const { store, ui, go } = useOpenEvent();
  const step = (by: number): void => {
    const { snags } = store.get().assessment;
    const snagId = ui.get().snag;
    const at = Math.max(
      0,
      snags.findIndex(snag => snag.id === snagId),
    );
    const next = snags[(at + by + snags.length) % snags.length];
    if (!next) return;
    ui.showSnag(next);
    go(next.station);
  };
  useShortcuts({
    s: () => ui.set({ snagsOpen: !ui.get().snagsOpen }),
    n: () => step(1),
    p: () => step(-1),
    b: toggleBlackout,
    u: () => void store.undo(),
    'Shift+u': () => void store.redo(),
    'Ctrl+z': () => void store.undo(),
    '?': () => ui.set({ dialog: 'shortcuts' }),
    '/': () => ui.set({ dialog: 'find' }),
    Escape: () => ui.set({ snagsOpen: false, working: undefined, dialog: undefined, tool: undefined }),
  });
}
