/** Personal links: what they show, what is answered by them, and what stays shut; calendars. */
import type { LinkToken, EventBundle, MyDuties, RequestMade, RosterSpan } from '@idle-satchel/core/api';
import type { Plan, Presence } from '@idle-satchel/core/documents';
import type { Operation } from '@idle-satchel/core';
import ICAL from 'ical.js';
import { QueryTypes } from 'sequelize';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createApp } from '../src/app.js';
import { editOf, FRIDAY, setUp, type Setup } from './helper.js';
import { browser, member, SERVING, signedIn, type Agent } from './people.js';
import supertest from 'supertest';

const API = '/api/v1';
const SATURDAY = 'eventsatur1';
/** An event of the demo, moved to where nobody’s calendar ends soon. */
const COMING = '2099-12-04T19:30:00Z';

let setup: Setup;
let owner: Agent;
/** Whoever has a link has no session. */
let nobody: Agent;
beforeAll(async () => {
  setup = await setUp({ demo: false });
  await member(setup, 'olwen', 'owner');
  owner = await signedIn(setup, 'olwen');
  nobody = browser(setup);
  await edit(FRIDAY, [{ op: 'replace', path: '/start', value: COMING }]);
  await edit(SATURDAY, [{ op: 'replace', path: '/start', value: '2099-12-20T10:00:00Z' }]);
});
afterAll(() => setup.close());

async function edit(document: string, patch: Operation[]): Promise<void> {
  const { revision: base } = (await owner.get(`${API}/documents/${document}`)).body as { revision: number };
  const answer = await owner
    .post(`${API}/edits`)
    .send(editOf(base, patch, { changes: [{ document, base, patch }] }));
  expect(answer.status, answer.text).toBe(200);
}
const planOf = async (event: string): Promise<Plan> =>
  ((await owner.get(`${API}/documents/${event}`)).body as { body: Plan }).body;
const answerOf = async (event: string, role: string) =>
  Object.values((await planOf(event)).assignments ?? {}).filter(each => each.role === role);

const TEXT = 'Come, please: {link}';
const request = (agent: Agent, body: object) =>
  agent
    .post(`${API}/requests`)
    .send({ person: SERVING, way: 'by hand', subject: 'Help', text: TEXT, ...body });
