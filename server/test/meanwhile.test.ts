/** People on events that overlap: an event knows what others have them do meanwhile. */
import { newId, type Json, type Operation } from '@idle-satchel/core';
import type { EventBundle } from '@idle-satchel/core/api';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { FRIDAY, setUp, type Setup } from './helper.js';

let setup: Setup;
let other: string;
const API = '/api/v1';
const bundle = async (event: string) =>
  (await setup.api.get(`${API}/events/${event}/bundle`)).body as EventBundle;
const set = (path: string, value: Json): Operation => ({ op: 'add', path, value });

async function edit(event: string, ...patch: Operation[]): Promise<void> {
  const { plan } = (await bundle(event)).documents;
  const changes = [{ document: event, base: plan.revision, patch }];
  const body = { id: newId(), label: 'Test', author: 'Tester', changes };
  const answer = await setup.api.post(`${API}/edits`).send(body);
  expect(answer.status, answer.text).toBe(200);
}
const duties = async (event: string) => Object.values((await bundle(event)).claims.duties ?? {});

beforeAll(async () => {
  setup = await setUp();
  other = ((await setup.api.post(`${API}/events/${FRIDAY}/copy`).send({})).body as { id: string }).id;
  await edit(
    other,
    set('/label', 'Harvest supper'),
    set('/start', '2026-12-04T19:30:00Z'),
    set('/assignments', {
      assignmix1: { role: 'mixer', person: 'tobinashgr' },
      assignlead: { role: 'lead', person: 'tobinashgr' },
      assignfloo: { role: 'floor', person: 'maudtarran', answer: { how: 'no', at: '2026-11-01T09:00:00Z' } },
    }),
  );
});
afterAll(() => setup.close());

describe('an event that overlaps', () => {
  it('tells who is on a role of it, each once, and not who said no', async () => {
    // Friday is live from 19:30 to 21:05; what is planned before and after it is in the running order.
    const told = await duties(FRIDAY);
    expect(told).toEqual([
      {
        ...{ person: 'tobinashgr', event: 'Harvest supper', here: true },
        ...{ begin: '2026-12-04T19:30:00Z', end: '2026-12-04T21:05:00.000Z' },
        ...{ from: expect.any(String) as string, to: expect.any(String) as string },
      },
    ]);
    const [{ from = '', to = '' } = {}] = told;
    expect(from < '2026-12-04T19:30' && to >= '2026-12-04T21:05:00.000Z').toBe(true);
    expect((await duties(other)).map(({ person, event }) => [person, event])).toContainEqual([
      'petralund1',
      'Friday 19:30 – opening concert',
    ]);
  });

  it('tells nobody of its own other ways, nor one of them of it', async () => {
    const made = await setup.api.post(`${API}/events/${other}/variant`).send({ label: 'Smaller' });
    expect(made.status, made.text).toBe(201);
    const { id } = made.body as { id: string };
    expect((await duties(id)).map(({ event }) => event)).not.toContain('Harvest supper');
  });

  it('is nothing once it is on another day', async () => {
    await edit(other, set('/start', '2026-12-06T19:30:00Z'));
    expect(await duties(FRIDAY)).toEqual([]);
  });
});
