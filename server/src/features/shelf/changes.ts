/** Changes of items, one or many: all of them or none, each kept with who made it and what was there before. */
import { newId, sameJson } from '@idle-satchel/core';
import { forbiddenChange, seenBy } from '@idle-satchel/core/access';
import type {
  ChangedItems,
  ItemFields,
  ItemLine,
  ItemOfChange,
  ShelfSignature,
} from '@idle-satchel/core/api';
import type { Fault, Item, Kinds } from '@idle-satchel/core/documents';
import type { NextItem, SignedChange } from '../../database/item-rows.js';
import type { ItemRow } from '../../database/models.js';
import { isTaken } from '../../database/own-rows.js';
import type { Scope } from '../../database/scope.js';
import { forbidden } from '../../gate/allow.js';
import { invalid, notFound, Problem } from '../../problem.js';
import { changedFields, collidedFields, type FieldsChange, type Revisable } from '../changed-fields.js';
import { only } from '../events/service.js';
import { addedAfter } from './added.js';

export const NOBODY = 'Somebody';

export const signedBy = ({ author = NOBODY, label, change = newId() }: ShelfSignature, words: string) => ({
  change,
  author,
  label: label ?? words,
});

/** A thing as whoever asks sees it. */
export const lineOf =
  ({ viewer: { role } }: Scope) =>
  ({ id, revision, body }: Pick<ItemRow, 'id' | 'revision' | 'body'>): ItemLine => ({
    ...seenBy(role, 'item', body),
    id,
    revision,
  });

/** 403 for what somebody may not change of things; of what is new or taken away all of it counts. */
export function refuseForbidden(
  { viewer: { role } }: Scope,
  items: readonly { readonly before?: object | undefined; readonly after?: object | undefined }[],
): void {
  for (const { before, after } of items) {
    const path = forbiddenChange(role, 'item', before, after);
    if (path !== undefined) throw forbidden(`${path} is not yours to change`);
  }
}

const onAnother = (path: string): Fault => ({ path, reason: 'is on another item already' });

/** 409 for tape codes that are on other items already. */
export const tapesTaken = (faults: readonly Fault[]): Problem =>
  new Problem(
    409,
    faults.length > 1
      ? 'Some tape codes are on other items already'
      : 'This tape code is on another item already',
    undefined,
    { faults },
  );

/** Does what may put a tape code on the shelf that somebody else puts there at the same time. */
export async function withTapes<T>(paths: readonly string[], work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (isTaken(error)) throw tapesTaken(paths.map(onAnother));
    throw error;
  }
}

/**
 * Puts new items on the shelf, under ids of their own where some are given. 422 names those of no known kind, 409 those
 * whose tape code is taken.
 */
export async function putItems(
  inside: Scope,
  items: readonly Item[],
  signed: SignedChange,
  chosen?: readonly string[],
): Promise<{ made: number; change: string }> {
  const { kinds } = (await only(inside, 'kinds')).body as Kinds;
  const rows = await inside.items();
  const taken = new Set(rows.map(({ tape }) => tape));
  const ids = new Set([...rows.map(({ id }) => id), ...(chosen ?? [])]);
  const faults = items.flatMap(({ kind, tape, goesWith }, i): Fault[] => {
    const twice = taken.has(tape);
    taken.add(tape);
    return [
      ...(kinds[kind] ? [] : [{ path: `/items/${i}/kind`, reason: 'is no kind that is known' }]),
      ...(goesWith === undefined || ids.has(goesWith) ? [] : [lost(`/items/${i}`)]),
      ...(twice ? [onAnother(`/items/${i}/tape`)] : []),
    ];
  });
  if (faults.some(({ path }) => !path.endsWith('/tape'))) throw invalid(faults);
  if (faults.length > 0) throw tapesTaken(faults);
  refuseForbidden(
    inside,
    items.map(after => ({ after })),
  );
  await inside.createItems(
    items.map((item, i) => [chosen?.[i] ?? newId(), item] as const),
    signed,
  );
  await inside.notify({ shelf: true });
  return { made: items.length, change: signed.change };
}

const lost = (path: string): Fault => ({
  path: `${path}/goesWith`,
  reason: 'is no other thing on the shelf',
});

/** Changes items that are on the shelf. 404 or 422 for what is not there, 409 for what somebody else changed since. */
export function changeItems(
  scope: Scope,
  changes: readonly ItemOfChange[],
  signed: SignedChange,
): Promise<ChangedItems> {
  const ids = changes.map(({ id }) => id);
  if (new Set(ids).size !== ids.length)
    throw invalid([{ path: '/items', reason: 'must name each item once' }]);
  const retaped = changes.flatMap(({ tape }, i) => (tape === undefined ? [] : [`/items/${i}/tape`]));
  return withTapes(retaped, () =>
    scope.atomically(async inside => {
      const rows = new Map((await inside.lockItems(ids)).map(row => [row.id, row]));
      await refuseFaulty(inside, changes, rows);
      const next = changes.map(({ id, ...fields }) =>
        nextItem(rows.get(id) as ItemRow, fields, asSeenBy(inside)),
      );
      return keep(inside, next, rows, signed);
    }),
  );
}

