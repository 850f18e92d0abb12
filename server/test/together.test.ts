/** Several people, tabs and retries at once: nothing of anybody's is lost, doubled or taken back unasked. */
import { newId } from '@idle-satchel/core';
import { writeBundleFile } from '@idle-satchel/core/documents';
import { fridayBundle } from '@idle-satchel/core/demo';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Editing, editOf, FRIDAY, move, setUp, type Setup } from './helper.js';

let setup: Setup;
beforeAll(async () => (setup = await setUp()));
afterAll(() => setup.close());

const editing = new Editing(() => setup.api);
const API = '/api/v1';

interface Answer {
  readonly status: number;
  readonly body: {
    readonly id?: string;
    readonly revision?: number;
    readonly title?: string;
    readonly faults?: readonly { readonly path: string }[];
    readonly documents?: readonly { readonly revision: number }[];
  };
}
const patch = async (path: string, body: object): Promise<Answer> => setup.api.patch(API + path).send(body);
const post = async (path: string, body: object = {}): Promise<Answer> =>
  setup.api.post(API + path).send(body);

describe('changes of one record by several at once', () => {
  it.each([
    ['/items/itemftc01', { note: 'lens cap missing', state: 'in repair', tape: 'CAM 77' }],
    ['/people/petralund1', { young: false, lift: 12, name: 'Petra L.' }],
  ])('of %s all stay where they are of different fields', async (path, change) => {
    const before = (await patch(path, {})).body.revision ?? 0;
    const fields = Object.entries(change);
    const answers = await Promise.all(
      fields.map(([field, value]) => patch(path, { [field]: value, base: before })),
    );
    expect(answers.map(({ status }) => status)).toEqual(fields.map(() => 200));
    const after = await patch(path, {});
    expect(after.body).toMatchObject({ ...change, revision: before + fields.length });
  });

  it('of the same field are told to whoever was second, and nothing is written over', async () => {
    const { revision: base } = (await patch('/items/itemcam01', {})).body;
    expect((await patch('/items/itemcam01', { note: 'first', base })).status).toBe(200);
    const second = await patch('/items/itemcam01', { note: 'second', state: 'out', base });
    expect(second.status).toBe(409);
    expect(second.body.faults?.map(fault => fault.path)).toEqual(['/note']);
    expect((await patch('/items/itemcam01', {})).body).toMatchObject({ note: 'first', state: 'ready' });
    // What both wanted alike collides with nothing.
    expect((await patch('/items/itemcam01', { note: 'first', base })).status).toBe(200);
  });

  it('of readings of one thing go together, however many people note them', async () => {
    const reading = (watts: number) => ({ at: '2026-12-04T18:00:00Z', state: 'working', watts, by: 'Maud' });
    const run = { at: '2026-12-04T20:00:00Z', minutes: 60, wattHours: 40, by: 'Tobin' };
    const { revision: base } = (await patch('/items/itemcam01', {})).body;
    const changes = [
      { meter: { readone001: reading(20) } },
      { meter: { readtwo002: reading(22) } },
      { runs: { runone0001: run } },
    ];
    const answers = await Promise.all(changes.map(change => patch('/items/itemcam01', { ...change, base })));
    expect(answers.map(({ status }) => status)).toEqual([200, 200, 200]);
    const after = await patch('/items/itemcam01', { forgotten: ['readone001', 'nosuch0001'], base });
    expect(after.body).toMatchObject({ meter: { readtwo002: reading(22) }, runs: { runone0001: run } });
    expect(Object.keys((after.body as { meter: object }).meter)).toEqual(['readtwo002']);
    // Two hundred are kept at most.
    const many = (count: number) =>
      Object.fromEntries(
        Array.from({ length: count }, (_, i) => [`many${String(i).padStart(6, '0')}`, reading(i)]),
      );
    const over = await patch('/items/itemcam01', { meter: many(200) });
    expect([over.status, over.body.faults?.map(fault => fault.path)]).toEqual([422, ['/meter']]);
    expect((await patch('/items/itemcam01', { meter: many(199) })).status).toBe(200);
  });

  it('cannot put one tape code on two items', async () => {
    const item = { tape: 'TWICE 1', kind: 'camfourth', state: 'ready' };
    const both = await Promise.all([post('/items', { items: [item] }), post('/items', { items: [item] })]);
    expect(both.map(({ status }) => status).sort()).toEqual([201, 409]);
    expect(both.find(({ status }) => status === 409)?.body.faults?.[0]?.path).toBe('/items/0/tape');
  });
});

describe('something made under an id that the client chose', () => {
  const file = writeBundleFile(fridayBundle(), false);
  const event = { label: 'Once', start: '2026-12-20T18:00:00Z', zone: 'UTC', venue: 'venuestald1' };
  const makes: [string, (as: string) => Promise<Answer>][] = [
    ['event', as => post(`/events?as=${as}`, event)],
    ['copy', as => post(`/events/${FRIDAY}/copy?as=${as}`)],
    ['venue', as => post(`/venues?as=${as}`, fridayBundle().venue)],
    [
      'import',
      async as =>
        setup.api.post(`${API}/events/import?as=${as}`).set('content-type', 'application/json').send(file),
    ],
  ];
  it.each(makes)('is there once, however often the %s is asked for', async (_, make) => {
    const as = newId();
    const [one, other] = await Promise.all([make(as), make(as)]);
    const again = await make(as);
    expect([one, other, again].map(({ status }) => status)).toEqual([201, 201, 201]);
    expect([one.body, other.body, again.body]).toEqual([one.body, one.body, one.body]);
    expect(one.body.id).toBe(as);
  });

  it('is refused where the id is that of something else', async () => {
    const as = newId();
    expect((await post(`/events/${FRIDAY}/copy?as=${as}`)).status).toBe(201);
    expect((await post(`/venues?as=${as}`, fridayBundle().venue)).status).toBe(409);
    expect((await post(`/venues?as=${FRIDAY}`, fridayBundle().venue)).status).toBe(409);
    expect((await post('/venues?as=NOT-AN-ID', fridayBundle().venue)).body.faults?.[0]?.path).toBe('?as');
  });
});

