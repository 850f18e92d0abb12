/** The contract of the API: every route of it is there, answers what it says, and is described. */
import { bundleOf, newId, type Bundle } from '@idle-satchel/core';
import { ROUTES, type Contract, type RouteName } from '@idle-satchel/core/api';
import { faultsOf, writeBundleFile, writeGearFile } from '@idle-satchel/core/documents';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { API } from '../src/route.js';
import { editOf, FRIDAY, move, setUp, type Setup } from './helper.js';
import { ACCOUNTS, askedOfAccounts } from './asked-of-accounts.js';
import { member, signedIn, type Agent } from './people.js';

let setup: Setup;
/** The owner’s browser. */
let owner: Agent;
let bundle: Bundle;
let venue: string;
beforeAll(async () => {
  setup = await setUp({ demo: false });
  await member(setup, 'olwen', 'owner');
  owner = await signedIn(setup, 'olwen');
  const answer = await owner.get(`${API}/events/${FRIDAY}/bundle`);
  bundle = bundleOf(answer.body as Parameters<typeof bundleOf>[0]);
  venue = bundle.plan.venue.id;
  await owner.patch(`${API}/items`).send({ items: [{ id: 'itemcam01', whereNow: 'Van' }], change: CHANGE });
});
afterAll(() => setup.close());

/** A change of the shelf that is there to be taken back. */
const CHANGE = 'changetest1';

const names = Object.keys(ROUTES) as RouteName[];
const contractOf = (name: RouteName): Contract => ROUTES[name];
const PNG = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);

/** Ids that each route is tried with, by how its path begins. */
const idOf = (path: string): string => {
  if (path.startsWith('/venues') || path.endsWith('/restore')) return venue;
  if (path.startsWith('/item-changes')) return CHANGE;
  if (path.startsWith('/items')) return Object.keys(bundle.shelf.items)[0] ?? '';
  if (path.endsWith('/erase')) return Object.keys(bundle.hands.people)[1] ?? '';
  if (path.startsWith('/people')) return Object.keys(bundle.hands.people)[0] ?? '';
  if (path.startsWith('/files')) return 'file00000001';
  return path.startsWith('/pictures') ? 'picture0001' : FRIDAY;
};

const bodies: Partial<Record<RouteName, () => object>> = {
  'POST /events': () => ({ label: 'New', start: '2026-12-20T18:00:00Z', zone: 'Europe/London', venue }),
  'POST /venues': () => bundle.venue,
  'POST /events/:id/variant': () => ({ label: 'In another way' }),
  'PATCH /items/:id': () => ({ note: 'seen' }),
  'PATCH /items': () => ({ items: [{ id: Object.keys(bundle.shelf.items)[0] ?? '', home: 'Shelf 2' }] }),
  'POST /item-changes/:id/undo': () => ({ author: 'Tester' }),
  'POST /items': () => ({
    items: [{ tape: 'NEW 1', kind: Object.values(bundle.shelf.items)[0]?.kind ?? '', state: 'ready' }],
  }),
  'POST /people': () => ({ people: [{ name: 'Somebody new', skills: [] }] }),
  'PATCH /people': () => ({ people: [{ id: 'petralund1', most: 3 }] }),
  'PATCH /people/:id': () => ({ young: false }),
  'POST /people/:id/erase': () => ({ name: Object.values(bundle.hands.people)[1]?.name ?? '' }),
  'POST /bookings': () => ({
    ...{ label: 'Test', from: '2027-03-01T10:00:00Z', to: '2027-03-01T12:00:00Z' },
    items: [{ item: 'itemcam01' }],
  }),
  'PUT /events/:id/booking': () => ({ author: 'Tester' }),
  'POST /bookings/:id/release': () => ({}),
  'POST /edits': () => editOf(1, [move('deskrack1', 3, 3)]),
  'POST /documents/:id/restore': () => ({ id: newId(), author: 'Tester', revision: 1 }),
};

async function asked(name: RouteName): Promise<{ status: number; body: unknown; type: string }> {
  const [method = '', path = ''] = name.split(' ');
  if (ACCOUNTS.test(path)) return askedOfAccounts(setup, name);
  const address = `${API}${path.replace(':id', idOf(path))}`;
  const request = owner[method.toLowerCase() as 'get'](address);
  if (name === 'PUT /pictures/:id') return request.set('content-type', 'image/png').send(PNG);
  if (name === 'PUT /files/:id') return request.set('content-type', 'application/octet-stream').send(PNG);
  if (name === 'POST /events/import') {
    return request.set('content-type', 'application/json').send(writeBundleFile(bundle, true));
  }
  if (name === 'POST /shelf/gear') {
    const { kinds } = bundle.kinds;
    return request
      .set('content-type', 'application/json')
      .send(writeGearFile({ organisation: 'Another house', kinds, items: bundle.shelf.items }));
  }
  if (name === 'PUT /organisation') {
    const answer = await owner.get(`${API}/organisation`);
    return request.send({ id: (answer.body as { id: string }).id });
  }
  return request.send(bodies[name]?.());
}

describe('the contract', () => {
  // An installation gets its owner once: that is asked where it starts.
  const withAnswers = names.filter(name => contractOf(name).answer && name !== 'POST /first-start');
  it.each(withAnswers)('%s answers what it says', async name => {
    const { answer, status = 200 } = contractOf(name);
    const response = await asked(name);
    expect([response.status, response.body]).toEqual([status, response.body]);
    expect(answer && faultsOf(answer, response.body)).toEqual([]);
  });

  const files = names.filter(name => !contractOf(name).answer && name !== 'GET /live');
  it.each(files)('%s sends a file of the kind it says', async name => {
    const { file = '' } = contractOf(name);
    const response = await asked(name);
    expect(response.status).toBe(200);
    expect(response.type).toMatch(new RegExp(`^${file.replace('*', '.+').replace('+xml', '\\+xml')}`));
  });

  it('is all in the OpenAPI document, each with what it takes and answers', async () => {
    const answer = await owner.get(`${API}/openapi.json`);
    const { paths, components } = answer.body as {
      paths: Record<string, Record<string, object>>;
      components: { schemas: Record<string, object> };
    };
    const described = Object.entries(paths).flatMap(([path, methods]) =>
      Object.keys(methods).map(method => `${method.toUpperCase()} ${path.replace(/\{(\w+)\}/g, ':$1')}`),
    );
    expect(described.sort()).toEqual(names.map(name => name.replace(' ', ` ${API}`)).sort());
    const used = [...JSON.stringify(paths).matchAll(/#\/components\/schemas\/(\w+)/g)].map(
      ([, name]) => name,
    );
    // What comes as a file has no schema.
    const told = names.filter(name => !/\.(pdf|csv|svg|xlsx|txt)$/.test(name));
    expect(used.length).toBeGreaterThan(told.length / 2);
    for (const name of used) expect(Object.keys(components.schemas)).toContain(name);
  });
});

describe('addresses that are none', () => {
  it.each([
    '/api/v1/nothing',
    '/api/v1/events/%00/bundle',
    '/api/v1/events/NOT-AN-ID/bundle',
    '/api/v1/events/%E0%A4%A/bundle',
    '/nowhere',
  ])('%s is answered with a problem', async path => {
    const response = await owner.get(path);
    expect([400, 404]).toContain(response.status);
    expect(response.type).toBe('application/problem+json');
  });
});
