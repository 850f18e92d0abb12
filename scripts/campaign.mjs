// `npm run campaign`: an attack on the application, on loopback only – kills, hostile requests, large plans, listeners, a
// browser whose server goes away – that ends with one table. `-- --short` takes a twentieth of everything; names of parts
// (`-- fuzz live`) take only those.
import { endAll, takeOver } from './campaign/servers.mjs';
import { startCluster } from './cluster.mjs';
import { ensureBuilt, ensureInstalled, ensurePackages, Halt, main, say, startServer } from './lib.mjs';

const PARTS = {
  kills: () => import('./campaign/kills.mjs'),
  fuzz: () => import('./campaign/fuzz.mjs'),
  stalls: () => import('./campaign/stalls.mjs'),
  live: () => import('./campaign/live.mjs'),
  speed: () => import('./campaign/speed.mjs'),
  offline: () => import('./campaign/offline.mjs'),
};

main(async () => {
  ensurePackages('postgresql', 'chromium');
  ensureInstalled();
  ensureBuilt();
  const asked = process.argv.slice(2);
  const scale = asked.includes('--short') ? 0.05 : 1;
  const parts = Object.keys(PARTS);
  const named = parts.filter(part => asked.includes(part));
  const table = [];
  let halted = false;
  const halt = new Promise((_resolve, reject) => {
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
      process.once(signal, () => {
        halted = true;
        reject(new Halt('broken off'));
      });
  });
  halt.catch(() => undefined);
  for (const part of named.length > 0 ? named : parts) {
    // Each on a database of its own: none finds what another left.
    const cluster = await startCluster(`campaign-${process.pid}`, { fresh: true, keep: false });
    try {
      const first = await startServer(cluster.url, { DEMO: 'yes', LOG_LEVEL: 'warn' });
      await first.stop();
      const accounts = await startServer(cluster.url, { DEMO: 'no', LOG_LEVEL: 'warn' });
      await takeOver(accounts);
      await accounts.stop();
      say(`${part} …`);
      const begun = performance.now();
      const work = (await PARTS[part]())[part];
      for (const row of await Promise.race([work({ cluster, scale }), halt])) table.push(row);
      say(`${part}: ${Math.round((performance.now() - begun) / 1000)} s`);
    } catch (error) {
      table.push([`${part} broke off: ${error.message.slice(0, 200)}`, 1, 0]);
    } finally {
      await endAll();
      await cluster.stop();
    }
    // What was broken off may go on by itself, towards servers that are gone.
    if (halted) process.exit(1);
  }
  const shown = value => (Number.isInteger(value) ? String(value) : value.toFixed(2));
  let missed = 0;
  process.stdout.write('\n');
  for (const [what, value, limit, sense = 'at most'] of table) {
    const kept = sense === 'at most' ? value <= limit : value >= limit;
    if (!kept) missed++;
    process.stdout.write(
      `${kept ? '✓' : '✗'} ${what.padEnd(72)} ${shown(value).padStart(9)}   ${sense} ${shown(limit)}\n`,
    );
  }
  if (missed > 0) throw new Halt(`\n${missed} of ${table.length} are beyond their limits`);
});
