// `npm run mutate`: changes one constant or comparison of the stations and searches at a time and asks the related tests
// whether they notice. Prints what no test noticed. A sample, the same for the same seed; not part of `npm test`.
import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, relative, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { ensureInstalled, Halt, main, root } from './lib.mjs';

ensureInstalled({ quiet: true });
const { default: ts } = await import('typescript');

const SOURCES = ['core/src/stations', 'core/src/searches'];
/** Share of the changes that must be noticed. */
const AIM = 0.8;
/** It holds two assessments of the same code against each other, so it cannot see a changed constant. */
const BLIND = ['core/test/assess-again.test.ts'];
/** Related tests are asked in this order, the quick ones first; who comes later is asked when nobody noticed before. */
const STAGES = [
  path => !SLOW.test(path) && !SLOWEST.test(path),
  path => SLOW.test(path) && !SLOWEST.test(path),
  path => SLOWEST.test(path),
];
const SLOW = /snags|losses|placement|laying|schematic|viewfinder/;
const SLOWEST = /assess\.test/;

const FLIPPED = {
  [ts.SyntaxKind.LessThanToken]: '<=',
  [ts.SyntaxKind.LessThanEqualsToken]: '<',
  [ts.SyntaxKind.GreaterThanToken]: '>=',
  [ts.SyntaxKind.GreaterThanEqualsToken]: '>',
  [ts.SyntaxKind.EqualsEqualsEqualsToken]: '!==',
  [ts.SyntaxKind.ExclamationEqualsEqualsToken]: '===',
};

/** Another number, near enough that only a test at the limit sees it. */
function otherNumber(text) {
  const value = Number(text.replaceAll('_', ''));
  if (!Number.isInteger(value)) return String(Number((value * 1.05).toPrecision(12)));
  return String(value < 20 ? value + 1 : Math.round(value * 1.05));
}

/** Every place of a file that can be changed: from, to, and what is put there. */
function changesOf(path) {
  const text = readFileSync(join(root, path), 'utf8');
  const file = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true);
  const changes = [];
  const add = (node, to) =>
    changes.push({
      path,
      line: file.getLineAndCharacterOfPosition(node.getStart()).line + 1,
      start: node.getStart(),
      end: node.end,
      from: node.getText(),
      to,
    });
  const visit = node => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node)) return;
    if (ts.isNumericLiteral(node) && !ts.isElementAccessExpression(node.parent))
      add(node, otherNumber(node.text));
    if (ts.isBinaryExpression(node) && node.operatorToken.kind in FLIPPED) {
      add(node.operatorToken, FLIPPED[node.operatorToken.kind]);
    }
    ts.forEachChild(node, visit);
  };
  visit(file);
  return changes;
}

const tracked = folder =>
  spawnSync('git', ['ls-files', ...folder], { cwd: root, encoding: 'utf8' })
    .stdout.trim()
    .split('\n');

/** Files that a file of the core imports, by their paths. */
function importsOf(path, known) {
  if (known.has(path)) return known.get(path);
  const text = readFileSync(join(root, path), 'utf8');
  const found = ts
    .preProcessFile(text)
    .importedFiles.filter(({ fileName }) => fileName.startsWith('.'))
    .map(({ fileName }) => relative(root, resolve(root, dirname(path), fileName.replace(/\.js$/, '.ts'))))
    .filter(each => each.endsWith('.ts'));
  known.set(path, found);
  return found;
}

function reaches(from, to, known, seen = new Set()) {
  if (from === to) return true;
  if (seen.has(from)) return false;
  seen.add(from);
  return importsOf(from, known).some(next => reaches(next, to, known, seen));
}

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

/** A copy of what the tests of the core need. */
function copied() {
  const copy = mkdtempSync(join(tmpdir(), 'satchel-mutate-'));
  for (const path of tracked(['core', 'docs', 'package.json', 'vitest.config.ts', 'tsconfig.base.json'])) {
    mkdirSync(dirname(join(copy, path)), { recursive: true });
    cpSync(join(root, path), join(copy, path));
  }
  symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'));
  return copy;
}

/** Whether some test of those fails in the copy. */
function fails(copy, tests) {
  if (tests.length === 0) return false;
  const vitest = join(root, 'node_modules/vitest/vitest.mjs');
  const options = [
    'run',
    '--project',
    'core',
    '--bail',
    '1',
    '--no-isolate',
    '--pool=threads',
    '--reporter=dot',
  ];
  const { status } = spawnSync(process.execPath, [vitest, ...options, ...tests], {
    cwd: copy,
    stdio: 'ignore',
  });
  return status !== 0;
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
    .flatMap(changesOf);
  const sample = sampleOf(all, Number(values.sample), Number(values.seed));
  const tests = tracked(['core/test']).filter(path => path.endsWith('.test.ts') && !BLIND.includes(path));
  const known = new Map();
  const copy = copied();
  const unnoticed = [];
  try {
    if (fails(copy, tests)) throw new Halt('the tests fail without any change');
    for (const [i, change] of sample.entries()) {
      const text = readFileSync(join(root, change.path), 'utf8');
      writeFileSync(
        join(copy, change.path),
        text.slice(0, change.start) + change.to + text.slice(change.end),
      );
      const related = tests.filter(test => reaches(test, change.path, known));
      const noticed = STAGES.some(stage => fails(copy, related.filter(stage)));
      writeFileSync(join(copy, change.path), text);
      if (!noticed) unnoticed.push(change);
      const { path, line, from, to } = change;
      const word = noticed ? 'noticed' : 'NOT NOTICED';
      process.stdout.write(`${i + 1}/${sample.length} ${word} ${path}:${line} ${from} → ${to}\n`);
    }
  } finally {
    rmSync(copy, { recursive: true });
  }
  const share = (sample.length - unnoticed.length) / Math.max(1, sample.length);
  process.stdout.write(
    `${sample.length} of ${all.length} changes tried, ${(share * 100).toFixed(1)} % noticed\n`,
  );
  if (share < AIM) throw new Halt(`at least ${AIM * 100} % must be noticed`);
});
