/** Standing up: on an empty database, several at once; and why one does not, in plain words. */
import { Me } from '@idle-satchel/core/api';
import { faultsOf } from '@idle-satchel/core/documents';
import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { connect } from '../src/database/connection.js';
import { migrate } from '../src/database/migrations.js';
import { loadDemo } from '../src/demo.js';
import { freshDatabase, spawnServer } from './helper.js';

let database: Awaited<ReturnType<typeof freshDatabase>>;
beforeAll(async () => (database = await freshDatabase()));
afterAll(() => database.drop());

/** Starts a server that cannot start; gives its exit code and last words. */
function failing(env: Readonly<Record<string, string>>): Promise<{ code: number | null; words: string }> {
  const child = spawn(process.execPath, [join(import.meta.dirname, '../dist/main.js')], {
    stdio: ['ignore', 'ignore', 'pipe'],
    env: { ...process.env, DATABASE_URL: database.url, PORT: '0', LOG_LEVEL: 'fatal', ...env },
  });
  let words = '';
  child.stderr.on('data', (chunk: Buffer) => (words += chunk.toString()));
  return new Promise(resolve => child.once('close', code => resolve({ code, words })));
}

describe('a server that cannot start', () => {
  it.each([
    ['PORT', '70000', 'from 0 to 65535'],
    ['PORT', 'http', 'from 0 to 65535'],
    ['HOST', '0.0.0.0', 'loopback'],
    ['DATABASE_URL', 'satchel', 'postgres://'],
    ['DATABASE_URL', 'postgres://a:b@127.0.0.1:9/c', 'cannot be reached'],
  ])('because of %s=%s says so and ends', async (name, value, words) => {
    const end = await failing({ [name]: value });
    expect(end.code).toBe(1);
    expect(end.words).toContain(words);
    expect(end.words.trim().split('\n')).toHaveLength(1);
  });

  it.each([
    [{ WORK_SECONDS: '0' }, 'WORK_SECONDS is 0'],
    [{ HOST: '0.0.0.0', DEMO: 'yes' }, 'a demo stays on a loopback address'],
    [{ HOST: '0.0.0.0' }, 'wants TLS'],
    [{ TLS_CERT: '/nowhere.crt' }, 'go together'],
    [{ TLS_CERT: '/nowhere.crt', TLS_KEY: '/nowhere.key' }, 'cannot be read'],
  ])('because of %j says so and ends', async (env, words) => {
    const end = await failing(env);
    expect([end.code, end.words.trim().split('\n').length]).toEqual([1, 1]);
    expect(end.words).toContain(words);
  });

  it('because the database of that name, or its password, is wrong says so and ends', async () => {
    const other = new URL(database.url);
    other.pathname = '/nowhere';
    const wrong = new URL(database.url);
    wrong.password = 'wrong';
    for (const url of [other, wrong]) {
      const end = await failing({ DATABASE_URL: url.href });
      expect(end.code).toBe(1);
      expect(end.words).toMatch(/cannot start\. The database refuses/);
    }
  });

  it('because its port is taken says so and ends', async () => {
    const other = createServer();
    await new Promise<void>(resolve => other.listen(0, '127.0.0.1', resolve));
    const { port } = other.address() as { port: number };
    const end = await failing({ PORT: String(port) });
    other.close();
    expect([end.code, end.words.trim()]).toEqual([
      1,
      `Idle Satchel cannot start. Port ${port} is taken: another program listens there.`,
    ]);
  });
});

