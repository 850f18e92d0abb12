/** The way to the server: TLS with a certificate of its own, a proxy before it, and what is refused without either. */
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { get, type RequestOptions } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import supertest from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createApp } from '../src/app.js';
import { freshDatabase, setUp, spawnServer, type Running, type Setup } from './helper.js';
import { member, PASSWORD } from './people.js';

interface Lan {
  readonly lanCertificate: (
    names: readonly string[],
    folder: string,
  ) => Promise<Readonly<Record<'cert' | 'key' | 'authority' | 'fingerprint', string>>>;
  readonly isGoodFor: (pem: string, names: readonly string[], now?: number) => boolean;
}
// @ts-expect-error -- a script in plain JavaScript
const lan = (await import('../../scripts/lan.mjs')) as Lan;

describe('a server that speaks TLS', () => {
  let folder: string;
  let files: Awaited<ReturnType<Lan['lanCertificate']>>;
  let database: Awaited<ReturnType<typeof freshDatabase>>;
  let server: Running;
  beforeAll(async () => {
    folder = mkdtempSync(join(tmpdir(), 'satchel-lan-'));
    files = await lan.lanCertificate(['127.0.0.1', 'hall.local'], folder);
    database = await freshDatabase();
    server = await spawnServer(database.url, {
      ...{ DEMO: 'no', TLS_CERT: files.cert, TLS_KEY: files.key, LAN_AUTHORITY: files.authority },
    });
  });
  afterAll(async () => {
    await server.kill();
    await database.drop();
    rmSync(folder, { recursive: true });
  });

  const ask = (path: string, options: RequestOptions = {}): Promise<{ status: number; text: string }> =>
    new Promise((resolve, reject) => {
      get(`${server.address}${path}`, options, response => {
        let text = '';
        response.on('data', (chunk: Buffer) => (text += chunk.toString()));
        response.on('end', () => resolve({ status: response.statusCode ?? 0, text }));
      }).on('error', reject);
    });

  it('is trusted by whoever trusts its authority, and by nobody else', async () => {
    expect(server.address).toMatch(/^https:/);
    const ca = readFileSync(files.authority, 'utf8');
    const answer = await ask('/api/v1/session', { ca });
    expect(JSON.parse(answer.text)).toEqual({ signedIn: false, unowned: true });
    await expect(ask('/api/v1/session')).rejects.toThrow(/certificate/);
  });

  it('gives its authority to phones, and never a key', async () => {
    const answer = await ask('/local-authority.crt', { rejectUnauthorized: false });
    expect(answer.text).toBe(readFileSync(files.authority, 'utf8'));
    expect(answer.text).not.toContain('PRIVATE');
  });

  it('keeps its certificate while that is good, and makes another for other names', async () => {
    const before = readFileSync(files.cert, 'utf8');
    expect(lan.isGoodFor(before, ['127.0.0.1', 'hall.local'])).toBe(true);
    expect(lan.isGoodFor(before, ['10.0.0.7'])).toBe(false);
    expect(lan.isGoodFor(before, ['127.0.0.1'], Date.now() + 365 * 86_400_000)).toBe(false);
    await lan.lanCertificate(['127.0.0.1'], folder);
    expect(readFileSync(files.cert, 'utf8')).toBe(before);
    const again = await lan.lanCertificate(['10.0.0.7'], folder);
    expect(readFileSync(again.cert, 'utf8')).not.toBe(before);
    expect(again.fingerprint).toBe(files.fingerprint);
  });
});

describe('a server beyond the loopback', () => {
  let setup: Setup;
  beforeAll(async () => {
    setup = await setUp({ demo: false });
    await member(setup, 'olwen', 'owner');
  });
  afterAll(() => setup.close());
  const behind = (trustProxy?: string) =>
    supertest(
      createApp(
        { ...setup, relay: undefined as never, log: undefined as never },
        { onlySecure: true, ...(trustProxy !== undefined && { trustProxy }) },
      ),
    );
  const login = { login: 'olwen', password: PASSWORD };
  const byTls = { 'x-forwarded-proto': 'https', 'x-forwarded-for': '203.0.113.9' };

  it('answers nothing that did not come by TLS, whoever says that it did', async () => {
    expect((await behind().get('/api/v1/session')).status).toBe(403);
    expect((await behind().get('/api/v1/session').set(byTls)).status).toBe(403);
    expect((await behind('10.1.2.3').get('/api/v1/session').set(byTls)).status).toBe(403);
    expect((await behind('loopback').get('/api/v1/session')).status).toBe(403);
  });

  it('takes the word of its proxy, gives cookies that never go another way, and notes who asked', async () => {
    const answer = await behind('loopback').post('/api/v1/session').set(byTls).send(login);
    expect(answer.status).toBe(200);
    const cookies = answer.headers['set-cookie'] as unknown as string[];
    expect(cookies.length).toBeGreaterThan(0);
    for (const cookie of cookies) expect(cookie).toMatch(/^__Host-\w+=.*Path=\/;.*Secure/);
    expect(answer.headers['strict-transport-security']).toMatch(/max-age/);
    const session = cookies.map(each => each.split(';')[0]).join('; ');
    const own = await behind('1').get('/api/v1/sessions').set(byTls).set('cookie', session);
    expect((own.body as { sessions: { address: string }[] }).sessions[0]?.address).toBe('203.0.113.9');
  });
});