describe('an edit sent again', () => {
  it('is the same one on a newer base and by another name, which a page reopened later sends', async () => {
    const { revision } = await editing.plan();
    const request = editOf(revision, [move('camnorth1', 10.5, 2)]);
    const first = await editing.post(request);
    await editing.edit([move('camside01', 16, 13)]);
    const changes = [{ ...request.changes[0], base: revision + 2 }];
    const again = await editing.post({ ...request, author: 'Signed since', changes });
    expect([again.status, again.body]).toEqual([200, first.body]);
    expect((await editing.plan()).revision).toBe(revision + 2);
    const other = await editing.post({ ...editOf(revision, [move('camnorth1', 11, 2)]), id: request.id });
    expect(other.status).toBe(409);
  });

  it('made on what was more than 1,000 revisions ago is answered with the documents of now', async () => {
    const other = 'eventsatur1';
    const jump = (to: number): Promise<unknown> =>
      setup.sequelize.query(`UPDATE documents SET revision = ${to} WHERE id = '${other}'`);
    const patch = [{ op: 'replace', path: '/label', value: 'Saturday' }];
    const old = { ...editOf(1, []), changes: [{ document: other, base: 1, patch }] };
    await jump(1002);
    const answer = (await editing.post(old)) as Answer;
    expect([answer.status, answer.body.documents?.[0]?.revision]).toEqual([409, 1002]);
    await jump(1001);
    expect((await editing.post(old)).status).toBe(200);
  });
});

describe('taking back', () => {
  const rename = (value: string) => [{ op: 'replace' as const, path: '/label', value }];
  const undoOf = (edited: Awaited<ReturnType<Editing['edit']>>, more: object = {}): object => ({
    id: newId(),
    label: 'Undo',
    author: 'Tester',
    undoes: edited.edit,
    changes: edited.documents.map(each => ({
      document: FRIDAY,
      base: each.revision,
      patch: each.inverse,
    })),
    ...more,
  });

  it('is believed only where it is what takes that edit back', async () => {
    const edited = await editing.edit(rename('One'));
    const [change] = edited.documents;
    const lie = { document: FRIDAY, base: change?.revision, patch: rename('Something else') };
    const refused = (await editing.post(undoOf(edited, { changes: [lie] }))) as Answer;
    expect([refused.status, refused.body.faults?.[0]?.path]).toEqual([422, '/changes/0/patch']);
    const nothing = (await editing.post(undoOf(edited, { undoes: 'neverwasmade' }))) as Answer;
    expect([nothing.status, nothing.body.faults?.[0]?.path]).toEqual([422, '/undoes']);
    expect((await editing.post(undoOf(edited))).status).toBe(200);
  });

  it('is for whoever made the edit: by name, or in the browser that it was made in', async () => {
    const browser = newId();
    const edited = await editing.edit(rename('Two'), { browser });
    const others = (await editing.post(undoOf(edited, { author: 'Petra', browser: newId() }))) as Answer;
    expect(others.status).toBe(409);
    expect(others.body.title).toBe('Tester made this');
    const renamed = await editing.post(undoOf(edited, { author: 'Tessa', browser }));
    expect(renamed.status).toBe(200);
  });
});

it('a plan can be pinned to the revision that the same edit makes of its venue, and to none beyond', async () => {
  const { revision, body } = await editing.plan();
  const { id } = body.venue;
  const venue = (await setup.api.get(`${API}/documents/${id}`)).body as { revision: number };
  const changes = (pin: number) => [
    { document: FRIDAY, base: revision, patch: [{ op: 'replace', path: '/venue/revision', value: pin }] },
    { document: id, base: venue.revision, patch: [{ op: 'replace', path: '/name', value: 'St Alder’s' }] },
  ];
  const pinned = (pin: number) => editing.post({ ...editOf(1, []), changes: changes(pin) });
  expect((await pinned(venue.revision + 2)).status).toBe(422);
  expect((await pinned(venue.revision + 1)).status).toBe(200);
});

it('who knows no revision of a document is told all of it', async () => {
  const all = await setup.api.get(`${API}/documents/${FRIDAY}/changes?since=0`);
  const { revision, body } = await editing.plan();
  expect(all.body).toEqual({ document: FRIDAY, revision, body });
  const none = await setup.api.get(`${API}/documents/${FRIDAY}/changes?since=${revision}`);
  expect(none.body).toEqual({ document: FRIDAY, revision, changes: [] });
});

describe('lines of the list of events', () => {
  it('can be asked for line by line, by those that changed', async () => {
    const lines = async (ids: string) => setup.api.get(`/api/v1/events/lines?ids=${ids}`);
    const { body } = (await lines(`${FRIDAY},nowhere00001,venuestald1`)) as {
      body: { events: { id: string }[] };
    };
    expect(body.events.map(({ id }) => id)).toEqual([FRIDAY]);
    const list = (await setup.api.get('/api/v1/events')).body as { events: { id: string }[] };
    expect(body.events[0]).toEqual(list.events.find(({ id }) => id === FRIDAY));
    expect((await lines(Array(31).fill(FRIDAY).join())).status).toBe(422);
  });
});
