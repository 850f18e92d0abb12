// `npm test`: type check, lint, architecture rules, unit, API and journey tests, then one plain line.
import { spawnSync } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startCluster } from './cluster.mjs';
import { ensureInstalled, ensurePackages, Halt, main, root, say } from './lib.mjs';

const results = { passed: 0, failed: 0 };

/** One step that counts as one test: passed or failed. */
function step(name, command, args, env = {}) {
  say(`\n— ${name}`);
  const done = spawnSync(command, args, {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, ...env },
  });
  const passed = done.status === 0;
  results[passed ? 'passed' : 'failed']++;
  if (!passed) say(`✗ ${name} failed`);
  return passed;
}

/** Vitest's own tests, counted one by one from its report; a run without a report is one failure. */
function tests(env) {
  say('\n— unit, API and journey tests');
  const report = join(tmpdir(), `idle-satchel-tests-${process.pid}.json`);
  const reporters = ['--reporter=default', '--reporter=json', `--outputFile.json=${report}`];
  const done = spawnSync('npx', ['vitest', 'run', ...reporters, ...process.argv.slice(2)], {
    ...{ cwd: root, stdio: ['ignore', 'inherit', 'inherit'], env: { ...process.env, ...env } },
  });
  try {
    const { numPassedTests, numFailedTests, numTotalTests } = JSON.parse(readFileSync(report, 'utf8'));
    results.passed += numPassedTests;
    results.failed += numFailedTests;
    if (done.status !== 0 && numFailedTests === 0) results.failed++;
    if (numTotalTests === 0) results.failed++;
  } catch {
    results.failed++;
  }
  rmSync(report, { force: true });
}

main(async () => {
  ensurePackages('postgresql', 'chromium');
  ensureInstalled();
  const built =
    step('types and build', 'npx', ['tsc', '-b']) &&
    step('interface', 'npm', ['run', '--silent', 'build', '-w', 'web']);
  step('lint', 'npx', ['eslint', '.', '--max-warnings=0']);
  step('format', 'npx', ['prettier', '--check', '--log-level=warn', '.']);
  step('architecture', 'npx', [
    'depcruise',
    '--output-type',
    'err',
    'core/src',
    'server/src',
    'web/src',
    'cli/src',
  ]);
  step('unused code', 'npx', ['knip', '--no-config-hints']);
  step('size of the first load', process.execPath, ['scripts/size.mjs']);
  if (built) {
    // Durability is the tests' own subject: only a crash of the machine is left out of it here.
    const cluster = await startCluster(`test-${process.pid}`, { fresh: true, keep: false });
    try {
      tests({ TEST_DATABASE_URL: cluster.admin });
    } finally {
      await cluster.stop();
    }
  }
  process.stdout.write(`\n${results.passed} passed, ${results.failed} failed\n`);
  if (results.failed > 0) throw new Halt('npm test: something failed');
});
