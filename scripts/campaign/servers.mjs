// Servers for the campaign: started, watched, killed at once and started again, on loopback only.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { root } from '../lib.mjs';

const WATCH = pathToFileURL(join(root, 'scripts/campaign/watch-loop.mjs')).href;

/** Those that run. */
const running = new Set();

/** Ends whatever runs still, at once. */
export const endAll = () => Promise.all([...running].map(({ end }) => end()));

/** A server process: where it is, what it says of itself, and how to end it. */
export function startWatched(databaseUrl, env = {}) {
  const child = spawn(process.execPath, ['--import', WATCH, join(root, 'server/dist/main.js')], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: {
      ...process.env,
      ...{ DATABASE_URL: databaseUrl, INTERFACE: join(root, 'web/dist'), LOG_LEVEL: 'fatal', PORT: '0' },
      ...{ REQUESTS_PER_MINUTE: '100000000', ...env },
    },
  });
  const exited = new Promise(resolve => child.once('exit', resolve));
  const own = {
    end: async () => {
      child.kill('SIGKILL');
      await exited;
    },
  };
  running.add(own);
  exited.then(() => running.delete(own));
  const waiting = [];
  return new Promise((resolve, reject) => {
    exited.then(code => reject(new Error(`a server ended (${code})`)));
    let text = '';
    child.stdout.on('data', chunk => {
      text += chunk;
      const lines = text.split('\n');
      text = lines.pop();
      for (const line of lines) {
        const [word, rest] = [line.split(' ')[0], line.slice(line.indexOf(' ') + 1)];
        if (word === 'watched') waiting.shift()?.(JSON.parse(rest));
        if (word !== 'listening') continue;
        resolve({
          url: rest,
          /** How long its loop was held at most, and its processor time, since it was asked last, ms. */
          watched: () =>
            new Promise(answer => {
              waiting.push(answer);
              child.kill('SIGUSR2');
            }),
          end: async (signal = 'SIGTERM') => {
            child.kill(signal);
            await exited;
          },
        });
      }
    });
  });
}

export const FRIDAY = 'eventfriday1';
const LETTERS = 'abcdefghijklmnopqrstuvwxyz0123456789';

/** An id of its own, as clients make them. */
export const newId = () =>
  Array.from({ length: 12 }, (_, i) => LETTERS[Math.floor(Math.random() * (i === 0 ? 26 : 36))]).join('');

/** Neither side compresses: that is the same work for all. */
const PLAIN = { 'accept-encoding': 'identity' };

/** What the owner of the house shows to be let in; a server that was killed lets the same in when it is back. */
let cookie = '';
export const ownersCookie = () => cookie;

/** Makes the owner of a house that nobody owns yet, and signs in as them from then on. */
export async function takeOver({ url, code }) {
  const owner = { code, name: 'Campaign', login: 'campaign', password: newId() + newId() };
  const answer = await fetch(`${url}/api/v1/first-start`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(owner),
  });
  if (answer.status !== 201) throw new Error(`the house has no owner: ${await answer.text()}`);
  cookie = answer.headers
    .getSetCookie()
    .map(each => each.split(';')[0])
    .join('; ');
}

export async function send(url, path, { method = 'GET', body, headers } = {}) {
  const answer = await fetch(`${url}/api/v1${path}`, {
    method,
    headers: {
      ...PLAIN,
      cookie,
      ...(body !== undefined && { 'content-type': 'application/json' }),
      ...headers,
    },
    ...(body !== undefined && { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  });
  const text = await answer.text();
  return { status: answer.status, text, json: () => JSON.parse(text) };
}

export const documentOf = async (url, id) => (await send(url, `/documents/${id}`)).json();

/** An edit of one document. */
export const editOf = (document, base, patch) => ({
  id: newId(),
  label: 'Campaign',
  author: 'Campaign',
  changes: [{ document, base, patch }],
});

export const quantile = (values, q) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * q))];

/** Does something so many times over, some at once. */
export async function repeatedly(times, atOnce, work) {
  let next = 0;
  await Promise.all(
    Array.from({ length: atOnce }, async () => {
      for (let i = next++; i < times; i = next++) await work(i);
    }),
  );
}
