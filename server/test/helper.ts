/** A fresh database with the demo data for a test file, and servers on it. */
import { newId, type Operation, type Plan } from '@idle-satchel/core';
import type { Express } from 'express';
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import pg from 'pg';
import { pino, type Logger } from 'pino';
import type { Sequelize } from 'sequelize';
import supertest from 'supertest';
import { createApp } from '../src/app.js';
import { connect } from '../src/database/connection.js';
import { migrate } from '../src/database/migrations.js';
import { loadDemo } from '../src/demo.js';
import { NO_POST, type Post } from '../src/features/requests/post.js';
import { LiveRelay } from '../src/features/live/relay.js';
import { forgetSessions } from '../src/gate/who.js';
import { heavyWork, type Heavy } from '../src/heavy/pool.js';

const admin = process.env.TEST_DATABASE_URL;
if (!admin)
  throw new Error('TEST_DATABASE_URL is not set: run `npm test`, which starts a Postgres of its own');

/** Makes an empty database of its own; gives its URL and how to drop it. */
export async function freshDatabase(): Promise<{ url: string; drop: () => Promise<void> }> {
  const name = `test_${newId()}`;
  const run = async (sql: string): Promise<void> => {
    const client = new pg.Client({ connectionString: admin });
    await client.connect();
    await client.query(sql);
    await client.end();
  };
  await run(`CREATE DATABASE ${name}`);
  const url = new URL(admin as string);
  url.pathname = `/${name}`;
  return { url: url.href, drop: () => run(`DROP DATABASE ${name} WITH (FORCE)`) };
}

export interface Setup {
  readonly url: string;
  readonly app: Express;
  readonly sequelize: Sequelize;
  readonly heavy: Heavy;
  readonly api: ReturnType<typeof supertest>;
  readonly demo: boolean;
  readonly post: Post;
  readonly close: () => Promise<void>;
}

/** Threads run what was built. */
export const HEAVY = pathToFileURL(join(import.meta.dirname, '../dist/heavy/worker.js'));

/** A slow machine takes longer than anybody would wait for, ms. */
export const PATIENT = 300_000;
/** How servers of tests run, unless a test says otherwise. */
const SPAWNED = { PORT: '0', LOG_LEVEL: 'fatal', DEMO: 'yes', WORK_SECONDS: String(PATIENT / 1000) };

/** The application in this process on a fresh database with the demo data; everybody owns it where it is a demo. */
export async function setUp({
  demo = true,
  log = pino({ level: 'silent' }),
  post = NO_POST,
}: { readonly demo?: boolean; readonly log?: Logger; readonly post?: Post } = {}): Promise<Setup> {
  const database = await freshDatabase();
  const sequelize = connect(database.url);
  await migrate(sequelize);
  await loadDemo(sequelize, new Date('2026-11-25T12:00:00Z'));
  const relay = new LiveRelay(database.url, log, () => forgetSessions(sequelize));
  await relay.start();
  const heavy = heavyWork({ databaseUrl: database.url, worker: HEAVY, threads: 1, longest: PATIENT });
  const app = createApp({ sequelize, relay, heavy, log, post, demo });
  return {
    url: database.url,
    app,
    sequelize,
    heavy,
    api: supertest(app),
    ...{ demo, post },
    close: async () => {
      await heavy.close();
      await relay.close();
      await sequelize.close();
      await database.drop();
    },
  };
}

export const FRIDAY = 'eventfriday1';

/** An edit of one document with one patch. */
export const editOf = (
  base: number,
  patch: readonly Operation[],
  more: object = {},
): { id: string; label: string; author: string; changes: object[] } => ({
  id: newId(),
  label: 'Test edit',
  author: 'Tester',
  changes: [{ document: FRIDAY, base, patch }],
  ...more,
});

export const move = (device: string, x: number, y: number): Operation => ({
  op: 'replace',
  path: `/devices/${device}/place/at`,
  value: [x, y],
});

export interface Running {
  readonly address: string;
  /** The code that its terminal shows where nobody owns the installation. */
  readonly code: string | undefined;
  readonly kill: (signal?: NodeJS.Signals) => Promise<void>;
}

/** A server process of its own, as in production, but with demo data that everybody owns unless it is told otherwise. */
export function spawnServer(
  databaseUrl: string,
  env: Readonly<Record<string, string>> = {},
): Promise<Running> {
  const child = spawn(process.execPath, [join(import.meta.dirname, '../dist/main.js')], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, DATABASE_URL: databaseUrl, ...SPAWNED, ...env },
  });
  const ended = new Promise<void>(resolve => child.once('exit', () => resolve()));
  return new Promise((resolve, reject) => {
    child.once('error', reject);
    void ended.then(() => reject(new Error('the server ended before it listened')));
    let text = '';
    child.stdout.on('data', (chunk: Buffer) => {
      text += chunk.toString();
      const [, code, address] = /^(?:first code (\S+)\n)?listening (\S+)$/m.exec(text) ?? [];
      if (!address) return;
      const kill = async (signal: NodeJS.Signals = 'SIGTERM'): Promise<void> => {
        child.kill(signal);
        await ended;
      };
      resolve({ address, code, kill });
    });
  });
}

/** The answer to an accepted edit. */
export interface Edited {
  readonly edit: string;
  readonly documents: readonly { readonly revision: number; readonly inverse: Operation[] }[];
}

/** Editing the demo event over the API of a set-up. */
export class Editing {
  constructor(private readonly api: () => Setup['api']) {}

  post(body: unknown): ReturnType<Setup['api']['post']> {
    return this.api()
      .post('/api/v1/edits')
      .send(body as object);
  }

  async plan(): Promise<{ revision: number; body: Plan }> {
    const answer = await this.api().get(`/api/v1/documents/${FRIDAY}`);
    return answer.body as { revision: number; body: Plan };
  }

  /** Makes an edit at the newest revision. */
  async edit(patch: readonly Operation[], more: object = {}): Promise<Edited> {
    const { revision } = await this.plan();
    const response = await this.post(editOf(revision, patch, more));
    if (response.status !== 200) throw new Error(JSON.stringify(response.body));
    return response.body as Edited;
  }
}
