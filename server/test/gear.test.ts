/** Gear that goes to another house as a file, and what comes back in from one. */
import { fridayBundle } from '@idle-satchel/core/demo';
import type { GearTaken, ItemList } from '@idle-satchel/core/api';
import { readGearFile, writeGearFile, type Gear, type Item, type Kind } from '@idle-satchel/core/documents';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { setUp, type Setup } from './helper.js';

const API = '/api/v1';
const { kinds, shelf } = fridayBundle();
const camera = kinds.kinds.camoneinc as Kind;
const NEW_KIND: Kind = { label: 'Slide viewer', family: 'tool', weight: 2 };

let setup: Setup;
beforeAll(async () => (setup = await setUp()));
afterAll(() => setup.close());

const GEAR: Gear = {
  organisation: 'Thornmere Players',
  kinds: { camoneinc: camera, slideview: NEW_KIND },
  items: {
    itemtheir1: { tape: 'TP 01', kind: 'camoneinc', state: 'ready', serial: '77', kit: 'Hall kit' },
    itemtheir2: { tape: 'TP 02', kind: 'slideview', state: 'ready', goesWith: 'itemtheir1' },
    itemtheir3: { tape: 'CAM 01', kind: 'camoneinc', state: 'ready' },
  },
};
const send = (file: string, query = '') =>
  setup.api
    .post(`${API}/shelf/gear${query}`)
    .set('content-type', 'application/json')
    .send(file as never);
const items = async () => ((await setup.api.get(`${API}/items`)).body as ItemList).items;

describe('gear for another house', () => {
  it('is a file without names, prices, or what it cost, from which all of it can be read again', async () => {
    const file = await setup.api.get(`${API}/shelf/gear?ids=itemcam01,itemfld01`);
    expect(String(file.headers['content-disposition'])).toMatch(/gear\.satchel\.json/);
    const read = readGearFile(file.text);
    expect(read.faults).toEqual([]);
    const { gear } = read as { gear: Gear };
    expect(Object.keys(gear.items).sort()).toEqual(['itemcam01', 'itemfld01']);
    expect(Object.keys(gear.kinds).sort()).toEqual(
      [...new Set(['itemcam01', 'itemfld01'].map(id => shelf.items[id]?.kind ?? ''))].sort(),
    );
    expect(file.text).not.toMatch(/Quillmere Players|"bought"|"price|"lent"|"insured"|"verdicts"/);
    expect(gear.items.itemfld01?.state).toBe('ready');
  });

  it('says what it would bring before it brings it', async () => {
    const before = await items();
    const told = await send(writeGearFile(GEAR), '?dry=yes');
    expect([told.status, told.body]).toEqual([
      201,
      { items: 2, kinds: 1, organisation: 'Thornmere Players', there: [{ tape: 'CAM 01' }], change: null },
    ]);
    expect(await items()).toEqual(before);
  });

  it('comes as borrowed, with what goes with what, and is taken back in one step', async () => {
    const taken = (await send(writeGearFile(GEAR))).body as GearTaken;
    const theirs = (await items()).filter(({ tape }) => tape.startsWith('TP'));
    expect(theirs.map(({ owner }) => owner)).toEqual([
      { how: 'borrowed', who: 'Thornmere Players' },
      { how: 'borrowed', who: 'Thornmere Players' },
    ]);
    const [first, second] = theirs;
    expect(first?.id).not.toBe('itemtheir1');
    expect(second?.goesWith).toBe(first?.id);
    expect((await setup.api.post(`${API}/item-changes/${taken.change}/undo`).send({})).status).toBe(200);
    expect((await items()).filter(({ tape }) => tape.startsWith('TP'))).toEqual([]);
    // The kinds stay: an event may use them by now.
    const again = (await send(writeGearFile(GEAR), '?as=ours')).body as GearTaken;
    expect(again).toMatchObject({ items: 2, kinds: 0 });
    expect((await items()).find(({ tape }) => tape === 'TP 01')).not.toHaveProperty('owner');
  });

  const broken = (change: (gear: Gear) => Gear): string => writeGearFile(change(GEAR));
  const thing = (more: Partial<Item>): string =>
    broken(({ items: all, ...gear }) => ({
      ...gear,
      items: { ...all, itemtheir1: { ...(all.itemtheir1 as Item), ...more } },
    }));
  it.each([
    ['no JSON', '{', /not JSON/],
    ['another format', '{"format":"x"}', /\/format/],
    ['a kind that is not in it', thing({ kind: 'nosuchkin' }), /\/items\/itemtheir1\/kind/],
    ['a thing that goes with none', thing({ goesWith: 'itemnobod1' }), /\/items\/itemtheir1\/goesWith/],
    ['a count below one', thing({ count: -2 }), /\/items\/itemtheir1\/count/],
    [
      'a kind that is another one here',
      broken(gear => ({ ...gear, kinds: { ...gear.kinds, camoneinc: { ...camera, weight: 9 } } })),
      /differs from the kind/,
    ],
    [
      'two things of one code',
      broken(gear => ({
        ...gear,
        items: {
          ...gear.items,
          itemtwice1: { tape: 'TP 11', kind: 'camoneinc', state: 'ready' },
          itemtwice2: { tape: 'TP 11', kind: 'camoneinc', state: 'ready' },
        },
      })),
      /another item/,
    ],
  ])('with %s is refused with the place and the reason, and nothing is kept', async (_, file, reason) => {
    const before = await items();
    const answer = await send(file);
    expect([409, 422]).toContain(answer.status);
    expect(answer.text).toMatch(reason);
    expect(await items()).toEqual(before);
  });
});
