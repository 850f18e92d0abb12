/** Items on the shelf, and what was done to them. */
import type { Item } from '@idle-satchel/core/documents';
import type { Revisable } from '../features/changed-fields.js';
import { EditRows } from './edit-rows.js';
import { ItemRow } from './models.js';

/** An item without its revision. */
export interface KnownItem {
  readonly id: string;
  readonly body: Item;
}

/** Who did something to the shelf, and under which id and name it is kept. */
export interface SignedChange {
  readonly change: string;
  readonly label: string;
  readonly author: string;
  readonly undoes?: string;
}

/** An item as it is to be kept. */
export interface NextItem extends Revisable<Item> {
  readonly id: string;
  /** Of the fields that change: what stood there, and what stands there now. */
  readonly before: Partial<Item>;
  readonly after: Partial<Item>;
}

/** What a change did to one item. */
export interface ItemChangeRow {
  readonly item: string;
  readonly revision: number;
  readonly change: string;
  readonly label: string;
  readonly author: string;
  readonly undoes: string | null;
  readonly at: Date;
  readonly before: Partial<Item>;
  readonly after: Partial<Item>;
}

const CHANGE = `item_id AS item, revision, change_id AS change, label, author, undoes, at, before, after`;

export class ItemRows extends EditRows {
  items(): Promise<ItemRow[]> {
    return ItemRow.findAll({
      ...this.within({}),
      order: [
        ['tape', 'ASC'],
        ['id', 'ASC'],
      ],
    });
  }
  /** Some of them as they are just now. */
  someItems(ids: readonly string[]): Promise<KnownItem[]> {
    return this.select<KnownItem>(
      'SELECT id, body FROM items WHERE organisation_id = $1 AND id = ANY ($2::text[])',
      ids,
    );
  }
  /** Those of some kinds, by their tape codes. */
  itemsOfKinds(kinds: readonly string[]): Promise<KnownItem[]> {
    return this.select<KnownItem>(
      `SELECT id, body FROM items WHERE organisation_id = $1 AND body ->> 'kind' = ANY ($2::text[]) ORDER BY tape, id`,
      kinds,
    );
  }
  /** Items for the rest of the transaction, in order of id so that nobody waits in a ring: nobody else changes them. */
  lockItems(ids: readonly string[]): Promise<ItemRow[]> {
    return ItemRow.findAll({ ...this.within({ id: [...ids] }), order: [['id', 'ASC']], lock: true });
  }
  /** New items, at their first revision. */
  async createItems(
    items: readonly (readonly [id: string, body: Item])[],
    signed: SignedChange,
  ): Promise<void> {
    if (items.length === 0) return;
    await this.select(
      `INSERT INTO items (organisation_id, id, tape, body, revision, changed_at)
       SELECT $1, id, body ->> 'tape', body, 1, '{}' FROM jsonb_to_recordset($2::jsonb) AS n (id text, body jsonb)`,
      JSON.stringify(items.map(([id, body]) => ({ id, body }))),
    );
    await this.keepChanges(
      items.map(([id, body]) => ({ id, revision: 1, before: {}, after: body })),
      signed,
    );
  }
  /** Keeps what became of items that are locked. */
  async saveItems(items: readonly NextItem[], signed: SignedChange): Promise<void> {
    if (items.length === 0) return;
    await this.select(
      `UPDATE items i SET tape = n.body ->> 'tape', body = n.body, revision = n.revision, changed_at = n.changed
       FROM jsonb_to_recordset($2::jsonb) AS n (id text, body jsonb, revision int, changed jsonb)
       WHERE i.organisation_id = $1 AND i.id = n.id`,
      JSON.stringify(
        items.map(({ id, body, revision, changedAt }) => ({ id, body, revision, changed: changedAt })),
      ),
    );
    await this.keepChanges(items, signed);
  }
  /** Takes items off the shelf that are locked. */
  async removeItems(items: readonly NextItem[], signed: SignedChange): Promise<void> {
    if (items.length === 0) return;
    await this.select(
      'DELETE FROM items WHERE organisation_id = $1 AND id = ANY ($2::text[])',
      items.map(({ id }) => id),
    );
    await this.keepChanges(items, signed);
  }
  private async keepChanges(
    items: readonly Pick<NextItem, 'id' | 'revision' | 'before' | 'after'>[],
    { change, label, author, undoes }: SignedChange,
  ): Promise<void> {
    await this.select(
      `INSERT INTO item_changes
         (organisation_id, item_id, revision, change_id, label, author, undoes, at, before, after, account_id)
       SELECT $1, id, revision, $3, $4, $5, $6, now(), before, after, $7
       FROM jsonb_to_recordset($2::jsonb) AS n (id text, revision int, before jsonb, after jsonb)`,
      JSON.stringify(items.map(({ id, revision, before, after }) => ({ id, revision, before, after }))),
      ...[change, label, this.actor.name ?? author, undoes ?? null, this.actor.account ?? null],
    );
  }
  /** What was done to an item before a revision, newest first. */
  itemChangesBefore(item: string, before: number, most: number): Promise<ItemChangeRow[]> {
    return this.select<ItemChangeRow>(
      `SELECT ${CHANGE} FROM item_changes WHERE organisation_id = $1 AND item_id = $2 AND revision < $3
       ORDER BY revision DESC LIMIT $4`,
      ...[item, before, most],
    );
  }
  /** All that was done to items under one id. */
  itemChanges(change: string): Promise<ItemChangeRow[]> {
    return this.select<ItemChangeRow>(
      `SELECT ${CHANGE} FROM item_changes WHERE organisation_id = $1 AND change_id = $2 ORDER BY item_id, revision`,
      change,
    );
  }
}
