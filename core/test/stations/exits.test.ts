/** What may not stand before an exit: devices by the floor they take, seats and furniture – at the edges of it, by hand. */
import { describe, expect, it } from 'vitest';
import type { Area, Device, Kind } from '../../src/documents/index.js';
import { exitFloor, findingsOf, type Point } from '../../src/foundations/index.js';
import { floorTaken } from '../../src/stations/floor-taken.js';
import { exitBlocked } from '../../src/stations/ground/snags/exit-blocked.js';
import { area, box } from '../rooms.js';

type Seen = Parameters<typeof exitBlocked.reads>[0];

/** A door of 2 m in the north wall of a room, from 4 to 6 m, and what stands before it. */
const before = (
  what: {
    at?: Point;
    device?: Partial<Device>;
    kind?: Partial<Kind>;
    areas?: Record<string, Area>;
    level?: string;
  },
  door: 'exit' | 'fire' | 'inner' = 'exit',
): string[] => {
  const { at, device, kind = {}, areas = {}, level } = what;
  const seen = {
    own: {
      places: at && { box000001: { at, level, carrier: 'box000001', elevation: {} } },
      venue: {
        doors: {
          door00001: {
            label: 'way out',
            kind: door,
            height: 2,
            jambs: [
              [4, 0],
              [6, 0],
            ],
          },
        },
        areas,
      },
    },
    devices: at && { box000001: { order: '1', label: 'BOX', kind: 'kind00001', ...device } },
    kinds: { kinds: { kind00001: kind } },
    rules: { units: 'metric' },
  } as unknown as Seen;
  return [...findingsOf(exitBlocked, seen)].map(({ severity, subjects }) => `${severity} ${subjects.join()}`);
};
const STOP = ['stop box000001'];

describe('the floor before an exit', () => {
  it('is as wide as the door, 1.2 m deep to both sides', () => {
    const floor = exitFloor({
      jambs: [
        [4, 0],
        [6, 0],
      ],
    });
    expect(floor.map(([x, y]) => [x.toFixed(9), Math.abs(y).toFixed(9)])).toEqual([
      ['4.000000000', '1.200000000'],
      ['6.000000000', '1.200000000'],
      ['6.000000000', '1.200000000'],
      ['4.000000000', '1.200000000'],
    ]);
  });
});

describe('a device before an exit', () => {
  it('of a size that nobody knows is judged by where it is', () => {
    expect(before({ at: [5, 1.19] })).toEqual(STOP);
    expect(before({ at: [5, 1.21] })).toEqual([]);
    expect(before({ at: [3.99, 0.5] })).toEqual([]);
    expect(before({ at: [4.01, 0.5] })).toEqual(STOP);
  });

  it('is judged by the floor that it takes however it is turned', () => {
    // 0.6 m at least: it reaches 0.3 m from its middle.
    const kind = { size: { width: 1, depth: 0.6, height: 1 } };
    expect(before({ at: [5, 1.49], kind })).toEqual(STOP);
    expect(before({ at: [5, 1.51], kind })).toEqual([]);
    expect(before({ at: [3.71, 0.5], kind })).toEqual(STOP);
    expect(before({ at: [3.69, 0.5], kind })).toEqual([]);
    expect(before({ at: [5, 1.49], kind: { size: { width: 1 } } })).toEqual([]);
  });

  it('with a stand takes 0.8 m, and 1.2 m with somebody at it', () => {
    const kind = { optics: {} } as Partial<Kind>;
    expect(before({ at: [5, 1.59], kind })).toEqual(STOP);
    expect(before({ at: [5, 1.61], kind })).toEqual([]);
    expect(before({ at: [5, 1.79], kind, device: { worked: 'operated' } })).toEqual(STOP);
    expect(before({ at: [5, 1.81], kind, device: { worked: 'operated' } })).toEqual([]);
    expect(floorTaken([0, 0], {}, { lamp: { lux: 1, beam: 30 } })?.[0]).toEqual([-0.4, -0.4]);
  });

  it('counts at fire doors as well, at no door inside, on no gallery, and not high up on the wall', () => {
    expect(before({ at: [5, 1] }, 'fire')).toEqual(STOP);
    expect(before({ at: [5, 1] }, 'inner')).toEqual([]);
    expect(before({ at: [5, 1], level: 'gallery01' })).toEqual([]);
    const mounted = (height: number) => ({ resident: true, place: { height } });
    expect(before({ at: [5, 1], device: mounted(2.1) })).toEqual([]);
    expect(before({ at: [5, 1], device: mounted(2.09) })).toEqual(STOP);
  });
});

describe('chairs and furniture before an exit', () => {
  const reaching = (kind: Area['kind'], y: number, more: Partial<Area> = {}) =>
    before({ areas: { area00001: area(kind, box(3, y, 7, 4), more) } });

  it('are a risk from where they reach into that floor', () => {
    for (const kind of ['seating', 'obstacle', 'desk'] as const) {
      expect(reaching(kind, 1.19)).toEqual(['risk area00001']);
      expect(reaching(kind, 1.21)).toEqual([]);
    }
    expect(reaching('keep-clear', 1)).toEqual([]);
    expect(reaching('raised', 1)).toEqual([]);
  });

  it('are none where one passes beneath', () => {
    expect(reaching('obstacle', 1, { underside: 2.1 })).toEqual([]);
    expect(reaching('obstacle', 1, { underside: 2.09 })).toEqual(['risk area00001']);
  });
});
