/** A phone that several use: taken over by a PIN, as a hand, and given back by a password. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { pinFault } from '../src/features/accounts/shared-device.js';
import { editOf, FRIDAY, setUp, type Setup } from './helper.js';
import { AccountRows } from '../src/database/account-rows.js';
import { browser, member, OTHER_HOUSE, PASSWORD, SERVING, signedIn, type Agent } from './people.js';

const API = '/api/v1';
let setup: Setup;
let phone: Agent;
let ids: Readonly<Record<'olwen' | 'hal' | 'wil', string>>;
beforeAll(async () => {
  setup = await setUp({ demo: false });
  ids = {
    olwen: await member(setup, 'olwen', 'owner'),
    hal: await member(setup, 'hal', 'hand', { person: SERVING }),
    wil: await member(setup, 'wil', 'planner', { person: 'wilfokonjo' }),
  };
  for (const [login, pin] of [
    ['hal', '2580'],
    ['wil', '74107'],
    ['olwen', '9631'],
  ] as const) {
    const answer = await (
      await signedIn(setup, login)
    )
      .put(`${API}/account/pin`)
      .send({ password: PASSWORD, pin });
    expect(answer.status).toBe(200);
  }
  phone = await signedIn(setup, 'olwen');
});
afterAll(() => setup.close());

const take = (agent: Agent, body: object) => agent.post(`${API}/session/person`).send(body);
const tick = (by: string, id: string) => [
  { op: 'add' as const, path: `/ticks/${id}`, value: { check: 'x', by, at: '2026-12-01T10:00:00Z' } },
];

describe('a device that is signed in', () => {
  it('names those who have a PIN', async () => {
    const { people } = (await phone.get(`${API}/session/people`)).body as { people: { name: string }[] };
    expect(people.map(({ name }) => name)).toEqual(['Hal Tester', 'Olwen Tester', 'Wil Tester']);
  });

  it('is taken over as a hand, whatever they are otherwise, and ticks bear their name', async () => {
    const me = await take(phone, { account: ids.hal, pin: '2580' });
    expect(me.body).toMatchObject({ role: 'hand', name: 'Hal Tester', person: SERVING });
    expect((await phone.get(`${API}/items`)).status).toBe(403);
    expect((await phone.get(`${API}/members`)).status).toBe(403);
    const plan = (await phone.get(`${API}/documents/${FRIDAY}`)).body as {
      revision: number;
      body: { ticks?: object };
    };
    const before = plan.body.ticks ? [] : [{ op: 'add' as const, path: '/ticks', value: {} }];
    const forged = editOf(plan.revision, [...before, ...tick('Olwen Tester', 'tickshared01')]);
    expect((await phone.post(`${API}/edits`).send(forged)).status).toBe(403);
    const own = editOf(plan.revision, [...before, ...tick('Hal Tester', 'tickshared01')]);
    expect((await phone.post(`${API}/edits`).send(own)).status).toBe(200);
    expect((await take(phone, { account: ids.wil, pin: '74107' })).body).toMatchObject({
      role: 'hand',
      name: 'Wil Tester',
    });
    expect((await phone.get(`${API}/items`)).status).toBe(403);
  });

  it('leads by a PIN into no other house, and takes up no invitation', async () => {
    const owner = await signedIn(setup, 'olwen');
    const made = await owner.post(`${API}/invitations`).send({ role: 'owner', name: 'Wil' });
    const { token } = made.body as { token: string };
    expect((await phone.post(`${API}/invitations/accept`).send({ token })).status).toBe(409);
    await member(setup, 'cedar', 'owner', { house: OTHER_HOUSE });
    await new AccountRows(setup.sequelize).saveMember(OTHER_HOUSE, ids.wil, { role: 'owner' });
    expect((await phone.put(`${API}/organisation`).send({ id: OTHER_HOUSE })).status).toBe(422);
  });

  it('is given back whole by the password of whoever signed in, not by their PIN', async () => {
    expect((await take(phone, { account: ids.olwen, pin: '9631' })).body).toMatchObject({
      role: 'hand',
      name: 'Olwen Tester',
    });
    expect((await take(phone, { account: ids.olwen, password: 'not that one at all' })).status).toBe(422);
    // The password of somebody else makes nobody an owner.
    expect((await take(phone, { account: ids.hal, password: PASSWORD })).status).toBe(422);
    expect((await take(phone, { account: ids.olwen, password: PASSWORD })).body).toMatchObject({
      role: 'owner',
    });
    expect((await phone.get(`${API}/items`)).status).toBe(200);
  });

  it('is signed out after five wrong PINs, and a right one before forgets them', async () => {
    const lost = await signedIn(setup, 'hal');
    const wrong = () => take(lost, { account: ids.wil, pin: '1111' });
    for (let i = 0; i < 4; i++) expect((await wrong()).status).toBe(422);
    expect((await take(lost, { account: ids.wil, pin: '74107' })).status).toBe(200);
    for (let i = 0; i < 4; i++) expect((await wrong()).status).toBe(422);
    expect((await wrong()).status).toBe(401);
    expect((await lost.get(`${API}/session`)).body).toEqual({ signedIn: false });
  });

  it('is signed out with whoever has it in hand, when they are let in no more', async () => {
    const shared = await signedIn(setup, 'olwen');
    expect((await take(shared, { account: ids.wil, pin: '74107' })).status).toBe(200);
    expect((await phone.post(`${API}/members/${ids.wil}/end`)).status).toBe(200);
    expect((await shared.get(`${API}/events`)).status).toBe(401);
  });

  it('that is not signed in takes no PIN', async () => {
    expect((await take(browser(setup), { account: ids.hal, pin: '2580' })).status).toBe(401);
  });
});

describe('a PIN', () => {
  it.each(['123', '123456789', '12a4', '0000', '1234', '98765'])('%s is none', pin =>
    expect(pinFault(pin)).toBeDefined(),
  );
  it.each(['2580', '74107', '19283746'])('%s is one', pin => expect(pinFault(pin)).toBeUndefined());
});
