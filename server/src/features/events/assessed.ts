/** Events with their assessments, kept while nothing that they were made from has changed. */
import { createAssessor, type Assessment, type Bundle } from '@idle-satchel/core';
import { bundleSeenBy, type Viewer } from '@idle-satchel/core/access';
import {
  faultsOf,
  type Fault,
  type Hands,
  type Kinds,
  type Plan,
  type Rules,
  type Shelf,
  type Venue,
} from '@idle-satchel/core/documents';
import { memoryOf, putLast } from '../../database/own-memory.js';
import type { Scope } from '../../database/scope.js';
import { notFound, Problem } from '../../problem.js';
import { bodyAt, CLASSES } from '../documents/service.js';
import { newestOf } from '../edits/newest.js';
import { claimsFor } from './claims.js';
import { madeFrom } from './made-from.js';
import { handsOf, shelfOf } from './service.js';

export interface Assessed {
  readonly bundle: Bundle;
  readonly assessment: Assessment;
}

interface Kept extends Assessed {
  readonly of: string;
}

const keptIn = memoryOf(() => new Map<string, Kept>());
/** An assessment of a large plan takes much room. */
const MOST = 6;

/** What tells apart how viewers see one event: their role, and of hands which person they are. */
export const seenAs = ({ role, person = '' }: Viewer): string => `${role} ${role === 'hand' ? person : ''}`;

/** An event and its assessment, as whoever asks sees it. 422 names the document that can no longer be read. */
export async function assessedEvent(scope: Scope, event: string): Promise<Assessed> {
  const of = (await madeFrom(scope))(event);
  if (of === undefined) throw notFound('event');
  const key = `${scope.organisationId} ${event} ${seenAs(scope.viewer)}`;
  const kept = keptIn(scope);
  const known = kept.get(key);
  if (known?.of === of) return known;
  const bundle = await readBundle(scope, event);
  const made = { of, bundle, assessment: createAssessor()(bundle) };
  putLast(kept, key, made, MOST);
  return made;
}

const WORDS = {
  plan: 'This event',
  venue: 'Its venue',
  rules: 'The house rules',
  kinds: 'The kinds of gear',
};

/** Bodies that were looked through before, and are what they should be. */
const sound = new WeakSet<object>();

/** A body as its class wants it; 422 for one that is damaged. Looked through once for as long as it is remembered. */
function soundBody<Body extends object>(name: keyof typeof WORDS, body: unknown): Body {
  if (typeof body === 'object' && body !== null && sound.has(body)) return body as Body;
  const [fault] = faultsOf(CLASSES[name], body);
  if (fault) throw damaged(WORDS[name], fault);
  sound.add(body as object);
  return body as Body;
}

interface Views {
  readonly version: string;
  readonly shelf: Shelf;
  readonly hands: Hands;
}
const viewsIn = memoryOf(() => new Map<string, Views>());
const MOST_VIEWS = 4;

/** Shelf and people, read once for as long as nothing of them changes. */
async function viewsOf(scope: Scope): Promise<Views> {
  const known = viewsIn(scope).get(scope.organisationId);
  const version = await scope.viewsVersion();
  if (known?.version === version) return known;
  const [shelf, hands] = await Promise.all([shelfOf(scope), handsOf(scope)]);
  const views = { version, shelf, hands };
  putLast(viewsIn(scope), scope.organisationId, views, MOST_VIEWS);
  return views;
}

/**
 * The bundle of an event as whoever asks sees it, whose documents are what their classes say: what is made of it need not be afraid. What events
 * share is read once for all of them.
 */
export async function readBundle(scope: Scope, event: string): Promise<Bundle> {
  const house = await scope.houseDocuments();
  const found = await newestOf(scope, [event, ...house.map(({ id }) => id)]);
  const row = found.get(event);
  if (row?.kind !== 'plan') throw notFound('event');
  const plan = soundBody<Plan>('plan', row.body);
  const one = <Body extends object>(kind: 'rules' | 'kinds'): Body => {
    const id = house.find(each => each.kind === kind)?.id;
    if (id === undefined) throw notFound(kind);
    return soundBody<Body>(kind, found.get(id)?.body);
  };
  const [rules, kinds] = [one<Rules>('rules'), one<Kinds>('kinds')];
  const pinned = (await newestOf(scope, [plan.venue.id])).get(plan.venue.id);
  if (pinned?.kind !== 'venue') throw notFound('venue');
  const newest = plan.venue.revision >= pinned.revision;
  const venue = soundBody<Venue>(
    'venue',
    newest ? pinned.body : await bodyAt(scope, pinned.id, plan.venue.revision),
  );
  const { shelf, hands } = await viewsOf(scope);
  const claims = await claimsFor(scope, event, plan.rules?.turnaround ?? rules.turnaround, plan.parent);
  return bundleSeenBy(scope.viewer, { plan, venue, rules, kinds, shelf, hands, claims });
}

/** 422 for a document that was changed by something else than this program. */
function damaged(what: string, { path, reason }: Fault): Problem {
  const where = path === '' ? '' : ` at ${path}`;
  return new Problem(422, `${what} is damaged`, `${reason}${where}`, { damaged: true });
}
