/** Signing in and out, invitations, links for guests, and what keeps others out. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { FRIDAY, setUp, type Setup } from './helper.js';
import { browser, HOUSE, member, OTHER_HOUSE, PASSWORD, SERVING, signedIn, type Agent } from './people.js';

const API = '/api/v1';
let setup: Setup;
let owner: Agent;
beforeAll(async () => {
  setup = await setUp({ demo: false });
  await member(setup, 'olwen', 'owner');
  await member(setup, 'pia', 'planner');
  await member(setup, 'hal', 'hand', { person: SERVING });
  owner = await signedIn(setup, 'olwen');
});
afterAll(() => setup.close());

const get = (agent: Agent, path: string) => agent.get(`${API}${path}`);
const post = (agent: Agent, path: string, body: object = {}) => agent.post(`${API}${path}`).send(body);
const faultOf = ({ body }: { readonly body: unknown }): string | undefined =>
  (body as { faults: { path: string }[] }).faults[0]?.path;
const tryIn = (agent: Agent, login: string, password: string) => post(agent, '/session', { login, password });

describe('signing in', () => {
  it('lets nobody in who has not, but says who they are', async () => {
    const stranger = browser(setup);
    for (const path of [
      '/events',
      `/events/${FRIDAY}/bundle`,
      '/live',
      '/organisation',
      '/sessions',
      '/audit',
    ])
      expect((await get(stranger, path)).status, path).toBe(401);
    expect((await get(stranger, '/session')).body).toEqual({ signedIn: false });
    const sent = stranger.put(`${API}/pictures/picturebig01`).set('content-type', 'image/png');
    expect((await sent.send(Buffer.alloc(5_000_000))).status).toBe(401);
  });

  it('is by name, whichever way it is written, and password', async () => {
    const agent = browser(setup);
    const me = await tryIn(agent, 'OLWEN', PASSWORD);
    expect(me.body).toMatchObject({ signedIn: true, role: 'owner', name: 'Olwen Tester' });
    expect((await get(agent, '/events')).status).toBe(200);
    const cookies = me.headers['set-cookie'] as unknown as string[];
    for (const cookie of cookies)
      expect(cookie).toMatch(/HttpOnly.*SameSite=Strict|SameSite=Strict.*HttpOnly/);
  });

  it('answers alike for a name that there is not and a password that does not fit', async () => {
    const unknown = await tryIn(browser(setup), 'nobody', PASSWORD);
    const wrong = await tryIn(browser(setup), 'olwen', 'seven geese over the wear');
    expect([unknown.status, unknown.body]).toEqual([wrong.status, wrong.body]);
    expect(unknown.status).toBe(401);
  });

  it('begins with a token of its own each time, and ends the one before', async () => {
    const agent = await signedIn(setup, 'olwen');
    const tokenOf = (answer: { headers: Record<string, unknown> }): string =>
      (answer.headers['set-cookie'] as string[]).find(each => each.startsWith('session='))?.split(';')[0] ??
      '';
    const first = tokenOf(await tryIn(agent, 'olwen', PASSWORD));
    const second = tokenOf(await tryIn(agent, 'olwen', PASSWORD));
    expect(first).not.toBe(second);
    const status = async (cookie: string) =>
      (await browser(setup).get(`${API}/events`).set('cookie', cookie)).status;
    expect([await status(first), await status(second)]).toEqual([401, 200]);
  });

  it('is listed, and ended one by one or all but this one', async () => {
    const [here, there, elsewhere] = [
      await signedIn(setup, 'pia'),
      await signedIn(setup, 'pia'),
      await signedIn(setup, 'pia'),
    ];
    const { sessions } = (await get(here, '/sessions')).body as { sessions: { id: string; own: boolean }[] };
    expect(sessions.map(({ own }) => own).sort()).toEqual([false, false, true]);
    const mine = (await get(there, '/sessions')).body as { sessions: { id: string; own: boolean }[] };
    const id = mine.sessions.find(({ own }) => own)?.id ?? '';
    // Nobody ends a session of somebody else.
    expect((await post(owner, `/sessions/${id}/end`)).status).toBe(404);
    expect((await post(here, `/sessions/${id}/end`)).body).toEqual({ ended: 1 });
    expect((await get(there, '/events')).status).toBe(401);
    expect((await post(here, '/sessions/end-others')).body).toEqual({ ended: 1 });
    expect((await get(elsewhere, '/events')).status).toBe(401);
    expect((await post(here, '/session/end')).body).toEqual({ signedIn: false });
    expect((await get(here, '/events')).status).toBe(401);
  });

  it('is stopped after ten tries from one place, for that name, and for nobody else', async () => {
    await member(setup, 'vic', 'hand');
    const known = await signedIn(setup, 'vic');
    for (let i = 0; i < 10; i++) expect((await tryIn(browser(setup), 'vic', `wrong ${i}`)).status).toBe(401);
    const stopped = await tryIn(browser(setup), 'vic', PASSWORD);
    expect([stopped.status, stopped.headers['retry-after']]).toEqual([429, '900']);
    // In a browser that knows her she comes in; and others do from the same place.
    expect((await tryIn(known, 'vic', PASSWORD)).status).toBe(200);
    expect((await tryIn(browser(setup), 'olwen', PASSWORD)).status).toBe(200);
  });

  it('with a new password ends every other browser', async () => {
    await member(setup, 'nell', 'hand');
    const [here, there] = [await signedIn(setup, 'nell'), await signedIn(setup, 'nell')];
    const change = (password: string, next: string) =>
      here.put(`${API}/account/password`).send({ password, next });
    expect(faultOf(await change('not mine at all', 'four boats by the mill'))).toBe('/password');
    expect(faultOf(await change(PASSWORD, 'short'))).toBe('/next');
    expect((await change(PASSWORD, 'four boats by the mill')).status).toBe(200);
    expect([(await get(here, '/events')).status, (await get(there, '/events')).status]).toEqual([200, 401]);
    expect((await tryIn(browser(setup), 'nell', PASSWORD)).status).toBe(401);
  });
});

describe('an invitation', () => {
  const invite = async (role: string, more: object = {}): Promise<{ id: string; token: string }> => {
    const made = await post(owner, '/invitations', { role, name: 'Nia', ...more });
    expect(made.status).toBe(201);
    return made.body as { id: string; token: string };
  };
  const account = { name: 'Nia Newcomer', login: 'nia', password: 'eleven lamps along the quay' };

  it('lets one person in, once, as what it says', async () => {
    const { token } = await invite('planner');
    const agent = browser(setup);
    const offer = await post(agent, '/invitations/look', { token });
    expect(offer.body).toMatchObject({ role: 'planner', name: 'Nia' });
    expect((await post(agent, '/invitations/accept', { token, ...account, password: 'short' })).status).toBe(
      422,
    );
    expect((await post(agent, '/invitations/accept', { token, ...account, login: 'olwen' })).status).toBe(
      409,
    );
    const me = await post(agent, '/invitations/accept', { token, ...account });
    expect(me.body).toMatchObject({ signedIn: true, role: 'planner', name: 'Nia Newcomer' });
    const again = await post(browser(setup), '/invitations/accept', { token, ...account, login: 'nia2' });
    expect(again.status).toBe(404);
  });

  it('is used by one of several who try at once', async () => {
    const { token } = await invite('hand');
    const answers = await Promise.all(
      [1, 2, 3, 4].map(i =>
        post(browser(setup), '/invitations/accept', { token, ...account, login: `rival${i}` }),
      ),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 404, 404, 404]);
  });

  it('is taken up by whoever has an account already, in another house too', async () => {
    await member(setup, 'cedar', 'owner', { house: OTHER_HOUSE });
    const cedar = await signedIn(setup, 'cedar');
    const { token } = (await post(cedar, '/invitations', { role: 'hand', name: 'Pia' })).body as {
      token: string;
    };
    const pia = await signedIn(setup, 'pia');
    expect((await post(pia, '/invitations/accept', { token })).body).toMatchObject({
      role: 'hand',
      login: 'pia',
    });
    const { organisations } = (await get(pia, '/organisation')).body as { organisations: { id: string }[] };
    expect(organisations.map(({ id }) => id)).toEqual([HOUSE, OTHER_HOUSE]);
    await pia.put(`${API}/organisation`).send({ id: HOUSE });
    expect((await get(pia, '/session')).body).toMatchObject({ role: 'planner' });
    expect((await owner.put(`${API}/organisation`).send({ id: OTHER_HOUSE })).status).toBe(422);
  });

  it('can be taken back, is listed without its token, and is good for a week', async () => {
    const { id, token } = await invite('hand');
    const listed = await get(owner, '/invitations');
    expect(listed.text).toContain(id);
    expect(listed.text).not.toContain(token);
    const [rows] = await setup.sequelize.query(
      'SELECT hash::text, ends_at - made_at AS lasts FROM invitations',
    );
    expect(JSON.stringify(rows)).not.toContain(token);
    expect((await post(owner, `/invitations/${id}/end`)).body).toEqual({ ended: 1 });
    expect((await post(browser(setup), '/invitations/look', { token })).status).toBe(404);
    const late = await invite('hand');
    await setup.sequelize.query("UPDATE invitations SET ends_at = now() - interval '1 second'");
    expect((await post(browser(setup), '/invitations/look', { token: late.token })).status).toBe(404);
  });
});

describe('members', () => {
  it('come in anew when their role changes, and not at all when they are let in no more', async () => {
    const id = await member(setup, 'rhys', 'hand', { person: 'wilfokonjo' });
    const rhys = await signedIn(setup, 'rhys');
    const patch = (body: object) => owner.patch(`${API}/members/${id}`).send(body);
    expect((await patch({ role: 'planner' })).body).toMatchObject({ role: 'planner', person: 'wilfokonjo' });
    expect((await get(rhys, '/venues')).status).toBe(401);
    const again = await signedIn(setup, 'rhys');
    expect((await get(again, '/venues')).status).toBe(200);
    // One person of the house has one account.
    expect((await patch({ person: SERVING })).status).toBe(422);
    expect((await patch({ person: 'nobodyhere01' })).status).toBe(422);
    expect((await post(owner, `/members/${id}/end`)).body).toEqual({ ended: 1 });
    expect((await get(again, '/venues')).status).toBe(401);
    expect((await tryIn(browser(setup), 'rhys', PASSWORD)).status).toBe(403);
  });

  it('always have an owner among them', async () => {
    const { members } = (await get(owner, '/members')).body as { members: { id: string; login: string }[] };
    const id = members.find(({ login }) => login === 'olwen')?.id ?? '';
    expect((await owner.patch(`${API}/members/${id}`).send({ role: 'hand' })).status).toBe(409);
    expect((await post(owner, `/members/${id}/end`)).status).toBe(409);
  });
});

describe('a link for guests', () => {
  it('shows one event until it is taken back, at once', async () => {
    const made = await post(owner, '/guest-links', { event: FRIDAY, label: 'Choir', days: 2 });
    const { id, token } = made.body as { id: string; token: string };
    const guest = browser(setup);
    const me = await post(guest, '/guest-links/enter', { token });
    expect(me.body).toEqual({ signedIn: true, role: 'guest', name: 'Choir', event: FRIDAY });
    expect((await get(guest, `/events/${FRIDAY}/bundle`)).status).toBe(200);
    expect((await get(guest, '/events/eventsatur1/bundle')).status).toBe(404);
    expect((await get(guest, '/events')).status).toBe(403);
    expect((await post(owner, `/guest-links/${id}/end`)).body).toEqual({ ended: 1 });
    expect((await get(guest, `/events/${FRIDAY}/bundle`)).status).toBe(401);
    expect((await post(browser(setup), '/guest-links/enter', { token })).status).toBe(404);
  });

  it('ends with its days, for whoever came in by it too', async () => {
    const made = await post(owner, '/guest-links', { event: FRIDAY, label: 'Parents', days: 1 });
    const guest = browser(setup);
    await post(guest, '/guest-links/enter', { token: (made.body as { token: string }).token });
    await setup.sequelize.query("UPDATE guest_links SET ends_at = now() - interval '1 second'");
    await post(owner, '/sessions/end-others');
    expect((await get(guest, `/events/${FRIDAY}/bundle`)).status).toBe(401);
  });

  it('is of an event of the house, and takes nobody’s account away', async () => {
    expect((await post(owner, '/guest-links', { event: 'eventsunday1', label: 'x', days: 1 })).status).toBe(
      422,
    );
    const made = await post(owner, '/guest-links', { event: FRIDAY, label: 'Own', days: 1 });
    const again = await post(owner, '/guest-links/enter', made.body as object);
    expect(again.status).toBe(422);
    const { token } = made.body as { token: string };
    expect((await post(owner, '/guest-links/enter', { token })).body).toMatchObject({ role: 'owner' });
  });
});

it('the audit trail tells an owner who did what, and nobody else', async () => {
  const { entries } = (await get(owner, '/audit')).body as {
    entries: { who: string; did: string; address: string }[];
  };
  expect(new Set(entries.map(({ did }) => did))).toEqual(
    new Set([
      ...['signed in', 'signed out', 'ended a session', 'ended other sessions', 'changed their password'],
      ...['made an invitation', 'took up an invitation', 'took an invitation back', 'changed a role'],
      ...[
        'let somebody in no more',
        'made a link for guests',
        'took a link for guests back',
        'came in by a link',
      ],
    ]),
  );
  expect(entries.every(({ who, address }) => who !== '' && address !== '')).toBe(true);
  expect((await get(await signedIn(setup, 'hal'), '/audit')).status).toBe(403);
  expect((await get(await signedIn(setup, 'pia'), '/audit')).status).toBe(403);
});
