// Helpers of the scripts: plain Node, no dependency, usable before npm install.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = join(dirname(fileURLToPath(import.meta.url)), '..');
export const isRoot = process.getuid?.() === 0;

/** Ends the script with a line for people. */
export class Halt extends Error {}

export const say = text => process.stderr.write(`${text}\n`);

/** Runs the main function of a script; a `Halt` prints its line only. */
export function main(run) {
  run().catch(error => {
    say(error instanceof Halt ? error.message : error.stack);
    process.exitCode = 1;
  });
}

/** Runs a command to its end with its output shown; throws `Halt` when it fails. */
export function run(command, args, options = {}) {
  const done = spawnSync(command, args, { stdio: ['ignore', 'inherit', 'inherit'], cwd: root, ...options });
  if (done.error) throw new Halt(`${command}: ${done.error.message}`);
  if (done.status !== 0)
    throw new Halt(`${command} ${args.join(' ')} failed (${done.status ?? done.signal})`);
}

export function freePort() {
  return new Promise((resolve, reject) => {
    const server = createServer().once('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address();
      server.close(() => resolve(port));
    });
  });
}

export function postgresFolder() {
  const base = '/usr/lib/postgresql';
  const versions = existsSync(base)
    ? readdirSync(base)
        .map(Number)
        .sort((a, b) => b - a)
    : [];
  const version = versions.find(each => existsSync(`${base}/${each}/bin/postgres`));
  return version === undefined ? undefined : `${base}/${version}/bin`;
}

const NEEDS = {
  postgresql: () => postgresFolder() !== undefined,
  chromium: () => existsSync('/usr/bin/chromium'),
};

/** Installs missing Debian packages when it may, else says the one command to run. */
export function ensurePackages(...names) {
  const missing = names.filter(name => !NEEDS[name]());
  if (missing.length === 0) return;
  const command = `apt-get update && apt-get install -y --no-install-recommends ${missing.join(' ')}`;
  if (!isRoot || !existsSync('/usr/bin/apt-get')) {
    throw new Halt(
      `These Debian packages are needed: ${missing.join(', ')}. Run once:\n\n    sudo sh -c '${command}'\n`,
    );
  }
  say(`Installing ${missing.join(', ')} …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  // The private cluster is the only one wanted: Debian's own is not to be created or started.
  mkdirSync('/etc/postgresql-common', { recursive: true });
  if (!existsSync('/etc/postgresql-common/createcluster.conf')) {
    writeFileSync('/etc/postgresql-common/createcluster.conf', 'create_main_cluster = false\n');
  }
  run(
    'sh',
    [
      '-c',
      `(${command}) > /tmp/idle-satchel-apt.log 2>&1 || { tail -20 /tmp/idle-satchel-apt.log; exit 1; }`,
    ],
    { env },
  );
}

/** Whether npm has put in place what the lock file asks for: npm keeps its own account beside the packages. */
function installedAsLocked() {
  const account = join(root, 'node_modules/.package-lock.json');
  if (!existsSync(account)) return false;
  const packagesOf = file => JSON.parse(readFileSync(file, 'utf8')).packages;
  const there = packagesOf(account);
  return Object.entries(packagesOf(join(root, 'package-lock.json'))).every(
    ([path, { version, link, optional, peer }]) =>
      !path.startsWith('node_modules/') || link || optional || peer || there[path]?.version === version,
  );
}

/** Runs `npm ci` when what is installed is not what the lock file asks for; quietly where only an answer is wanted. */
export function ensureInstalled({ quiet = false } = {}) {
  if (installedAsLocked()) return;
  if (!quiet || process.stderr.isTTY) say('Installing packages …');
  const stdio = quiet ? ['ignore', 'ignore', 'inherit'] : ['ignore', 'inherit', 'inherit'];
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { stdio });
}

const SOURCES = [
  'core/src',
  'server/src',
  'cli/src',
  'web/src',
  'web/index.html',
  'web/vite.config.ts',
  'tsconfig.base.json',
];

export function newest(path) {
  const info = statSync(path);
  if (!info.isDirectory()) return info.mtimeMs;
  return readdirSync(path).reduce((time, name) => Math.max(time, newest(join(path, name))), info.mtimeMs);
}

/** Builds when a source is newer than the last build. */
export function ensureBuilt() {
  const stamp = join(root, 'node_modules/.idle-satchel-built');
  const built =
    existsSync(stamp) && existsSync(join(root, 'web/dist/index.html')) ? statSync(stamp).mtimeMs : 0;
  if (SOURCES.every(path => newest(join(root, path)) < built)) return;
  say('Building …');
  run('npx', ['tsc', '-b']);
  run('npm', ['run', '--silent', 'build', '-w', 'web', '--', '--logLevel', 'warn']);
  writeFileSync(stamp, '');
}

/**
 * Starts a server process; resolves with its address once it listens, and with the code that makes its owner where it
 * has none. `exited` resolves when it ends, and `stop` asks it to end and waits.
 */
export function startServer(databaseUrl, env = {}) {
  const child = spawn(process.execPath, [join(root, 'server/dist/main.js')], {
    cwd: root,
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, DATABASE_URL: databaseUrl, INTERFACE: join(root, 'web/dist'), ...env },
  });
  const exited = new Promise(resolve => child.once('exit', resolve));
  return new Promise((resolve, reject) => {
    exited.then(code => reject(new Halt(`the server ended (${code})`)));
    let text = '';
    child.stdout.on('data', chunk => {
      text += chunk;
      const [, code, address] = /^(?:first code (\S+)\n)?listening (\S+)$/m.exec(text) ?? [];
      if (!address) return;
      const stop = async (signal = 'SIGTERM') => {
        child.kill(signal);
        await exited;
      };
      resolve({ url: address, code, exited, stop, pid: child.pid });
    });
  });
}

/** Resolves when the user or the system asks the script to stop. */
export const askedToStop = () =>
  new Promise(resolve => {
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.once(signal, resolve);
  });
