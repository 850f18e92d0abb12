/** What is kept of somebody is shown to them, and goes when they ask: every byte that is left is searched. */
import type { Json, Operation } from '@idle-satchel/core';
import {
  ROUTES,
  type Erased,
  type NameMention,
  type PersonData,
  type RouteName,
} from '@idle-satchel/core/api';
import type { Plan } from '@idle-satchel/core/documents';
import { QueryTypes } from 'sequelize';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newLog } from '../src/log.js';
import { editOf, FRIDAY, setUp, type Setup } from './helper.js';
import { pdfText } from './pdf-text.js';
import { member, PASSWORD, SERVING, signedIn, type Agent } from './people.js';

const API = '/api/v1';
const COMING = 'eventsatur1';
const NAME = 'Petra Lund';
const WORDS = [/petra\s+lund/i, /plund77/i, /0160 555 0199/, /petra@example\.org/, /likes tea/];

let setup: Setup;
const logged: string[] = [];
let owner: Agent;
let petra: Agent;
beforeAll(async () => {
  setup = await setUp({ demo: false, log: newLog('trace', { write: line => void logged.push(line) }) });
  await member(setup, 'olwen', 'owner');
  await member(setup, 'plund77', 'hand', { person: SERVING, name: NAME });
  await member(setup, 'hal', 'planner', { person: 'wilfokonjo' });
  owner = await signedIn(setup, 'olwen');
  petra = await signedIn(setup, 'plund77');
});
afterAll(() => setup.close());

const get = (agent: Agent, path: string) => agent.get(`${API}${path}`);
const post = (agent: Agent, path: string, body: object = {}) => agent.post(`${API}${path}`).send(body);
const plan = async (id: string): Promise<{ revision: number; body: Plan }> =>
  (await get(owner, `/documents/${id}`)).body as { revision: number; body: Plan };
const edit = async (agent: Agent, document: string, patch: Operation[]): Promise<void> => {
  const { revision: base } = (await get(owner, `/documents/${document}`)).body as { revision: number };
  const answer = await post(agent, '/edits', editOf(base, patch, { changes: [{ document, base, patch }] }));
  expect([answer.status, answer.text]).toEqual([200, answer.text]);
};

/** Every row of every table, as text. */
async function allRows(): Promise<string> {
  const run = <Row extends object>(sql: string) =>
    setup.sequelize.query<Row>(sql, { type: QueryTypes.SELECT });
  const tables = await run<{ name: string }>(
    "SELECT table_name AS name FROM information_schema.tables WHERE table_schema = 'public'",
  );
  const all: string[] = [];
  for (const { name } of tables) {
    const rows = await run<{ text: string }>(`SELECT t::text AS text FROM "${name}" t`);
    all.push(...rows.map(({ text }) => `${name}: ${text}`));
  }
  return all.join('\n');
}

/** What an owner fetches of an event and of the house, sheets with their words. */
async function answersOf(names: readonly RouteName[]): Promise<string[]> {
  const ids: Readonly<Record<string, string>> = {
    ...{ events: FRIDAY, documents: FRIDAY, items: 'itemcam01', people: 'wilfokonjo' },
    venues: (await plan(FRIDAY)).body.venue.id,
  };
  const all: string[] = [];
  for (const name of names) {
    const [, path = ''] = name.split(' ');
    const address = path.replace(':id', ids[path.split('/')[1] ?? ''] ?? '');
    const more = path.endsWith('/changes') ? '?since=1' : '?names=yes';
    const answer = await get(owner, `${address}${more}`)
      .buffer(true)
      .parse((response, done) => {
        const chunks: Buffer[] = [];
        response.on('data', (chunk: Buffer) => chunks.push(chunk));
        response.on('end', () => done(null, Buffer.concat(chunks)));
      });
    const bytes = answer.body as Buffer;
    all.push(
      `${name} ${name.endsWith('.pdf') && answer.status === 200 ? await pdfText(bytes) : bytes.toString()}`,
    );
  }
  return all;
}

/** Everything that can be fetched but what is kept as bytes. */
const FETCHED = (Object.keys(ROUTES) as RouteName[]).filter(
  name => name.startsWith('GET ') && !name.endsWith('/live') && !/ \/(pictures|files)\//.test(name),
);

