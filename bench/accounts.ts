/**
 * What accounts cost: processor time of signing in beside the plain hash of a public package, a session’s check beside the
 * same request of a demo that has none, and how long an owner waits while somebody tries passwords.
 */
import { verify, hash, type Options } from '@node-rs/argon2';
import { readFileSync } from 'node:fs';
import { line, ms, quantile } from './measure.js';

const { ADDRESS: demo, ACCOUNTS: address, CODE: code, SERVER_PID: pid } = process.env;
if (!demo || !address || !code || !pid)
  throw new Error('ADDRESS, ACCOUNTS, CODE and SERVER_PID: run `npm run bench`');

const LOGIN = 'bench';
const PASSWORD = 'seven geese over the weir';
const ROUNDS = 15;
const EVENT = 'eventfriday1';

/** Processor time that the server has used, ms: ticks of a hundredth of a second (proc(5)). */
function usedBy(server: string): number {
  const fields = readFileSync(`/proc/${server}/stat`, 'utf8').split(') ')[1]?.split(' ') ?? [];
  return (Number(fields[11]) + Number(fields[12])) * 10;
}

async function post(path: string, body: object, cookie = ''): Promise<{ status: number; cookie: string }> {
  const answer = await fetch(`${address}/api/v1${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', ...(cookie && { cookie }) },
    body: JSON.stringify(body),
  });
  await answer.arrayBuffer();
  const given = answer.headers.getSetCookie().map(each => each.split(';')[0]);
  return { status: answer.status, cookie: given.join('; ') };
}

async function timedAsync(run: () => Promise<unknown>): Promise<number> {
  const start = performance.now();
  await run();
  return performance.now() - start;
}

const first = await post('/first-start', { code, name: 'Bench', login: LOGIN, password: PASSWORD });
if (first.status !== 201) throw new Error(`no owner: ${first.status}`);
const signIn = () => post('/session', { login: LOGIN, password: PASSWORD }, first.cookie);

// As the server hashes: what is asked of it is in docs/security.md.
const COST: Options = { memoryCost: 47_104, timeCost: 2, parallelism: 1, algorithm: 2 };
const kept = await hash(PASSWORD, COST);
const [plain, own]: [number[], number[]] = [[], []];
const before = usedBy(pid);
for (let i = 0; i < ROUNDS; i++) {
  plain.push(await timedAsync(() => verify(kept, PASSWORD)));
  own.push(await timedAsync(signIn));
}
const cost = (usedBy(pid) - before) / ROUNDS;
line('signing in, processor time (at most 400 ms)', ms(cost));
line('signing in / argon2id alone', (quantile(own, 0.5) / quantile(plain, 0.5)).toFixed(2));

/** Somebody tries passwords from a browser that nobody knows, one every three quarters of a second. */
const waits: number[] = [];
const trying = { stop: false };
const attack = (async () => {
  while (!trying.stop) {
    await post('/session', { login: LOGIN, password: 'not that one at all' });
    await new Promise(resolve => setTimeout(resolve, 750));
  }
})();
for (let i = 0; i < ROUNDS; i++) waits.push(await timedAsync(signIn));
trying.stop = true;
await attack;
line('owner’s wait while 80 a minute are tried (≤ 1 s more)', ms(quantile(waits, 1) - quantile(own, 0.5)));

const { cookie } = await signIn();
const [checked, unchecked]: [number[], number[]] = [[], []];
const ask = (at: string, more: Record<string, string>) =>
  timedAsync(async () => (await fetch(`${at}/api/v1/documents/${EVENT}`, { headers: more })).arrayBuffer());
for (let i = 0; i < 300; i++) {
  unchecked.push(await ask(demo, {}));
  checked.push(await ask(address, { cookie }));
}
const ratio = quantile(checked.slice(50), 0.5) / quantile(unchecked.slice(50), 0.5);
line('a document with a session / without (at most 1.10)', ratio.toFixed(3));
