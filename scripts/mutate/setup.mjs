// Runs before each test file of `npm run mutate`: the switch of the changes, and who comes by which place.
import { appendFileSync, readFileSync } from 'node:fs';
import { relative } from 'node:path';
import { afterAll, afterEach, beforeAll, beforeEach, expect } from 'vitest';

const on = process.env.SATCHEL_CHANGE;
const recording = on === 'none';
/** Places passed since they were last written down. */
const hits = new Set();
globalThis.__changed = at => {
  if (recording) hits.add(at);
  return String(at) === on;
};

const fileOf = path => relative(process.cwd(), path);

if (recording) {
  let since = performance.now();
  const write = (file, test) => {
    const ms = performance.now() - since;
    appendFileSync('hits.jsonl', `${JSON.stringify({ file: fileOf(file), test, ms, hits: [...hits] })}\n`);
    hits.clear();
    since = performance.now();
  };
  // What is passed while the file is read, and what belongs to no one test.
  beforeAll(() => write(expect.getState().testPath, null));
  afterEach(({ task }) => write(task.file.filepath, task.id));
  afterAll(() => write(expect.getState().testPath, null));
} else {
  const only = JSON.parse(readFileSync(`only-${on}.json`, 'utf8'));
  beforeEach(context => {
    const tests = only[fileOf(context.task.file.filepath)];
    context.skip(tests !== null && !tests.includes(context.task.id));
  });
}
