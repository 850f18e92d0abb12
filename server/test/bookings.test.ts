/** Bookings: nobody has what somebody else has at that time. */
import type { Booked, BookingLine, BookingList, EventBundle, ItemCalendar } from '@idle-satchel/core/api';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { FRIDAY, setUp, spawnServer, type Setup } from './helper.js';

let setup: Setup;
beforeAll(async () => (setup = await setUp()));
afterAll(() => setup.close());

const API = '/api/v1';
interface Told {
  readonly faults?: readonly { readonly path: string; readonly reason: string }[];
  readonly left?: Booked['left'];
}
type Answer<T> = Promise<{ readonly status: number; readonly body: T & Told }>;
const post = <T>(path: string, body: object = {}): Answer<T> => setup.api.post(API + path).send(body);
const get = async <T>(path: string): Promise<T> => (await setup.api.get(API + path)).body as T;
const confirm = (event: string, body: object = { author: 'Odile' }): Answer<Booked> =>
  setup.api.put(`${API}/events/${event}/booking`).send(body);
const wish = (from: string, to: string, items: object[], more: object = {}): Answer<BookingLine> =>
  post('/bookings', { label: 'Choir evening', from, to, items, author: 'Maud', ...more });
const at = (clock: string): string => `2027-03-01T${clock}:00Z`;

describe('a thing with a tape code', () => {
  const camera = [{ item: 'itemcam01' }];

  it('is had by one at a time, half-open, and comes back after its turnaround', async () => {
    const first = await wish(at('10:00'), at('12:00'), camera, { turnaround: 30 });
    expect(first.status).toBe(201);
    expect(first.body.free).toBe('2027-03-01T12:30:00.000Z');
    const refused = await wish(at('12:29'), at('13:00'), camera);
    expect([refused.status, refused.body.faults?.[0]]).toEqual([
      409,
      {
        path: '/items/0',
        reason: 'CAM 01 is booked for “Choir evening” from Mon 1 Mar 2027, 10:00',
      },
    ]);
    expect((await wish(at('12:30'), at('13:00'), camera)).status).toBe(201);
    expect((await wish(at('09:00'), at('10:00'), camera)).status).toBe(201);
    expect((await wish(at('08:30'), at('09:01'), camera)).status).toBe(409);
    // Once it is released, it is free.
    expect((await post(`/bookings/${first.body.id}/release`)).status).toBe(200);
    expect((await wish(at('10:00'), at('12:29'), camera)).status).toBe(201);
    expect((await post(`/bookings/${first.body.id}/release`)).status).toBe(404);
  });

  it('that cannot be had is told with those of its kind that can', async () => {
    const battery = [{ item: 'itembat01' }, { item: 'itemcam01' }];
    expect((await wish('2027-04-01T10:00:00Z', '2027-04-01T12:00:00Z', battery)).status).toBe(201);
    const refused = await wish('2027-04-01T11:00:00Z', '2027-04-01T13:00:00Z', battery);
    expect(refused.body.left?.map(({ item, instead }) => [item, instead])).toEqual([
      ['itembat01', ['itembat02']],
      ['itemcam01', []],
    ]);
  });

  it.each([
    ['itembat03', /is in repair/],
    ['itemstf03', /failed its electrical test/],
    ['nosuchitem', /is not on the shelf/],
  ])('%s is not booked', async (item, why) => {
    const refused = await wish('2027-05-01T10:00:00Z', '2027-05-01T12:00:00Z', [{ item }]);
    expect([refused.status, refused.body.faults?.[0]?.reason]).toEqual([409, expect.stringMatching(why)]);
  });

  it.each([
    [at('12:00'), at('12:00'), camera, '/to'],
    [at('12:00'), at('13:00'), [], '/items'],
    [at('12:00'), at('13:00'), [...camera, ...camera], '/items'],
  ])('is refused with the field: from %s to %s', async (from, to, items, path) => {
    const refused = await wish(from, to, items);
    expect([refused.status, refused.body.faults?.map(fault => fault.path)]).toEqual([422, [path]]);
  });

  it('is not retired while it is booked, and not booked once it is retired', async () => {
    const item = 'itemhdp01';
    const span = ['2027-06-01T10:00:00Z', '2027-06-01T12:00:00Z'] as const;
    const retire = () => setup.api.patch(`${API}/items/${item}`).send({ state: 'retired' });
    const answers = await Promise.all([wish(...span, [{ item }]), retire()]);
    // Whichever was first, the other is refused.
    expect(answers.map(({ status }) => status).sort()).toEqual(
      answers[0].status === 201 ? [201, 409] : [200, 409],
    );
    expect([(await wish(...span, [{ item }])).status, (await retire()).status]).toContain(409);
  });
});

