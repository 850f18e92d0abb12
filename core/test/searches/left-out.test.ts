/** A camera that is put up nowhere: where it was tried and what was in the way, in rooms drawn by hand. */
import { describe, expect, it } from 'vitest';
import type { Area, Bundle, Device, Venue } from '../../src/documents/index.js';
import {
  findLayouts,
  prepare,
  usualPlacement,
  whyNotHere,
  type Layout,
  type Layouts,
  type PlacementOptions,
  type Prepared,
} from '../../src/searches/placement/index.js';
import { area, box } from '../rooms.js';
import { friday } from '../stations/edited.js';

const ended = <T>(steps: Generator<unknown, T>): T => {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
};

/** A bare room of 10 × 8 m with somebody at its west wall, what is given in it, and cameras without a place. */
function room(areas: Record<string, Area>, ...cameras: Partial<Device>[]): Bundle {
  const of = friday.plan.devices?.camnorth1;
  if (!of) throw new Error('no camera');
  const { place: _, ...camera } = of;
  const mark = { order: '1', label: 'Lectern', at: [1, 4] as const, height: 1.6, facing: 90, light: 500 };
  return {
    ...friday,
    venue: {
      version: 1,
      name: 'Room',
      volts: 230,
      hertz: 50,
      outline: box(0, 0, 10, 8),
      areas,
      marks: { lectern01: mark },
    },
    plan: {
      ...friday.plan,
      ...{ links: {}, venueChanges: {}, runningOrder: {} },
      shots: { shotlect1: { order: '1', mark: 'lectern01', size: 'waist up', importance: 'vital' } },
      devices: Object.fromEntries(
        (cameras.length > 0 ? cameras : [{}]).map((own, i) => [
          `close000${i}`,
          { ...camera, label: 'CLOSE', order: `${i}`, worked: 'operated', ...own },
        ]),
      ),
    },
  };
}

const prepared = (bundle: Bundle, of: Partial<PlacementOptions> = {}): Prepared =>
  ended(prepare(bundle, { ...usualPlacement(Object.keys(bundle.plan.devices ?? {})), ...of }));
const look = (...asked: Parameters<typeof prepared>): Layouts => ended(findLayouts(prepared(...asked)));

/** Seats up to a strip along the north wall, so deep, that is marked for cameras. */
const strip = (depth: number): Record<string, Area> => ({
  cameras01: area('cameras', box(3, 0, 9, depth)),
  seating01: area('seating', box(2, depth, 10, 8), { label: 'rows' }),
});

describe('a camera that fits nowhere', () => {
  it('says how much room it needs, how much there is and what is in the way', () => {
    const { layouts, nobody } = look(room(strip(0.95)));
    expect(layouts).toEqual([]);
    expect(nobody).toHaveLength(1);
    expect(nobody[0]?.label).toBe('CLOSE');
    expect(nobody[0]?.why).toMatch(/^its operator needs 1.2 m; \d+ places were tried/);
    expect(nobody[0]?.why).toContain('there is room for 0.85 m');
    expect(nobody[0]?.why).toContain('its stand, 1.2 m wide, would reach into “rows”');
  });

  it('fits when nobody works it, though no point of the usual grid lies there', () => {
    const { layouts } = look(room(strip(0.95), { worked: 'locked' }));
    expect(layouts[0]?.positions[0]?.at[1]).toBeCloseTo(0.5, 3);
    const narrow = look(room(strip(0.9), { worked: 'locked' }));
    expect(narrow.layouts[0]?.positions).toHaveLength(1);
    expect(look(room(strip(0.79), { worked: 'locked' })).layouts).toEqual([]);
    expect(look(room(strip(0.95))).nobody[0]?.why).toMatch(/; with nobody at it, it needs 0.8 m$/);
  });
});

describe('a camera that shows nothing', () => {
  it('says by what each shot is lost, and from how many places', () => {
    const wall: NonNullable<Venue['walls']>[string] = {
      label: 'screen',
      line: [
        [2, 0],
        [2, 8],
      ],
    };
    const bundle = room({ cameras01: area('cameras', box(3, 1, 9, 7)) });
    const walled: Bundle = { ...bundle, venue: { ...bundle.venue, walls: { screen001: wall } } };
    const { layouts, nobody } = look(walled);
    expect(layouts).toEqual([]);
    expect(nobody[0]?.why).toMatch(
      /^it can show nothing from all \d+ places where it could stand: Lectern, waist up – a wall or pillar is in the way/,
    );
    const asked = prepared(walled);
    expect(ended(whyNotHere(asked, { value: 0 } as Layout, [6, 4], undefined)).reason).toContain(
      'a wall or pillar is in the way',
    );
  });

  it('never blames a wall in a bare room', () => {
    const behind = room({ cameras01: area('cameras', box(0, 0, 0.9, 8)) });
    for (const { why } of look(behind).nobody) expect(why).not.toContain('a wall or pillar');
  });
});

describe('a camera that is not put up beside others', () => {
  const open = { cameras01: area('cameras', box(5, 2, 9, 6)) };

  it('is one more than was asked for, or would add less than it costs', () => {
    const two = room(open, { label: 'ONE' }, { label: 'TWO' });
    const [best] = look(two, { count: 1 }).layouts;
    expect(best?.left.map(({ why }) => why)).toEqual(['only one camera is asked for']);
    const three = look(room(open, { label: 'ONE' }, { label: 'TWO' }, { label: 'THREE' })).layouts[0];
    const left = three?.left ?? [];
    expect((three?.positions.length ?? 0) + left.length).toBe(3);
    for (const { why } of left) expect(why).toMatch(/show already all|would add .* at most, and cost/);
  });

  it('finds the only place taken', () => {
    const tight = { cameras01: area('cameras', box(5, 3.9, 5.2, 4.2)) };
    const [best] = look(room(tight, { label: 'ONE' }, { label: 'TWO' })).layouts;
    expect(best?.positions).toHaveLength(1);
    expect(best?.left.map(({ why }) => why)).toEqual(['the others stand wherever it could']);
  });

  it('says what was insisted on and cannot be had', () => {
    const round = { at: [9.5, 7.5] as const, radius: 0.5 };
    const { layouts, nobody } = look(room(open), { insisted: [round] });
    expect(layouts).toEqual([]);
    expect(nobody.map(({ label }) => label)).toEqual(['A place where one is wanted']);
    const several = look(room(open), { insisted: [round, round], count: 1 });
    expect(several.nobody[0]?.why).toBe('there are 2 of them, and at most 1 camera is put up');
  });
});

describe('what a layout takes', () => {
  it('disturbs no more than all seats, and has no length of cable while pictures are mixed nowhere', () => {
    const seats = {
      cameras01: area('cameras', box(2, 3, 4, 5)),
      seating01: area('seating', box(5, 1, 10, 7)),
    };
    const [best] = look(room(seats, { worked: 'locked' }, { worked: 'locked' })).layouts;
    expect(best?.drawn).toBeGreaterThan(0.5);
    expect(best?.drawn).toBeLessThanOrEqual(1);
    expect(best?.positions[0]?.cable).toBeUndefined();
  });
});
