/** Backups: proven before they have their name, put back beside what was there, while edits go on. */
import { spawn } from 'node:child_process';
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { editOf, FRIDAY, freshDatabase, spawnServer, type Running } from './helper.js';

let database: Awaited<ReturnType<typeof freshDatabase>>;
let server: Running;
let folder: string;
beforeAll(async () => {
  database = await freshDatabase();
  server = await spawnServer(database.url, { DEMO: 'yes' });
  folder = mkdtempSync(join(tmpdir(), 'satchel-backup-'));
});
afterAll(async () => {
  await server.kill();
  await database.drop();
  rmSync(folder, { recursive: true });
});

function script(name: string, file: string): Promise<{ code: number | null; words: string }> {
  const child = spawn(process.execPath, [join(import.meta.dirname, `../../scripts/${name}.mjs`), file], {
    stdio: ['ignore', 'ignore', 'pipe'],
    env: { ...process.env, DATABASE_URL: database.url },
  });
  let words = '';
  child.stderr.on('data', (chunk: Buffer) => (words += chunk.toString()));
  return new Promise(resolve => child.once('close', code => resolve({ code, words })));
}

interface Now {
  readonly revision: number;
  readonly body: { readonly label: string };
}
const now = async (): Promise<Now> => {
  for (;;) {
    const answer = await fetch(`${server.address}/api/v1/documents/${FRIDAY}`);
    if (answer.ok) return (await answer.json()) as Now;
    expect(answer.status).toBe(503);
  }
};
async function label(value: string): Promise<number> {
  const edit = editOf((await now()).revision, [{ op: 'replace', path: '/label', value }]);
  const answer = await fetch(`${server.address}/api/v1/edits`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(edit),
  });
  return answer.status;
}

describe('a backup', () => {
  it('is made while edits go on, and put back as one state of them, which servers go on with', async () => {
    const file = join(folder, 'one.dump');
    let going = true;
    let made = 0;
    const editing = (async () => {
      while (going) expect(await label(`Edit ${++made}`)).toBe(200);
    })();
    const kept = await script('backup', file);
    going = false;
    await editing;
    expect(kept).toMatchObject({
      code: 0,
      words: expect.stringContaining('proven by restoring it') as string,
    });
    await label('After the backup');

    const back = await script('restore', file);
    expect(back.words).toMatch(/What was there before is the database \w+_before_\d+/);
    const { body, revision } = await now();
    const [, which = ''] = /^Edit (\d+)$/.exec(body.label) ?? [];
    expect(Number(which)).toBeLessThanOrEqual(made);
    expect(revision).toBe(1 + Number(which || 0));
    expect(await label('On top of it')).toBe(200);
    expect((await now()).body.label).toBe('On top of it');
  });

  it('is never written over, and leaves nothing half done', async () => {
    const again = await script('backup', join(folder, 'one.dump'));
    expect([again.code, again.words]).toEqual([1, expect.stringContaining('is there already') as string]);
    expect(readdirSync(folder)).toEqual(['one.dump']);
  });

  it('that is none changes nothing', async () => {
    const before = await now();
    writeFileSync(join(folder, 'none.dump'), 'not a dump');
    for (const [name, words] of [
      ['none.dump', 'pg_restore failed'],
      ['missing.dump', 'is not there'],
    ] as const) {
      const end = await script('restore', join(folder, name));
      expect([end.code, end.words]).toEqual([1, expect.stringContaining(words) as string]);
    }
    expect(await now()).toEqual(before);
  });
});
