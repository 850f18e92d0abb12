/** People are put there and changed, all or none; who sees what of them; and ties go with whoever is erased. */
import { newId } from '@idle-satchel/core';
import type { PersonList } from '@idle-satchel/core/api';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { FRIDAY, setUp, type Setup } from './helper.js';
import { member, SERVING, signedIn, type Agent } from './people.js';

const API = '/api/v1';
let setup: Setup;
let owner: Agent;
let planner: Agent;
let lead: Agent;
let hand: Agent;
beforeAll(async () => {
  setup = await setUp({ demo: false });
  await member(setup, 'olwen', 'owner');
  await member(setup, 'hal', 'planner');
  await member(setup, 'odile', 'hand', { person: 'odilemarsh' });
  await member(setup, 'petra', 'hand', { person: SERVING });
  owner = await signedIn(setup, 'olwen');
  planner = await signedIn(setup, 'hal');
  lead = await signedIn(setup, 'odile');
  hand = await signedIn(setup, 'petra');
});
afterAll(() => setup.close());

const people = async (agent: Agent = owner): Promise<PersonList['people']> =>
  ((await agent.get(`${API}/people`)).body as PersonList).people;
const known = async (id: string) => (await people()).find(each => each.id === id);
interface Kept {
  readonly people: readonly { readonly id: string; readonly revision: number }[];
}
const BOTH = [
  { name: 'Ottoline Græsholm', skills: [{ skill: 'camera', level: 'learning' }], youngUntil: '2030-02-28' },
  { name: '大野 花', skills: [], ties: { tieone0001: { person: SERVING, how: 'come together' } } },
];

describe('people', () => {
  it('are put there once under an id that the client chose, and all or none of them', async () => {
    const as = newId();
    const put = (body: object, query = as) => owner.post(`${API}/people?as=${query}`).send(body);
    const first = await put({ people: BOTH });
    expect(first.status).toBe(200);
    const again = await put({ people: BOTH });
    expect(again.body).toEqual(first.body);
    const made = (first.body as Kept).people;
    expect(await known(made[1]?.id ?? '')).toMatchObject(BOTH[1] ?? {});
    // What is answered, and so kept, names nobody.
    expect(JSON.stringify(first.body)).not.toContain('Ottoline');
    const before = (await people()).length;
    const faulty = await put(
      { people: [BOTH[0], { ...BOTH[1], ties: { t: { person: 'nobodyhere', how: 'related' } } }] },
      newId(),
    );
    expect(faulty.status).toBe(422);
    const nobody = { tietwo0001: { person: 'nobodyhere', how: 'related' } };
    const untied = await put({ people: [BOTH[0], { ...BOTH[1], ties: nobody }] }, newId());
    expect(untied.status).toBe(400);
    expect(untied.body).toMatchObject({
      faults: [{ path: '/people/1/ties/tietwo0001/person', reason: 'is nobody of the house' }],
    });
    expect(await people()).toHaveLength(before);
  });

  it('are changed together, all or none, and say what somebody else changed meanwhile', async () => {
    const [one, other] = [await known('petralund1'), await known('zitamorrow')];
    const change = (changes: object[]) => owner.patch(`${API}/people`).send({ people: changes });
    const kept = await change([
      { id: 'zitamorrow', base: other?.revision, most: 2 },
      { id: 'petralund1', base: one?.revision, cleared: ['presence'] },
    ]);
    expect(kept.status).toBe(200);
    expect((kept.body as Kept).people.map(({ id }) => id)).toEqual(['zitamorrow', 'petralund1']);
    expect((await known('zitamorrow'))?.most).toBe(2);
    expect((await known('petralund1'))?.presence).toBeUndefined();
    const stale = await change([
      { id: 'petralund1', most: 4 },
      { id: 'zitamorrow', base: other?.revision, most: 3 },
    ]);
    expect(stale.status).toBe(409);
    expect((await known('petralund1'))?.most).toBeUndefined();
  });

  it.each([
    [{ erased: true }, 422],
    [{ most: 32 }, 422],
    [{ youngUntil: '2027-02-29' }, 422],
    [
      {
        presence: {
          awayone001: { how: 'are away', from: '2026-12-04', rule: 'FREQ=DAILY;BYMONTHDAY=30;BYMONTH=2' },
        },
      },
      422,
    ],
    [{ guardian: { phone: '01632 960 140' } }, 422],
    [{ ties: { tieself001: { person: 'zitamorrow', how: 'related' } } }, 400],
  ])('are not %j', async (fields, status) => {
    const answer = await owner.patch(`${API}/people/zitamorrow`).send(fields);
    expect([answer.status, (answer.body as { faults?: unknown[] }).faults?.length]).toEqual([status, 1]);
  });

  it('are seen as far as each may: guardians and needs by owners and whoever leads, ages by none but who plans', async () => {
    const fields = {
      youngUntil: '2030-05-31',
      needs: 'a step-free way',
      guardian: { name: 'Runa', phone: '01632 960 140' },
    };
    expect((await owner.patch(`${API}/people/wilfokonjo`).send(fields)).status).toBe(200);
    const planned = (await people(planner)).find(({ id }) => id === 'wilfokonjo');
    expect(planned).toMatchObject({ youngUntil: '2030-05-31' });
    expect(planned).not.toHaveProperty('needs');
    expect(planned).not.toHaveProperty('guardian');
    const seenBy = async (agent: Agent): Promise<object> => {
      const { body } = (await agent.get(`${API}/events/${FRIDAY}/bundle`)) as {
        body: { hands: { people: Record<string, object> } };
      };
      return body.hands.people.wilfokonjo ?? {};
    };
    expect(await seenBy(lead)).toMatchObject({ ...fields, young: true });
    const seen = await seenBy(hand);
    expect(seen).toMatchObject({ young: true });
    for (const field of ['youngUntil', 'needs', 'guardian', 'phone']) expect(seen).not.toHaveProperty(field);
  });

  it('are tied no more to whoever is erased', async () => {
    const ties = {
      tiezita001: { person: 'zitamorrow', how: 'keep apart' },
      tiepetra01: { person: 'petralund1', how: 'related' },
    };
    await owner.patch(`${API}/people/noorhasket`).send({ ties });
    expect((await owner.post(`${API}/people/zitamorrow/erase`).send({ name: 'Zita Morrow' })).status).toBe(
      200,
    );
    expect(Object.keys((await known('noorhasket'))?.ties ?? {})).toEqual(['tiepetra01']);
  });
});
