// `npm run -s satchel -- …`: the command line, built when stale. It prints its answer and nothing else.
import { spawnSync } from 'node:child_process';
import { existsSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureInstalled, main, newest, root, run } from './lib.mjs';

const SOURCES = ['core/src', 'cli/src', 'tsconfig.base.json'];

function ensureBuilt(program) {
  const stamp = join(root, 'node_modules/.idle-satchel-command');
  const built = existsSync(stamp) && existsSync(program) ? statSync(stamp).mtimeMs : 0;
  if (SOURCES.every(path => newest(join(root, path)) < built)) return;
  // Not through npx, which has warnings of its own to tell.
  const compiler = join(root, 'node_modules/typescript/bin/tsc');
  run(process.execPath, [compiler, '-b', 'cli'], { stdio: ['ignore', 2, 2] });
  writeFileSync(stamp, '');
}

main(async () => {
  ensureInstalled({ quiet: true });
  const program = join(root, 'cli/dist/main.js');
  ensureBuilt(program);
  const done = spawnSync(process.execPath, [program, ...process.argv.slice(2)], {
    stdio: 'inherit',
    cwd: process.env.INIT_CWD ?? process.cwd(),
  });
  process.exitCode = done.status ?? 1;
});
