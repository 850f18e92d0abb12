/**
 * Erasing somebody (GDPR, article 17): their name goes from what is, from what was and from what was done; that somebody was
 * there stays. Copies elsewhere, such as backups and files that were saved, are out of reach.
 */
import { applyPatch, newId, pointerOf, type Operation } from '@idle-satchel/core';
import { eraserOf, SOMEBODY, type Eraser } from '@idle-satchel/core/access';
import type { Erased, NameMention } from '@idle-satchel/core/api';
import type { Item, Plan } from '@idle-satchel/core/documents';
import type { NextRevision } from '../../database/edit-rows.js';
import type { PersonRows } from '../../database/person-rows.js';
import { lastOwner } from '../accounts/members.js';
import { claimOf } from '../events/claims.js';
import { sortKeyOf } from '../documents/service.js';
import type { Somebody } from './known-as.js';

/** Roles and lifts of a person in an event that has yet to come: somebody else must be found for them. */
function freed(plan: Plan, person: string | undefined, now: number): Operation[] {
  if (person === undefined || Date.parse(plan.start) < now) return [];
  const roles = Object.entries(plan.assignments ?? {}).filter(([, each]) => each.person === person);
  const lifts = Object.entries(plan.devices ?? {}).flatMap(([id, { liftedBy }]) =>
    liftedBy?.includes(person) ? [{ id, left: liftedBy.filter(each => each !== person) }] : [],
  );
  return [
    ...roles.map(([id]): Operation => ({ op: 'remove', path: pointerOf('assignments', id) })),
    ...lifts.map(({ id, left }): Operation => ({
      op: 'replace',
      path: pointerOf('devices', id, 'liftedBy'),
      value: left,
    })),
  ];
}

const LABEL = 'A name was erased';
const rolesIn = (patch: readonly Operation[]): number => patch.filter(({ op }) => op === 'remove').length;

/** Documents become a revision further, so that every device hears of it; taking that back brings nothing back. */
async function eraseFromDocuments(
  rows: PersonRows,
  { id: person, names }: Somebody,
  eraser: Eraser,
  also: readonly string[],
): Promise<Pick<Erased, 'documents' | 'roles'>> {
  const now = Date.now();
  const next: NextRevision[] = [];
  for (const { id, kind, revision, body } of await rows.lockDocuments([...names, ...also], person)) {
    const patch = [...(kind === 'plan' ? freed(body as Plan, person, now) : []), ...eraser.patch(body)];
    if (patch.length === 0) continue;
    const after = applyPatch(body, patch);
    next.push({
      ...{
        id,
        kind,
        over: revision,
        body: after,
        sortKey: sortKeyOf(kind, after),
        patch,
        inverse: [],
        snapshot: true,
      },
      ...(kind === 'plan' && { claim: claimOf(after as Plan) }),
    });
  }
  if (next.length === 0) return { documents: 0, roles: 0 };
  const edit = newId();
  const documents = next.map(({ id, over }) => ({ document: id, revision: over + 1, inverse: [] }));
  const author =
    rows.actor.name !== undefined && !names.includes(rows.actor.name) ? rows.actor.name : SOMEBODY;
  await rows.keepEdit(
    {
      ...{ id: edit, digest: edit, label: LABEL, author, browser: null, undoes: null },
      answer: { edit, documents },
    },
    next,
  );
  return { documents: next.length, roles: next.reduce((sum, { patch }) => sum + rolesIn(patch), 0) };
}

