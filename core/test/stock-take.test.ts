/** Taking stock: what ought to be where, what differs, and what of it is written. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ItemLine } from '../src/api/shelf.js';
import {
  chosenChanges,
  differencesOf,
  expectedAt,
  NEW_TAKE,
  placesOf,
  thingByCode,
  wayOf,
  type SeenThing,
  type StockTake,
} from '../src/stock-take/index.js';

const item = (id: string, more: Partial<ItemLine> = {}): ItemLine => ({
  ...{
    id: `item${id}`.padEnd(8, '0'),
    tape: id.toUpperCase(),
    kind: 'camoneinc',
    state: 'ready',
    revision: 3,
  },
  ...{ home: 'Cupboard' },
  ...more,
});
const CAM = item('cam1');
const LENT = item('cam2', { lent: { to: 'Players', on: '2026-11-01' }, state: 'out' });
const HALL = item('cam3', { whereNow: 'Hall' });
const MENDED = item('cam4', { state: 'in repair' });
const TAPE = item('tape', { count: 6 });
const GONE = item('old1', { state: 'retired' });
const ALL = [CAM, LENT, HALL, MENDED, TAPE, GONE];

const take = (seen: Readonly<Record<string, SeenThing>>, ...visited: string[]): StockTake => ({
  ...NEW_TAKE,
  seen,
  visited,
});
const said = (of: StockTake): string[] =>
  differencesOf(ALL, of).map(each => `${each.sort} ${each.item.tape}`);
const here = (of: ItemLine, more: Partial<SeenThing> = {}) => ({ [of.id]: { place: 'Cupboard', ...more } });

describe('what ought to be somewhere', () => {
  it('is what lives there and is not away, or was noted there', () => {
    expect(expectedAt(ALL, 'Cupboard').map(({ tape }) => tape)).toEqual(['CAM1', 'TAPE']);
    expect(expectedAt(ALL, 'Hall')).toEqual([HALL]);
    // Nobody said where it is being mended.
    expect(expectedAt(ALL, '')).toEqual([MENDED]);
  });

  it('is listed by place, where nobody said last', () => {
    expect(placesOf(ALL)).toEqual([
      { place: 'Cupboard', expected: 2 },
      { place: 'Hall', expected: 1 },
      { place: '', expected: 1 },
    ]);
  });
});

describe('a code', () => {
  it.each([
    ['cam1', CAM],
    [' CAM 1 ', CAM],
    [`https://satchel.example/shelf/${HALL.id}`, HALL],
    [`http://127.0.0.1:3000/shelf/${CAM.id}/`, CAM],
    ['', undefined],
    ['CAM 9', undefined],
    ['https://satchel.example/venues/itemcam1', undefined],
  ])('%j means the thing', (code, thing) => expect(thingByCode(ALL, code)).toBe(thing));
});

describe('a difference', () => {
  it('is nothing where all is as the shelf says', () => {
    expect(said(take({ ...here(CAM), ...here(TAPE) }, 'Cupboard'))).toEqual([]);
    expect(said(NEW_TAKE)).toEqual([]);
  });

  it('is what is missing only where somebody looked to the end', () => {
    expect(said(take(here(CAM)))).toEqual([]);
    expect(said(take(here(CAM), 'Cupboard'))).toEqual(['missing TAPE']);
    expect(said(take({}, 'Hall'))).toEqual(['missing CAM3']);
  });

  it('of what was lent or retired and is there again is told, never of both', () => {
    const both = take({ ...here(LENT), ...here(GONE) });
    expect(said(both)).toEqual(['back CAM2', 'back OLD1']);
    const [back] = differencesOf(ALL, both);
    expect(back?.words).toBe('is at Cupboard, though it is noted as lent to Players');
    // Nobody retired a thing for nothing: that one is left until somebody says so.
    expect(chosenChanges(differencesOf(ALL, both), {})).toEqual([
      { id: LENT.id, base: 3, state: 'ready', cleared: ['lent'] },
    ]);
  });

  it('of place is settled as being there now, or as living there', () => {
    const [found] = differencesOf(ALL, take(here(HALL)));
    expect(found?.words).toBe('is at Cupboard, not at Hall');
    expect(found?.ways.map(({ fields }) => fields)).toEqual([
      { cleared: ['whereNow'] },
      { home: 'Cupboard', cleared: ['whereNow'] },
    ]);
    const [away] = differencesOf(ALL, take({ [CAM.id]: { place: 'Van' } }));
    expect(away?.ways.map(({ fields }) => fields)).toEqual([{ whereNow: 'Van' }, { home: 'Van' }]);
    // What is mended is not at home by being in the cupboard: that is noted, and then differs no more.
    const [repaired] = differencesOf(ALL, take(here(MENDED)));
    expect(repaired?.ways[0]?.fields).toEqual({ whereNow: 'Cupboard' });
    expect(differencesOf([{ ...MENDED, whereNow: 'Cupboard' }], take(here(MENDED)))).toEqual([]);
  });

  it('of pieces is settled by what was counted; none left is used up', () => {
    expect(said(take(here(TAPE, { count: 6 })))).toEqual([]);
    expect(differencesOf(ALL, take(here(TAPE, { count: 5 })))[0]?.ways[0]?.fields).toEqual({ count: 5 });
    expect(differencesOf(ALL, take(here(TAPE, { count: 0 })))[0]?.ways[0]?.fields).toEqual({ state: 'out' });
  });

  it('of damage goes to the faults of the thing under an id of its own, and has it mended', () => {
    const damage = { at: '2026-12-01T10:00:00Z', what: 'lens ring stuck', by: 'Ines', photo: 'photoone1' };
    const found = differencesOf(ALL, take({ [CAM.id]: { place: 'Van', damage } }));
    expect(found.map(({ sort }) => sort)).toEqual(['elsewhere', 'damage']);
    const [change] = chosenChanges(found, {});
    expect(change).toMatchObject({ id: CAM.id, base: 3, whereNow: 'Van', state: 'in repair' });
    expect(Object.values(change?.faults ?? {})).toEqual([damage]);
    const again = chosenChanges(differencesOf(ALL, take({ [CAM.id]: { place: 'Van', damage } })), {});
    expect(Object.keys(again[0]?.faults ?? {})).toEqual(Object.keys(change?.faults ?? {}));
    const noted = { [found[1]?.key ?? '']: 1, [found[0]?.key ?? '']: undefined };
    expect(chosenChanges(found, noted)).toEqual([{ id: CAM.id, base: 3, faults: change?.faults }]);
  });

  it('is gone once what is chosen of it was written, whatever was seen', () => {
    const places = ['Cupboard', 'Hall', 'Van'];
    const seen = fc.dictionary(
      fc.constantFrom(...ALL.map(({ id }) => id)),
      fc.record({ place: fc.constantFrom(...places) }),
    );
    fc.assert(
      fc.property(seen, fc.subarray(places), (things, visited) => {
        const of = take(things, ...visited);
        const found = differencesOf(ALL, of);
        const settled = Object.fromEntries(found.map(each => [each.key, wayOf(each, {}) ?? 0]));
        const changes = new Map(chosenChanges(found, settled).map(each => [each.id, each]));
        const after = ALL.map(each => {
          const { cleared = [], base: _base, faults: _faults, ...fields } = changes.get(each.id) ?? {};
          const kept = Object.entries({ ...each, ...fields }).filter(
            ([name]) => !cleared.includes(name as never),
          );
          return Object.fromEntries(kept) as unknown as ItemLine;
        });
        expect(differencesOf(after, of)).toEqual([]);
      }),
    );
  });
});
