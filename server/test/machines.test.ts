/** Two machines on one database, behind a proxy that speaks TLS: each lets in whom the other did, and either may go. */
import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { createProxyServer } from 'httpxy';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { newId } from '@idle-satchel/core';
import { editOf, FRIDAY, freshDatabase, move, spawnServer, type Running } from './helper.js';
import { PASSWORD } from './people.js';

const ENV = { DEMO: 'no', TRUST_PROXY: 'loopback' };
const EDITS = 60;

let database: Awaited<ReturnType<typeof freshDatabase>>;
let machines: Running[];
let proxy: Server;
let address: string;
/** The machine that the next request goes to; absent = in turns. */
let only: number | undefined;
let turn = 0;

beforeAll(async () => {
  database = await freshDatabase();
  await (await spawnServer(database.url)).kill();
  machines = [await spawnServer(database.url, ENV), await spawnServer(database.url, ENV)];
  // The way from here on is open, as it is between a proxy and what stands behind it.
  const passing = createProxyServer({ headers: { 'x-forwarded-proto': 'https' } });
  const pass = (request: IncomingMessage, response: ServerResponse): void => {
    const target = machines[only ?? turn++ % 2]?.address ?? '';
    passing.web(request, response, { target }).catch(() => response.writeHead(502).end());
  };
  proxy = createServer(pass);
  await new Promise<void>(resolve => proxy.listen(0, '127.0.0.1', resolve));
  address = `http://127.0.0.1:${(proxy.address() as AddressInfo).port}`;
});
afterAll(async () => {
  proxy.closeAllConnections();
  proxy.close();
  await Promise.all(machines.map(machine => machine.kill()));
  await database.drop();
});

let cookie = '';
const ask = (path: string, body?: object): Promise<Response> =>
  fetch(`${address}/api/v1${path}`, {
    headers: { cookie, 'content-type': 'application/json' },
    ...(body && { method: 'POST', body: JSON.stringify(body) }),
  });

/** Keeps the cookies of an answer, as a browser does. */
function keepCookies(answer: Response): void {
  const given = answer.headers.getSetCookie().map(each => each.split(';')[0] ?? '');
  const names = new Set(given.map(each => each.split('=')[0]));
  const before = cookie.split('; ').filter(each => each !== '' && !names.has(each.split('=')[0] ?? ''));
  cookie = [...before, ...given].join('; ');
}

/** Asks until a machine answers: one that was killed does not. */
async function insist(path: string, body: object): Promise<Response> {
  for (;;) {
    const answer = await ask(path, body).catch(() => undefined);
    if (answer && answer.status < 500) return answer;
  }
}

it('one signs in, the other lets in, and neither loses anybody or anything when it is killed', async () => {
  only = 0;
  const code = machines[0]?.code ?? '';
  const begun = await ask('/first-start', { code, name: 'Ada', login: 'ada', password: PASSWORD });
  expect(begun.status).toBe(201);
  keepCookies(begun);
  expect(cookie).toContain('__Host-session=');

  only = 1;
  const before = (await (await ask(`/documents/${FRIDAY}`)).json()) as { revision: number };
  only = undefined;
  const edits = Array.from({ length: EDITS }, (_, i) =>
    editOf(before.revision + i, [move('camnorth1', 10 + i / 100, 2)], { id: newId() }),
  );
  for (const [i, edit] of edits.entries()) {
    if (i === 20) await machines[0]?.kill('SIGKILL');
    if (i === 30) machines[0] = await spawnServer(database.url, ENV);
    if (i === 40) await machines[1]?.kill('SIGKILL');
    if (i === 50) machines[1] = await spawnServer(database.url, ENV);
    const answer = await insist('/edits', edit);
    expect([i, answer.status]).toEqual([i, 200]);
  }
  for (only of [0, 1]) {
    const now = (await (await ask(`/documents/${FRIDAY}`)).json()) as { revision: number };
    expect(now.revision).toBe(before.revision + EDITS);
    expect(await (await ask('/session')).json()).toMatchObject({
      signedIn: true,
      login: 'ada',
      role: 'owner',
    });
  }

  // Signed out at one, out at the other at once.
  only = 0;
  expect((await ask('/session/end', {})).status).toBe(200);
  only = 1;
  await expect.poll(async () => (await ask('/events')).status, { timeout: 10_000 }).toBe(401);
});
