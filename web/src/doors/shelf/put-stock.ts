/** Putting a long list on the shelf in parts that one request can carry, all under one id. */
import { newId, type Item } from '@idle-satchel/core';
import { call } from '../../api/client.js';
import { author } from '../../api/signature.js';

/** Things in one request: well below what the server takes of them, and of bytes. */
const PART = 1000;

/** What came of it: how many are there, and what they are taken back by. */
export interface PutStock {
  readonly made: number;
  readonly change: string;
  /** Why it went no further, where it did not. */
  readonly error?: unknown;
}

export async function putStock(
  items: readonly Item[],
  onProgress: (made: number) => void,
): Promise<PutStock> {
  const change = newId();
  for (let made = 0; made < items.length; made += PART) {
    onProgress(made);
    const part = items.slice(made, made + PART);
    try {
      await call(
        'POST /items',
        {},
        { items: part, change, author: author(), label: 'Put there with a list' },
      );
    } catch (error) {
      return { made, change, error };
    }
  }
  return { made: items.length, change };
}
