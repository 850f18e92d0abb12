/** Putting a long list on the shelf in parts that one request can carry, all under one id. */
import { newId, type StockList } from '@idle-satchel/core';
import type { ItemLine } from '@idle-satchel/core/api';
import { call } from '../../api/client.js';
import { author } from '../../api/signature.js';

/** Things in one request: well below what the server takes of them, and of bytes. */
const PART = 1000;

/** What came of it: how many are there, and what they are taken back by. */
export interface PutStock {
  readonly made: number;
  readonly changed: number;
  readonly change: string;
  /** Why it went no further, where it did not. */
  readonly error?: unknown;
}

const partsOf = <Each>(all: readonly Each[]): readonly (readonly Each[])[] =>
  Array.from({ length: Math.ceil(all.length / PART) }, (_, i) => all.slice(i * PART, (i + 1) * PART));

/** What is new first, then what is changed of `there`, each as it was seen there. */
export async function putStock(
  { items, changes }: StockList,
  there: readonly ItemLine[],
  onProgress: (done: number) => void,
): Promise<PutStock> {
  const signed = { change: newId(), author: author(), label: 'From a list' };
  const revisions = new Map(there.map(({ id, revision }) => [id, revision]));
  const done = { made: 0, changed: 0 };
  const tell = (): void => onProgress(done.made + done.changed);
  try {
    for (const part of partsOf(items)) {
      tell();
      await call('POST /items', {}, { items: part, ...signed });
      done.made += part.length;
    }
    for (const part of partsOf(changes)) {
      tell();
      const changed = part.map(({ id, fields }) => {
        const base = revisions.get(id);
        return { id, ...(base !== undefined && { base }), ...fields };
      });
      await call('PATCH /items', {}, { items: changed, ...signed });
      done.changed += part.length;
    }
  } catch (error) {
    return { ...done, change: signed.change, error };
  }
  return { ...done, change: signed.change };
}
