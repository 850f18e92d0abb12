/** Pins of a lead, ways after each other and back, and devices that are brought in and taken out – by hand. */
import { describe, expect, it } from 'vitest';
import type { Plan, Way } from '../../src/documents/index.js';
import { applyPatch, type Point } from '../../src/foundations/index.js';
import { addDevicePatch, takeOutPatch } from '../../src/stations/device-edits.js';
import { alongLine, pinnedAt, pinsPatch, wayPatch } from '../../src/stations/runs/pins.js';
import { joined, reversed, type Route } from '../../src/stations/runs/route.js';
import { friday } from './edited.js';

const LINE: Point[] = [
  [0, 0],
  [4, 0],
  [4, 3],
];

describe('how far along a line a place is', () => {
  it.each<[Point, number]>([
    [[0, 0], 0],
    [[-1, 1], 0],
    [[1, 1], 1],
    [[3.9, -2], 3.9],
    [[4, 0], 4],
    [[6, 2], 6],
    [[4, 3], 7],
    [[5, 9], 7],
    // As near to both sides of the corner: the first of them.
    [[3, 1], 3],
  ])('%o: %d m', (at, metres) => {
    expect(alongLine(LINE, at)).toBeCloseTo(metres, 12);
  });

  it('is nothing on a line of one point, and passes a side of no length', () => {
    expect(alongLine([[1, 1]], [5, 5])).toBe(0);
    expect(
      alongLine(
        [
          [0, 0],
          [0, 0],
          [2, 0],
        ],
        [1.5, 0],
      ),
    ).toBeCloseTo(1.5, 12);
  });
});

describe('a pin that is pulled out of a line', () => {
  const pin = { at: [2, 2] as Point };
  const way = (...at: Point[]): Way => ({ pins: at.map(each => ({ at: each })) });
  const places = (of: Way | undefined, grabbed: Point) => {
    const { pins, index } = pinnedAt(of, LINE, grabbed, pin);
    return { index, at: pins.map(({ at }) => at) };
  };

  it('stands between those that the line comes to before and after', () => {
    expect(places(undefined, [2, 0])).toEqual({ index: 0, at: [[2, 2]] });
    const two = way([1, 0], [4, 1]);
    expect(places(two, [0.5, 0])).toEqual({
      index: 0,
      at: [
        [2, 2],
        [1, 0],
        [4, 1],
      ],
    });
    expect(places(two, [2, 0])).toEqual({
      index: 1,
      at: [
        [1, 0],
        [2, 2],
        [4, 1],
      ],
    });
    expect(places(two, [4, 2])).toEqual({
      index: 2,
      at: [
        [1, 0],
        [4, 1],
        [2, 2],
      ],
    });
  });

  it('stands before one that is right where it was grabbed', () => {
    expect(places(way([1, 0]), [1, 0])).toEqual({
      index: 0,
      at: [
        [2, 2],
        [1, 0],
      ],
    });
  });
});

describe('the edit of a way', () => {
  const put = (value: object) => [{ op: 'add', path: '/links/linknort1/way', value }];
  const drop = [{ op: 'remove', path: '/links/linknort1/way' }];
  it('puts it, and takes it away where it asks for nothing', () => {
    expect(wayPatch('linknort1', undefined, { ceiling: true })).toEqual(put({ ceiling: true }));
    expect(wayPatch('linknort1', { ceiling: true }, {})).toEqual(drop);
    expect(wayPatch('linknort1', { ceiling: true }, undefined)).toEqual(drop);
    expect(wayPatch('linknort1', undefined, {})).toEqual([]);
    expect(wayPatch('linknort1', undefined, undefined)).toEqual([]);
  });

  it('by pins keeps what else was asked', () => {
    const way: Way = { avoid: ['aislecent'], pins: [{ at: [1, 1] }] };
    expect(pinsPatch('linknort1', way, [{ at: [2, 2] }])).toEqual(
      put({ avoid: ['aislecent'], pins: [{ at: [2, 2] }] }),
    );
    expect(pinsPatch('linknort1', way, [])).toEqual(put({ avoid: ['aislecent'] }));
    expect(pinsPatch('linknort1', { pins: [{ at: [1, 1] }] }, [])).toEqual(drop);
  });
});

