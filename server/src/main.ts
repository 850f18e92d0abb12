/** Starts one server process. Any number of them may run against one Postgres. */
import { createServer } from 'node:http';
import { pino } from 'pino';
import { createApp } from './app.js';
import { connect } from './database/connection.js';
import { migrate } from './database/migrations.js';
import { loadDemo } from './demo.js';
import { LiveRelay } from './features/live/relay.js';
import { LOOPBACK_HOSTS } from './origin.js';

const {
  DATABASE_URL,
  PORT = '0',
  HOST = '127.0.0.1',
  /** Further names it answers to, such as that of a proxy before it: `satchel.example, stream.example`. */
  HOSTS = '',
  INTERFACE,
  DEMO,
  LOG_LEVEL = 'info',
} = process.env;
const LOOPBACK = new Set(['127.0.0.1', '::1', 'localhost']);
const log = pino({ level: LOG_LEVEL }, pino.destination({ dest: 2, sync: true }));

async function start(): Promise<void> {
  if (!DATABASE_URL) throw new Error('DATABASE_URL is not set');
  if (!LOOPBACK.has(HOST))
    throw new Error(`HOST is ${HOST}; without accounts only a loopback address is allowed`);
  const sequelize = connect(DATABASE_URL);
  await migrate(sequelize);
  if (DEMO === 'yes') await loadDemo(sequelize);
  const relay = new LiveRelay(DATABASE_URL, log);
  await relay.start();

  const hosts = new Set([...LOOPBACK_HOSTS, ...HOSTS.split(/[\s,]+/).filter(Boolean)]);
  const server = createServer(createApp({ sequelize, relay, log }, { interfaceFolder: INTERFACE, hosts }));
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject);
    server.listen(Number(PORT), HOST, resolve);
  });
  const address = server.address();
  const port = typeof address === 'object' && address ? address.port : PORT;
  process.stdout.write(`listening http://${HOST}:${port}\n`);

  const stop = async (): Promise<void> => {
    server.close();
    await relay.close();
    server.closeAllConnections();
    await sequelize.close();
  };
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => void stop());
}

start().catch((error: unknown) => {
  log.fatal(error);
  process.exitCode = 1;
});