describe('a stock line', () => {
  it('is shared as far as it goes, by what is out at once', async () => {
    const ramps = (count: number) => [{ item: 'itemramp1', count }];
    const day = (clock: string): string => `2027-07-01T${clock}:00Z`;
    expect((await wish(day('08:00'), day('10:00'), ramps(5))).status).toBe(201);
    expect((await wish(day('10:00'), day('12:00'), ramps(6))).status).toBe(201);
    // Never more than six of the eight are out at once.
    expect((await wish(day('08:00'), day('12:00'), ramps(2))).status).toBe(201);
    const refused = await wish(day('09:00'), day('11:00'), ramps(1));
    expect(refused.body.faults?.[0]?.reason).toMatch(/^RAMP has 0 left of 8/);
    const much = await wish('2027-08-01T08:00:00Z', '2027-08-01T10:00:00Z', ramps(9));
    expect(much.body.faults?.[0]?.reason).toBe('RAMP has 8 only');
  });
});

describe('an event', () => {
  it('that is confirmed has all that is on its list, and others are told so', async () => {
    const booked = await confirm(FRIDAY);
    expect(booked.status, JSON.stringify(booked.body)).toBe(200);
    expect(booked.body.left).toEqual([]);
    expect(booked.body.items.map(({ item }) => item)).toContain('itemcam01');
    const { claims, documents } = await get<EventBundle>(`/events/${FRIDAY}/bundle`);
    expect(Object.keys(claims.own?.items ?? {})).toHaveLength(booked.body.items.length);
    expect(Object.values(claims.claims).filter(claim => claim.booked)).toEqual([]);
    // The same evening once more.
    const { id } = (await post<{ id: string }>(`/events/${FRIDAY}/copy`)).body;
    const copy = await get<EventBundle>(`/events/${id}/bundle`);
    const patch = [{ op: 'replace', path: '/start', value: documents.plan.body.start }];
    const changes = [{ document: id, base: copy.documents.plan.revision, patch }];
    await post('/edits', { id: 'sameevening1', label: 'Same evening', author: 'Tester', changes });
    const other = await get<EventBundle>(`/events/${id}/bundle`);
    const told = Object.values(other.claims.claims).filter(({ item }) => item === 'itemcam01');
    expect(told).toMatchObject([{ booked: true, event: documents.plan.body.label }]);
    const refused = await confirm(id);
    expect(refused.status).toBe(409);
    expect(refused.body.left?.find(({ item }) => item === 'itemcam01')?.reason).toMatch(
      /^is booked for “Friday/,
    );
    const partly = await confirm(id, { partly: true });
    expect(partly.status).toBe(200);
    expect(partly.body.items.map(({ item }) => item)).not.toContain('itemcam01');
    expect(partly.body.left.length).toBeGreaterThan(5);
    // Confirmed again it keeps what it has.
    expect((await confirm(FRIDAY)).body.items).toEqual(booked.body.items);
    const calendar = await get<ItemCalendar>('/items/itemcam01/bookings');
    expect(calendar.bookings.map(({ event }) => event)).toContain(FRIDAY);
    const { from, to } = booked.body;
    const { bookings } = await get<BookingList>(`/bookings?from=${from}&to=${to}`);
    expect(bookings.map(({ event }) => event).sort()).toEqual([FRIDAY, id].sort());
    expect((await setup.api.get(`${API}/bookings?from=monday`)).status).toBe(422);
  });
});

describe('two servers', () => {
  it('give one thing to one of two hundred who want it at once', async () => {
    const servers = await Promise.all([spawnServer(setup.url), spawnServer(setup.url)]);
    try {
      const wanted = Array.from({ length: 200 }, (_, i) => {
        const server = servers[i % 2] ?? servers[0];
        // Spans of all sorts, all of which hold half past eight.
        const body = {
          label: `Wish ${i}`,
          from: `2027-09-01T0${i % 9}:${String(i % 30).padStart(2, '0')}:00Z`,
          to: `2027-09-01T${10 + (i % 9)}:00:00Z`,
          items: [{ item: 'itemftc01' }, ...(i % 3 === 0 ? [{ item: 'itemftc02' }] : [])],
        };
        return fetch(`${server.address}${API}/bookings`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify(body),
        });
      });
      const statuses = (await Promise.all(wanted)).map(({ status }) => status);
      expect(statuses.filter(status => status === 201)).toHaveLength(1);
      expect(statuses.filter(status => status === 409)).toHaveLength(199);
    } finally {
      await Promise.all(servers.map(server => server.kill()));
    }
  });
});
