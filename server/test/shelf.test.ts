/** The shelf: what is changed, by whom, together and back again. */
import type { ChangedItems, ItemHistory, ItemLine, MadeItems } from '@idle-satchel/core/api';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { setUp, type Setup } from './helper.js';

let setup: Setup;
beforeAll(async () => (setup = await setUp()));
afterAll(() => setup.close());

const API = '/api/v1';
interface Answer<T> {
  readonly status: number;
  readonly body: T & {
    readonly title?: string;
    readonly detail?: string;
    readonly faults?: readonly { readonly path: string; readonly reason: string }[];
  };
}
const post = async <T>(path: string, body: object): Promise<Answer<T>> =>
  setup.api.post(API + path).send(body);
const patch = async <T = ItemLine>(path: string, body: object): Promise<Answer<T>> =>
  setup.api.patch(API + path).send(body);
const item = async (id: string): Promise<ItemLine> => (await patch(`/items/${id}`, {})).body;
const history = async (id: string): Promise<ItemHistory> =>
  (await setup.api.get(`${API}/items/${id}/history`)).body as ItemHistory;
const undo = (change: string): Promise<Answer<ChangedItems>> =>
  post(`/item-changes/${change}/undo`, { author: 'Maud' });
const paths = ({ body }: Answer<unknown>): string[] => (body.faults ?? []).map(({ path }) => path);

describe('a change of one thing', () => {
  it('says, clears and keeps who did what', async () => {
    const lent = { to: 'Players', on: '2026-12-01', back: '2026-12-03' };
    const said = await patch('/items/itemcam01', { lent, home: 'Shelf 9', author: 'Odile' });
    expect(said.body).toMatchObject({ lent, home: 'Shelf 9' });
    const cleared = await patch('/items/itemcam01', { cleared: ['lent', 'serial'], author: 'Tobin' });
    expect(cleared.body.lent).toBeUndefined();
    expect(cleared.body.serial).toBeUndefined();
    const { entries } = await history('itemcam01');
    expect(entries.map(({ author }) => author)).toEqual(['Tobin', 'Odile', 'demo']);
    expect(entries[1]).toMatchObject({ after: { lent, home: 'Shelf 9' }, undoes: null });
    expect(entries[1]?.before).toEqual({ home: 'Vestry cupboard, top shelf' });
    expect(entries[0]?.after).toEqual({});
    // What changes nothing leaves no trace.
    await patch('/items/itemcam01', { home: 'Shelf 9' });
    expect((await history('itemcam01')).entries).toHaveLength(3);
  });

  it.each([
    [{ tested: { result: 'passed', on: '2026-02-30' } }, '/tested/on'],
    [{ bought: { price: { amount: -5, currency: 'GBP' } } }, '/bought/price/amount'],
    [{ insured: { amount: 5, currency: 'pounds' } }, '/insured/currency'],
    [{ kind: 'nosuchkind' }, '/kind'],
    [{ goesWith: 'itemcam01' }, '/goesWith'],
    [{ goesWith: 'nosuchitem' }, '/goesWith'],
    [{ cleared: ['tape'] }, '/cleared'],
  ])('refuses %j', async (change, path) => {
    const refused = await patch('/items/itemcam01', change);
    expect(refused.status).toBe(422);
    expect(paths(refused)).toEqual([path]);
  });

  it('adds faults beside those that others noted', async () => {
    const fault = (what: string) => ({ at: '2026-12-04T20:00:00Z', what, by: 'Ines' });
    const { revision: base } = await item('itemftc01');
    await Promise.all([
      patch('/items/itemftc01', { faults: { faultone01: fault('cap lost') }, base }),
      patch('/items/itemftc01', { faults: { faulttwo02: fault('screw loose') }, base }),
    ]);
    expect(Object.keys((await item('itemftc01')).faults ?? {}).sort()).toEqual(['faultone01', 'faulttwo02']);
  });
});

