/**
 * What each role may change, by every path of every document that the table tells apart; and what each sees: every byte of
 * every answer is searched for what is not for whoever asked.
 */
import { newId, pointerOf, type Json, type Operation } from '@idle-satchel/core';
import { may, pathsToldApart, seesEveryEvent, type Role } from '@idle-satchel/core/access';
import { ROUTES, type RouteName } from '@idle-satchel/core/api';
import { QueryTypes } from 'sequelize';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { editOf, FRIDAY } from './helper.js';
import { ALL_ROLES, API, EveryRole, OTHER_EVENT } from './every-role.js';
import { member, signedIn } from './people.js';

const SATURDAY = 'eventsatur1';
const names = Object.keys(ROUTES) as RouteName[];

let every: EveryRole;
beforeAll(async () => {
  every = await EveryRole.signIn();
});
afterAll(() => every.setup.close());

/** Stands for the name of whoever signs. */
const SIGNER = 'whoever signs';
const SIGNERS = { owner: 'Olwen Tester', planner: 'Pia Tester', hand: 'Hal Tester', guest: 'Choir' } as const;
const signedBy = (name: string, value: Json): Json =>
  JSON.parse(JSON.stringify(value).replaceAll(SIGNER, name)) as Json;

/** A value at each path that the table tells apart. */
const SAMPLES: Readonly<Record<'plan' | 'venue' | 'rules' | 'kinds', Readonly<Record<string, Json>>>> = {
  plan: {
    '': 'Renamed',
    '/money': { hireDays: 2 },
    '/quote': { client: 'Hall' },
    '/ticks/*': { check: 'x', by: SIGNER, at: '2026-12-01T10:00:00Z' },
    '/workLog/*': { task: 'power', sort: 'powerUp', usual: 5, begun: '2026-12-01T10:00:00Z' },
    '/chargeReadings/*': { battery: 'x', at: '2026-12-01T10:00:00Z', percent: 50, by: SIGNER },
    '/batteryChanges/*/done': '2026-12-01T10:00:00Z',
    '/batteryChanges/*/by': SIGNER,
    '/links/*/proof': { length: 3, works: true, at: '2026-12-01T10:00:00Z', by: SIGNER },
    '/links/*/measured': 12,
    '/links/*/laid': true,
    '/devices/*/afterTransport/*': {},
  },
  venue: { '': 'Renamed', '/notes/*': {}, '/uploads/*': {}, '/lightReadings/*': {}, '/mobileReadings/*': {} },
  rules: { '': 'Renamed', '/money': { tax: 20 } },
  kinds: {
    '': { label: 'New', family: 'tool' },
    '/kinds/*/price': 3,
    '/kinds/*/prices': {},
    '/kinds/*/verdicts': {},
  },
};
/** A place that no other rule is about. */
const PLAIN = { plan: '/label', venue: '/name', rules: '/organisation', kinds: '/kinds/kindnewtest1' };
/** Records that the demo has none of. */
const RECORDS: Readonly<Record<string, Json>> = {
  '/batteryChanges/*': { battery: 'devicetest01', item: 'itemcam01', after: 0 },
};

const places = (['plan', 'venue', 'rules', 'kinds'] as const).flatMap(document =>
  pathsToldApart(document).map(path => [document, path] as const),
);

/** Where a path of the table leads in a body, and what must be put there first for it to lead anywhere. */
function placeIn(body: object, pattern: string): { readonly target: string; readonly before: Operation[] } {
  const before: Operation[] = [];
  const at: string[] = [];
  const wanted = pattern.split('/').slice(1);
  let node: unknown = body;
  wanted.forEach((key, i) => {
    const here = node as Record<string, unknown> | undefined;
    const last = i === wanted.length - 1;
    const own = key !== '*' ? key : last ? newId() : (Object.keys(here ?? {})[0] ?? newId());
    at.push(own);
    node = here?.[own];
    if (node === undefined && !last) {
      node = RECORDS[`/${wanted.slice(0, i + 1).join('/')}`] ?? {};
      before.push({ op: 'add', path: pointerOf(...at), value: node as Json });
    }
  });
  return { target: pointerOf(...at), before };
}

