import type { ItemHistory } from '@idle-satchel/core/api';
import type { Scope } from '../../database/scope.js';

const PAGE = 50;

/** What was done to an item, newest first; `before` is the cursor. */
export async function itemHistory(scope: Scope, id: string, before: number): Promise<ItemHistory> {
  const rows = await scope.itemChangesBefore(id, before, PAGE);
  return {
    entries: rows.map(({ item: _, at, ...row }) => ({ ...row, at: at.toISOString() })),
    next: rows.length === PAGE ? String(rows.at(-1)?.revision ?? 1) : null,
  };
}
