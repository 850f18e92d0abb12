/** Kinds that come from elsewhere: those that are new here are added, nothing that is here is written over. */
import { inKinds, newId, sameJson } from '@idle-satchel/core';
import { withoutFindings, type Kind, type Kinds } from '@idle-satchel/core/documents';
import type { Scope } from '../../database/scope.js';
import { invalid } from '../../problem.js';
import { applyEdit } from '../edits/service.js';
import { only } from './service.js';

/** The kinds that a house does not have yet, without what another one found of them; 422 for one that has the id of another kind there. */
export function kindsNewTo(
  { kinds }: Kinds,
  coming: Readonly<Record<string, Kind>>,
  pointer: string,
): Readonly<Record<string, Kind>> {
  const clashing = Object.entries(coming).find(([id, kind]) => {
    const own = kinds[id];
    return own && !sameJson(withoutFindings(own), withoutFindings(kind));
  });
  if (clashing)
    throw invalid([{ path: `${pointer}/${clashing[0]}`, reason: 'differs from the kind of that id here' }]);
  return Object.fromEntries(
    Object.entries(coming).flatMap(([id, kind]) => (kinds[id] ? [] : [[id, withoutFindings(kind)]])),
  );
}

/** Kinds that the organisation does not have yet, as one edit. */
export async function addKinds(
  inside: Scope,
  kinds: Readonly<Record<string, Kind>>,
  label: string,
  author: string,
): Promise<void> {
  const row = await only(inside, 'kinds');
  const { patch } = inKinds().each(Object.entries(kinds), (edit, [id, kind]) => edit.put('kinds', id, kind));
  if (patch.length === 0) return;
  const changes = [{ document: row.id, base: row.revision, patch }];
  await applyEdit(inside, { id: newId(), label: label.slice(0, 120), author, changes });
}
