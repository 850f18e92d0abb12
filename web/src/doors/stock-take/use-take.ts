/** A stock take under way on this device, with a network and without. */
import { counted, newId } from '@idle-satchel/core';
import type { ItemList } from '@idle-satchel/core/api';
import {
  chosenChanges,
  differencesOf,
  NEW_TAKE,
  type Chosen,
  type StockTake,
} from '@idle-satchel/core/stock-take';
import { useEffect, useRef, useState } from 'react';
import { ApiProblem, call, wordsOf } from '../../api/client.js';
import { author } from '../../api/signature.js';
import { sendKeptPictures } from '../../offline/pictures.js';
import type { KeptTake } from '../../offline/shelves.js';
import { dropTake, keepTake, keptTake } from '../../offline/takes.js';

/** Things in one request. */
const PART = 1000;

export interface OpenTake {
  readonly take: StockTake;
  readonly chosen: Chosen;
  readonly shelf: ItemList;
  readonly change: (take: StockTake) => void;
  readonly choose: (chosen: Chosen) => void;
  /** Writes what is chosen to the shelf, and begins anew. */
  readonly write: () => Promise<void>;
  readonly undo: (() => void) | undefined;
  /** What this device keeps is nothing: everything is on this page alone. */
  readonly unkept: boolean;
  readonly busy: boolean;
  readonly done: string;
  readonly problem: string;
}

const isAway = (error: unknown): boolean => error instanceof ApiProblem && error.status === 0;

/** Undefined while it is opened; throws where there is neither a server nor anything kept. */
export function useTake(): OpenTake | undefined {
  const [open, setOpen] = useState<KeptTake>();
  const [failed, setFailed] = useState<Error>();
  const [unkept, setUnkept] = useState(false);
  const [busy, setBusy] = useState(false);
  const [done, setDone] = useState<{ words: string; change?: string }>({ words: '' });
  const [problem, setProblem] = useState('');
  // Several answers of one moment are each put on the one before.
  const latest = useRef<KeptTake>(undefined);
  const show = (next: KeptTake): void => {
    latest.current = next;
    setOpen(next);
  };
  useEffect(() => {
    let wanted = true;
    opened().then(
      each => {
        if (!wanted) return;
        latest.current = each;
        setOpen(each);
      },
      (error: unknown) => wanted && setFailed(error instanceof Error ? error : new Error(String(error))),
    );
    return () => {
      wanted = false;
    };
  }, []);
  if (failed) throw failed;
  if (!open) return undefined;
  const put = (part: Partial<Pick<KeptTake, 'take' | 'chosen' | 'shelf'>>): void => {
    const next = { ...(latest.current ?? open), ...part, touched: Date.now() };
    show(next);
    void keepTake(next).then(kept => setUnkept(!kept));
  };
  const write = async (): Promise<void> => {
    setBusy(true);
    setProblem('');
    const { take, chosen, shelf, organisation } = latest.current ?? open;
    const changes = chosenChanges(differencesOf(shelf.items, take), chosen);
    const signed = { change: newId(), label: 'Stock take', author: author() };
    try {
      await sendKeptPictures();
      for (let at = 0; at < changes.length; at += PART)
        await call('PATCH /items', {}, { items: changes.slice(at, at + PART), ...signed });
      await dropTake(organisation);
      const items = await call('GET /items', {});
      show({ organisation, take: NEW_TAKE, chosen: {}, shelf: items, touched: Date.now() });
      const words = `${counted(changes.length, 'thing is', 'things are')} written to the shelf.`;
      setDone({ words, ...(changes.length > 0 && { change: signed.change }) });
    } catch (error) {
      setProblem(
        isAway(error) ? 'No network: all of it is kept here, and written when there is one.' : wordsOf(error),
      );
      // Whatever others changed meanwhile is compared anew.
      await call('GET /items', {}).then(
        items => put({ shelf: items }),
        () => undefined,
      );
    } finally {
      setBusy(false);
    }
  };
  const undo = (): void => {
    const { change } = done;
    if (change === undefined) return;
    call('POST /item-changes/:id/undo', { id: change }, { author: author() })
      .then(async () => {
        setDone({ words: 'Taken back: the shelf is as it was.' });
        put({ shelf: await call('GET /items', {}) });
      })
      .catch((error: unknown) => setProblem(wordsOf(error)));
  };
  return {
    ...{ take: open.take, chosen: open.chosen, shelf: open.shelf },
    change: take => {
      setDone({ words: '' });
      put({ take });
    },
    choose: chosen => put({ chosen }),
    write,
    undo: done.change === undefined ? undefined : undo,
    ...{ unkept, busy, done: done.words, problem },
  };
}

/** The take that is kept, over the newest shelf that can be had. */
async function opened(): Promise<KeptTake> {
  let online: { organisation: string; shelf: ItemList } | undefined;
  let away: unknown;
  try {
    const [{ id }, shelf] = await Promise.all([call('GET /organisation', {}), call('GET /items', {})]);
    online = { organisation: id, shelf };
  } catch (error) {
    if (!isAway(error)) throw error;
    away = error;
  }
  const kept = await keptTake(online?.organisation);
  if (!online && !kept) throw away;
  const next: KeptTake = {
    ...{ take: NEW_TAKE, chosen: {}, touched: Date.now(), organisation: '', shelf: kept?.shelf as ItemList },
    ...kept,
    ...online,
  };
  // Whoever goes into the cupboard now has the shelf along.
  void keepTake(next);
  return next;
}
