/** The shelf as it is seen here: its things, and changes of them that can be taken back. */
import type { ItemFields, ItemLine } from '@idle-satchel/core/api';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call, wordsOf } from '../../api/client.js';
import { itemsQuery } from '../../api/queries.js';
import { author } from '../../api/signature.js';
import { useLiveList } from '../use-live-list.js';

/** What was done last, in words, and how it is taken back. */
export interface Done {
  readonly words: string;
  /** Under which it is taken back; absent where it was taken back itself. */
  readonly change?: string;
}

export interface ShelfChanges {
  /** Changes one thing as it is seen here, or as it was seen at the base of the change; rejects with what the server says against it. */
  readonly change: (item: ItemLine, fields: ItemFields) => Promise<void>;
  /** Changes several in the same way; what others changed meanwhile is not written over. */
  readonly changeMany: (items: readonly ItemLine[], fields: ItemFields, label: string) => Promise<void>;
  readonly undo: () => void;
  readonly done: Done | undefined;
  readonly setDone: (done: Done | undefined) => void;
  readonly problem: string;
}

export function useShelf() {
  const queries = useQueryClient();
  const shelf = useQuery(itemsQuery);
  useLiveList(itemsQuery.queryKey, message => message.shelf === true);
  const [done, setDone] = useState<Done>();
  const [problem, setProblem] = useState('');
  const refresh = (): Promise<void> => queries.invalidateQueries(itemsQuery);
  const change: ShelfChanges['change'] = async ({ id, revision }, fields) => {
    setProblem('');
    try {
      await call('PATCH /items/:id', { id }, { base: revision, ...fields, author: author() });
    } finally {
      await refresh();
    }
  };
  const changeMany: ShelfChanges['changeMany'] = async (items, fields, label) => {
    setProblem('');
    try {
      const made = await call(
        'PATCH /items',
        {},
        {
          items: items.map(({ id, revision: base }) => ({ id, base, ...fields })),
          ...{ label, author: author() },
        },
      );
      setDone({ words: `${label}.`, change: made.change });
    } finally {
      await refresh();
    }
  };
  const undo = (): void => {
    const { change: id, words = '' } = done ?? {};
    if (id === undefined) return;
    setProblem('');
    call('POST /item-changes/:id/undo', { id }, { author: author() })
      .then(() => setDone({ words: `Taken back: ${words}` }))
      .catch((error: unknown) => setProblem(wordsOf(error)))
      .finally(() => void refresh());
  };
  return { shelf, refresh, changes: { change, changeMany, undo, done, setDone, problem } };
}