/** A link for somebody, and the token that is in it. */
async function linkOf(person: string): Promise<{ id: string; token: string }> {
  const answer = await request(owner, { person });
  const { id, text = '' } = answer.body as RequestMade;
  return { id, token: /#(\S+)$/.exec(text)?.[1] ?? '' };
}
const ask = (path: string, body: object) => nobody.post(`${API}/duties/${path}`).send(body);
const look = async (token: string): Promise<MyDuties> => (await ask('look', { token })).body as MyDuties;

describe('a personal link', () => {
  it('has 256 random bits, of which a hash is kept and nothing else, and lasts sixty days', async () => {
    const { token } = await linkOf(SERVING);
    expect(Buffer.from(token, 'base64url')).toHaveLength(32);
    const rows = await setup.sequelize.query<{ row: string }>(
      'SELECT row_to_json(l)::text AS row FROM duty_links l UNION ALL SELECT row_to_json(m)::text FROM messages m UNION ALL SELECT row_to_json(a)::text FROM audit a',
      { type: QueryTypes.SELECT },
    );
    expect(rows.length).toBeGreaterThan(2);
    expect(rows.map(({ row }) => row).join()).not.toContain(token);
    const { ends } = await look(token);
    const days = (Date.parse(ends) - Date.now()) / 86_400_000;
    expect(days).toBeGreaterThan(59.9);
    expect(days).toBeLessThanOrEqual(60);
  });

  it('shows one’s own duties and nothing of others but the first names of adults beside one', async () => {
    const { token } = await linkOf(SERVING);
    const answer = await ask('look', { token });
    expect(answer.headers['cache-control']).toBe('no-store');
    expect(answer.headers['referrer-policy']).toBe('no-referrer');
    expect(answer.headers['set-cookie']).toBeUndefined();
    const { name, house, duties } = answer.body as MyDuties;
    expect([name, house]).toEqual(['Petra Lund', 'Quillmere Parishes Together']);
    expect(duties.map(({ event }) => event)).toEqual([FRIDAY]);
    const [{ duty } = {}] = duties;
    expect(duty?.roles.map(({ label }) => label)).toEqual(['Camera operator, C1 WIDE']);
    expect(duty?.venue).toBe('St Alder’s, Nether Quill');
    expect(duty?.beside).toContainEqual({ role: 'Lead', name: 'Odile' });
    expect(answer.text).not.toMatch(/Marsh|01632|vetted|guardian|skills|assignments/);
    // One who is under 18 is named to nobody.
    await owner.patch(`${API}/people/benedictam`).send({ young: true, cleared: ['youngUntil'] });
    await edit(FRIDAY, [
      { op: 'add', path: '/assignments/assignyoun1', value: { role: 'monitor', person: 'benedictam' } },
    ]);
    expect((await ask('look', { token })).text).not.toMatch(/Benedict/);
    await edit(FRIDAY, [{ op: 'remove', path: '/assignments/assignyoun1' }]);
  });

  it('is opened by no other token, nor by its own once it was taken back or has ended', async () => {
    const { id, token } = await linkOf(SERVING);
    const guess = `${token.slice(0, -1)}${token.endsWith('A') ? 'B' : 'A'}`;
    expect((await ask('look', { token: guess })).status).toBe(404);
    expect((await ask('look', { token: 'short' })).status).toBe(422);
    expect((await owner.post(`${API}/duty-links/${id}/end`).send({})).body).toEqual({ ended: 1 });
    expect((await owner.post(`${API}/duty-links/${id}/end`).send({})).status).toBe(404);
    expect((await ask('look', { token })).status).toBe(404);
    const other = await linkOf(SERVING);
    await setup.sequelize.query("UPDATE duty_links SET ends_at = now() - interval '1 second' WHERE id = $1", {
      bind: [other.id],
      type: QueryTypes.UPDATE,
    });
    expect((await ask('answer', { token: other.token, event: FRIDAY, how: 'yes' })).status).toBe(404);
  });

  it('answers nothing where it is only followed, and is tried no more than sixty times a minute', async () => {
    const { token } = await linkOf(SERVING);
    expect((await nobody.get(`${API}/duties/answer?token=${token}&event=${FRIDAY}&how=yes`)).status).not.toBe(
      200,
    );
    const strict = supertest(
      createApp({ ...setup, relay: undefined as never, log: undefined as never }, { requestsByLink: 2 }),
    );
    const tried: number[] = [];
    for (let i = 0; i < 3; i++) tried.push((await strict.post(`${API}/duties/look`).send({ token })).status);
    expect(tried).toEqual([200, 200, 429]);
  });
});

describe('an answer by a link', () => {
  it('is written into the plan under their name, yes and no, and the role is empty after a no', async () => {
    const { token } = await linkOf(SERVING);
    const yes = (await ask('answer', { token, event: FRIDAY, how: 'yes' })).body as MyDuties;
    expect(yes.duties[0]?.duty.answer).toBe('yes');
    const history = (await owner.get(`${API}/documents/${FRIDAY}/history`)).body as {
      entries: { label: string; author: string }[];
    };
    expect(history.entries[0]).toMatchObject({
      label: 'Say yes to what they are asked to do',
      author: 'Petra Lund',
    });
    const no = (await ask('answer', { token, event: FRIDAY, how: 'no' })).body as MyDuties;
    expect(no.duties[0]?.duty.answer).toBe('no');
    const span = (await owner.get(`${API}/roster?from=2099-12-04&to=2099-12-04`)).body as RosterSpan;
    const event = span.lines.find(({ id }) => id === FRIDAY)?.event;
    expect(event?.saidNo).toEqual([SERVING]);
    expect(event?.jobs.find(({ roles }) => roles[0] === 'camera camwide01')?.person).toBeUndefined();
    // A no is not taken back by the link: somebody may be on it by now.
    expect((await ask('answer', { token, event: FRIDAY, how: 'yes' })).status).toBe(404);
    await edit(FRIDAY, [{ op: 'remove', path: '/assignments/assigncam1/answer' }]);
  });

  it('is of one’s own events only, and of none that is over', async () => {
    const { token } = await linkOf(SERVING);
    expect((await ask('answer', { token, event: SATURDAY, how: 'yes' })).status).toBe(404);
    expect((await ask('answer', { token, event: 'eventnone001', how: 'yes' })).status).toBe(404);
    expect((await ask('answer', { token, event: FRIDAY, how: 'maybe' })).status).toBe(422);
    await edit(FRIDAY, [{ op: 'replace', path: '/start', value: '2020-12-04T19:30:00Z' }]);
    expect((await ask('answer', { token, event: FRIDAY, how: 'yes' })).status).toBe(409);
    expect((await look(token)).duties).toEqual([]);
    await edit(FRIDAY, [{ op: 'replace', path: '/start', value: COMING }]);
  });

  it('hands a role over: those are offered it who can do it with nothing against it, and the first takes it', async () => {
    const petra = await linkOf(SERVING);
    expect((await ask('answer', { token: petra.token, event: FRIDAY, how: 'swap' })).status).toBe(200);
    // Who did the other camera is there already; who learns it, cannot do it, or is under 18 takes nothing over.
    for (const other of ['wilfokonjo', 'josiahvane', 'rufusadeye'])
      expect((await look((await linkOf(other)).token)).open, other).toEqual([]);
    expect((await look(petra.token)).open).toEqual([]);
    const agathe = await linkOf('agathepeel');
    const offer = await ask('look', { token: agathe.token });
    const [open] = (offer.body as MyDuties).open;
    expect([open?.event, open?.role, open?.duty.roles.map(({ label }) => label)]).toEqual([
      ...[FRIDAY, 'camera camwide01'],
      ['Camera operator, C1 WIDE'],
    ]);
    // Whose role it is is not said.
    expect(offer.text).not.toMatch(/Petra/);
    const hedy = await linkOf('hedyfallow');
    const take = { event: FRIDAY, role: 'camera camwide01' };
    const taken = (await ask('take', { token: agathe.token, ...take })).body as MyDuties;
    expect(taken.duties[0]?.duty.answer).toBe('yes');
    expect((await ask('take', { token: hedy.token, ...take })).status).toBe(409);
    expect((await look(petra.token)).duties).toEqual([]);
    const [on] = await answerOf(FRIDAY, 'camera camwide01');
    expect([on?.person, on?.answer?.how]).toEqual(['agathepeel', 'yes']);
    await edit(FRIDAY, [
      {
        op: 'replace',
        path: '/assignments/assigncam1',
        value: { role: 'camera camwide01', person: SERVING },
      },
    ]);
  });

  it('says when one comes, by the rules of the house’s own page', async () => {
    const { token } = await linkOf('zitamorrow');
    const away: Presence = { how: 'are away', from: '2026-12-24', until: '2026-12-26' };
    const said = (await ask('presence', { token, presence: { christmas1: away } })).body as MyDuties;
    expect(said.presence).toEqual({ christmas1: away });
    const faulty = await ask('presence', {
      token,
      presence: { christmas1: { ...away, rule: 'FREQ=NEVER' } },
    });
    expect((faulty.body as { faults: { path: string }[] }).faults[0]?.path).toBe('/presence/christmas1/rule');
    expect(((await ask('presence', { token, presence: {} })).body as MyDuties).presence).toBeUndefined();
  });
});

describe('the calendar of somebody', () => {
  const feed = (token: string) => nobody.get(`${API}/calendar/${token}.ics`);

  it('has a token of its own, made anew each time, and nobody’s name in it', async () => {
    const { id, token } = await linkOf(SERVING);
    const first = ((await ask('calendar', { token })).body as LinkToken).token;
    expect(Buffer.from(first, 'base64url')).toHaveLength(32);
    expect((await feed(token)).status).toBe(404);
    expect((await ask('look', { token: first })).status).toBe(404);
    const answer = await feed(first);
    expect(answer.headers['content-type']).toContain('text/calendar');
    expect(answer.text).not.toMatch(/Petra|Lund|Odile|Marsh|01632/);
    const [event] = new ICAL.Component(ICAL.parse(answer.text) as never).getAllSubcomponents('vevent');
    const parsed = new ICAL.Event(event);
    const { duty } = (await look(token)).duties[0] ?? {};
    expect(parsed.startDate.toJSDate().toISOString()).toBe(duty?.from);
    expect(parsed.endDate.toJSDate().toISOString()).toBe(duty?.to);
    expect([parsed.summary, parsed.location]).toEqual([
      'Camera operator, C1 WIDE: Friday 19:30 – opening concert',
      'St Alder’s, Nether Quill',
    ]);
    expect(event?.getFirstPropertyValue('status')).toBe('TENTATIVE');
    const second = ((await ask('calendar', { token })).body as LinkToken).token;
    expect([(await feed(first)).status, (await feed(second)).status]).toEqual([404, 200]);
    await owner.post(`${API}/duty-links/${id}/end`).send({});
    expect((await feed(second)).status).toBe(404);
  });
});

describe('the bundle of an event', () => {
  it('holds no token and no message', async () => {
    const { text } = await owner.get(`${API}/events/${FRIDAY}/bundle`);
    expect(Object.keys((JSON.parse(text) as EventBundle).documents)).toHaveLength(4);
    expect(text).not.toContain(TEXT);
  });
});
