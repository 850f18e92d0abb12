import { newId } from '@idle-satchel/core';
import type { Plan } from '@idle-satchel/core/documents';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { connect } from '../src/database/connection.js';
import { migrate } from '../src/database/migrations.js';
import { loadDemo } from '../src/demo.js';
import { editOf, FRIDAY, freshDatabase, move, spawnServer } from './helper.js';

let database: Awaited<ReturnType<typeof freshDatabase>>;
beforeAll(async () => {
  database = await freshDatabase();
  const sequelize = connect(database.url);
  await migrate(sequelize);
  await loadDemo(sequelize);
  await sequelize.close();
});
afterAll(() => database.drop());

const read = async <T>(address: string, path: string): Promise<T> =>
  (await fetch(`${address}/api/v1${path}`)).json() as Promise<T>;

const postEdit = (address: string, body: string): Promise<Response> =>
  fetch(`${address}/api/v1/edits`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body,
  });

/** Reads server-sent events until one satisfies `wanted`. */
async function hear(response: Response, wanted: (event: string, data: string) => boolean): Promise<void> {
  const reader = (response.body as ReadableStream<Uint8Array>).getReader();
  const decoder = new TextDecoder();
  for (let text = ''; ;) {
    const { value, done } = await reader.read();
    if (done) throw new Error('the stream ended');
    text += decoder.decode(value, { stream: true });
    const messages = text.split('\n\n');
    text = messages.pop() ?? '';
    for (const message of messages) {
      const event = /^event: (.*)$/m.exec(message)?.[1] ?? '';
      if (wanted(event, /^data: (.*)$/m.exec(message)?.[1] ?? '')) return void reader.cancel();
    }
  }
}

describe('two server processes on one database', () => {
  it('tell browsers of each other’s edits', async () => {
    const [one, two] = await Promise.all([spawnServer(database.url), spawnServer(database.url)]);
    try {
      const stream = await fetch(`${two.address}/api/v1/live`);
      const { revision } = await read<{ revision: number }>(one.address, `/documents/${FRIDAY}`);
      const heard = hear(
        stream,
        (event, data) => event === 'change' && data.includes(FRIDAY) && data.includes(String(revision + 1)),
      );
      const edit = await postEdit(one.address, JSON.stringify(editOf(revision, [move('camnorth1', 11, 2)])));
      expect(edit.status).toBe(200);
      await heard;
      const seen = await read<{ body: Plan }>(two.address, `/documents/${FRIDAY}`);
      expect(seen.body.devices?.camnorth1?.place?.at).toEqual([11, 2]);
    } finally {
      await Promise.all([one.kill(), two.kill()]);
    }
  });
});

describe('a server killed at any moment', () => {
  it('loses no acknowledged edit: 300 edits from two writers, killed and started again', async () => {
    const acknowledged = new Map<string, string>();
    const unknown = new Map<string, string>();
    const EDITS = 300;
    let server = await spawnServer(database.url);
    const { revision } = await read<{ revision: number }>(server.address, `/documents/${FRIDAY}`);
    let killing: Promise<void> | undefined;
    let kills = 0;

    const restart = async (): Promise<void> => {
      await server.kill('SIGKILL');
      kills++;
      server = await spawnServer(database.url);
    };
    /** Each writer adds ticks of its own; a request that was cut off is sent again with the same id. */
    const writer = async (name: string): Promise<void> => {
      for (let i = 0; i < EDITS / 2; i++) {
        const [tick, check] = [newId(), `${name} ${i}`];
        const request = JSON.stringify({
          ...editOf(revision + 1, [
            { op: 'add', path: `/ticks/${tick}`, value: { check, by: name, at: '2026-12-04T17:00:00Z' } },
          ]),
        });
        unknown.set(tick, check);
        for (;;) {
          await killing;
          const answer = await postEdit(server.address, request).catch(() => undefined);
          if (!answer) continue;
          expect(answer.status, await answer.text()).toBe(200);
          break;
        }
        unknown.delete(tick);
        acknowledged.set(tick, check);
        if (acknowledged.size % 75 === 40) killing ??= restart().finally(() => (killing = undefined));
      }
    };
    const start = editOf(revision, [{ op: 'add', path: '/ticks', value: {} }]);
    await postEdit(server.address, JSON.stringify(start));
    await Promise.all([writer('first'), writer('second')]);
    await killing;
    await server.kill('SIGKILL');

    server = await spawnServer(database.url);
    const { body } = await read<{ body: Plan }>(server.address, `/documents/${FRIDAY}`);
    await server.kill();
    expect(kills).toBeGreaterThanOrEqual(3);
    expect(unknown.size).toBe(0);
    expect(acknowledged.size).toBe(EDITS);
    const kept = Object.fromEntries(Object.entries(body.ticks ?? {}).map(([id, tick]) => [id, tick.check]));
    expect(kept).toEqual(Object.fromEntries(acknowledged));
  });
});

describe('a server without accounts', () => {
  it('refuses to listen on anything but loopback', async () => {
    const elsewhere = spawnServer(database.url, { HOST: '0.0.0.0', LOG_LEVEL: 'silent' });
    await expect(elsewhere).rejects.toThrow(/ended/);
  });
});
