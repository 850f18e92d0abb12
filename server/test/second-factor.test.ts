/** Codes of an authenticator, codes on paper, and passkeys. */
import { createHash } from 'node:crypto';
import { Secret, TOTP } from 'otpauth';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { stepOf } from '../src/features/accounts/second-factor.js';
import { setUp, type Setup } from './helper.js';
import { browser, member, PASSWORD, signedIn, type Agent } from './people.js';
import { SoftwareAuthenticator } from './software-authenticator.js';

const API = '/api/v1';
let setup: Setup;
beforeAll(async () => {
  setup = await setUp({ demo: false });
});
afterAll(() => setup.close());

const post = (agent: Agent, path: string, body: object = {}) => agent.post(`${API}${path}`).send(body);
const reasonOf = ({ body }: { readonly body: unknown }): unknown =>
  (body as { faults?: { path: string }[] }).faults?.[0]?.path;
const listOf = ({ body }: { readonly body: unknown }): string[] =>
  (body as { codes: { code: string }[] }).codes.map(({ code }) => code);

describe('the code of an authenticator', () => {
  // RFC 6238, appendix B: the key is twenty digits in ASCII; of its eight digits the last six are shown.
  const secret = Secret.fromLatin1('12345678901234567890').base32;
  it.each([
    [59, '287082'],
    [1111111109, '081804'],
    [1234567890, '005924'],
    [20000000000, '353130'],
  ])('at %d s is %s, and counts for half a minute more on either side', (seconds, code) => {
    const step = Math.floor(seconds / 30);
    const at = (offset: number) => stepOf(secret, code, (step + offset) * 30_000);
    expect([at(0), at(1), at(-1)]).toEqual([step, step, step]);
    expect([at(2), at(-2)]).toEqual([undefined, undefined]);
    // The last millisecond of the step after it, and the first of the one beyond.
    expect(stepOf(secret, code, (step + 2) * 30_000 - 1)).toBe(step);
  });
});

describe('signing in with an authenticator', () => {
  let agent: Agent;
  let paper: string[];
  let secret: string;
  /** The code of a step from now: each counts once. */
  const codeAt = (offset: number): string =>
    new TOTP({ secret: Secret.fromBase32(secret), digits: 6, period: 30 }).generate({
      timestamp: Date.now() + offset * 30_000,
    });
  const tryIn = (code?: string, password = PASSWORD, from = browser(setup)) =>
    post(from, '/session', { login: 'odo', password, ...(code !== undefined && { code }) });
  const renewed = async () => listOf(await post(agent, '/account/recovery-codes', { password: PASSWORD }));
  /** A browser that knows them. */
  const signedInAgain = async (): Promise<Agent> => {
    const from = browser(setup);
    expect((await tryIn((await renewed())[0], PASSWORD, from)).body).toMatchObject({ signedIn: true });
    return from;
  };
  /** Under which tries of this name from here are counted. */
  const ownPair = createHash('sha256')
    .update(JSON.stringify(['odo', '127.0.0.1']))
    .digest('hex');
  beforeAll(async () => {
    await member(setup, 'odo', 'owner');
    agent = await signedIn(setup, 'odo');
  });

  it('begins with the password, and counts once a code of it was given', async () => {
    expect(reasonOf(await post(agent, '/account/authenticator', { password: 'not mine at all' }))).toBe(
      '/password',
    );
    const confirm = (code: string) => agent.put(`${API}/account/authenticator`).send({ code });
    expect((await confirm('123456')).status).toBe(409);
    const offered = await post(agent, '/account/authenticator', { password: PASSWORD });
    secret = (offered.body as { secret: string }).secret;
    expect(Secret.fromBase32(secret).bytes.length).toBe(20);
    // Nothing is asked for yet.
    expect((await tryIn()).body).toMatchObject({ signedIn: true });
    expect(reasonOf(await confirm('000000'))).toBe('/code');
    paper = listOf(await confirm(codeAt(-1)));
    expect(new Set(paper).size).toBe(10);
    expect((await post(agent, '/account/authenticator', { password: PASSWORD })).status).toBe(409);
    const factors = await agent.get(`${API}/account/factors`);
    expect(factors.body).toEqual({ authenticator: true, recoveryCodes: 10, passkeys: [] });
  });

  it('asks for a code once the password fits, and for nothing before', async () => {
    expect((await tryIn(undefined, 'not mine at all')).status).toBe(401);
    const first = await tryIn();
    expect([first.status, first.body]).toEqual([200, { signedIn: false, wantsCode: true }]);
    expect(first.headers['set-cookie']).toBeUndefined();
    expect(reasonOf(await tryIn('000000'))).toBe('/code');
    const code = codeAt(0);
    expect((await tryIn(`${code.slice(0, 3)} ${code.slice(3)}`)).body).toMatchObject({ signedIn: true });
    // It is used up, and so is each before it.
    expect((await tryIn(code)).status).toBe(401);
    expect((await tryIn(codeAt(-1))).status).toBe(401);
    expect((await tryIn(codeAt(1))).body).toMatchObject({ signedIn: true });
  });

  it('takes each code on paper once, whichever way it is typed', async () => {
    const [first = '', second = ''] = paper;
    expect((await tryIn(first.toLowerCase().replaceAll('-', ' '))).body).toMatchObject({ signedIn: true });
    expect((await tryIn(first)).status).toBe(401);
    const both = await Promise.all([tryIn(second), tryIn(second)]);
    expect(both.map(({ status }) => status).sort()).toEqual([200, 401]);
    const [anew] = await renewed();
    expect((await tryIn(paper[2])).status).toBe(401);
    expect((await tryIn(anew)).body).toMatchObject({ signedIn: true });
  });

  it('stops after ten wrong codes from wherever, except where they have signed in before', async () => {
    const run = (sql: string) => setup.sequelize.query(sql);
    await run('DELETE FROM failed_tries');
    const known = await signedInAgain();
    for (let i = 0; i < 10; i++) {
      expect((await tryIn(`00000${i}`)).status).toBe(401);
      // As from a place of its own: what failed with the password is of one place, what failed with codes is not.
      await run(`DELETE FROM failed_tries WHERE pair = '\\x${ownPair}'`);
    }
    const stopped = await tryIn(codeAt(1));
    expect([stopped.status, stopped.headers['retry-after']]).toEqual([429, '900']);
    expect((await tryIn(undefined, PASSWORD, known)).body).toMatchObject({ wantsCode: true });
    expect((await tryIn((await renewed())[1], PASSWORD, known)).body).toMatchObject({ signedIn: true });
    await run('DELETE FROM failed_tries');
  });

  it('ends with the password, and the codes on paper go with it', async () => {
    expect((await post(agent, '/account/authenticator/end', { password: PASSWORD })).body).toEqual({
      ended: 1,
    });
    expect((await tryIn()).body).toMatchObject({ signedIn: true });
    expect((await post(agent, '/account/recovery-codes', { password: PASSWORD })).status).toBe(409);
    expect((await agent.get(`${API}/account/factors`)).body).toMatchObject({ recoveryCodes: 0 });
  });
});

