/** Devices as equipment: how cameras are worked, how far they go, which items are free. */
import { describe, expect, it } from 'vitest';
import type { Device, Shelf } from '../../src/documents/index.js';
import { Parts } from '../../src/foundations/index.js';
import {
  equipmentOf,
  mountedIn,
  freeItem,
  freeItems,
  movesAbout,
  sweepOf,
  WORKED_WORDS,
  withoutPlace,
  workedByHand,
} from '../../src/stations/equipment.js';

const WAYS = ['operated', 'locked', 'remote', 'roaming', 'crane'] as const;

describe('how a camera is worked', () => {
  it.each([
    ['operated', true, false],
    ['locked', false, false],
    ['remote', false, false],
    ['roaming', true, true],
    ['crane', true, true],
  ] as const)('%s: by hand %s, about %s', (worked, hand, about) => {
    expect(workedByHand(worked)).toBe(hand);
    expect(movesAbout(worked)).toBe(about);
  });

  it('is none of both where nobody said', () => {
    expect(workedByHand(undefined)).toBe(false);
    expect(movesAbout(undefined)).toBe(false);
  });

  it('has words for each', () => {
    expect(Object.keys(WORKED_WORDS).sort()).toEqual([...WAYS].sort());
  });
});

describe('how far one goes', () => {
  it.each([
    ['roaming', 3],
    ['crane', 4],
  ] as const)('%s: %d m until it is entered', (worked, metres) => {
    const sweep = sweepOf('camera001', { worked });
    expect(sweep).toMatchObject({ name: 'sweep', value: metres, unit: 'm' });
    expect(sweep?.from).toEqual({ source: 'until it is entered' });
  });

  it('is what was entered, with where that stands', () => {
    const sweep = sweepOf('camera001', { worked: 'roaming', sweep: 7.5 });
    expect(sweep?.value).toBe(7.5);
    expect(sweep?.from).toEqual({ document: 'plan', pointer: '/devices/camera001/sweep' });
  });

  it('is nothing for one that stays where it is', () => {
    for (const worked of ['operated', 'locked', 'remote'] as const) {
      expect(sweepOf('camera001', { worked, sweep: 7.5 })).toBeUndefined();
    }
  });
});

const item = (order: string, kind: string, state = 'ready') => ({ order, kind, state, tape: order });
const shelf = {
  items: {
    itemthree: item('3', 'camera'),
    itemfirst: item('1', 'camera'),
    itemsecon: item('2', 'camera'),
    itemaway1: item('0', 'camera', 'out'),
    itemother: item('1', 'tripod'),
  },
} as unknown as Shelf;

describe('free items of a kind', () => {
  const using = (id: string) => ({ device001: { order: '1', item: id } });
  it('are those that are ready and that nothing uses, in the order of the shelf', () => {
    expect(freeItems(shelf, 'camera', undefined)).toEqual(['itemfirst', 'itemsecon', 'itemthree']);
    expect(freeItems(shelf, 'camera', using('itemfirst'))).toEqual(['itemsecon', 'itemthree']);
    expect(freeItems(shelf, 'lamp', undefined)).toEqual([]);
  });

  it('begin with the first of them', () => {
    expect(freeItem(shelf, 'camera', using('itemfirst'))).toBe('itemsecon');
    expect(freeItem(shelf, 'tripod', using('itemother'))).toBeUndefined();
  });
});

const device = (place?: Device['place']): Device => ({
  order: '1',
  label: 'C1',
  kind: 'camera',
  ...(place && { place }),
});

describe('equipment', () => {
  it('is a device without where it stands', () => {
    expect(withoutPlace(device({ at: [1, 2], height: 1.5 }))).toEqual(device());
    expect(withoutPlace(device())).toEqual(device());
  });

  it('keeps what it is inside of, and at which unit', () => {
    expect(mountedIn(device({ inside: 'rack00001', unit: 2 }))).toEqual(
      device({ inside: 'rack00001', unit: 2 }),
    );
    expect(withoutPlace(device({ inside: 'rack00001', height: 1 }))).toEqual(device({ inside: 'rack00001' }));
  });

  it('stays the same while things are only moved', () => {
    const parts = new Parts();
    const before = equipmentOf({ camera001: device({ at: [1, 2] }) }, parts);
    const moved = equipmentOf({ camera001: device({ at: [3, 4] }) }, parts);
    expect(moved).toBe(before);
    const mounted = equipmentOf({ camera001: device({ inside: 'rack00001' }) }, parts);
    expect(mounted).not.toBe(before);
    expect(equipmentOf(undefined, parts)).toBeUndefined();
  });
});
