import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
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

  it.each([['assess'], ['validate', '/no/such/file'], ['assess', example, '--nonsense'], ['dance', example]])(
    'refuses %j kindly',
    (...args) => {
      const { status, stderr } = refused(...args);
      expect(status).toBe(1);
      expect(stderr).not.toMatch(/at .*\.js:\d+/);
    },
  );
});
