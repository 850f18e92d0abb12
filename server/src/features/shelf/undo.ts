/** Taking back what was done to the shelf. */
import { newId, sameJson } from '@idle-satchel/core';
import type { ChangedItems } from '@idle-satchel/core/api';
import type { Item } from '@idle-satchel/core/documents';
import type { ItemChangeRow, NextItem } from '../../database/item-rows.js';
import type { ItemRow } from '../../database/models.js';
import type { Scope } from '../../database/scope.js';
import { notFound, Problem } from '../../problem.js';
import { changedFields } from '../changed-fields.js';
import { lineOf, NOBODY, refuseForbidden, withDifference } from './changes.js';

/**
 * Takes back all that was done under one id: what was put there is removed, fields that were changed are as they were.
 * 409 where something that was put there was touched since, or a field is not what the change left behind.
 */
export function undoChange(scope: Scope, change: string, author: string = NOBODY): Promise<ChangedItems> {
  return scope.atomically(async inside => {
    const done = new Map<string, ItemChangeRow[]>();
    for (const row of await inside.itemChanges(change))
      done.set(row.item, [...(done.get(row.item) ?? []), row]);
    const [first] = [...done.values()].flat();
    if (!first) throw notFound('change');
    const rows = new Map((await inside.lockItems([...done.keys()])).map(row => [row.id, row]));
    const touched = [...done].flatMap(([id, own]) => {
      const row = rows.get(id);
      return row && stands(row, own) ? [] : [row?.tape ?? own[0]?.after.tape ?? id];
    });
    if (touched.length > 0)
      throw new Problem(
        409,
        'Some of this was changed since, so it cannot be taken back as a whole',
        touched.slice(0, 20).join(', '),
      );
    const signed = { change: newId(), author, label: `Undo: ${first.label}`.slice(0, 120), undoes: change };
    const [gone, back]: [NextItem[], NextItem[]] = [[], []];
    for (const [id, own] of done) {
      const row = rows.get(id) as ItemRow;
      const { body, changedAt } = row;
      if (isNew(own)) gone.push({ id, body, changedAt, revision: row.revision + 1, before: body, after: {} });
      else back.push(withDifference(row, changedFields<Item>(row, fieldsOf(own.toReversed(), 'before'))));
    }
    await refuseHad(inside, gone);
    refuseForbidden(inside, [...back, ...gone.map(({ body }) => ({ before: body }))]);
    await inside.removeItems(gone, signed);
    await inside.saveItems(back, signed);
    await inside.notify({ shelf: true });
    return { items: back.map(lineOf(inside)), change: signed.change };
  });
}

/** 409 for what is, or ever was, booked: it stays where its bookings lead to. */
async function refuseHad(inside: Scope, gone: readonly NextItem[]): Promise<void> {
  const had = await inside.holdings(
    gone.map(({ id }) => id),
    ...(['-infinity', 'infinity', ''] as const),
  );
  const tapes = gone.filter(({ id }) => had.some(({ item }) => item === id)).map(({ body }) => body.tape);
  if (tapes.length > 0)
    throw new Problem(
      409,
      'Some of this was booked, so it cannot be taken back',
      tapes.slice(0, 20).join(', '),
    );
}

type Done = readonly Pick<ItemChangeRow, 'revision' | 'before' | 'after'>[];

/** Whether the thing was put on the shelf by these. */
const isNew = (own: Done): boolean => own[0]?.revision === 1;

/** The fields that changes touched as each of them, one after the other, has them before or after. */
function fieldsOf(
  changes: Done,
  side: 'before' | 'after',
): { [Field in keyof Item]?: Item[Field] | undefined } {
  const fields: Record<string, unknown> = {};
  for (const each of changes)
    for (const field of Object.keys({ ...each.before, ...each.after }))
      fields[field] = each[side][field as keyof Item];
  return fields;
}

/** Whether what changes left behind is what is there; what they put there must not have been touched at all. */
const stands = (row: ItemRow, own: Done): boolean =>
  isNew(own)
    ? row.revision === own.at(-1)?.revision
    : Object.entries(fieldsOf(own, 'after')).every(([field, value]) =>
        sameJson(row.body[field as keyof Item], value),
      );
