// `npm run mutate`: changes one constant or comparison of the stations and searches at a time and asks the tests that
// come by whether they notice. Prints what no test noticed. A sample, the same for the same seed; not part of `npm test`.
//
// All changes of the sample stand in one copy of the core, each behind a switch that the environment sets, so that
// nothing is transformed twice. A first run without any change writes down which test comes by which place; a change
// is then put only to those.
import { spawn, spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { parseArgs } from 'node:util';
import { ensureInstalled, Halt, main, root } from './lib.mjs';
import { changesOf, switched } from './mutate/changes.mjs';

ensureInstalled({ quiet: true });

const SOURCES = ['core/src/stations', 'core/src/searches'];
/** Share of the changes that must be noticed. */
const AIM = 0.8;
/**
 * The first holds two assessments of the same code against each other, so it cannot see a changed constant; the others
 * look at no station, though they read them with everything else.
 */
const BLIND = /^core\/test\/(assess-again|documents\/|foundations\/)/;
/** A change that makes a loop endless is noticed by its never ending; the first run may take its time. */
const LONGEST_MS = 400_000;
const FIRST_MS = 1_800_000;

const tracked = folders =>
  spawnSync('git', ['ls-files', '--cached', '--others', '--exclude-standard', ...folders], {
    cwd: root,
    encoding: 'utf8',
  })
    .stdout.trim()
    .split('\n');

/** Numbers between 0 and 1, the same for the same seed (mulberry32). */
function randomFrom(seed) {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

function sampleOf(all, count, seed) {
  const random = randomFrom(seed);
  const left = [...all];
  return Array.from(
    { length: Math.min(count, left.length) },
    () => left.splice(Math.floor(random() * left.length), 1)[0],
  ).sort((a, b) => a.path.localeCompare(b.path) || a.start - b.start);
}

/** A copy of what the tests of the core need, with every change of the sample behind its switch. */
function copied(sample) {
  const copy = mkdtempSync(join(tmpdir(), 'satchel-mutate-'));
  const put = (path, text) => {
    mkdirSync(dirname(join(copy, path)), { recursive: true });
    if (text === undefined) cpSync(join(root, path), join(copy, path));
    else writeFileSync(join(copy, path), text);
  };
  for (const path of tracked(['core', 'docs', 'package.json', 'tsconfig.base.json'])) put(path);
  for (const path of new Set(sample.map(change => change.path))) {
    const here = sample.flatMap((change, at) => (change.path === path ? [{ ...change, at }] : []));
    put(path, switched(readFileSync(join(root, path), 'utf8'), here));
  }
  put('setup.mjs', readFileSync(join(root, 'scripts/mutate/setup.mjs'), 'utf8'));
  put('vitest.config.mjs', readFileSync(join(root, 'scripts/mutate/vitest.config.mjs'), 'utf8'));
  symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'));
  return copy;
}

/** Runs tests of the copy; resolves with whether all passed. */
function pass(copy, tests, env, options = [], { timeout = LONGEST_MS, stdio = 'ignore' } = {}) {
  const vitest = join(root, 'node_modules/vitest/vitest.mjs');
  const child = spawn(process.execPath, [vitest, 'run', '--reporter=dot', ...options, ...tests], {
    cwd: copy,
    stdio,
    env: { ...process.env, ...env },
    timeout,
    killSignal: 'SIGKILL',
  });
  return new Promise(resolve => {
    child.once('error', () => resolve(false));
    child.once('close', code => resolve(code === 0));
  });
}

/** Which tests come by which place: of every place, its files in order of how long their tests take, with the tests. */
function passersBy(copy, sample) {
  const seen = readFileSync(join(copy, 'hits.jsonl'), 'utf8').trim().split('\n').map(JSON.parse);
  return sample.map((change, at) => {
    const files = new Map();
    for (const { file, test, ms, hits } of seen) {
      if (!hits.includes(at)) continue;
      const entry = files.get(file) ?? { file, tests: [], ms: 0 };
      files.set(file, entry);
      // A place that is passed while a file is read bears upon all of its tests.
      if (test === null) entry.whole = true;
      else entry.tests.push(test);
      entry.ms += ms;
    }
    for (const entry of files.values()) {
      if (!entry.whole) continue;
      entry.tests = null;
      entry.ms = seen.filter(each => each.file === entry.file).reduce((sum, { ms }) => sum + ms, 0);
    }
    return [...files.values()].sort((a, b) => a.ms - b.ms);
  });
}

/** Whether some test that comes by notices the change: the quick files together first, then the rest by and by. */
async function noticed(copy, at, files) {
  const rest = [...files];
  let budget = 2_000;
  while (rest.length > 0) {
    const some = [rest.shift()];
    let ms = some[0].ms;
    while (rest.length > 0 && ms + rest[0].ms <= budget) {
      ms += rest[0].ms;
      some.push(rest.shift());
    }
    budget *= 3;
    const only = Object.fromEntries(some.map(({ file, tests }) => [file, tests]));
    writeFileSync(join(copy, `only-${at}.json`), JSON.stringify(only));
    const paths = some.map(({ file }) => file);
    if (!(await pass(copy, paths, { SATCHEL_CHANGE: String(at) }, ['--bail=1', '--no-isolate']))) return true;
  }
  return false;
}

main(async () => {
  const { values } = parseArgs({
    options: {
      sample: { type: 'string', default: '150' },
      seed: { type: 'string', default: '1' },
      only: { type: 'string', default: '' },
    },
  });
  const all = tracked(SOURCES)
    .filter(path => path.endsWith('.ts') && path.includes(values.only))
    .flatMap(path => changesOf(path, readFileSync(join(root, path), 'utf8')));
  const sample = sampleOf(all, Number(values.sample), Number(values.seed));
  const tests = tracked(['core/test']).filter(path => path.endsWith('.test.ts') && !BLIND.test(path));
  const copy = copied(sample);
  const unnoticed = [];
  try {
    const untouched = await pass(copy, tests, { SATCHEL_CHANGE: 'none' }, ['--maxWorkers=1'], {
      timeout: FIRST_MS,
      // Where a test fails already, one wants to see which.
      stdio: 'inherit',
    });
    if (!untouched) throw new Halt('the tests fail without any change');
    const files = passersBy(copy, sample);
    const waiting = sample.map((change, at) => ({ ...change, at }));
    let done = 0;
    const worker = async () => {
      for (let change = waiting.shift(); change; change = waiting.shift()) {
        const { at, path, line, from, to } = change;
        const word = (await noticed(copy, at, files[at])) ? 'noticed' : 'NOT NOTICED';
        if (word !== 'noticed') unnoticed.push(change);
        const by = files[at].length === 0 ? ' (no test comes by)' : '';
        process.stdout.write(`${++done}/${sample.length} ${word} ${path}:${line} ${from} → ${to}${by}\n`);
      }
    };
    await Promise.all(Array.from({ length: availableParallelism() }, worker));
  } finally {
    rmSync(copy, { recursive: true });
  }
  const share = (sample.length - unnoticed.length) / Math.max(1, sample.length);
  process.stdout.write(
    `${sample.length} of ${all.length} changes tried, ${(share * 100).toFixed(1)} % noticed\n`,
  );
  if (share < AIM) throw new Halt(`at least ${AIM * 100} % must be noticed`);
});
