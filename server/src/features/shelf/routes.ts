import { newId } from '@idle-satchel/core';
import { type Kinds } from '@idle-satchel/core/documents';
import { UniqueConstraintError } from 'sequelize';
import { invalid, notFound } from '../../problem.js';
import { route, type Route } from '../../route.js';
import { only } from '../events/service.js';

export const shelfRoutes: readonly Route[] = [
  route('GET /items', async ({ scope }) => {
    const { id, revision, body } = await only(scope, 'kinds');
    return {
      items: (await scope.items()).map(row => ({ id: row.id, ...row.body })),
      kinds: body as Kinds,
      kindsDocument: { id, revision },
    };
  }),
  route('POST /items', ({ scope, body: { items } }) =>
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
  ),
  route('PATCH /items/:id', ({ scope, id, body }) =>
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
  ),
];