/** Things, and what is noted of other people. */
async function eraseFromRecords(
  rows: PersonRows,
  { id: own, names }: Somebody,
  eraser: Eraser,
  also: readonly string[],
): Promise<number> {
  const found = await rows.withWords([...names, ...also]);
  const idsOf = (sort: string): string[] => found.flatMap(each => (each.sort === sort ? [each.id] : []));
  let things = 0;
  for (const { id, body } of await rows.lockItems(idsOf('item'))) {
    const after: Item = eraser.value(body);
    const fields = Object.keys(body).filter(key => after[key as keyof Item] !== body[key as keyof Item]);
    if (fields.length === 0) continue;
    things++;
    await rows.rewriteItem(id, after, fields);
  }
  for (const id of idsOf('person').filter(each => each !== own)) {
    const row = await rows.lockPerson(id);
    if (!row) continue;
    // Somebody else may be called the same: they stay who they are.
    const { name, ...rest } = row.body;
    const after = eraser.value(rest);
    if (after === rest) continue;
    things++;
    const { revision, changedAt } = row;
    await rows.savePerson(row, { body: { ...after, name }, revision: revision + 1, changedAt });
  }
  return things;
}

/** Nobody goes with them, or is kept apart from them, any more. */
async function eraseTies(rows: PersonRows, id: string): Promise<void> {
  for (const other of await rows.tiedTo(id)) {
    const row = await rows.lockPerson(other);
    if (!row) continue;
    const { ties = {}, ...rest } = row.body;
    const left = Object.entries(ties).filter(([, { person }]) => person !== id);
    const body = left.length === 0 ? rest : { ...rest, ties: Object.fromEntries(left) };
    const revision = row.revision + 1;
    await rows.savePerson(row, { body, revision, changedAt: { ...row.changedAt, ties: revision } });
  }
}

/** The person stays where something that was refers to them, as somebody; else they go. */
async function erasePerson(rows: PersonRows, id: string): Promise<void> {
  const row = await rows.lockPerson(id);
  if (!row) return;
  await rows.forgetLinks(id);
  await eraseTies(rows, id);
  if ((await rows.namedAt(id, [])).length === 0) return rows.removePerson(id);
  await rows.savePerson(row, {
    ...{ body: { name: SOMEBODY, skills: [], erased: true }, revision: row.revision + 1, changedAt: {} },
  });
}

/** Erases somebody, all or nothing; `also` are words that mean nobody else. 409 for the last who owns the house. */
export async function erase(
  rows: PersonRows,
  somebody: Somebody,
  also: readonly string[] = [],
): Promise<Erased> {
  const { id, account, names } = somebody;
  const eraser = eraserOf(names, { also });
  // In the audit trail, which is of nothing but people, by their sign-in name too.
  const known = [...names, ...(account ? [account.login] : [])];
  const ofPeople = eraserOf(known, { also, everywhere: true });
  return rows.atomically(async inside => {
    const owners = await inside.lockOwners();
    if (account && owners.every(owner => owner === account.id) && owners.length > 0) throw lastOwner();
    const { documents, roles } = await eraseFromDocuments(inside, somebody, eraser, also);
    const things = await eraseFromRecords(inside, somebody, eraser, also);
    if (account) {
      await inside.forgetWhoDid(account.id, SOMEBODY);
      await inside.forgetAccount(account.id);
    }
    const records = await inside.rewritePast([...known, ...also], eraser, ofPeople);
    if (id !== undefined) await erasePerson(inside, id);
    const files = await inside.filesNaming(names);
    await inside.notify({ shelf: true, hands: true });
    return { documents, roles, things, records, files };
  });
}

const MOST_TEXT = 200;
const MOST_MENTIONS = 1000;

/** Where words of a name stand by themselves, in what is there now. */
export async function mentionsOf(rows: PersonRows, { id: own, names }: Somebody): Promise<NameMention[]> {
  const eraser = eraserOf(names);
  const found = await rows.withWords(eraser.words);
  return found
    .filter(({ sort, id }) => sort !== 'person' || id !== own)
    .flatMap(({ what, body }) =>
      eraser.mentions(body).map(({ path, word, text }) => ({
        ...{ what: what.slice(0, MOST_TEXT), path, word: word.slice(0, 80), text: text.slice(0, MOST_TEXT) },
      })),
    )
    .slice(0, MOST_MENTIONS);
}
