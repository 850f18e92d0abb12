import { newId } from '@idle-satchel/core';
import type { Fault, Kinds } from '@idle-satchel/core/documents';
import { isTaken } from '../../database/own-rows.js';
import { invalid, notFound, Problem } from '../../problem.js';
import { route, type Route } from '../../route.js';
import { changedFields } from '../changed-fields.js';
import { only } from '../events/service.js';
import { measuredAfter } from './measured.js';

const onAnother = (path: string): Fault => ({ path, reason: 'is on another item already' });

/** 409 for tape codes that are on other items already. */
const tapesTaken = (faults: readonly Fault[]): Problem =>
  new Problem(
    409,
    faults.length > 1
      ? 'Some tape codes are on other items already'
      : 'This tape code is on another item already',
    undefined,
    { faults },
  );

/** Does what may put a tape code on the shelf that somebody else puts there at the same time. */
async function withTapes<T>(paths: readonly string[], work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (isTaken(error)) throw tapesTaken(paths.map(onAnother));
    throw error;
  }
}

export const shelfRoutes: readonly Route[] = [
  route('GET /items', async ({ scope }) => {
    const kinds = await only(scope, 'kinds');
    return {
      items: (await scope.items()).map(({ id, revision, body }) => ({ id, revision, ...body })),
      kinds: kinds.body as Kinds,
      kindsDocument: { id: kinds.id, revision: kinds.revision },
    };
  }),
  route('POST /items', ({ scope, body: { items } }) =>
    withTapes(
      items.map((_, i) => `/items/${i}/tape`),
      () =>
        scope.atomically(async inside => {
          const { kinds } = (await only(inside, 'kinds')).body as Kinds;
          const taken = new Set((await inside.items()).map(({ tape }) => tape));
          const faults = items.flatMap(({ kind, tape }, i): Fault[] => {
            const twice = taken.has(tape);
            taken.add(tape);
            return [
              ...(kinds[kind] ? [] : [{ path: `/items/${i}/kind`, reason: 'is no kind that is known' }]),
              ...(twice ? [onAnother(`/items/${i}/tape`)] : []),
            ];
          });
          if (faults.some(({ path }) => path.endsWith('/kind'))) throw invalid(faults);
          if (faults.length > 0) throw tapesTaken(faults);
          for (const item of items) await inside.createItem(newId(), item);
          await inside.notify({ shelf: true });
          return { made: items.length };
        }),
    ),
  ),
  route('PATCH /items/:id', ({ scope, id, body: change }) =>
    withTapes(['/tape'], () =>
      scope.atomically(async inside => {
        const row = await inside.lockItem(id());
        if (!row) throw notFound('item');
        const { meter: _meter, runs: _runs, forgotten: _forgotten, ...fields } = change;
        // What is noted beside what others note is no collision.
        const next = changedFields(changedFields(row, fields), measuredAfter(row.body, change));
        if (next.revision > row.revision) {
          await inside.saveItem(row, next);
          await inside.notify({ shelf: true });
        }
        return { id: row.id, revision: next.revision, ...next.body };
      }),
    ),
  ),
];
