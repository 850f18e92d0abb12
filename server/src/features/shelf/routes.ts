import { seenBy } from '@idle-satchel/core/access';
import type { Kinds } from '@idle-satchel/core/documents';
import { counted } from '@idle-satchel/core';
import { route, type Route } from '../../route.js';
import { only } from '../events/service.js';
import { changeItem, changeItems, lineOf, putItems, signedBy, withTapes } from './changes.js';
import { itemHistory } from './history.js';
import { undoChange } from './undo.js';

const things = (count: number): string => counted(count, 'thing', 'things');

export const shelfRoutes: readonly Route[] = [
  route('GET /items', async ({ scope }) => {
    const kinds = await only(scope, 'kinds');
    return {
      items: (await scope.items()).map(lineOf(scope)),
      kinds: seenBy(scope.viewer.role, 'kinds', kinds.body as Kinds),
      kindsDocument: { id: kinds.id, revision: kinds.revision },
    };
  }),
  route('POST /items', ({ scope, body: { items, ...signature } }) =>
    withTapes(
      items.map((_, i) => `/items/${i}/tape`),
      () =>
        scope.atomically(inside =>
          putItems(inside, items, signedBy(signature, `Put ${things(items.length)} on the shelf`)),
        ),
    ),
  ),
  route('PATCH /items', ({ scope, body: { items, ...signature } }) =>
    changeItems(scope, items, signedBy(signature, `Change ${things(items.length)}`)),
  ),
  route('PATCH /items/:id', ({ scope, id, body: { author, ...fields } }) =>
    changeItem(scope, id(), fields, signedBy(author === undefined ? {} : { author }, 'Change')),
  ),
  route('GET /items/:id/history', ({ scope, id, whole }) =>
    itemHistory(scope, id(), whole('before', 2 ** 30)),
  ),
  route('POST /item-changes/:id/undo', ({ scope, id, body }) => undoChange(scope, id(), body.author)),
];
