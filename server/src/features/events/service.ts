/** Events and venues with all that belongs to them. */
import { bundleOf } from '@idle-satchel/core';
import { bundleSeenBy, seenBy } from '@idle-satchel/core/access';
import type { EventBundle } from '@idle-satchel/core/api';
import type { Bundle, Hands, Item, Rules, Shelf } from '@idle-satchel/core/documents';
import type { WrittenDocument } from '../../database/document-rows.js';
import type { DocumentRow } from '../../database/models.js';
import type { Scope } from '../../database/scope.js';
import { notFound } from '../../problem.js';
import { writtenAsSeen } from '../documents/reading.js';
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

/** Things of the shelf, as JSON, as whoever asks sees them. */
function shelfAsSeen({ viewer: { role } }: Scope, items: string): string {
  if (role === 'owner') return items;
  const seen = Object.entries(JSON.parse(items) as Shelf['items']).map(([id, item]): [string, Item] => [
    id,
    seenBy(role, 'item', item),
  ]);
  return JSON.stringify(Object.fromEntries(seen));
}

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
  const seen = [venue, rules, kinds].map(each =>
    viewOf({ ...each, body: writtenAsSeen(scope, each.kind, each.body) }),
  );
  const shelf = shelfAsSeen(scope, items);
  return `{"documents":{"venue":${seen[0]},"rules":${seen[1]},"kinds":${seen[2]}},
"shelf":{"items":${shelf}},"hands":{"people":{}},"claims":{"claims":{}}}`;
}

/** Everything that an assessment of an event needs, as JSON, as whoever asks sees it. */
export async function writtenBundle(scope: Scope, id: string): Promise<string> {
  const written = await wholeBundle(scope, id);
  const { viewer } = scope;
  if (viewer.role === 'owner') return written;
  const whole = JSON.parse(written) as EventBundle;
  const { plan, venue, rules, kinds, ...seen } = bundleSeenBy(viewer, bundleOf(whole));
  const documents = mapBodies(whole.documents, { plan, venue, rules, kinds });
  return JSON.stringify({ ...whole, documents, ...seen });
}

/** Documents with other bodies. */
const mapBodies = (
  documents: EventBundle['documents'],
  bodies: Pick<Bundle, keyof EventBundle['documents']>,
): EventBundle['documents'] => ({
  plan: { ...documents.plan, body: bodies.plan },
  venue: { ...documents.venue, body: bodies.venue },
  rules: { ...documents.rules, body: bodies.rules },
  kinds: { ...documents.kinds, body: bodies.kinds },
});

/** The whole of it: nothing of it is read here that is only passed on. */
async function wholeBundle(scope: Scope, id: string): Promise<string> {
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