describe('how somebody is reached', () => {
  it('is kept by the owner, and known to them and to whoever leads the event', async () => {
    const person = () => owner.patch(`${API}/people/${SERVING}`);
    const faulty = await person().send({ phone: 'ask at the bar', mail: 'petra' });
    expect((faulty.body as { faults: { path: string }[] }).faults.map(({ path }) => path)).toEqual([
      '/phone',
      '/mail',
    ]);
    const kept = { phone: '0160 555 0199', mail: 'petra@example.org', note: 'likes tea' };
    expect((await person().send(kept)).body).toMatchObject(kept);
    expect((await person().send({ cleared: ['note'] })).body).not.toHaveProperty('note');
    expect((await person().send({ note: 'likes tea' })).status).toBe(200);
    const planner = await signedIn(setup, 'hal');
    for (const path of ['/people', `/events/${FRIDAY}/bundle`, `/events/${FRIDAY}/file?names=yes`])
      expect((await get(planner, path)).text, path).not.toMatch(/0160|petra@|likes tea/);
    const lead: Json = { role: 'lead', person: 'wilfokonjo' };
    const { body } = await plan(FRIDAY);
    const [own = ''] = Object.entries(body.assignments ?? {}).find(([, { role }]) => role === 'lead') ?? [];
    await edit(owner, FRIDAY, [{ op: 'replace', path: `/assignments/${own}`, value: lead }]);
    const bundle = (await get(planner, `/events/${FRIDAY}/bundle`)).text;
    expect(bundle).toMatch(/0160 555 0199/);
    // Where he leads not, and of those who do not serve there, he sees nothing of it.
    expect((await get(planner, `/events/${COMING}/bundle`)).text).not.toMatch(/0160 555/);
  });
});

describe('what is kept of somebody', () => {
  beforeAll(async () => {
    for (const past of [FRIDAY, 'eventfrione1', 'eventfritwo1'])
      await edit(owner, past, [{ op: 'replace', path: '/start', value: '2020-12-04T19:30:00Z' }]);
    await edit(owner, COMING, [
      { op: 'replace', path: '/start', value: '2099-12-04T19:30:00Z' },
      { op: 'add', path: '/assignments', value: { assigntest01: { role: 'mixer', person: SERVING } } },
      { op: 'replace', path: '/label', value: 'Petra Lund’s farewell' },
    ]);
    await edit(owner, COMING, [{ op: 'replace', path: '/label', value: 'Farewell to Petra' }]);
    await edit(petra, FRIDAY, [
      {
        op: 'add',
        path: '/ticks',
        value: { tickoftest01: { check: 'x', by: NAME, at: '2020-12-04T19:00:00Z' } },
      },
    ]);
    const lent = { to: 'PETRA LUND', on: '2026-12-01' };
    expect((await owner.patch(`${API}/items/itemcam01`).send({ lent })).status).toBe(200);
    await owner.patch(`${API}/people/wilfokonjo`).send({ note: 'comes with Petra Lund' });
    // Asked by links and messages, to them and to somebody else.
    for (const person of [SERVING, 'wilfokonjo'])
      await post(owner, '/requests', {
        ...{ person, way: 'by hand', subject: `With ${NAME}?` },
        text: `${NAME} asked for you: {link}`,
      }).expect(201);
    await post(owner, '/invitations', { role: 'hand', name: NAME });
    await post(owner, '/guest-links', { event: FRIDAY, label: 'Mother of Petra Lund', days: 1 });
    await post(owner, '/bookings', {
      ...{ label: 'Camera for petra lund', from: '2099-03-01T10:00:00Z', to: '2099-03-01T12:00:00Z' },
      items: [{ item: 'itemcam01' }],
    });
  });

  it('is shown to the owner and, as much, to themselves', async () => {
    const own = (await get(petra, '/account/data')).body as PersonData;
    const seen = (await get(owner, `/people/${SERVING}/data`)).body as PersonData;
    expect(own.person).toMatchObject({ name: NAME, phone: '0160 555 0199', note: 'likes tea' });
    expect(own.account).toMatchObject({ login: 'plund77', role: 'hand', otherHouses: 0 });
    const named = own.events.filter(({ event }) => [FRIDAY, COMING].includes(event));
    expect(named).toMatchObject([
      { event: FRIDAY, signed: 1, roles: ['camera C1 WIDE'] },
      { event: COMING, signed: 0, roles: ['mixer'] },
    ]);
    expect([own.edits, own.sessions.length, own.audit.map(({ did }) => did)]).toEqual([1, 1, ['signed in']]);
    expect(own.sessions.map(each => each.own)).toEqual([true]);
    expect({ ...seen, sessions: [] }).toEqual({ ...own, sessions: [] });
    expect((await get(owner, '/people/nobodyknown1/data')).status).toBe(404);
  });

  it('is told where words of the name stand by themselves', async () => {
    const { mentions } = (await get(owner, `/people/${SERVING}/mentions`)).body as {
      mentions: NameMention[];
    };
    expect(mentions).toContainEqual({
      what: 'Farewell to Petra',
      path: '/label',
      word: 'Petra',
      text: 'Farewell to Petra',
    });
    expect(mentions.some(({ text }) => /Petra Lund/i.test(text))).toBe(false);
  });

  it('is there to be found before', async () => {
    const rows = await allRows();
    for (const word of WORDS) expect(rows).toMatch(word);
    const told = await answersOf([
      'GET /events/:id/file',
      'GET /events/:id/roles.pdf',
      'GET /shelf/lent-out.pdf',
    ]);
    for (const answer of told) expect(answer).toMatch(/petra\s+lund/i);
  });

  it('goes with the name typed, and no byte of it is left', async () => {
    const before = (await plan(COMING)).revision;
    expect((await post(owner, `/people/${SERVING}/erase`, { name: 'Petra' })).status).toBe(422);
    const erased = (await post(owner, `/people/${SERVING}/erase`, { name: NAME, also: ['Petra'] }))
      .body as Erased;
    expect(erased).toMatchObject({ documents: 2, roles: 1, things: 2, files: 0 });
    expect(erased.records).toBeGreaterThan(5);
    const [rows, answers] = [await allRows(), (await answersOf(FETCHED)).join('\n')];
    for (const word of [...WORDS, /\bPetra\b/]) {
      expect(word.exec(rows)?.[0], String(word)).toBeUndefined();
      expect(word.exec(answers)?.[0], String(word)).toBeUndefined();
      expect(word.exec(logged.join(''))?.[0], String(word)).toBeUndefined();
    }
    // Whoever had the event open hears what changed of it.
    const { changes } = (await get(owner, `/documents/${COMING}/changes?since=${before}`)).body as {
      changes: { patch: Operation[]; label: string }[];
    };
    expect(changes).toMatchObject([
      {
        label: 'A name was erased',
        patch: [
          { op: 'remove', path: '/assignments/assigntest01' },
          { op: 'replace', path: '/label', value: 'Farewell to somebody' },
        ],
      },
    ]);
  });

  it('leaves that somebody was there, and lets them in no more', async () => {
    const { people } = (await get(owner, '/people')).body as { people: { id: string }[] };
    expect(people.find(({ id }) => id === SERVING)).toEqual({
      ...{ id: SERVING, revision: 5, name: 'somebody', skills: [], erased: true },
    });
    expect((await plan(FRIDAY)).body.ticks).toMatchObject({ tickoftest01: { by: 'somebody' } });
    expect((await get(petra, '/events')).status).toBe(401);
    expect((await post(petra, '/session', { login: 'plund77', password: PASSWORD })).status).toBe(401);
    expect((await owner.patch(`${API}/people/${SERVING}`).send({ young: false })).status).toBe(409);
    expect((await get(owner, `/people/${SERVING}/data`)).status).toBe(404);
    const { entries } = (await get(owner, '/audit')).body as { entries: { did: string; who: string }[] };
    expect(entries[0]).toMatchObject({ did: 'erased somebody', who: 'Olwen Tester' });
    // Each revision is still what it was but for the name.
    const first = await get(owner, `/documents/${COMING}?revision=1`);
    expect(first.status).toBe(200);
  });
});