/** Changes one item; faults are told as those of its own fields. */
export async function changeItem(
  scope: Scope,
  id: string,
  fields: ItemFields,
  signed: SignedChange,
): Promise<ItemLine> {
  return withTapes(['/tape'], () =>
    scope.atomically(async inside => {
      const [row] = await inside.lockItems([id]);
      if (!row) throw notFound('item');
      const faults = await faultsIn(inside, [{ id, ...fields }]);
      if (faults.length > 0) throw invalid(faults.map(fault => ({ ...fault, path: shorter(fault.path) })));
      const next = nextItem(row, fields, asSeenBy(inside));
      await keep(inside, [next], new Map([[id, row]]), signed);
      return lineOf(scope)(next);
    }),
  );
}

const shorter = (path: string): string => path.replace(/^\/items\/\d+/, '');

/** Of a change the fields that it writes over, those that it clears among them. */
function writtenOver({
  meter: _meter,
  runs: _runs,
  faults: _faults,
  forgotten: _forgotten,
  cleared = [],
  ...fields
}: ItemFields): FieldsChange<Item> {
  return { ...fields, ...Object.fromEntries(cleared.map(field => [field, undefined])) };
}

/** An item with what a change makes of it. What is noted beside what others note is no collision. */
const nextItem = (row: ItemRow, change: ItemFields, seen: (body: Item) => Item): NextItem =>
  withDifference(
    row,
    changedFields(changedFields(row, writtenOver(change), seen), addedAfter(row.body, change), seen),
  );

const asSeenBy =
  ({ viewer: { role } }: Scope) =>
  (body: Item): Item =>
    seenBy(role, 'item', body);

/** A row that becomes another one, with the fields in which they differ. */
export function withDifference(row: ItemRow, next: Revisable<Item>): NextItem {
  const fields = [...new Set([...Object.keys(row.body), ...Object.keys(next.body)])] as (keyof Item)[];
  const differ = fields.filter(field => !sameJson(row.body[field], next.body[field]));
  const only = (body: Item): Partial<Item> =>
    Object.fromEntries(differ.flatMap(field => (field in body ? [[field, body[field]]] : [])));
  return {
    ...next,
    id: row.id,
    before: only(row.body),
    after: only(next.body),
  };
}

async function keep(
  inside: Scope,
  next: readonly NextItem[],
  rows: ReadonlyMap<string, ItemRow>,
  signed: SignedChange,
): Promise<ChangedItems> {
  const changed = next.filter(({ id, revision }) => revision > (rows.get(id)?.revision ?? 0));
  await refuseBooked(
    inside,
    changed.filter(({ after }) => after.state === 'retired'),
  );
  refuseForbidden(inside, changed);
  await inside.saveItems(changed, signed);
  if (changed.length > 0) await inside.notify({ shelf: true });
  return { items: next.map(lineOf(inside)), change: signed.change };
}

/** 409 for things that are retired while somebody has booked them: who counts on them is to know first. */
async function refuseBooked(inside: Scope, retired: readonly NextItem[]): Promise<void> {
  if (retired.length === 0) return;
  const [first] = await inside.bookedFromNow(retired.map(({ id }) => id));
  if (!first) return;
  const tape = retired.find(({ id }) => id === first.item)?.body.tape ?? '';
  throw new Problem(
    409,
    `${tape} is booked for “${first.label}”: release it there before it is retired`,
    undefined,
    { faults: [{ path: '/state', reason: `is booked for “${first.label}”` }] },
  );
}

/** What is wrong with changes by itself: kinds that are not known, things that go with what is not there. */
async function faultsIn(inside: Scope, changes: readonly ItemOfChange[]): Promise<Fault[]> {
  const kindsNamed = changes.some(({ kind }) => kind !== undefined);
  const kinds = kindsNamed ? ((await only(inside, 'kinds')).body as Kinds).kinds : undefined;
  const partners = changes.flatMap(({ goesWith }) => goesWith ?? []);
  const there = new Set(partners.length > 0 ? (await inside.items()).map(({ id }) => id) : []);
  return changes.flatMap(({ id, kind, goesWith }, i): Fault[] => [
    ...(kind === undefined || kinds?.[kind]
      ? []
      : [{ path: `/items/${i}/kind`, reason: 'is no kind that is known' }]),
    ...(goesWith === undefined || (goesWith !== id && there.has(goesWith)) ? [] : [lost(`/items/${i}`)]),
  ]);
}

async function refuseFaulty(
  inside: Scope,
  changes: readonly ItemOfChange[],
  rows: ReadonlyMap<string, ItemRow>,
): Promise<void> {
  const faults = [
    ...changes.flatMap(({ id }, i): Fault[] =>
      rows.has(id) ? [] : [{ path: `/items/${i}/id`, reason: 'is not on the shelf' }],
    ),
    ...(await faultsIn(inside, changes)),
  ];
  if (faults.length > 0) throw invalid(faults);
  const collided = changes.flatMap(({ id, ...fields }, i) =>
    collidedFields(rows.get(id) as ItemRow, writtenOver(fields)).map(field => ({
      path: `/items/${i}/${field}`,
      reason: 'was changed by somebody else',
    })),
  );
  if (collided.length > 0)
    throw new Problem(409, 'Somebody else changed some of these in the meantime', undefined, {
      faults: collided,
    });
}
