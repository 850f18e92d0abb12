/** What travels, and how it is compressed. */
import { mkdtempSync, rmSync, writeFileSync, mkdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import supertest from 'supertest';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { createApp } from '../src/app.js';
import { FRIDAY, setUp, spawnServer, type Setup } from './helper.js';

let setup: Setup;
let folder: string;
beforeAll(async () => {
  setup = await setUp();
  folder = mkdtempSync(join(tmpdir(), 'interface-'));
  mkdirSync(join(folder, 'assets'));
  writeFileSync(join(folder, 'index.html'), '<!doctype html><title>Interface</title>');
  mkdirSync(join(folder, '.vite'));
  const station = 'src/stations/runs/RunsLedger.tsx';
  const manifest = {
    'index.html': { file: 'assets/index.js', imports: ['_shared.js'] },
    'src/app/EventPage.tsx': {
      file: 'assets/page.js',
      imports: ['_shared.js', '_page.js'],
      dynamicImports: ['src/stations/runs/Labels.tsx', station, 'src/stations/day/DayStation.tsx'],
    },
    [station]: { file: 'assets/runs.js', imports: ['_page.js'] },
    'src/bench/PlanPicture.tsx': { file: 'assets/plan.js', imports: ['_shared.js'] },
    '_shared.js': { file: 'assets/shared.js' },
    '_page.js': { file: 'assets/page-parts.js' },
  };
  writeFileSync(join(folder, '.vite/manifest.json'), JSON.stringify(manifest));
  writeFileSync(join(folder, 'assets/a.js'), 'plain');
  writeFileSync(join(folder, 'assets/a.js.br'), brotliCompressSync('brotli'));
});
afterAll(async () => {
  rmSync(folder, { recursive: true });
  await setup.close();
});

it('answers are compressed as the browser can take them', async () => {
  const bundle = setup.api.get(`/api/v1/events/${FRIDAY}/bundle`);
  const { headers } = await bundle.set('accept-encoding', 'gzip');
  expect(headers['content-encoding']).toBe('gzip');
  expect(
    Number(
      (await setup.api.get('/api/v1/openapi.json').set('accept-encoding', 'identity')).headers[
        'content-length'
      ],
    ),
  ).toBeGreaterThan(1000);
});

it('files of the interface travel as they were compressed when they were built, and are kept', async () => {
  const relay = { subscribe: () => () => undefined } as never;
  const log = { error: () => undefined } as never;
  const api = supertest(createApp({ ...setup, relay, log }, { interfaceFolder: folder }));
  const plain = await api.get('/assets/a.js').set('accept-encoding', 'identity');
  expect(plain.text).toBe('plain');
  expect(plain.headers['content-encoding']).toBeUndefined();
  const packed = await api.get('/assets/a.js').set('accept-encoding', 'gzip, br').buffer(false);
  expect(packed.headers).toMatchObject({
    'content-encoding': 'br',
    'content-type': expect.stringMatching(/^(text|application)\/javascript/) as string,
    'cache-control': 'public, max-age=31536000, immutable',
  });
  expect((await api.get('/assets/gone.js')).status).toBe(404);
  expect((await api.get('/events/anything')).text).toContain('<title>Interface</title>');
});

it('what is told as it happens is not held back to be compressed', async () => {
  const server = await spawnServer(setup.url);
  try {
    const stop = new AbortController();
    const live = await fetch(`${server.address}/api/v1/live`, {
      headers: { 'accept-encoding': 'gzip' },
      signal: stop.signal,
    });
    expect(live.headers.get('content-encoding')).toBeNull();
    stop.abort();
  } finally {
    await server.kill();
  }
});

it('the page of an event announces what it will ask for beside what it names itself', async () => {
  const relay = { subscribe: () => () => undefined } as never;
  const app = createApp({ ...setup, relay, log: undefined as never }, { interfaceFolder: folder });
  const linkOf = async (path: string): Promise<string[]> =>
    ((await supertest(app).get(path).set('host', 'localhost')).headers.link ?? '').split(', ');
  const bundle = (id: string) =>
    `</api/v1/events/${id}/bundle>; rel=preload; as=fetch; crossorigin=anonymous`;
  const scripts = (...names: string[]) => names.map(name => `</assets/${name}.js>; rel=modulepreload`);
  expect(await linkOf(`/events/${FRIDAY}/runs`)).toEqual([
    bundle(FRIDAY),
    ...scripts('page', 'page-parts', 'runs', 'plan'),
  ]);
  // Where no plan is shown, it does not keep anything else waiting.
  expect(await linkOf(`/events/${FRIDAY}/day`)).toEqual([bundle(FRIDAY), ...scripts('page', 'page-parts')]);
  expect(await linkOf(`/events/${FRIDAY}`)).toEqual([bundle(FRIDAY), ...scripts('page', 'page-parts')]);
  // What is no event is not announced, nor is anything put into the header that is no id.
  expect(await linkOf('/events/%0d%0aset-cookie/runs')).toEqual(['']);
  expect(await linkOf('/venues')).toEqual(['']);
});
