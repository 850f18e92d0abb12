// Requests that nobody should make: whatever is sent, the answer is no fault of the server.
import { FRIDAY, newId, repeatedly, startWatched, ownersCookie } from './servers.mjs';

const pick = list => list[Math.floor(Math.random() * list.length)];
const ODD = [
  null,
  true,
  false,
  0,
  -1,
  1e308,
  1.5,
  '',
  ' ',
  'x',
  '\u0000',
  '\ud800',
  '__proto__',
  'constructor',
  '../..',
  '%00',
  'a'.repeat(5000),
  '🎥'.repeat(300),
  [],
  {},
  [[]],
  [null],
  { a: { b: { c: {} } } },
  { id: FRIDAY },
  '2026-02-30T00:00:00Z',
  'Europe/Nowhere',
  Number.MAX_SAFE_INTEGER,
  '/devices/camnorth1',
  '/devices/camnorth1/place/at/-',
  '~2',
  '-0',
];
const PATHS = [
  '',
  '/',
  '/label',
  '/devices',
  '/devices/camnorth1',
  '/devices/camnorth1/place/at/0',
  '/links/linkwide1',
  '/a/b',
  '/version',
  '/venue',
  '/runningOrder',
];
const OPS = ['add', 'remove', 'replace', 'move', 'copy', 'test', 'frobnicate'];
const IDS = [
  FRIDAY,
  'venuestald1',
  'houserules01',
  'kindsofthing',
  'itemftc01',
  'petralund1',
  'nowhere00001',
  'X',
  '%00',
  '..',
  'a'.repeat(300),
];
const ROUTES = [
  'GET /events',
  'GET /events/lines',
  'POST /events',
  'POST /events/import',
  'POST /events/:id/copy',
  'GET /events/:id/bundle',
  'GET /events/:id/file',
  'GET /venues',
  'POST /venues',
  'GET /venues/:id/bundle',
  'GET /items',
  'POST /items',
  'PATCH /items/:id',
  'GET /people',
  'PATCH /people/:id',
  'GET /documents/:id',
  'GET /documents/:id/changes',
  'GET /documents/:id/history',
  'POST /documents/:id/restore',
  'POST /edits',
  'PUT /organisation',
  'PUT /pictures/:id',
  'GET /pictures/:id',
  'GET /organisation',
  'DELETE /events/:id',
  'GET /nowhere',
  'OPTIONS /edits',
];
/** Seldom: each keeps a thread busy for a moment. */
const SLOW = ['GET /events/:id/cut-list.csv', 'GET /events/:id/labels.svg', 'GET /venues/:id/plan.svg'];

const operation = () => ({
  op: pick(OPS),
  path: pick([...PATHS, pick(ODD)]),
  ...(Math.random() < 0.8 && { value: pick(ODD) }),
  ...(Math.random() < 0.3 && { from: pick(PATHS) }),
});
const edit = () => ({
  id: pick([newId(), newId(), pick(ODD)]),
  label: pick(['Fuzz', 'Fuzz', pick(ODD)]),
  author: pick(['Fuzz', pick(ODD)]),
  ...(Math.random() < 0.2 && { undoes: pick([newId(), pick(ODD)]) }),
  changes: pick([
    [{ document: pick(IDS), base: pick([1, 1, 2, 5, pick(ODD)]), patch: [operation(), operation()] }],
    [
      { document: FRIDAY, base: 1, patch: [operation()] },
      { document: 'venuestald1', base: 1, patch: [operation()] },
    ],
    pick(ODD),
  ]),
});
const BODIES = {
  'POST /edits': edit,
  'POST /events': () => ({
    label: pick(['New', pick(ODD)]),
    start: pick(['2026-12-20T18:00:00Z', pick(ODD)]),
    zone: pick(['UTC', pick(ODD)]),
    [pick(['venue', 'kit', 'x'])]: pick(['venuestald1', pick(ODD)]),
  }),
  'POST /items': () => ({
    items: pick([
      [
        {
          tape: pick(['F 1', pick(ODD)]),
          kind: pick(['camfourth', pick(ODD)]),
          state: pick(['ready', pick(ODD)]),
        },
      ],
      pick(ODD),
    ]),
  }),
  'PATCH /items/:id': () => ({ [pick(['tape', 'note', 'state', 'base', 'proof', 'x'])]: pick(ODD) }),
  'PATCH /people/:id': () => ({ [pick(['name', 'skills', 'lift', 'base', 'x'])]: pick(ODD) }),
  'POST /documents/:id/restore': () => ({
    id: newId(),
    author: 'Fuzz',
    revision: pick([1, 2, 99, pick(ODD)]),
  }),
};
const TYPES = [
  'application/json',
  'application/json',
  'application/json',
  'text/plain',
  'application/json; charset=utf-7',
  'image/png',
];
const ENCODINGS = ['identity', 'identity', 'identity', 'gzip', 'br', 'zip'];
const QUERIES = [
  '',
  '',
  '?cursor=x',
  '?since=-1',
  '?since=0',
  '?before=1e9',
  '?as=x',
  `?as=${newId()}`,
  '?ids=a,b',
  '?page=99999999',
  '?x=%E0%A4',
  '?size=flag&size=wrap',
];

/** One hostile request; its status, or 0 where the connection was cut. */
async function hostile(url, slow) {
  const route = slow ? pick(SLOW) : pick(ROUTES);
  const [method, path] = route.split(' ');
  const sends = ['POST', 'PUT', 'PATCH'].includes(method);
  const made = Math.random() < 0.8 && BODIES[route] ? BODIES[route]() : pick(ODD);
  const text =
    Math.random() < 0.05 ? pick(['{', '[1,', '{"a":1}x', '\u0000', '"'.repeat(99)]) : JSON.stringify(made);
  const headers = {
    'content-type': pick(TYPES),
    'content-encoding': pick(ENCODINGS),
    cookie: pick([ownersCookie(), ownersCookie(), ownersCookie(), 'session=x', 'session=%', '']),
  };
  const address = `${url}/api/v1${path.replace(':id', pick(IDS))}${pick(QUERIES)}`;
  try {
    const answer = await fetch(address, { method, ...(sends && { body: text, headers }) });
    await answer.arrayBuffer();
    return answer.status;
  } catch {
    return 0;
  }
}

export async function fuzz({ cluster, scale }) {
  const requests = Math.round(100_000 * scale);
  const server = await startWatched(cluster.url);
  const counts = new Map();
  await repeatedly(requests, 16, async i => {
    const status = await hostile(server.url, i % 500 === 0);
    counts.set(status, (counts.get(status) ?? 0) + 1);
  });
  const after = await fetch(`${server.url}/api/v1/events/${FRIDAY}/bundle`, {
    headers: { cookie: ownersCookie() },
  });
  await server.end();
  const faults = [...counts].filter(([status]) => status >= 500 && status !== 503 && status !== 507);
  const cut = counts.get(0) ?? 0;
  return [
    [
      `${requests} hostile requests: 5xx but 503 and 507`,
      faults.reduce((sum, [, count]) => sum + count, 0),
      0,
    ],
    ['… connections cut', cut, 0],
    ['… an event opens after them', after.ok ? 0 : 1, 0],
  ];
}
