/** What is in the way: of those who watch, of a picture, of sight past furniture, of a stand – by hand, at the limits. */
import { describe, expect, it } from 'vitest';
import type { Area, Door } from '../../src/documents/index.js';
import { blockingOf, pillarBlocker, type Point, type Segment } from '../../src/foundations/index.js';
import { disturbanceOf, drawnFrom, seatsOf } from '../../src/stations/shots/disturbance.js';
import { shareOfPicture, type Picture } from '../../src/stations/shots/gear-in-picture.js';
import { footprintOf } from '../../src/stations/floor-taken.js';
import { whyNotStand } from '../../src/stations/shots/standing.js';
import { area, box, walls } from '../rooms.js';

describe('those who watch', () => {
  it('sit in every square metre of the seats', () => {
    const seats = seatsOf({
      seats0001: area('seating', box(0, 0, 3, 2)),
      stage0001: area('raised', box(5, 0, 9, 9)),
    });
    expect(seats).toHaveLength(6);
    expect(seats[0]).toEqual([0.5, 0.5]);
    expect(seatsOf(undefined)).toEqual([]);
  });

  it('are drawn by what stands within 20° of where they look, nearer than that', () => {
    // One seat looks 10 m to the east.
    const drawn = drawnFrom([[0, 0]], [10, 0]);
    const aside = (degrees: number, away: number): Point => [
      away * Math.cos((degrees * Math.PI) / 180),
      away * Math.sin((degrees * Math.PI) / 180),
    ];
    expect(drawn(aside(19.99, 5))).toBe(1);
    expect(drawn(aside(20.01, 5))).toBe(0);
    expect(drawn(aside(-19.99, 5))).toBe(1);
    expect(drawn(aside(0, 9.99))).toBe(1);
    expect(drawn(aside(0, 10.01))).toBe(0);
  });

  it('are counted as a share of all seats', () => {
    const drawn = drawnFrom(
      [
        [0, 0],
        [0, 0.5],
        [5, 9],
        [5, 10],
      ],
      [10, 0],
    );
    expect(drawn([5, 0])).toBe(0.5);
    expect(drawnFrom([], [10, 0])([5, 0])).toBe(0);
  });

  it.each([
    ['locked', 1.3, 0.5],
    ['locked', 1.31, 0.75],
    ['remote', 1.3, 0.5],
    ['operated', 1.3, 1],
    ['roaming', 1.31, 1.5],
    ['crane', 2, 1.5],
  ] as const)('weigh a %s camera at %d m: half of them are %d', (worked, height, share) => {
    expect(disturbanceOf(0.5, worked, height, { seatedHead: 1.3 })).toBeCloseTo(share, 12);
  });
});

describe('what stands in a picture of everything round it', () => {
  const all: Picture = { eye: [0, 0], lens: 1.5, aim: 0, tilt: 0, across: 0.1, allRound: true };
  const share = (at: Point, top = 3, blocking = walls()) =>
    shareOfPicture(all, { at, floor: 0, top, width: 2 }, blocking);

  it('takes the angle that it is wide of a whole turn, and the angle that it is high of half a one', () => {
    // At 1 m 2 m across fill 90° of 360°, and 1.5 m above and below the lens 2 · 56.31° of 180°.
    expect(share([0, 1])).toBeCloseTo((90 / 360) * ((2 * 56.3099) / 180), 6);
    expect(share([-1, 0])).toBeCloseTo(share([0, 1]), 9);
    expect(share([0, 1], 1.5)).toBeCloseTo(share([0, 1]) / 2, 9);
  });

  it('does not count what lies beside the lens or behind a wall', () => {
    expect(share([0, 0.29])).toBe(0);
    expect(share([0, 0.31])).toBeGreaterThan(0);
    const wall: Segment = [
      [-1, 0.5],
      [1, 0.5],
    ];
    expect(share([0, 1], 3, walls(wall))).toBe(0);
  });
});