describe('a change of many things', () => {
  const three = ['itemn3001', 'itemn3002', 'itemn3003'];
  const many = (fields: object, more: object = {}): Promise<Answer<ChangedItems>> =>
    patch('/items', { items: three.map(id => ({ id, ...fields })), author: 'Petra', ...more });

  it('is made at once and taken back at once, though other fields were changed since', async () => {
    const before = await Promise.all(three.map(item));
    const changed = await many({ home: 'Van' }, { label: 'Home place of 3 things' });
    expect(changed.body.items.map(({ home }) => home)).toEqual(['Van', 'Van', 'Van']);
    await patch('/items/itemn3002', { note: 'stiff', author: 'Ines' });
    expect((await undo(changed.body.change)).status).toBe(200);
    const after = await Promise.all(three.map(item));
    expect(after.map(({ home }) => home)).toEqual(before.map(({ home }) => home));
    expect(after[1]?.note).toBe('stiff');
    const [last] = (await history('itemn3001')).entries;
    expect(last).toMatchObject({ label: 'Undo: Home place of 3 things', author: 'Maud' });
    expect(last?.undoes).toBe(changed.body.change);
  });

  it('is not taken back where somebody changed the same since, and says of what', async () => {
    const changed = await many({ home: 'Van' });
    await patch('/items/itemn3003', { home: 'Car' });
    const refused = await undo(changed.body.change);
    expect([refused.status, refused.body.detail]).toEqual([409, 'N30 03']);
    expect((await item('itemn3001')).home).toBe('Van');
  });

  it('is refused as a whole where one of them collides, is not there or is named twice', async () => {
    const [first, second] = await Promise.all(three.map(item));
    await patch('/items/itemn3001', { home: 'Loft' });
    const collided = await patch<ChangedItems>('/items', {
      items: [
        { id: 'itemn3002', base: second?.revision, home: 'Attic' },
        { id: 'itemn3001', base: first?.revision, home: 'Attic' },
      ],
    });
    expect([collided.status, paths(collided)]).toEqual([409, ['/items/1/home']]);
    expect((await item('itemn3002')).home).not.toBe('Attic');
    const lost = await patch('/items', { items: [{ id: 'nosuchitem', home: 'Attic' }] });
    expect([lost.status, paths(lost)]).toEqual([422, ['/items/0/id']]);
    const twice = await patch('/items', { items: [{ id: 'itemn3001' }, { id: 'itemn3001' }] });
    expect([twice.status, paths(twice)]).toEqual([422, ['/items']]);
  });

  it('may swap two tape codes', async () => {
    const swapped = await patch<ChangedItems>('/items', {
      items: [
        { id: 'itemn3001', tape: 'N30 02' },
        { id: 'itemn3002', tape: 'N30 01' },
      ],
    });
    expect(swapped.status).toBe(200);
    expect((await undo(swapped.body.change)).status).toBe(200);
    const taken = await patch('/items', { items: [{ id: 'itemn3001', tape: 'CAM 01' }] });
    expect([taken.status, paths(taken)]).toEqual([409, ['/items/0/tape']]);
  });
});

describe('things that were put on the shelf', () => {
  const put = (tape: string, more: object = {}): Promise<Answer<MadeItems>> =>
    post('/items', { items: [{ tape, kind: 'camfourth', state: 'ready' }], author: 'Wilf', ...more });

  it('are taken away again while nobody touched them, those of one change together', async () => {
    const { change } = (await put('NEW 1')).body;
    expect((await put('NEW 2', { change })).body.change).toBe(change);
    const before = await setup.api.get(`${API}/items`);
    const id = (before.body as { items: ItemLine[] }).items.find(({ tape }) => tape === 'NEW 1')?.id ?? '';
    await patch(`/items/${id}`, { note: 'touched' });
    const refused = await undo(change);
    expect([refused.status, refused.body.detail]).toEqual([409, 'NEW 1']);
    const other = (await put('NEW 3')).body;
    expect((await undo(other.change)).status).toBe(200);
    expect((await put('NEW 3')).status).toBe(201);
    // What was booked stays where its booking leads to.
    const booked = (await put('NEW 4')).body.change;
    const { items } = (await setup.api.get(`${API}/items`)).body as { items: ItemLine[] };
    const { id: item = '' } = items.find(({ tape }) => tape === 'NEW 4') ?? {};
    const span = { from: '2027-01-01T10:00:00Z', to: '2027-01-01T12:00:00Z' };
    expect((await post('/bookings', { label: 'Quiz', ...span, items: [{ item }] })).status).toBe(201);
    expect([(await undo(booked)).status, (await undo(booked)).body.detail]).toEqual([409, 'NEW 4']);
    // Once taken back they are not there to be taken back again.
    expect((await undo(other.change)).status).toBe(409);
    expect((await undo('nosuchchang')).status).toBe(404);
  });
});
