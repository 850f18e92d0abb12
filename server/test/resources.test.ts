import { contains, venueFrom } from '@idle-satchel/core';
import { readBundleFile, type Plan, type Venue } from '@idle-satchel/core/documents';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { FRIDAY, setUp, type Setup } from './helper.js';

let setup: Setup;
beforeAll(async () => (setup = await setUp()));
afterAll(() => setup.close());

interface List {
  readonly events: readonly { id: string; label: string; snags: { stop: number } }[];
  readonly next: string | null;
}
const get = async <T>(path: string): Promise<T> => (await setup.api.get(`/api/v1${path}`)).body as T;

describe('events', () => {
  it('are listed with their open snags', async () => {
    const { events } = await get<List>('/events');
    expect(events).toHaveLength(3);
    expect(events[0]).toMatchObject({ id: FRIDAY, label: 'Friday 19:30 – opening concert' });
    expect(events[0]?.snags.stop).toBeGreaterThan(0);
  });

  it('are made at a venue and copied a week later, without ticks and signatures', async () => {
    const made = await setup.api
      .post('/api/v1/events')
      .send({ label: 'Evening', start: '2026-12-18T18:00:00Z', zone: 'Europe/London', venue: 'venuestald1' });
    expect(made.status).toBe(201);
    const own = await get<{ documents: { plan: { revision: number } } }>(`/events/${FRIDAY}/bundle`);
    // Of two pieces of work one is under way.
    const work = { task: 'power', sort: 'powerUp', usual: 5, begun: '2026-12-04T17:00:00Z' };
    const patch = [
      { op: 'add', path: '/hours', value: { quiet: '2026-12-04T22:00:00Z' } },
      {
        op: 'add',
        path: '/workLog',
        value: { workone001: { ...work, done: '2026-12-04T17:07:30Z' }, worktwo001: work },
      },
      {
        ...{ op: 'add', path: '/assignments/assignlead/answer' },
        value: { how: 'yes', at: '2026-11-26T09:00:00Z' },
      },
    ];
    const changes = [{ document: FRIDAY, base: own.documents.plan.revision, patch }];
    const edit = { id: 'ofthisday1', label: 'Of this day', author: 'Tester', changes };
    expect((await setup.api.post('/api/v1/edits').send(edit)).status).toBe(200);
    const copied = await setup.api.post(`/api/v1/events/${FRIDAY}/copy`).send({});
    expect(copied.status).toBe(201);
    const { id } = copied.body as { id: string };
    const { documents } = await get<{ documents: { plan: { body: Plan } } }>(`/events/${id}/bundle`);
    expect(documents.plan.body.label).toBe('Copy of Friday 19:30 – opening concert');
    for (const gone of ['buckles', 'hours', 'workLog']) expect(documents.plan.body).not.toHaveProperty(gone);
    // What was done at the first is what the house learns from.
    expect(await get('/work-log')).toEqual({
      pieces: [{ id: FRIDAY, sort: 'powerUp', usual: 5, minutes: 7.5 }],
    });
    expect(documents.plan.body.assignments?.assignlead).toEqual({ role: 'lead', person: 'odilemarsh' });
    expect(Object.keys(documents.plan.body.devices ?? {})).toContain('camwide01');
  });

  it('that overlap claim each other’s items', async () => {
    const { id } = (await setup.api.post(`/api/v1/events/${FRIDAY}/copy`).send({})).body as { id: string };
    const copy = await get<{ documents: { plan: { revision: number; body: Plan } } }>(`/events/${id}/bundle`);
    const original = await get<{ documents: { plan: { body: Plan } } }>(`/events/${FRIDAY}/bundle`);
    const start = original.documents.plan.body.start;
    const edit = {
      id: 'sametime01',
      label: 'Same time',
      author: 'Tester',
      changes: [
        {
          document: id,
          base: copy.documents.plan.revision,
          patch: [{ op: 'replace', path: '/start', value: start }],
        },
      ],
    };
    expect((await setup.api.post('/api/v1/edits').send(edit)).status).toBe(200);
    const { claims } = await get<{ claims: { claims: Record<string, { item: string }> } }>(
      `/events/${FRIDAY}/bundle`,
    );
    expect(Object.values(claims.claims).map(claim => claim.item)).toContain('itemcam01');
  });

  it('are paged by cursor', async () => {
    for (let i = 0; i < 32; i++) {
      await setup.api.post('/api/v1/events').send({
        label: `Event ${i}`,
        start: `2027-01-${String((i % 28) + 1).padStart(2, '0')}T18:00:00Z`,
        zone: 'UTC',
        venue: 'venuestald1',
      });
    }
    const seen: string[] = [];
    for (let next: string | null = ''; next !== null;) {
      const page: List = await get<List>(`/events${next ? `?cursor=${next}` : ''}`);
      seen.push(...page.events.map(event => event.id));
      next = page.next;
    }
    expect(new Set(seen).size).toBe(seen.length);
    expect(seen.length).toBeGreaterThan(33);
    expect((await setup.api.get('/api/v1/events?cursor=nonsense')).status).toBe(422);
  });

  it('go out as a file and come in as a new event, equal but for the venue’s id', async () => {
    const file = await setup.api
      .get(`/api/v1/events/${FRIDAY}/file`)
      .buffer()
      .parse((res, done) => {
        let text = '';
        res.on('data', (chunk: Buffer) => (text += chunk.toString()));
        res.on('end', () => done(null, text));
      });
    const text = file.body as string;
    expect(text).not.toContain('Odile');
    const taken = await setup.api
      .post('/api/v1/events/import')
      .set('content-type', 'application/json')
      .send(text);
    expect(taken.status, taken.text).toBe(201);
    const { id } = taken.body as { id: string };
    const bundle = await get<{ documents: { plan: { body: Plan } } }>(`/events/${id}/bundle`);
    const { venue: _mine, ...imported } = bundle.documents.plan.body;
    const read = readBundleFile(text);
    const { venue: _theirs, ...written } = ('bundle' in read ? read.bundle.plan : undefined) as Plan;
    expect(imported).toEqual(written);
  });

  it.each([
    ['no JSON', '{', /not JSON/],
    ['another format', '{"format":"x"}', /must be/],
    ['missing parts', '{"format":"idle-satchel bundle","version":1}', /missing/],
  ])('are refused from a file with %s, with the reason', async (_, text, reason) => {
    const response = await setup.api
      .post('/api/v1/events/import')
      .set('content-type', 'application/json')
      .send(text);
    expect(response.status).toBe(422);
    expect(response.text).toMatch(reason);
  });

  it('too large to read are refused', async () => {
    const response = await setup.api
      .post('/api/v1/events/import')
      .set('content-type', 'application/json')
      .send('x'.repeat(5e6));
    expect(response.status).toBe(413);
  });
});