const zone = (id: string): Route['crossings'][number] => ({
  kind: 'aisle',
  id,
  label: id,
  added: 0,
  ramped: 1,
});
const route = (points: Point[], aloft: number[], of: Partial<Route> = {}): Route => ({
  points,
  floors: points.map((_, i) => i),
  aloft: new Set(aloft),
  onFloor: 3,
  between: 1,
  crossings: [],
  ...of,
});

describe('two ways after each other', () => {
  const first = route(
    [
      [0, 0],
      [1, 0],
      [2, 0],
    ],
    [0],
    { crossings: [zone('a'), zone('b')] },
  );
  const second = route(
    [
      [2, 0],
      [2, 1],
      [2, 2],
    ],
    [1],
    { onFloor: 5, between: 2, crossings: [zone('b'), zone('c')] },
  );
  const both = joined(first, second);

  it('share the point between them, and add up', () => {
    expect(both.points).toEqual([
      [0, 0],
      [1, 0],
      [2, 0],
      [2, 1],
      [2, 2],
    ]);
    expect(both.floors).toEqual([0, 1, 2, 1, 2]);
    expect([both.onFloor, both.between]).toEqual([8, 3]);
  });

  it('hang where either hangs, and cross each zone once', () => {
    expect([...both.aloft]).toEqual([0, 3]);
    expect(both.crossings.map(({ id }) => id)).toEqual(['a', 'b', 'c']);
  });

  it('are the same back as forth', () => {
    const back = reversed(both);
    expect(back.points[0]).toEqual([2, 2]);
    expect([...back.aloft]).toEqual([3, 0]);
    expect(reversed(back)).toEqual({ ...both, aloft: new Set([...both.aloft]) });
    expect(joined(reversed(second), reversed(first)).points).toEqual(back.points);
  });
});

describe('a device that is brought in', () => {
  const bring = (kind: string) =>
    applyPatch(friday.plan, addDevicePatch(friday, 'newdevice1', { label: 'NEW', kind }));

  it('comes last, with an item of the shelf that is free', () => {
    const kinds = Object.values(friday.shelf.items).filter(({ state }) => state === 'ready');
    const used = new Set(Object.values(friday.plan.devices ?? {}).map(({ item }) => item));
    const free = Object.entries(friday.shelf.items).find(
      ([id, { state }]) => state === 'ready' && !used.has(id),
    );
    const { newdevice1, ...others } = bring(free?.[1].kind ?? '').devices ?? {};
    expect(kinds.length).toBeGreaterThan(0);
    expect(friday.shelf.items[newdevice1?.item ?? '']?.kind).toBe(free?.[1].kind);
    expect(used.has(newdevice1?.item)).toBe(false);
    for (const { order } of Object.values(others)) expect((newdevice1?.order ?? '') > order).toBe(true);
  });

  it('has none where the shelf has none', () => {
    expect(bring('nokindnow1').devices?.newdevice1).not.toHaveProperty('item');
  });

  it('opens the map of an empty plan', () => {
    const { devices: _, ...empty } = friday.plan;
    const patch = addDevicePatch({ plan: empty, shelf: friday.shelf }, 'newdevice1', {
      label: 'NEW',
      kind: 'camoneinc',
    });
    expect(Object.keys(applyPatch<Plan>(empty, patch).devices ?? {})).toEqual(['newdevice1']);
  });
});

describe('a device that is taken out', () => {
  const without = (id: string) => applyPatch(friday.plan, takeOutPatch(friday.plan, id));

  it('takes its leads along, and leaves its shots without a camera', () => {
    const plan = without('camnorth1');
    expect(plan.devices).not.toHaveProperty('camnorth1');
    expect(plan.links).not.toHaveProperty('linknort1');
    expect(plan.links).toHaveProperty('linkside1');
    expect(Object.keys(plan.shots ?? {})).toEqual(Object.keys(friday.plan.shots ?? {}));
    expect(Object.values(plan.shots ?? {}).some(({ camera }) => camera === 'camnorth1')).toBe(false);
  });

  it('takes what it carries, with all leads of that', () => {
    const plan = without('deskrack1');
    const inside = Object.entries(friday.plan.devices ?? {}).filter(
      ([, { place }]) => place?.inside === 'deskrack1',
    );
    expect(inside.length).toBeGreaterThan(3);
    for (const [id] of inside) expect(plan.devices).not.toHaveProperty(id);
    for (const { from, to } of Object.values(plan.links ?? {})) {
      for (const end of [from, to])
        if (end.device !== undefined) expect(plan.devices).toHaveProperty(end.device);
    }
  });
});
