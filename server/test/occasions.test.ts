/** Occasions: events that belong together hand things on to each other, and nobody else gets in between. */
import { newId, type Operation } from '@idle-satchel/core';
import type { Booked, EventBundle, ItemCalendar } from '@idle-satchel/core/api';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { FRIDAY, setUp, type Setup } from './helper.js';

let setup: Setup;
beforeAll(async () => (setup = await setUp()));
afterAll(() => setup.close());

const API = '/api/v1';
const HOUR = 60 * 60_000;
const get = async <T>(path: string): Promise<T> => (await setup.api.get(API + path)).body as T;
const bundle = (event: string) => get<EventBundle>(`/events/${event}/bundle`);
const confirm = (event: string): Promise<{ status: number; body: Booked; text: string }> =>
  setup.api.put(`${API}/events/${event}/booking`).send({ author: 'Odile' });
const release = (event: string) => setup.api.post(`${API}/bookings/${event}/release`).send({});

async function edit(event: string, ...patch: Operation[]): Promise<void> {
  const { plan } = (await bundle(event)).documents;
  const changes = [{ document: event, base: plan.revision, patch }];
  const answer = await setup.api
    .post(`${API}/edits`)
    .send({ id: newId(), label: 'Test', author: 'Tester', changes });
  expect(answer.status, answer.text).toBe(200);
}

/** A copy of Friday that begins so many hours after it, part of its occasion or alone. */
async function later(hours: number, occasion = false): Promise<string> {
  const { id } = (await setup.api.post(`${API}/events/${FRIDAY}/copy`).send({})).body as { id: string };
  const { start } = (await bundle(FRIDAY)).documents.plan.body as { start: string };
  const at = new Date(Date.parse(start) + hours * HOUR).toISOString().replace('.000Z', 'Z');
  await edit(
    id,
    { op: 'replace', path: '/start', value: at },
    { op: 'replace', path: '/label', value: `After ${hours} h` },
    ...(occasion ? [] : [{ op: 'remove', path: '/occasion' } as Operation]),
  );
  return id;
}
const turnaround = (minutes: number): Operation => ({
  op: 'add',
  path: '/rules',
  value: { turnaround: minutes },
});
const WEEKEND = { label: 'Harvest weekend' };
const CAMERA = 'itemcam01';

describe('events of one occasion', () => {
  it('hand on what both use without a turnaround, whichever is confirmed first', async () => {
    await edit(FRIDAY, turnaround(3 * 24 * 60), { op: 'add', path: '/occasion', value: WEEKEND });
    const next = await later(24, true);
    const stranger = await later(25);
    for (const order of [
      [FRIDAY, next],
      [next, FRIDAY],
    ]) {
      for (const event of order) expect((await confirm(event)).status).toBe(200);
      // Who is not of the occasion finds it had.
      expect((await confirm(stranger)).status).toBe(409);
      for (const event of order) expect((await release(event)).status).toBe(200);
    }
  });

  it('know what comes from the one before and goes on to the one after, and claim nothing of each other', async () => {
    const [first, ...others] = await Promise.all([bundle(FRIDAY), later(48)]);
    const { claims } = first;
    expect(claims.before).toBeUndefined();
    expect(claims.after).toMatchObject({ event: 'After 24 h' });
    expect(claims.after?.items).toContain(CAMERA);
    expect(claims.after?.rigged).toBeUndefined();
    expect((await bundle(others[0] ?? '')).claims).not.toHaveProperty('before');
    expect((await confirm(FRIDAY)).status).toBe(200);
    const { events } = await get<{ events: { id: string; label: string }[] }>('/events');
    const next = events.find(({ label }) => label === 'After 24 h')?.id ?? '';
    const seen = (await bundle(next)).claims;
    expect(seen.before).toMatchObject({ event: expect.stringMatching(/concert/) as string });
    expect(Object.values(seen.claims).filter(({ item, booked }) => item === CAMERA && booked)).toEqual([]);
    await release(FRIDAY);
  });

  it('keep what stays rigged from everybody else until the next one, and only that', async () => {
    await edit(
      FRIDAY,
      { op: 'replace', path: '/rules', value: { turnaround: 0 } },
      { op: 'replace', path: '/occasion', value: { ...WEEKEND, stays: true } },
    );
    expect((await bundle(FRIDAY)).claims.after?.rigged).toBe(true);
    expect((await confirm(FRIDAY)).status).toBe(200);
    const { bookings } = await get<ItemCalendar>(`/items/${CAMERA}/bookings`);
    const [own] = bookings.filter(({ event }) => event === FRIDAY);
    const between = await later(12);
    expect((await confirm(between)).status).toBe(409);
    // Held until the next one begins, a day after this one did.
    expect(Date.parse(own?.free ?? '') - Date.parse(own?.from ?? '')).toBe(24 * HOUR);
    await edit(FRIDAY, { op: 'remove', path: '/occasion/stays' });
    expect((await confirm(FRIDAY)).status).toBe(200);
    expect((await confirm(between)).status).toBe(200);
  });
});