describe('what stands in a picture', () => {
  /** A picture that is 2 m wide and 1.125 m high 10 m away, from 1.5 m, level. */
  const picture: Picture = { eye: [0, 0], lens: 1.5, aim: 0, tilt: 0, across: 0.1, allRound: false };
  const share = (
    at: Point,
    of: Partial<{ floor: number; top: number; width: number }> = {},
    blocking = walls(),
  ) => shareOfPicture(picture, { at, floor: 0, top: 9, width: 0.5, ...of }, blocking);

  it('takes its width of the width, over as much of the height as it fills', () => {
    expect(share([10, 0])).toBeCloseTo(0.25, 9);
    // Half of it beside the picture.
    expect(share([10, 1])).toBeCloseTo(0.125, 9);
    expect(share([10, 1.2])).toBeCloseTo(0.025, 9);
    expect(share([10, 1.25])).toBe(0);
    expect(share([10, -1.25])).toBe(0);
    // The middle of the picture is 1.5 m high: up to there it fills the lower half.
    expect(share([10, 0], { top: 1.5 })).toBeCloseTo(0.125, 9);
    // The lower edge is 1.5 − 0.5625 m high.
    expect(share([10, 0], { top: 0.9375 })).toBe(0);
  });

  it('takes twice as much half as far away', () => {
    expect(share([5, 0])).toBeCloseTo(0.5, 9);
    expect(share([2, 0])).toBe(1);
  });

  it('takes nothing beside or behind the lens', () => {
    expect(share([0.31, 0])).toBe(1);
    expect(share([0.29, 0])).toBe(0);
    expect(share([-5, 0])).toBe(0);
  });

  it('takes nothing where a pillar hides it', () => {
    const pillar = blockingOf([pillarBlocker('pillar001', { label: 'P', at: [5, 0], size: 1 })]);
    expect(share([10, 0], {}, pillar)).toBe(0);
    expect(share([3, 0], {}, pillar)).toBeGreaterThan(0);
  });
});

describe('where a stand can be put', () => {
  const room = (areas: Record<string, Area> = {}, doors: Record<string, Door> = {}) =>
    ({ venue: { outline: box(0, 0, 20, 20), areas, doors }, blockers: [] }) as unknown as Parameters<
      typeof whyNotStand
    >[0];
  const why = (of: ReturnType<typeof room>, at: Point, side = 1, level?: string) =>
    whyNotStand(of, 'metric', at, level, side);

  it('takes more room where somebody works it', () => {
    expect(footprintOf('locked')).toBe(0.8);
    expect(footprintOf('remote')).toBe(0.8);
    expect(footprintOf(undefined)).toBe(0.8);
    expect(footprintOf('operated')).toBe(1.2);
    expect(footprintOf('crane')).toBe(1.2);
  });

  it.each(['seating', 'keep-clear', 'no-film', 'obstacle', 'desk'] as const)('is not in %s', kind => {
    const taken = room({ area00001: area(kind, box(5, 5, 8, 8)) });
    expect(why(taken, [4.49, 6])).toBeUndefined();
    expect(why(taken, [4.51, 6])).toBe(`its stand, 1 m wide, would reach into “${kind}”`);
  });

  it.each(['raised', 'cameras', 'gallery'] as const)('may be in %s', kind => {
    expect(why(room({ area00001: area(kind, box(5, 5, 8, 8)) }), [6, 6])).toBeUndefined();
  });

  it('may be under what hangs', () => {
    expect(
      why(room({ area00001: area('obstacle', box(5, 5, 8, 8), { underside: 2.5 }) }), [6, 6]),
    ).toBeUndefined();
  });

  it('is whole on the gallery that it stands on, whatever is beneath', () => {
    const above = room({
      gallery01: area('gallery', box(5, 5, 8, 8), { floor: 3 }),
      seats0001: area('seating', box(0, 0, 20, 20)),
    });
    expect(why(above, [5.51, 6], 1, 'gallery01')).toBeUndefined();
    expect(why(above, [5.49, 6], 1, 'gallery01')).toBe('its stand, 1 m wide, would reach beyond “gallery”');
  });

  it('keeps clear of exits by 1.2 m and half its own side', () => {
    const exit = (kind: Door['kind']) =>
      room(
        {},
        {
          door00001: {
            order: '1',
            label: 'way out',
            kind,
            height: 2,
            jambs: [
              [9, 0],
              [11, 0],
            ],
          } as Door,
        },
      );
    expect(why(exit('exit'), [10, 1.69])).toBe('it would stand before the exit “way out”');
    expect(why(exit('fire'), [10, 1.69])).toBe('it would stand before the exit “way out”');
    expect(why(exit('exit'), [10, 1.71])).toBeUndefined();
    expect(why(exit('inner'), [10, 1])).toBeUndefined();
  });
});