describe('a passkey', () => {
  const HOST = 'localhost:4321';
  const origin = `http://${HOST}`;
  const device = new SoftwareAuthenticator();
  let agent: Agent;
  const at = (who: Agent, path: string, body: object = {}, host = HOST) =>
    who.post(`${API}${path}`).set('host', host).send(body);
  const challengeOf = ({ body }: { readonly body: unknown }): string =>
    (body as { options: { challenge: string } }).options.challenge;
  const offer = async (): Promise<string> =>
    challengeOf(await at(agent, '/account/passkey-options', { password: PASSWORD }));
  const asked = async (): Promise<string> =>
    challengeOf(await at(browser(setup), '/session/passkey-options'));
  const enter = (credential: object, host = HOST) =>
    at(browser(setup), '/session/passkey', { credential }, host);
  beforeAll(async () => {
    await member(setup, 'pim', 'planner');
    await member(setup, 'quin', 'hand');
    agent = await signedIn(setup, 'pim');
  });

  it('is kept once it has proven itself', async () => {
    expect(reasonOf(await at(agent, '/account/passkey-options', { password: 'not mine at all' }))).toBe(
      '/password',
    );
    const keep = (credential: object) => at(agent, '/account/passkeys', { label: 'Phone', credential });
    expect(reasonOf(await keep({}))).toBe('/credential');
    const elsewhere = device.register({ challenge: await offer(), origin: 'http://localhost.example' });
    expect(reasonOf(await keep(elsewhere))).toBe('/credential');
    const unverified = device.register({ challenge: await offer(), origin, unverified: true });
    expect(reasonOf(await keep(unverified))).toBe('/credential');
    const made = device.register({ challenge: await offer(), origin });
    const kept = await keep(made);
    expect([kept.status, kept.body]).toMatchObject([201, { passkeys: [{ label: 'Phone', used: null }] }]);
    // The challenge is used up.
    expect(reasonOf(await keep(made))).toBe('/credential');
    expect((await keep(device.register({ challenge: await offer(), origin }))).status).toBe(409);
  });

  it('signs in by itself, whoever asks', async () => {
    const me = await enter(device.answer({ challenge: await asked(), origin }));
    expect([me.status, me.body]).toMatchObject([
      200,
      { signedIn: true, name: 'Pim Tester', role: 'planner' },
    ]);
    const factors = (await agent.get(`${API}/account/factors`)).body as {
      passkeys: { used: string | null }[];
    };
    expect(factors.passkeys[0]?.used).not.toBeNull();
  });

  it('does not by what was signed before, elsewhere, of somebody else, or by a copy', async () => {
    const status = async (told: Partial<Parameters<typeof device.answer>[0]>, own = device) =>
      (await enter(own.answer({ challenge: await asked(), origin, ...told }))).status;
    const once = device.answer({ challenge: await asked(), origin });
    expect([(await enter(once)).status, (await enter(once)).status]).toEqual([200, 401]);
    expect(await status({ challenge: await offer() })).toBe(401);
    expect(await status({ origin: 'http://localhost:9999' })).toBe(401);
    expect(await status({ unverified: true })).toBe(401);
    expect(await status({}, new SoftwareAuthenticator())).toBe(401);
    expect((await enter({ id: 7 })).status).toBe(401);
    expect((await enter([])).status).toBe(401);
    device.counter = 0;
    expect(await status({})).toBe(401);
    device.counter = 100;
    expect(await status({})).toBe(200);
    await setup.sequelize.query("UPDATE challenges SET ends_at = now() - interval '1 s'");
    const challenge = await asked();
    await setup.sequelize.query('UPDATE challenges SET ends_at = now()');
    expect((await enter(device.answer({ challenge, origin }))).status).toBe(401);
  });

  it('is ended by its owner alone', async () => {
    const { passkeys } = (await agent.get(`${API}/account/factors`)).body as { passkeys: { id: string }[] };
    const path = `/account/passkeys/${passkeys[0]?.id}/end`;
    const other = await signedIn(setup, 'quin');
    expect((await at(other, path, { password: PASSWORD })).status).toBe(404);
    expect((await at(agent, path, { password: PASSWORD })).body).toEqual({ ended: 1 });
    expect((await enter(device.answer({ challenge: await asked(), origin }))).status).toBe(401);
  });
});
