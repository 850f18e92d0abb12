// `npm run backup -- FILE`: everything in the database as one file, proven by restoring it. Edits may go on meanwhile.
import { existsSync, renameSync, rmSync, statSync } from 'node:fs';
import { resolve } from 'node:path';
import { databaseUrl } from './database-url.mjs';
import { drop, lookThrough, restoreInto, tool } from './dump.mjs';
import { Halt, main, say } from './lib.mjs';

main(async () => {
  const [name] = process.argv.slice(2).filter(argument => !argument.startsWith('--'));
  if (!name) throw new Halt('Say where to: npm run backup -- FILE');
  const file = resolve(name);
  if (existsSync(file)) throw new Halt(`${file} is there already: choose another name, or move it away`);
  const url = databaseUrl();
  const part = `${file}.part`;
  rmSync(part, { force: true });
  try {
    await tool('pg_dump', url, ['--format=custom', '--no-owner', '--no-privileges', `--file=${part}`, '-d']);
    const scratch = `satchel_proof_${process.pid}`;
    let proof;
    try {
      proof = await lookThrough(await restoreInto(url, scratch, part));
    } finally {
      await drop(url, scratch).catch(() => undefined);
    }
    renameSync(part, file);
    say(
      `Kept in ${file} (${Math.ceil(statSync(file).size / 1024)} kB), and proven by restoring it: ${proof}.`,
    );
  } finally {
    rmSync(part, { force: true });
  }
});
