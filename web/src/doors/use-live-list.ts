/** A list behind a door, asked for again when what is in it changed elsewhere, no faster than people read. */
import type { LiveMessage } from '@idle-satchel/core/api';
import { useQueryClient, type QueryKey } from '@tanstack/react-query';
import { useEffect, useEffectEvent } from 'react';
import { listen } from '../api/live.js';

/** Between two times that it is asked for, ms. */
const PAUSE_MS = 1_000;

/** `concerns`: whether a message is about something in the list. */
export function useLiveList(queryKey: QueryKey, concerns: (message: LiveMessage) => boolean): void {
  const queries = useQueryClient();
  const isOurs = useEffectEvent((message: LiveMessage) => message.resync === true || concerns(message));
  const ask = useEffectEvent(() => void queries.invalidateQueries({ queryKey }));
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    let last = 0;
    const stop = listen(message => {
      if (!isOurs(message)) return;
      timer ??= setTimeout(
        () => {
          timer = undefined;
          last = Date.now();
          ask();
        },
        Math.max(0, last + PAUSE_MS - Date.now()),
      );
    });
    return () => {
      stop();
      clearTimeout(timer);
    };
  }, []);
}
