/** Variants of an event: the same evening in another way, which takes nothing beside it. */
import type { EventBundle, EventPage, Purchases, Variants } from '@idle-satchel/core/api';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { FRIDAY, setUp, type Setup } from './helper.js';

let setup: Setup;
beforeAll(async () => (setup = await setUp()));
afterAll(() => setup.close());

const API = '/api/v1';
const get = async <T>(path: string): Promise<T> => (await setup.api.get(API + path)).body as T;
const variantOf = async (id: string, label: string): Promise<string> => {
  const made = await setup.api.post(`${API}/events/${id}/variant`).send({ label });
  expect(made.status).toBe(201);
  return (made.body as { id: string }).id;
};

describe('a variant', () => {
  it('is on the same day, names its parent, and is no event of the list', async () => {
    const one = await variantOf(FRIDAY, 'Friday from the gallery');
    const [{ documents }, parent] = [
      await get<EventBundle>(`/events/${one}/bundle`),
      await get<EventBundle>(`/events/${FRIDAY}/bundle`),
    ];
    const { plan } = documents;
    expect(plan.body).toMatchObject({ label: 'Friday from the gallery', parent: FRIDAY });
    expect(plan.body.start).toBe(parent.documents.plan.body.start);
    // One of a variant is one of the same event.
    const two = await variantOf(one, 'Friday from the aisle');
    expect((await get<EventBundle>(`/events/${two}/bundle`)).documents.plan.body.parent).toBe(FRIDAY);
    const { events } = await get<EventPage>('/events');
    expect(events.map(({ id }) => id)).not.toEqual(expect.arrayContaining([one]));
    expect(events.map(({ id }) => id)).toContain(FRIDAY);
  });

  it('takes nothing from its parent, nor its parent from it, and is booked by nobody', async () => {
    const before = await get<EventBundle>(`/events/${FRIDAY}/bundle`);
    const id = await variantOf(FRIDAY, 'Friday in another way');
    const after = await get<EventBundle>(`/events/${FRIDAY}/bundle`);
    expect(after.claims).toEqual(before.claims);
    expect((await get<EventBundle>(`/events/${id}/bundle`)).claims.claims).toEqual(before.claims.claims);
    // Nor when the parent is booked.
    const confirmed = await setup.api
      .put(`${API}/events/${FRIDAY}/booking`)
      .send({ author: 'Odile', partly: true });
    expect(confirmed.status).toBe(200);
    expect((await get<EventBundle>(`/events/${id}/bundle`)).claims.claims).toEqual(before.claims.claims);
    const refused = await setup.api.put(`${API}/events/${id}/booking`).send({ author: 'Odile' });
    expect(refused.status).toBe(422);
    expect(JSON.stringify(refused.body)).toContain('variant');
  });

  it('is claimed for once it is an event of its own', async () => {
    const id = await variantOf(FRIDAY, 'Friday all over again');
    const { documents } = await get<EventBundle>(`/events/${id}/bundle`);
    const { revision } = documents.plan;
    const edit = {
      ...{ id: 'editownevent'.slice(0, 12), label: 'Make it an event of its own', author: 'Odile' },
      changes: [{ document: id, base: revision, patch: [{ op: 'remove', path: '/parent' }] }],
    };
    expect((await setup.api.post(`${API}/edits`).send(edit)).status).toBe(200);
    const { claims } = await get<EventBundle>(`/events/${FRIDAY}/bundle`);
    expect(Object.values(claims.claims).map(({ event }) => event)).toContain('Friday all over again');
    expect((await get<EventPage>('/events')).events.map(({ label }) => label)).toContain(
      'Friday all over again',
    );
  });

  it('stands beside the others, from the smallest to the largest, whichever is asked', async () => {
    const asked = await get<Variants>(`/events/${FRIDAY}/variants`);
    expect(asked.parent).toBe(FRIDAY);
    const ids = asked.variants.map(({ id }) => id);
    expect(ids).toEqual(expect.arrayContaining([FRIDAY, 'eventfrione1', 'eventfritwo1']));
    expect(asked.path.map(({ id }) => id).toSorted()).toEqual(ids.toSorted());
    expect(asked.path[0]?.id).toBe('eventfrione1');
    expect(asked.variants.find(({ id }) => id === FRIDAY)?.weighed).toMatchObject({
      shots: 4,
      covered: 4,
      single: 6,
    });
    expect((await get<Variants>('/events/eventfrione1/variants')).parent).toBe(FRIDAY);
    expect((await setup.api.get(`${API}/events/nothingthere/variants`)).status).toBe(404);
  });
});

describe('the next purchase', () => {
  it('looks at the events that are to come, and at no variants', async () => {
    const { events, purchases } = await get<Purchases>('/events/next-purchase');
    // The weekend, and what was made an event of its own.
    expect(events).toBe(4);
    expect(purchases.every(({ purchase: { worth } }) => worth > 0)).toBe(true);
  });
});