describe('every path of every document', () => {
  it.each(places)('%s %j is changed by those whom the table names', async (document, path) => {
    for (const role of ALL_ROLES) {
      const { id, revision, body } = await every.newest(document);
      const { target, before } = path === '' ? { target: PLAIN[document], before: [] } : placeIn(body, path);
      if (before.length > 0) expect((await every.edit('owner', id, revision, before)).status).toBe(200);
      const base = revision + Math.min(before.length, 1);
      const value = signedBy(SIGNERS[role], SAMPLES[document][path] as Json);
      const answer = await every.edit(role, id, base, [{ op: 'add', path: target, value }]);
      const allowed =
        may(role, 'change', { document, path }) &&
        may(role, 'change', 'event') &&
        (document === 'plan' || seesEveryEvent(role));
      if (!allowed) expect(answer.status, `${role}: ${answer.text}`).toBe(403);
      // A sample may be no whole record: that it is refused for that comes after it was found to be theirs to change.
      else expect([200, 422], `${role}: ${answer.text}`).toContain(answer.status);
    }
  });

  it('what an event says of its venue is changed by those who note readings there', async () => {
    const note = { order: '005h', at: [2, 2], text: 'Draught', words: 'Draught' };
    const change = (path: string): Operation[] => [
      { op: 'add', path: `/venueChanges/${newId()}`, value: { path, value: note } as Json },
    ];
    const { id, revision } = (await every.documents('owner')).plan;
    const first = await every.edit('owner', id, revision, [{ op: 'add', path: '/venueChanges', value: {} }]);
    expect(first.status).toBe(200);
    const status = async (role: Role, path: string): Promise<number> =>
      (await every.edit(role, id, (await every.documents('owner')).plan.revision, change(path))).status;
    expect(await status('hand', `/outline`)).toBe(403);
    expect(await status('hand', `/doors/doorfortest1`)).toBe(403);
    expect(await status('hand', `/notes/noteoftest01`)).not.toBe(403);
    expect(await status('guest', `/notes/noteoftest02`)).toBe(403);
  });

  it('nobody signs with the name of another, nor changes who signed', async () => {
    const { id, revision } = (await every.documents('owner')).plan;
    const tick = (by: string): Operation[] => [
      { op: 'add', path: '/ticks/tickforged1', value: { check: 'x', by, at: '2026-12-01T10:00:00Z' } },
    ];
    for (const role of ['owner', 'planner', 'hand'] as const)
      expect((await every.edit(role, id, revision, tick('Somebody Else'))).status, role).toBe(403);
    expect((await every.edit('hand', id, revision, tick('Hal Tester'))).status).toBe(200);
    expect((await every.edit('planner', id, revision + 1, tick('Pia Tester'))).status).toBe(200);
    const back: Operation[] = [{ op: 'replace', path: '/ticks/tickforged1/by', value: 'Hal Tester' }];
    expect((await every.edit('planner', id, revision + 2, back)).status).toBe(403);
  });

  it('a hand changes nothing of an event that they do not serve', async () => {
    const tick: Json = { check: 'x', by: 'Hal Tester', at: '2026-12-01T10:00:00Z' };
    const patch: Operation[] = [{ op: 'add', path: '/ticks', value: { tickofhand01: tick } }];
    expect((await every.edit('hand', OTHER_EVENT, 1, patch)).status).toBe(404);
    const { revision } = (await every.documents('owner')).plan;
    const answer = await every.edit('hand', FRIDAY, revision, patch);
    expect(answer.status).toBe(200);
    // Whoever signs the edit is who is signed in, whatever they say.
    const history = await every.agents.owner.get(`${API}/documents/${FRIDAY}/history`);
    expect((history.body as { entries: { author: string }[] }).entries[0]?.author).toBe('Hal Tester');
    const back = answer.body as { edit: string; documents: { inverse: Operation[] }[] };
    const undo = editOf(revision + 1, back.documents[0]?.inverse ?? [], { undoes: back.edit });
    expect(
      (await every.agents.planner.post(`${API}/edits`).send({ ...undo, author: 'Hal Tester' })).status,
    ).toBe(409);
    expect((await every.agents.hand.post(`${API}/edits`).send(undo)).status).toBe(200);
  });
});

/** What nobody would write, put where it is not for everybody, with who may read it there. */
const MARKS = {
  money: ['ZQXMONEY', '9876543'],
  reached: ['0999 111 222', 'zqx@mark.example', 'ZQXCONTACT'],
  keepers: ['ZQXSERIAL', 'ZQXNOTE', 'ZQXLENDER'],
  helpers: ['Zqxsigner', 'ZQXVENUENOTE', 'Petra Lund'],
} as const;
const notFor: Readonly<Record<Role, readonly string[]>> = {
  owner: [],
  planner: [...MARKS.money, ...MARKS.reached],
  hand: [...MARKS.money, ...MARKS.reached, ...MARKS.keepers],
  guest: [...MARKS.money, ...MARKS.reached, ...MARKS.keepers, ...MARKS.helpers],
};

