// `npm run restore -- FILE`: puts a backup in place of the database, which is kept beside it under another name.
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { databaseUrl } from './database-url.mjs';
import { besides, drop, lookThrough, nameOf, quoted, restoreInto, rows } from './dump.mjs';
import { Halt, main, say } from './lib.mjs';

main(async () => {
  const [name] = process.argv.slice(2).filter(argument => !argument.startsWith('--'));
  if (!name) throw new Halt('Say what: npm run restore -- FILE');
  const file = resolve(name);
  if (!existsSync(file)) throw new Halt(`${file} is not there`);
  const url = databaseUrl();
  const own = nameOf(url);
  const stamp = new Date().toISOString().replace(/\D/g, '').slice(0, 14);
  const [fresh, before] = [`${own}_new_${stamp}`, `${own}_before_${stamp}`];
  // First beside it, and looked through: a file that is not whole changes nothing.
  const proof = await lookThrough(await restoreInto(url, fresh, file)).catch(async error => {
    await drop(url, fresh).catch(() => undefined);
    throw error;
  });
  const home = besides(url, 'postgres');
  const [there] = await rows(
    home,
    `SELECT 1 FROM pg_database WHERE datname = '${own.replaceAll("'", "''")}'`,
  );
  const end = `SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = '${own.replaceAll("'", "''")}'`;
  if (there) {
    await rows(home, `ALTER DATABASE ${quoted(own)} WITH ALLOW_CONNECTIONS false; ${end};`);
    await rows(home, `ALTER DATABASE ${quoted(own)} RENAME TO ${quoted(before)};`);
    await rows(home, `ALTER DATABASE ${quoted(before)} WITH ALLOW_CONNECTIONS true;`);
  }
  await rows(home, `ALTER DATABASE ${quoted(fresh)} RENAME TO ${quoted(own)};`);
  say(`Restored from ${file}: ${proof}. Servers that run go on with it by themselves.`);
  if (there) say(`What was there before is the database ${before}; drop it once you are sure.`);
});
