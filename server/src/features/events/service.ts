/** Events and venues with all that belongs to them. */
import type { Hands, Rules, Shelf } from '@idle-satchel/core/documents';
import type { WrittenDocument } from '../../database/document-rows.js';
import type { DocumentRow } from '../../database/models.js';
import type { Scope } from '../../database/scope.js';
import { notFound } from '../../problem.js';
import { bodyAt } from '../documents/service.js';
import { claimsFor } from './claims.js';

/** The one document of a kind that an organisation has. */
export async function only(scope: Scope, kind: 'rules' | 'kinds'): Promise<DocumentRow> {
  const [row] = await scope.allOfKind(kind);
  if (!row) throw notFound(kind);
  return row;
}

export const shelfOf = async (scope: Scope): Promise<Shelf> => ({
  items: Object.fromEntries((await scope.items()).map(row => [row.id, row.body])),
});
export const handsOf = async (scope: Scope): Promise<Hands> => ({
  people: Object.fromEntries((await scope.people()).map(row => [row.id, row.body])),
});

/** A document within a bundle, as JSON. */
const viewOf = ({ id, revision, body }: Pick<WrittenDocument, 'id' | 'revision' | 'body'>): string =>
  `{"id":"${id}","revision":${revision},"body":${body}}`;

/** The one document of a kind that an organisation has, as text. */
async function onlyWritten(scope: Scope, kind: 'rules' | 'kinds'): Promise<WrittenDocument> {
  const [row] = await scope.writtenOfKind(kind);
  if (!row) throw notFound(kind);
  return row;
}

/** A venue at its newest revision with what its survey is drawn and checked with, as JSON. */
export async function venueBundle(scope: Scope, id: string): Promise<string> {
  const venue = await scope.written(id, 'venue');
  if (!venue) throw notFound('venue');
  const [rules, kinds, { items }] = await Promise.all([
    onlyWritten(scope, 'rules'),
    onlyWritten(scope, 'kinds'),
    scope.writtenViews(),
  ]);
  return `{"documents":{"venue":${viewOf(venue)},"rules":${viewOf(rules)},"kinds":${viewOf(kinds)}},
"shelf":{"items":${items}},"hands":{"people":{}},"claims":{"claims":{}}}`;
}

/** Everything that an assessment of an event needs, as JSON: nothing of it is read here that is only passed on. */
export async function writtenBundle(scope: Scope, id: string): Promise<string> {
  const plan = await scope.writtenPlan(id);
  if (!plan) throw notFound('event');
  const { pin } = plan;
  const venue = await scope.written(pin.id, 'venue');
  if (!venue) throw notFound('venue');
  const [rules, kinds, { items, people }] = await Promise.all([
    onlyWritten(scope, 'rules'),
    onlyWritten(scope, 'kinds'),
    scope.writtenViews(),
  ]);
  const { turnaround } = JSON.parse(rules.body) as Rules;
  const claims = await claimsFor(scope, id, plan.turnaround ?? turnaround, plan.parent ?? undefined);
  const revision = Math.min(pin.revision, venue.revision);
  const body =
    revision === venue.revision ? venue.body : JSON.stringify(await bodyAt(scope, venue.id, revision));
  const documents = [
    `"plan":${viewOf(plan)}`,
    `"venue":${viewOf({ id: venue.id, revision, body })}`,
    `"rules":${viewOf(rules)}`,
    `"kinds":${viewOf(kinds)}`,
  ];
  return `{"documents":{${documents.join()}},"shelf":{"items":${items}},"hands":{"people":${people}},
"claims":${JSON.stringify(claims)},"venueNow":${venue.revision}}`;
}
