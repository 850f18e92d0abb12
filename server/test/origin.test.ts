import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createApp } from '../src/app.js';
import supertest from 'supertest';
import { editOf, FRIDAY, move, setUp, type Setup } from './helper.js';

let setup: Setup;
beforeAll(async () => (setup = await setUp()));
afterAll(() => setup.close());

const revision = async (): Promise<number> =>
  ((await setup.api.get(`/api/v1/documents/${FRIDAY}`)).body as { revision: number }).revision;

/** An edit sent with some headers, and whether it was applied. */
async function sent(headers: Record<string, string>): Promise<{ status: number; applied: boolean }> {
  const before = await revision();
  const body = JSON.stringify(editOf(before, [move('camnorth1', 8 + Math.random(), 2)]));
  const request = setup.api.post('/api/v1/edits').set({ 'content-type': 'application/json', ...headers });
  const { status } = await request.send(body as never);
  return { status, applied: (await revision()) > before };
}

describe('an edit that another page has the browser send', () => {
  it.each([
    ['as a form', { 'content-type': 'application/x-www-form-urlencoded' }, 415],
    ['as plain text', { 'content-type': 'text/plain' }, 415],
    ['from another site', { 'sec-fetch-site': 'cross-site' }, 403],
    ['from another port of this machine', { 'sec-fetch-site': 'same-site' }, 403],
    ['as a form that leads here', { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'navigate' }, 403],
    ['from another origin, by an older browser', { origin: 'http://127.0.0.1:9' }, 403],
    ['from a page without an origin', { origin: 'null' }, 403],
    ['under a name that is not ours', { host: 'satchel.example' }, 421],
    ['under a name that begins like ours', { host: '127.0.0.1.example:80' }, 421],
  ])('%s is refused', async (_, headers, status) => {
    expect(await sent(headers)).toEqual({ status, applied: false });
  });

  it.each([
    ['our own page', { 'sec-fetch-site': 'same-origin' }],
    ['our own page, by an older browser', { host: 'localhost:81', origin: 'http://localhost:81' }],
    ['a program that is no browser', { 'content-type': 'application/json; charset=utf-8' }],
    ['a page of ours under another loopback name', { host: '[::1]:80' }],
  ])('is applied when it is %s', async (_, headers) => {
    expect(await sent(headers)).toEqual({ status: 200, applied: true });
  });
});

describe('a page of another site', () => {
  const asked = (mode: string) =>
    setup.api
      .get(`/api/v1/events/${FRIDAY}/pack-list.pdf`)
      .set({ 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': mode });
  it('may link to a sheet, but not put it into itself', async () => {
    expect((await asked('navigate')).status).toBe(200);
    expect((await asked('no-cors')).status).toBe(403);
  });
  it('cannot copy an event, which needs no body, as our own page can', async () => {
    const copy = (site: string) =>
      setup.api.post(`/api/v1/events/${FRIDAY}/copy`).set({ 'sec-fetch-site': site, 'content-length': '0' });
    expect((await copy('cross-site')).status).toBe(403);
    expect((await copy('same-origin')).status).toBe(201);
  });
});

it('a server answers to the names it was given', async () => {
  const relay = { subscribe: () => () => undefined } as never;
  const app = createApp(
    { ...setup, relay, log: { error: () => undefined } as never },
    { hosts: new Set(['satchel.example']) },
  );
  const status = async (host: string): Promise<number> =>
    (await supertest(app).get('/api/v1/openapi.json').set('host', host)).status;
  expect(await status('satchel.example:8443')).toBe(200);
  expect(await status('127.0.0.1')).toBe(421);
});