describe('starter kits', () => {
  const begin = { start: '2026-12-19T18:00:00Z', zone: 'Europe/London' };

  it('make an event in a plain room that is made once, with items of the shelf', async () => {
    const made = [];
    for (const kit of ['kitcompact', 'kithybrid1']) {
      const response = await setup.api.post('/api/v1/events').send({ ...begin, label: `From ${kit}`, kit });
      expect(response.status).toBe(201);
      const { id } = response.body as { id: string };
      made.push(
        await get<{ documents: { plan: { body: Plan }; venue: { id: string } } }>(`/events/${id}/bundle`),
      );
    }
    const [compact, hybrid] = made;
    expect(compact?.documents.venue.id).toBe(hybrid?.documents.venue.id);
    const { switcher1, camwide01 } = compact?.documents.plan.body.devices ?? {};
    expect([switcher1?.item, camwide01?.item]).toEqual(['itemswc01', 'itemcam01']);
  });

  it('begin at one of our own venues, with everything inside its walls', async () => {
    const asked = { ...begin, label: 'At the grange', kit: 'kitcompact', venue: 'venuegrange1' };
    const response = await setup.api.post('/api/v1/events').send(asked);
    const { id } = response.body as { id: string };
    type Held = { documents: { plan: { body: Plan }; venue: { id: string; body: Venue } } };
    const { documents } = await get<Held>(`/events/${id}/bundle`);
    expect(documents.venue.id).toBe(asked.venue);
    const devices = Object.values(documents.plan.body.devices ?? {});
    const places = devices.flatMap(({ place }) => (place?.at ? [place.at] : []));
    expect(places.length).toBeGreaterThan(2);
    for (const at of places) expect(contains(documents.venue.body.outline, at)).toBe(true);
  });

  it('that do not exist, and venues that do not, are told by their field', async () => {
    const wrong = await setup.api.post('/api/v1/events').send({ ...begin, label: 'X', kit: 'kitnothing' });
    expect(wrong.status).toBe(422);
    expect(wrong.text).toMatch(/\/kit/);
    const nowhere = await setup.api.post('/api/v1/events').send({ ...begin, label: 'X' });
    expect(nowhere.status).toBe(422);
    expect(nowhere.text).toMatch(/\/venue/);
  });
});

describe('new items', () => {
  it('are put on the shelf all together, or none of them', async () => {
    const item = (tape: string, kind = 'netw0020m') => ({ tape, kind, state: 'ready' });
    const send = (...items: object[]) => setup.api.post('/api/v1/items').send({ items });
    expect((await send(item('NEW 01'), item('NEW 02'))).body).toMatchObject({ made: 2 });
    const wrong = await send(item('NEW 03'), item('NEW 01'), item('NEW 04', 'nosuchkin'), item('NEW 03'));
    expect(wrong.status).toBe(422);
    expect((wrong.body as { faults: { path: string }[] }).faults.map(({ path }) => path)).toEqual([
      '/items/1/tape',
      '/items/2/kind',
      '/items/3/tape',
    ]);
    const { items } = await get<{ items: { tape: string }[] }>('/items');
    expect(items.filter(({ tape }) => tape.startsWith('NEW')).map(({ tape }) => tape)).toEqual([
      'NEW 01',
      'NEW 02',
    ]);
    expect((await send({ tape: 'X', kind: 'netw0020m', state: 'lost' })).status).toBe(422);
  });
});