describe('erasing oneself', () => {
  it('needs the password, signs out, and is not for the last owner', async () => {
    expect((await post(owner, '/account/erase', { password: PASSWORD })).status).toBe(409);
    await member(setup, 'nadia', 'hand', { person: 'maudtarran' });
    const nadia = await signedIn(setup, 'nadia');
    expect((await post(nadia, '/account/erase', { password: 'not mine at all' })).status).toBe(422);
    expect((await post(nadia, '/account/erase', { password: PASSWORD })).status).toBe(200);
    expect((await get(nadia, '/events')).status).toBe(401);
    const { people } = (await get(owner, '/people')).body as { people: { id: string; name: string }[] };
    expect(people.find(({ id }) => id === 'maudtarran')?.name).toBe('somebody');
    expect(await allRows()).not.toMatch(/Nadia Tester|Maud Tarrant/);
  });

  it('from one house leaves the account to others', async () => {
    const account = await member(setup, 'both', 'hand');
    await setup.sequelize.query(
      `INSERT INTO members (organisation_id, account_id, role) VALUES ('orgzcedarhol', '${account}', 'hand')`,
    );
    const agent = await signedIn(setup, 'both');
    const { account: kept } = (await get(agent, '/account/data')).body as PersonData;
    expect(kept?.otherHouses).toBe(1);
    expect((await post(agent, '/account/erase', { password: PASSWORD })).status).toBe(200);
    expect((await post(agent, '/session', { login: 'both', password: PASSWORD })).body).toMatchObject({
      signedIn: true,
    });
  });
});
