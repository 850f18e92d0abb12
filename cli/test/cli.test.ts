import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';

const root = join(import.meta.dirname, '../..');
const example = join(root, 'docs/formats/friday.satchel.json');
const folder = mkdtempSync(join(tmpdir(), 'satchel-'));
afterAll(() => rmSync(folder, { recursive: true }));

const satchel = (...args: string[]): string =>
  execFileSync(process.execPath, [join(root, 'cli/dist/main.js'), ...args], { encoding: 'utf8' });
const refused = (...args: string[]): { status: number | null; stderr: string } =>
  spawnSync(process.execPath, [join(root, 'cli/dist/main.js'), ...args], { encoding: 'utf8' });

describe('satchel', () => {
  it('assesses a file as JSON, as sorted figures and as snags', () => {
    const report = JSON.parse(satchel('assess', example)) as { figures: object; snags: unknown[] };
    const lines = satchel('assess', example, '--figures').trimEnd().split('\n');
    expect(lines).toHaveLength(Object.keys(report.figures).length);
    const paths = lines.map(line => line.split('\t')[0] ?? '');
    expect(paths).toEqual([...paths].sort());
    expect(lines).toContain('stream.worstUpload\t6.3\tMb/s');
    const snags = satchel('assess', example, '--snags').trimEnd().split('\n');
    expect(snags).toHaveLength(report.snags.length);
    expect(snags[0]).toMatch(/^stop\tsignal\t/);
  });

  it('prints its answer and nothing else, through its script too', () => {
    const { stdout, stderr } = spawnSync(
      process.execPath,
      [join(root, 'scripts/satchel.mjs'), 'validate', example],
      { encoding: 'utf8' },
    );
    expect([stdout, stderr]).toEqual([`${example}: no faults\n`, '']);
  });

  it('says that a good file has no faults', () => {
    expect(satchel('validate', example)).toMatch(/no faults/);
  });

  it('prints every fault with its path and exits 1', () => {
    const file = join(folder, 'broken.json');
    writeFileSync(file, '{"format":"idle-satchel bundle","version":1,"plan":{"label":7}}');
    const { status, stderr } = refused('validate', file);
    expect(status).toBe(1);
    expect(stderr).toContain('/plan/label: must be text');
    expect(stderr).toContain('/plan/start: is missing');
    expect(stderr).toContain('/venue: is missing');
  });

  it('searches, says how sure that is, and writes the event with the best offer', () => {
    const out = join(folder, 'moved.json');
    const found = JSON.parse(satchel('search', 'desk', example, '--apply', out)) as {
      search: string;
      proven: boolean;
      objectives: { value: number; bound: number; gap: number }[];
      offers: { id: string; label: string }[];
    };
    expect([found.search, found.proven, found.objectives[0]?.gap]).toEqual(['desk', true, 0]);
    expect(found.offers[0]?.label).toMatch(/^Move the desk to /);
    const [x, y] = (found.offers[0]?.id ?? '').split(' ').map(Number);
    const moved = JSON.parse(readFileSync(out, 'utf8')) as typeof original;
    const original = JSON.parse(readFileSync(example, 'utf8')) as {
      plan: { devices: Record<string, { place?: { at?: number[] } }> };
      hands: { people: object };
    };
    expect(moved.plan.devices.deskrack1?.place?.at).toEqual([x, y]);
    expect(moved.hands).toEqual(original.hands);
    expect(satchel('validate', out)).toMatch(/no faults/);
  });

  it.each([
    [['search', 'dance', example], 'there are: positions, desk, connect, '],
    [['search', 'desk', example, '--options', '{'], '--options must be JSON'],
    [['search', 'ways-out', example], '--options /link: is missing'],
    [['search', 'ways-out', example, '--options', '{"link":"nolead0001"}'], '/link: names no lead'],
    [['search', 'connect', example, '--apply', join(folder, 'x.json')], 'nothing was found'],
    [['search', 'desk', example, '--apply', join(folder, 'no/such/x.json')], 'cannot be written (ENOENT)'],
    [['search', 'desk'], 'usage: satchel'],
    [['assess', example, '--apply', 'x'], 'usage: satchel'],
    [['validate', example, '--figures'], 'usage: satchel'],
    [['assess', example, '--figures', '--snags'], 'usage: satchel'],
  ])('says what is wrong with %j', (args, says) => {
    const { status, stderr } = refused(...args);
    expect(status).toBe(1);
    expect(stderr).toContain(says);
  });

  it.each([['assess'], ['validate', '/no/such/file'], ['assess', example, '--nonsense'], ['dance', example]])(
    'refuses %j kindly',
    (...args) => {
      const { status, stderr } = refused(...args);
      expect(status).toBe(1);
      expect(stderr).not.toMatch(/at .*\.js:\d+/);
    },
  );
});