describe('shelf, hands, venues', () => {
  it('are listed, renamed and checked', async () => {
    const item = await setup.api.patch('/api/v1/items/itemcam01').send({ tape: 'CAM 09', state: 'out' });
    expect(item.body).toMatchObject({ tape: 'CAM 09', state: 'out', kind: 'camoneinc' });
    const taken = await setup.api.patch('/api/v1/items/itemftc01').send({ tape: 'CAM 09' });
    expect(taken.status).toBe(409);
    expect(taken.text).toMatch(/another item/);
    const person = await setup.api.patch('/api/v1/people/petralund1').send({ name: 'Petra Lundt' });
    expect(person.body).toMatchObject({ name: 'Petra Lundt' });
    const proof = { format: '1080p50', length: 20, works: true, at: '2026-11-20T10:00:00Z', by: 'Ines' };
    expect((await setup.api.patch('/api/v1/items/itemh2001').send({ proof })).body).toMatchObject({ proof });
    expect((await setup.api.patch('/api/v1/items/itemh2001').send({ proof: { length: 20 } })).status).toBe(
      422,
    );
    expect((await setup.api.patch('/api/v1/people/petralund1').send({ age: 7 })).status).toBe(422);
    expect((await setup.api.patch('/api/v1/people/nobodyhere').send({ name: 'X' })).status).toBe(404);
    expect(await get('/venues')).toMatchObject({
      venues: [
        { name: 'A plain room, 16 m × 10 m' },
        { name: 'Millrace bandstand' },
        { name: 'Quill Grange hall' },
        { name: 'St Alder’s, Nether Quill' },
      ],
    });
  });
});

describe('a surveyed venue', () => {
  const hall: Venue = venueFrom({
    name: 'Thornmere Village Hall',
    shape: 'hall',
    measures: { length: 16 },
    volts: 230,
    hertz: 50,
    seats: true,
    aisle: 1.4,
    circuits: [16],
    sockets: [{ wall: 'north', circuit: 1 }],
    doors: [],
    marks: [{ label: 'Speaker' }],
  });

  it('is kept, listed with its guesses, and can be planned in', async () => {
    const made = await setup.api.post('/api/v1/venues').send(hall);
    expect(made.status).toBe(201);
    const { id } = made.body as { id: string };
    const { venues } = await get<{ venues: { id: string }[] }>('/venues');
    const guesses = Object.keys(hall.guesses ?? {}).length;
    expect(venues.find(venue => venue.id === id)).toMatchObject({ marks: 1, sockets: 1, guesses });
    const event = await setup.api
      .post('/api/v1/events')
      .send({ label: 'Talk', start: '2026-12-11T18:00:00Z', zone: 'Europe/London', venue: id });
    const bundle = await get<{ documents: { venue: { body: Venue } } }>(
      `/events/${(event.body as { id: string }).id}/bundle`,
    );
    expect(bundle.documents.venue.body).toEqual(hall);
  });

  it.each([
    ['/outline', { ...hall, outline: [[0, 0]] }],
    ['/name', { ...hall, name: '' }],
    ['/volts', { ...hall, volts: 12 }],
    ['/guesses/guess0001/label', { ...hall, guesses: { guess0001: { order: '1' } } }],
  ])('with a fault at %s is refused with the place and kept nowhere', async (path, body) => {
    const before = await get<{ venues: object[] }>('/venues');
    const answer = await setup.api.post('/api/v1/venues').send(body);
    expect(answer.status).toBe(422);
    expect((answer.body as { faults: { path: string }[] }).faults.map(fault => fault.path)).toContain(path);
    expect(await get('/venues')).toEqual(before);
  });
});

describe('organisations', () => {
  it('see nothing of each other', async () => {
    const cookie = 'organisation=orgzcedarhol';
    const other = await setup.api.get('/api/v1/events').set('cookie', cookie);
    expect((other.body as List).events.map(event => event.id)).toEqual(['eventsunday1']);
    expect((await setup.api.get(`/api/v1/events/${FRIDAY}/bundle`).set('cookie', cookie)).status).toBe(404);
    const edit = {
      id: 'trespasser',
      label: 'x',
      author: 'x',
      changes: [{ document: FRIDAY, base: 1, patch: [] }],
    };
    expect((await setup.api.post('/api/v1/edits').set('cookie', cookie).send(edit)).status).toBe(404);
  });
});
