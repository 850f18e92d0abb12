import { hiddenFrom, withoutHidden } from '@idle-satchel/core/access';
import type { ItemHistory } from '@idle-satchel/core/api';
import type { Scope } from '../../database/scope.js';

const PAGE = 50;

/** What was done to an item, newest first; `before` is the cursor. */
export async function itemHistory(scope: Scope, id: string, before: number): Promise<ItemHistory> {
  const rows = await scope.itemChangesBefore(id, before, PAGE);
  const hidden = hiddenFrom(scope.viewer.role, 'item');
  return {
    entries: rows.map(({ item: _, at, before: was, after, ...row }) => ({
      ...row,
      at: at.toISOString(),
      before: withoutHidden(was, hidden),
      after: withoutHidden(after, hidden),
    })),
    next: rows.length === PAGE ? String(rows.at(-1)?.revision ?? 1) : null,
  };
}