describe('no answer has a byte that is not for whoever asked', () => {
  beforeAll(async () => {
    const run = (sql: string) => every.setup.sequelize.query(sql, { type: QueryTypes.RAW });
    await member(every.setup, 'zqxsigner', 'owner');
    const signer = await signedIn(every.setup, 'zqxsigner');
    const put = async (document: 'plan' | 'kinds', patch: Operation[]): Promise<void> => {
      const { id, revision } = await every.newest(document);
      const answer = await signer
        .post(`${API}/edits`)
        .send(editOf(revision, patch, { changes: [{ document: id, base: revision, patch }] }));
      expect([answer.status, answer.text]).toEqual([200, answer.text]);
    };
    const money: Json = { amount: 9876543, currency: 'GBP' };
    const { plan, kinds } = await every.documents('owner');
    const kind = Object.values(plan.body.devices ?? {})[0]?.kind ?? '';
    const link = Object.keys(plan.body.links ?? {})[0] ?? '';
    expect(kinds.body.kinds[kind]).toBeDefined();
    await put('plan', [
      {
        op: 'add',
        path: '/money',
        value: { ceiling: money, needs: { needtest0001: { line: 'x', from: 'ZQXMONEY' } } },
      },
      { op: 'add', path: '/quote', value: { client: 'ZQXMONEY', hourly: money } },
      {
        op: 'add',
        path: `/links/${link}/proof`,
        value: { length: 3, works: true, at: '2026-12-01T10:00:00Z', by: 'Zqxsigner Tester' },
      },
    ]);
    await put('kinds', [
      { op: 'add', path: `/kinds/${kind}/price`, value: 9876543 },
      {
        op: 'add',
        path: `/kinds/${kind}/prices`,
        value: { pricetest001: { sort: 'new', each: money, source: 'ZQXMONEY' } },
      },
    ]);
    const answer = await every.agents.owner.patch(`${API}/items/${every.ids.items}`).send({
      ...{ bought: { price: money, from: 'ZQXMONEY' }, insured: money, serial: 'ZQXSERIAL', note: 'ZQXNOTE' },
      owner: { how: 'borrowed', who: 'ZQXLENDER' },
    });
    expect([answer.status, answer.text]).toEqual([200, answer.text]);
    const reached = { phone: '0999 111 222', mail: 'zqx@mark.example', note: 'ZQXCONTACT' };
    // Of somebody who serves beside the hand: what is kept of oneself one sees.
    const kept = await every.agents.owner.patch(`${API}/people/wilfokonjo`).send(reached);
    expect([kept.status, kept.text]).toEqual([200, kept.text]);
    await run(`UPDATE documents SET body = jsonb_set(body, '{notes}', '{"notetest0001": {"order": "005h", "text": "ZQXVENUENOTE"}}')
      WHERE id = '${every.ids.venues}'`);
  });

  /** Ids of several things of each kind. */
  const variousIds = (): Readonly<Record<string, string>>[] => [
    every.ids,
    { ...every.ids, documents: every.ids.venues ?? '', events: SATURDAY },
    { ...every.ids, documents: 'kindsofthing' },
    { ...every.ids, documents: 'houserules01' },
  ];
  const reading = names.filter(
    name => name.startsWith('GET ') && !name.endsWith('/live') && !/\.(pdf|xlsx)$/.test(name),
  );
  it.each(ALL_ROLES)('%s', async role => {
    let told = '';
    for (const name of reading) {
      for (const own of name.includes(':id') ? variousIds() : [every.ids]) {
        const [, path = ''] = name.split(' ');
        const kind = path.split('/')[1] ?? '';
        const address = `${API}${path.replace(':id', own[kind] ?? '')}${path.endsWith('/changes') ? '?since=1' : ''}`;
        const answer = await every.agents[role].get(address).buffer(true);
        const text = answer.text ?? String(answer.body);
        if (role === 'owner') told += text;
        for (const mark of notFor[role]) expect(text.includes(mark), `${mark} at ${address}`).toBe(false);
      }
    }
    // What is looked for is there to be found.
    if (role === 'owner') for (const mark of Object.values(MARKS).flat()) expect(told).toContain(mark);
  });

  it('nor has what is told of an edit, on a collision or back', async () => {
    const { id, revision, body } = (await every.documents('planner')).kinds;
    const [kind = ''] = Object.keys(body.kinds);
    const replace = (label: string): Operation[] => {
      const { [kind]: own } = body.kinds;
      return [{ op: 'replace', path: `/kinds/${kind}`, value: { ...own, label } as unknown as Json }];
    };
    const done = await every.edit('planner', id, revision, replace('One'));
    const late = await every.edit('planner', id, revision, replace('Two'));
    expect([done.status, late.status]).toEqual([200, 409]);
    for (const { text } of [done, late]) expect(MARKS.money.some(mark => text.includes(mark))).toBe(false);
    const { kinds } = await every.documents('owner');
    const priced = Object.values(kinds.body.kinds).filter(({ price }) => price !== undefined);
    expect(priced.length).toBeGreaterThan(0);
  });
});
