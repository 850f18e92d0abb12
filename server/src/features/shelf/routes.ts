import { newId } from '@idle-satchel/core';
import { Many, One, OneOf, Optional, Text } from '@idle-satchel/core/decorators';
import { Item, Proof, type Kinds } from '@idle-satchel/core/documents';
import { UniqueConstraintError } from 'sequelize';
import { invalid, notFound } from '../../problem.js';
import { route, type Route } from '../../route.js';

/** What can be changed of an item; absent fields stay. */
export class ItemChange {
  @Optional() @Text(16, 1) tape?: string;
  @Optional() @OneOf(['ready', 'out', 'in repair', 'retired']) state?: Item['state'];
  @Optional() @Text(200) note?: string;
  @Optional() @One(() => Proof) proof?: Proof;
}

/** Items to put on the shelf: all of them, or none. */
export class NewItems {
  @Many(() => Item) items!: Item[];
}

export const shelfRoutes: readonly Route[] = [
  route({
    method: 'get',
    path: '/items',
    summary: 'Everything on the shelf, with the kind of each thing',
    handle: async ({ scope }) => {
      const [kinds] = await scope.allOfKind('kinds');
      return {
        items: (await scope.items()).map(row => ({ id: row.id, ...row.body })),
        kinds: kinds?.body,
        kindsDocument: kinds && { id: kinds.id, revision: kinds.revision },
      };
    },
  }),
  route<NewItems>({
    method: 'post',
    path: '/items',
    summary: 'Puts new items on the shelf, all of them or none',
    body: NewItems,
    status: 201,
    handle: ({ scope, body: { items } }) =>
      scope.atomically(async inside => {
        const [row] = await inside.allOfKind('kinds');
        const { kinds = {} } = (row?.body ?? {}) as Partial<Kinds>;
        const taken = new Set((await inside.items()).map(({ tape }) => tape));
        const faults = items.flatMap(({ tape, kind }, i) => {
          const twice = taken.has(tape);
          taken.add(tape);
          return [
            ...(kinds[kind] ? [] : [{ path: `/items/${i}/kind`, reason: 'is no kind that is known' }]),
            ...(twice ? [{ path: `/items/${i}/tape`, reason: 'is on another item already' }] : []),
          ];
        });
        if (faults.length > 0) throw invalid(faults);
        for (const item of items) await inside.saveItem(newId(), item);
        await inside.notify({ shelf: true });
        return { made: items.length };
      }),
  }),
  route<ItemChange>({
    method: 'patch',
    path: '/items/:id',
    summary: 'Renames an item, changes its state or note, or notes what it was seen to carry',
    body: ItemChange,
    handle: ({ scope, id, body }) =>
      scope.atomically(async inside => {
        const row = (await inside.items()).find(each => each.id === id());
        if (!row) throw notFound('item');
        const item = { ...row.body, ...body };
        try {
          await inside.saveItem(row.id, item);
        } catch (error) {
          if (!(error instanceof UniqueConstraintError)) throw error;
          throw invalid([{ path: '/tape', reason: 'is on another item already' }]);
        }
        await inside.notify({ shelf: true });
        return { id: row.id, ...item };
      }),
  }),
];
