/** How much of a picture things take by what they are: by hand. */
import { describe, expect, it } from 'vitest';
import type { Device, Kind } from '../../src/documents/index.js';
import { bodiesOf, type Body } from '../../src/stations/shots/bodies.js';
import { shareOfPicture, type Picture } from '../../src/stations/shots/gear-in-picture.js';
import type { PlaceResult } from '../../src/stations/ground/index.js';
import { givenFigure } from '../given.js';
import { walls } from '../rooms.js';

interface Told {
  readonly kind: Partial<Kind>;
  readonly height: number;
  readonly place?: Partial<PlaceResult>;
  readonly device?: Partial<Device>;
}

/** What one thing at [4, 3] on the ground fills. */
const fills = ({ kind, height, place, device }: Told): Partial<Body>[] =>
  bodiesOf({
    devices: { thing0001: { order: '1', label: 'T', kind: 'kind00001', ...device } },
    kinds: { kind00001: { label: 'K', ...kind } as Kind },
    places: {
      thing0001: {
        at: [4, 3],
        level: undefined,
        floor: givenFigure(0, 'm'),
        elevation: givenFigure(height, 'm'),
        table: undefined,
        carrier: 'thing0001',
        hangs: false,
        ...place,
      },
    },
    standingHead: 1.75,
    cameras: {},
  }).map(({ id: _i, label: _l, operator: _o, legs: _e, ...body }) => body);

describe('what a thing fills', () => {
  const boom = { family: 'microphone', arm: 2 } as const;

  it('is a thin pole, for a microphone on its stand', () => {
    expect(fills({ kind: { family: 'microphone' }, height: 1.6 })).toEqual([
      { at: [4, 3], floor: 0, top: 1.6, width: 0.03 },
    ]);
  });

  it('is a pole and an arm out of its top, for a boom that faces somewhere', () => {
    const [pole, arm] = fills({ kind: boom, height: 2.2, device: { place: { facing: 90 } } });
    expect(pole).toEqual({ at: [4, 3], floor: 0, top: 2.2, width: 0.03 });
    expect(arm).toMatchObject({ top: 2.2, width: 2, along: 90 });
    expect(arm?.floor).toBeCloseTo(2.17, 12);
    expect(arm?.at?.[0]).toBeCloseTo(4, 12);
    expect(arm?.at?.[1]).toBeCloseTo(4, 12);
  });

  it('is the pole alone while nothing says where its arm reaches', () => {
    expect(fills({ kind: boom, height: 2.2 })).toHaveLength(1);
  });

  it('is what lies on its table, for a laptop, and on a table of the survey for anything but a camera', () => {
    const flat = { size: { width: 0.3, depth: 0.2, height: 0.02 } } as const;
    const lying = [{ at: [4, 3], floor: 0.75, top: 0.77, width: 0.3 }];
    expect(fills({ kind: { family: 'computer', ...flat }, height: 0.75 })).toEqual(lying);
    const place = { table: 'table0001' };
    expect(fills({ kind: { family: 'switcher', ...flat }, height: 0.75, place })).toEqual(lying);
    const onLegs = [{ at: [4, 3], floor: 0, top: 0.75, width: 0.5 }];
    expect(fills({ kind: { family: 'camera', ...flat }, height: 0.75, place })).toEqual(onLegs);
    expect(fills({ kind: { family: 'switcher', ...flat }, height: 0.75 })).toEqual(onLegs);
    expect(fills({ kind: { family: 'computer' }, height: 0.75 })).toEqual(onLegs);
  });

  it('is no more than its upper half metre, for what the house has mounted', () => {
    expect(fills({ kind: { family: 'camera' }, height: 3, device: { resident: true } })).toMatchObject([
      { floor: 2.5, top: 3 },
    ]);
    expect(fills({ kind: { family: 'camera' }, height: 3, place: { hangs: true } })).toMatchObject([
      { floor: 2.5, top: 3 },
    ]);
  });
});

describe('an arm in a picture', () => {
  /** A picture that is 2 m wide and 1.125 m high 10 m away, from 1.5 m, level. */
  const picture: Picture = { eye: [0, 0], lens: 1.5, aim: 0, tilt: 0, across: 0.1, allRound: false };
  const share = (along: number, of: Picture = picture) =>
    shareOfPicture(of, { at: [10, 0], floor: 1.5, top: 1.53, width: 1, along }, walls());

  it('takes what it is seen to be long of the width', () => {
    // Half the width, 0.03 m of 1.125 m high.
    expect(share(90)).toBeCloseTo((0.5 * 0.03) / 1.125, 9);
    expect(share(30)).toBeCloseTo((0.25 * 0.03) / 1.125, 9);
    expect(share(0)).toBe(0);
    expect(share(180)).toBeCloseTo(0, 12);
  });

  it('takes as much of a picture of everything round it as it is seen to be wide', () => {
    const all = { ...picture, allRound: true };
    expect(share(30, all) / share(90, all)).toBeCloseTo(Math.atan(0.025) / Math.atan(0.05), 9);
  });
});
