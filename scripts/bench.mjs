// `npm run bench`: the core against public packages, a camera dragged and a large venue moved in a real browser.
import { spawnSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { startCluster } from './cluster.mjs';
import { ensureBuilt, ensureInstalled, ensurePackages, main, root, startServer } from './lib.mjs';

/** Writes the bundles of the eighteen set-ups, which are fixtures of the core's tests, and says where. */
async function writeEighteen() {
  const { createServer } = await import('vite');
  const vite = await createServer({
    root,
    configFile: false,
    logLevel: 'error',
    optimizeDeps: { noDiscovery: true },
    server: { middlewareMode: true, watch: null, ws: false },
  });
  try {
    const { EIGHTEEN } = await vite.ssrLoadModule('/core/test/eighteen/all.ts');
    const { staged } = await vite.ssrLoadModule('/core/test/eighteen/stage.ts');
    const file = join(root, 'bench/dist/eighteen.json');
    writeFileSync(file, JSON.stringify(EIGHTEEN.map(each => staged(each))));
    return file;
  } finally {
    await vite.close();
  }
}

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
  run('bench/dist/core.js', { EIGHTEEN: await writeEighteen() });
  const cluster = await startCluster(`bench-${process.pid}`, { fresh: true, keep: false });
  try {
    const server = await startServer(cluster.url, { DEMO: 'yes', LOG_LEVEL: 'warn' });
    run('bench/dist/first-picture.js', { ADDRESS: server.url });
    run('bench/dist/drag.js', { ADDRESS: server.url });
    run('bench/dist/large-venue.js', { ADDRESS: server.url });
    // The same data, by people who sign in.
    const accounts = await startServer(cluster.url, { DEMO: 'no', LOG_LEVEL: 'warn' });
    const [ACCOUNTS, CODE, SERVER_PID] = [accounts.url, accounts.code, String(accounts.pid)];
    run('bench/dist/accounts.js', { ADDRESS: server.url, ACCOUNTS, CODE, SERVER_PID });
    await accounts.stop();
    await server.stop();
  } finally {
    await cluster.stop();
  }
});
