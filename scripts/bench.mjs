// `npm run bench`: the core against public packages, a camera dragged and a large venue moved in a real browser.
import { spawnSync } from 'node:child_process';
import { startCluster } from './cluster.mjs';
import { ensureBuilt, ensureInstalled, ensurePackages, main, root, startServer } from './lib.mjs';

main(async () => {
  ensurePackages('postgresql', 'chromium');
  ensureInstalled();
  ensureBuilt();
  const run = (file, env = {}) =>
    spawnSync(process.execPath, [file], {
      cwd: root,
      stdio: ['ignore', 'inherit', 'inherit'],
      env: { ...process.env, ...env },
    });
  run('bench/dist/core.js');
  const cluster = await startCluster(`bench-${process.pid}`, { fresh: true, keep: false });
  try {
    const server = await startServer(cluster.url, { DEMO: 'yes', LOG_LEVEL: 'warn' });
    run('bench/dist/first-picture.js', { ADDRESS: server.url });
    run('bench/dist/drag.js', { ADDRESS: server.url });
    run('bench/dist/large-venue.js', { ADDRESS: server.url });
    await server.stop();
  } finally {
    await cluster.stop();
  }
});
