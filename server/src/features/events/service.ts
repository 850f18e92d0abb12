/** Events: their bundle, making, copying, importing, and what stands open in each. */
import { idFrom, inOrder } from '@idle-satchel/core';
import type { EventBundle, VenueBundle } from '@idle-satchel/core/api';
import type { Claims, Hands, Plan, Shelf, Venue } from '@idle-satchel/core/documents';
import type { DocumentRow } from '../../database/models.js';
import type { Scope } from '../../database/scope.js';
import { notFound } from '../../problem.js';
import { bodyAt } from '../documents/service.js';

/** A document as the API answers it; the database keeps no more than that it is an object. */
const view = <Body>({ id, revision, body }: DocumentRow): { id: string; revision: number; body: Body } => ({
  id,
  revision,
  body: body as Body,
});

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

const MINUTE = 60_000;

/** From the first planned minute to the last. */
function spanOf(plan: Plan): { from: number; to: number } {
  const minutes = (live: boolean): number =>
    inOrder(plan.runningOrder)
      .filter(([, item]) => (item.phase === 'live' || item.phase === 'strike') === live)
      .reduce((sum, [, item]) => sum + item.minutes, 0);
  const start = Date.parse(plan.start);
  return { from: start - minutes(false) * MINUTE, to: start + minutes(true) * MINUTE };
}

/** What events that overlap with this one take from the shelf. */
function claimsOf(own: DocumentRow, plans: readonly DocumentRow[]): Claims {
  const span = spanOf(own.body as Plan);
  const claims: Record<string, Claims['claims'][string]> = {};
  for (const other of plans) {
    if (other.id === own.id) continue;
    const plan = other.body as Plan;
    const { from, to } = spanOf(plan);
    if (from >= span.to || to <= span.from) continue;
    const items = [
      ...inOrder(plan.devices).flatMap(([, { item }]) => item ?? []),
      ...inOrder(plan.links).flatMap(([, { cables }]) => cables ?? []),
    ];
    for (const item of items) {
      claims[idFrom(`${other.id}/${item}`)] = {
        item,
        event: plan.label,
        from: new Date(from).toISOString(),
        to: new Date(to).toISOString(),
      };
    }
  }
  return { claims };
}

/** A venue at its newest revision with what its survey is drawn and checked with. */
export async function venueBundle(scope: Scope, id: string): Promise<VenueBundle> {
  const venue = await scope.document(id, 'venue');
  if (!venue) throw notFound('venue');
  const [rules, kinds, shelf] = await Promise.all([
    only(scope, 'rules'),
    only(scope, 'kinds'),
    shelfOf(scope),
  ]);
  return {
    documents: { venue: view(venue), rules: view(rules), kinds: view(kinds) },
    shelf,
    hands: { people: {} },
    claims: { claims: {} },
  };
}

export async function eventBundle(scope: Scope, id: string): Promise<EventBundle> {
  const plan = await scope.document(id, 'plan');
  if (!plan) throw notFound('event');
  return bundleAround(scope, plan);
}

export async function bundleAround(scope: Scope, plan: DocumentRow): Promise<EventBundle> {
  const pin = (plan.body as Plan).venue;
  const venue = await scope.document(pin.id, 'venue');
  if (!venue) throw notFound('venue');
  const [rules, kinds, shelf, hands, plans] = await Promise.all([
    only(scope, 'rules'),
    only(scope, 'kinds'),
    shelfOf(scope),
    handsOf(scope),
    scope.allOfKind('plan'),
  ]);
  const revision = Math.min(pin.revision, venue.revision);
  return {
    documents: {
      plan: view(plan),
      venue: { id: venue.id, revision, body: (await bodyAt(scope, venue, revision)) as Venue },
      rules: view(rules),
      kinds: view(kinds),
    },
    shelf,
    hands,
    claims: claimsOf(plan, plans),
    venueNow: venue.revision,
  };
}
