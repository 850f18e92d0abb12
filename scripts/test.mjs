// `npm test`: type check, lint, architecture rules, unit, API and journey tests, then one plain line.
import { spawn } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startCluster } from './cluster.mjs';
import { ensureInstalled, ensurePackages, Halt, main, root, say } from './lib.mjs';

const results = { passed: 0, failed: 0 };
/** What failed, told once more at the end, where it is looked for. */
const failures = [];

/** Runs a command to its end; resolves with its exit code. Quiet ones keep their output for when they fail. */
function done(command, args, { env = {}, quiet = false } = {}) {
  const child = spawn(command, args, {
    cwd: root,
    stdio: ['ignore', quiet ? 'pipe' : 'inherit', quiet ? 'pipe' : 'inherit'],
    env: { ...process.env, ...env },
  });
  let output = '';
  for (const stream of [child.stdout, child.stderr]) stream?.on('data', chunk => (output += chunk));
  return new Promise(resolve => {
    child.once('error', error => resolve({ code: 1, output: error.message }));
    child.once('close', code => resolve({ code, output }));
  });
}

/** One step that counts as one test: passed or failed. */
async function step(name, command, args, tells = false) {
  const { code, output } = await done(command, args, { quiet: true });
  results[code === 0 ? 'passed' : 'failed']++;
  say(`${code === 0 ? '✓' : '✗'} ${name}`);
  if (code !== 0 || tells) say(output.trimEnd());
  if (code !== 0) failures.push(`${name}\n${output.trimEnd().slice(-2000)}`);
  return code === 0;
}

const STATIC = [
  ['lint', 'npx', ['eslint', '.', '--max-warnings=0']],
  ['format', 'npx', ['prettier', '--check', '--log-level=warn', '.']],
  [
    'architecture',
    'npx',
    ['depcruise', '--output-type', 'err', 'core/src', 'server/src', 'web/src', 'cli/src'],
  ],
  ['unused code', 'npx', ['knip', '--no-config-hints']],
];

/** Vitest's own tests of some projects, counted one by one from its report; a run without a report is one failure. */
async function tests(projects, env, more = []) {
  const report = join(tmpdir(), `idle-satchel-${projects.join('-')}-${process.pid}.json`);
  const options = [
    '--reporter=default',
    '--reporter=json',
    `--outputFile.json=${report}`,
    '--passWithNoTests',
  ];
  const args = [
    'vitest',
    'run',
    ...projects.flatMap(name => ['--project', name]),
    ...options,
    ...more,
    ...process.argv.slice(2),
  ];
  const { code, output } = await done('npx', args, { env, quiet: true });
  say(output.trimEnd());
  try {
    const { numPassedTests, numFailedTests, testResults } = JSON.parse(readFileSync(report, 'utf8'));
    results.passed += numPassedTests;
    results.failed += numFailedTests;
    for (const { assertionResults } of testResults) {
      for (const { status, fullName, failureMessages } of assertionResults) {
        if (status === 'failed') failures.push(`${fullName}\n${failureMessages.join('\n').slice(0, 2000)}`);
      }
    }
    if (code !== 0 && numFailedTests === 0) {
      results.failed++;
      failures.push(`${projects.join(', ')}: the run did not end well\n${output.trimEnd().slice(-2000)}`);
    }
  } catch {
    results.failed++;
    failures.push(`${projects.join(', ')}: the run left no report`);
  }
  rmSync(report, { force: true });
}

async function build() {
  const built =
    (await step('types and build', 'npx', ['tsc', '-b'])) &&
    (await step('interface', 'npm', ['run', '--silent', 'build', '-w', 'web']));
  if (built) await step('size of the first picture', process.execPath, ['scripts/size.mjs'], true);
  return built;
}

main(async () => {
  ensurePackages('postgresql', 'chromium');
  ensureInstalled();
  const cluster = await startCluster(`test-${process.pid}`, { fresh: true, keep: false });
  try {
    const env = { TEST_DATABASE_URL: cluster.admin };
    const built = build();
    // Two lanes, one for each core; the core's own tests need nothing built, and whichever lane is free first takes
    // the walk round every screen. What only reads the code goes on beside them with what they leave of the machine.
    let walked = false;
    const access = async () => {
      if (walked) return;
      walked = true;
      await tests(['access'], env);
    };
    const journeys = async () => {
      if (!(await built)) return;
      await tests(['journeys'], env);
      await access();
    };
    const others = async () => {
      // It waits for nothing but the processor, which journeys leave alone for much of their time.
      await tests(['core'], env, ['--maxWorkers=2']);
      if (!(await built)) return;
      await tests(['parts', 'server'], env);
      await access();
    };
    const statics = async () => {
      // The linter reads types of one part from what the build of another left.
      await built;
      for (const [name, command, args] of STATIC) await step(name, 'nice', ['-n', '19', command, ...args]);
    };
    await Promise.all([journeys(), others(), statics()]);
  } finally {
    await cluster.stop();
  }
  for (const failure of failures) say(`\n✗ ${failure}`);
  process.stdout.write(`\n${results.passed} passed, ${results.failed} failed\n`);
  if (results.failed > 0) throw new Halt('npm test: something failed');
});