describe('a database', () => {
  it('of a newer version is refused, and left as it is', async () => {
    const newer = await freshDatabase();
    const sequelize = connect(newer.url);
    await migrate(sequelize);
    await sequelize.query('INSERT INTO "SequelizeMeta" (name) VALUES (\'9999-from-the-future\')');
    await sequelize.close();
    const end = await failing({ DATABASE_URL: newer.url });
    expect(end.code).toBe(1);
    expect(end.words).toContain('newer version of Idle Satchel (9999-from-the-future)');
    await newer.drop();
  });

  it('takes a change of its shape whole or not at all', async () => {
    const half = await freshDatabase();
    const sequelize = connect(half.url);
    // In the way of a table that a later change makes.
    await sequelize.query('CREATE TABLE claims (id int)');
    await expect(migrate(sequelize)).rejects.toThrow(/claims/);
    const [tables] = await sequelize.query(
      "SELECT to_regclass('organisations') AS first, to_regclass('items') AS later",
    );
    expect(tables).toEqual([{ first: null, later: null }]);
    await sequelize.query('DROP TABLE claims');
    await migrate(sequelize);
    await migrate(sequelize);
    await sequelize.close();
    await half.drop();
  });

  it('of the version before gets what the new one keeps beside documents', async () => {
    const older = await freshDatabase();
    const sequelize = connect(older.url);
    await migrate(sequelize);
    await loadDemo(sequelize);
    const claims = () => sequelize.query('SELECT * FROM claims ORDER BY event_id').then(([rows]) => rows);
    const before = await claims();
    expect(before.length).toBeGreaterThan(3);
    await sequelize.query(`
      DROP TABLE claims, makings;
      ALTER TABLE edits DROP browser;
      ALTER TABLE items DROP revision, DROP changed_at;
      ALTER TABLE people DROP revision, DROP changed_at;
      DELETE FROM "SequelizeMeta" WHERE name LIKE '0003%';
      UPDATE documents SET body = '{}' WHERE id = 'eventsunday1';
    `);
    await migrate(sequelize);
    // A plan that can no longer be read claims nothing, and keeps nobody from starting.
    const readable = before.filter(each => (each as { event_id: string }).event_id !== 'eventsunday1');
    expect(await claims()).toEqual(readable);
    await sequelize.close();
    await older.drop();
  });

  it('that is empty explains itself, and begins with the code of the terminal', async () => {
    const empty = await freshDatabase();
    const server = await spawnServer(empty.url, { DEMO: 'no' });
    try {
      const ask = (path: string, body?: object, cookie = '') =>
        fetch(`${server.address}/api/v1${path}`, {
          headers: { 'content-type': 'application/json', cookie },
          ...(body && { method: 'POST', body: JSON.stringify(body) }),
        });
      const answer = await ask('/events');
      const { title, detail } = (await answer.json()) as { title: string; detail: string };
      expect([answer.status, title]).toEqual([401, 'Nobody owns this installation yet']);
      expect(detail).toMatch(/code/);
      const owner = {
        ...{ code: server.code ?? '', organisation: 'Millrace Street Choir', name: 'Ada Millrace' },
        ...{ login: 'ada', password: 'seven geese over the weir' },
      };
      expect((await ask('/first-start', { ...owner, code: 'AAAA-BBBB-CCCC-DDDD' })).status).toBe(401);
      const begun = await ask('/first-start', { ...owner, code: (server.code ?? '').toLowerCase() });
      expect([begun.status, faultsOf(Me, await begun.json())]).toEqual([201, []]);
      expect((await ask('/first-start', owner)).status).toBe(409);
      const [cookie = ''] = begun.headers.getSetCookie().map(each => each.split(';')[0]);
      const info = await ask('/organisation', undefined, cookie);
      expect(await info.json()).toMatchObject({ organisations: [{ name: 'Millrace Street Choir' }] });
      const first = { label: 'First', start: '2026-12-20T18:00:00Z', zone: 'UTC', kit: 'kitonebelt' };
      expect((await ask('/events', first, cookie)).status).toBe(201);
    } finally {
      await server.kill();
      await empty.drop();
    }
  });

  it('that is empty takes four processes with demo data at once', async () => {
    const servers = await Promise.all(
      Array.from({ length: 4 }, () => spawnServer(database.url, { DEMO: 'yes' })),
    );
    const counts = await Promise.all(
      servers.map(async ({ address }) => {
        const { organisations } = (await (await fetch(`${address}/api/v1/organisation`)).json()) as {
          organisations: object[];
        };
        return organisations.length;
      }),
    );
    await Promise.all(servers.map(server => server.kill()));
    expect(counts).toEqual([2, 2, 2, 2]);
  });
});
