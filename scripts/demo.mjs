// `npm run demo`: everything from a bare clone to a running application with demo data. `-- --fresh` starts over.
import { startCluster } from './cluster.mjs';
import {
  askedToStop,
  ensureBuilt,
  ensureInstalled,
  ensurePackages,
  freePort,
  main,
  say,
  startServer,
} from './lib.mjs';

main(async () => {
  const stopping = askedToStop();
  ensurePackages('postgresql');
  ensureInstalled();
  ensureBuilt();
  const cluster = await startCluster('demo', { fresh: process.argv.includes('--fresh') });
  try {
    const port = process.env.PORT ?? String(await freePort());
    const server = await startServer(cluster.url, { DEMO: 'yes', PORT: port, LOG_LEVEL: 'warn' });
    process.stdout.write(`\nIdle Satchel is open at ${server.url}\n`);
    say('Ctrl-C stops it; what you enter is kept for next time.');
    await Promise.race([stopping, server.exited]);
    await server.stop();
  } finally {
    await cluster.stop();
  }
});
