/** The list of events as it changes: only the lines that changed are asked for again, and no faster than people read. */
import { useQueryClient, type InfiniteData } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { EventPage, EventSummary } from '@idle-satchel/core/api';
import { call } from '../api/client.js';
import { listen } from '../api/live.js';
import { eventsQuery } from '../api/queries.js';

/** Between two times that lines are asked for, ms: one that was edited, and all of them. */
const LINE_MS = 1_000;
const ALL_MS = 5_000;
/** Lines that are asked for at once. */
const AT_ONCE = 30;

type Pages = InfiniteData<EventPage, string | undefined>;

export function useFreshLines(): void {
  const queries = useQueryClient();
  useEffect(() => {
    const { queryKey } = eventsQuery;
    const changed = new Set<string>();
    let timer: ReturnType<typeof setTimeout> | undefined;
    let asked = 0;
    let whole = false;
    const shown = (): readonly string[] =>
      queries.getQueryData<Pages>(queryKey)?.pages.flatMap(({ events }) => events.map(({ id }) => id)) ?? [];

    const ask = async (): Promise<void> => {
      timer = undefined;
      asked = Date.now();
      const ids = [...changed];
      changed.clear();
      if (whole) {
        whole = false;
        await queries.invalidateQueries({ queryKey });
        return;
      }
      const lines = new Map<string, EventSummary>();
      for (let i = 0; i < ids.length; i += AT_ONCE) {
        const answer = await call('GET /events/lines', { ids: ids.slice(i, i + AT_ONCE).join() });
        for (const line of answer.events) lines.set(line.id, line);
      }
      queries.setQueryData<Pages>(queryKey, pages => pages && withLines(pages, lines));
    };
    const soon = (pause: number): void => {
      const wait = Math.max(0, asked + pause - Date.now());
      timer ??= setTimeout(() => void ask().catch(() => undefined), wait);
    };
    const stop = listen(({ document, events, resync, shelf, hands }) => {
      if (events || resync) {
        whole = true;
        return soon(LINE_MS);
      }
      const ids = shown();
      if (document !== undefined && ids.includes(document)) {
        changed.add(document);
        return soon(LINE_MS);
      }
      // Shelf, people, rules, kinds and venues are in every event.
      if (document !== undefined || shelf || hands) {
        for (const id of ids) changed.add(id);
        soon(ALL_MS);
      }
    });
    return () => {
      stop();
      clearTimeout(timer);
    };
  }, [queries]);
}

/** The pages with some lines in place of those that were there; an event that moved in time comes with the next list. */
const withLines = ({ pages, pageParams }: Pages, lines: ReadonlyMap<string, EventSummary>): Pages => ({
  pageParams,
  pages: pages.map(page => ({ ...page, events: page.events.map(line => lines.get(line.id) ?? line) })),
});
