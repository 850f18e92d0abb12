// `npm run -s satchel -- …`: the command line, built when stale.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ensureInstalled, main, root, run } from './lib.mjs';

main(async () => {
  ensureInstalled();
  const program = join(root, 'cli/dist/main.js');
  if (!existsSync(program)) run('npx', ['tsc', '-b', 'cli'], { stdio: ['ignore', 2, 2] });
  const done = spawnSync(process.execPath, [program, ...process.argv.slice(2)], {
    stdio: 'inherit',
    cwd: process.env.INIT_CWD ?? process.cwd(),
  });
  process.exitCode = done.status ?? 1;
});
