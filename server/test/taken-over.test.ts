/** Events that are taken over from the file of another house. */
import { fridayBundle } from '@idle-satchel/core/demo';
import { writeBundleFile, type Kind, type Plan } from '@idle-satchel/core/documents';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { setUp, type Setup } from './helper.js';

let setup: Setup;
beforeAll(async () => (setup = await setUp()));
afterAll(() => setup.close());

const get = async <T>(path: string): Promise<T> => (await setup.api.get(`/api/v1${path}`)).body as T;

describe('events', () => {
  it('from another organisation bring their items, rules and venue along', async () => {
    const bundle = fridayBundle();
    const foreign = {
      ...bundle,
      // Another money, other prices, and an event that is not here: none of these comes along.
      rules: { ...bundle.rules, hdmiReach: 'cautious' as const, currency: 'EUR' as const, money: { tax: 7 } },
      plan: { ...bundle.plan, parent: 'eventelsewh1', quote: { client: 'Their client' } },
      kinds: {
        ...bundle.kinds,
        kinds: {
          ...bundle.kinds.kinds,
          camoneinc: { ...(bundle.kinds.kinds.camoneinc as Kind), price: 1, prices: {} },
          slideview: {
            ...{ label: 'Slide viewer', family: 'tool' as const, price: 40 },
            verdicts: { verdictone: { on: '2026-10-03', verdict: 'broke' as const } },
          },
        },
      },
      venue: { ...bundle.venue, name: 'Another St Alder’s' },
      shelf: { items: { itemforei1: { tape: 'XX 01', kind: 'camoneinc', state: 'ready' as const } } },
    };
    const taken = await setup.api
      .post('/api/v1/events/import')
      .set('content-type', 'application/json')
      .send(writeBundleFile(foreign, true) as never);
    expect(taken.status, taken.text).toBe(201);
    expect(taken.body).toMatchObject({ added: { items: 1, kinds: 1, people: 0, venue: true } });
    const { id } = taken.body as { id: string };
    const { documents } = await get<{ documents: { plan: { body: Plan } } }>(`/events/${id}/bundle`);
    expect(documents.plan.body.rules).toEqual({ hdmiReach: 'cautious' });
    expect(documents.plan.body.parent).toBeUndefined();
    // A file with names keeps all of its own.
    expect(documents.plan.body.quote).toEqual({ client: 'Their client' });
    const { kinds } = await get<{ kinds: { kinds: Record<string, Kind> } }>('/items');
    expect(kinds.kinds.slideview).toEqual({ label: 'Slide viewer', family: 'tool' });
  });
});
