/** Where a camera can be put: the grid, the walls, what stands there, what was refused – at the edges of each. */
import { describe, expect, it } from 'vitest';
import { galleryAt, spotsOf, whyNotThere, within, type Ground } from '../../src/searches/placement/places.js';
import type { Area, Venue } from '../../src/documents/index.js';
import { blocker, type Point } from '../../src/foundations/index.js';
import { area, box } from '../rooms.js';

/** A room of 4 by 3 m with nothing in it but what is given. */
const ground = (areas: Record<string, Area> = {}, more: Partial<Ground> = {}): Ground => ({
  ground: { venue: { outline: box(0, 0, 4, 3), areas } as unknown as Venue, blockers: [] },
  units: 'metric',
  standing: [],
  refused: [],
  anywhere: false,
  ...more,
});

describe('a round of the floor', () => {
  const round = { at: [0, 0] as Point, radius: 2 };
  it('has its edge within it, on its own level', () => {
    expect(within(round, { at: [2, 0], level: undefined })).toBe(true);
    expect(within(round, { at: [2.000001, 0], level: undefined })).toBe(false);
    expect(within(round, { at: [1, 1], level: 'gallery1' })).toBe(false);
    expect(within({ ...round, level: 'gallery1' }, { at: [1, 1], level: 'gallery1' })).toBe(true);
  });
});

describe('why nothing can be put there', () => {
  const side = 0.8;
  it('is nothing in the middle of an empty room', () => {
    expect(whyNotThere(ground(), [2, 1.5], undefined, side)).toBeUndefined();
  });

  it('is outside of the walls', () => {
    expect(whyNotThere(ground(), [5, 1.5], undefined, side)).toBe('it is outside the walls');
  });

  it('is outside of what the survey marks for cameras, unless anywhere will do', () => {
    const marked = { camerasar: area('cameras', box(0, 0, 2, 3)) };
    const words = 'the survey marks no area for cameras there';
    expect(whyNotThere(ground(marked), [1, 1.5], undefined, side)).toBeUndefined();
    expect(whyNotThere(ground(marked), [3, 1.5], undefined, side)).toBe(words);
    expect(whyNotThere(ground(marked, { anywhere: true }), [3, 1.5], undefined, side)).toBeUndefined();
    expect(whyNotThere(ground(marked), [1.999, 1.5], undefined, side)).toBeUndefined();
    expect(whyNotThere(ground(marked), [2.001, 1.5], undefined, side)).toBe(words);
  });

  it('is something that stands within half the stand and a quarter of a metre', () => {
    const beside = ground({}, { standing: [{ label: 'C9', at: [2, 1.5] }] });
    // 0.4 + 0.25 = 0.65 m.
    expect(whyNotThere(beside, [2.649, 1.5], undefined, side)).toBe('C9 stands there');
    expect(whyNotThere(beside, [2.65, 1.5], undefined, side)).toBeUndefined();
    // An operator takes 1.2 m: 0.6 + 0.25.
    expect(whyNotThere(beside, [2.849, 1.5], undefined, 1.2)).toBe('C9 stands there');
    expect(whyNotThere(beside, [2.85, 1.5], undefined, 1.2)).not.toBe('C9 stands there');
    const above = ground({}, { standing: [{ label: 'C9', at: [2, 1.5], level: 'gallery1' }] });
    expect(whyNotThere(above, [2, 1.5], undefined, side)).toBeUndefined();
  });

  it('is that somebody refused it', () => {
    const refused = ground({}, { refused: [{ at: [2, 1.5], radius: 0.5 }] });
    expect(whyNotThere(refused, [2.5, 1.5], undefined, side)).toBe('it was refused by hand');
    expect(whyNotThere(refused, [2.51, 1.5], undefined, side)).toBeUndefined();
  });

  it('names the first reason: what is in the way before what was refused', () => {
    const both = ground(
      {},
      { standing: [{ label: 'C9', at: [2, 1.5] }], refused: [{ at: [2, 1.5], radius: 1 }] },
    );
    expect(whyNotThere(both, [2, 1.5], undefined, side)).toBe('C9 stands there');
  });
});

describe('the grid', () => {
  it('lies on multiples of its step, wherever a stand has room within the walls', () => {
    // Half a stand of 0.8 m keeps 0.4 m off the walls: x = 0.5 … 3.5, y = 0.5 … 2.5.
    const walls = blocker('walls', 'walls', box(0, 0, 4, 3));
    const empty = ground();
    const spots = spotsOf({ ...empty, ground: { ...empty.ground, blockers: [walls] } }, 0.5, 0.8);
    const [xs, ys] = [0, 1].map(axis => [...new Set(spots.map(({ at }) => at[axis]))]);
    expect(xs).toEqual([0.5, 1, 1.5, 2, 2.5, 3, 3.5]);
    expect(ys).toEqual([0.5, 1, 1.5, 2, 2.5]);
    expect(spots).toHaveLength(35);
    expect(spots.every(({ level, floor }) => level === undefined && floor === 0)).toBe(true);
  });

  it('keeps to whole millimetres', () => {
    for (const { at } of spotsOf(ground(), 0.3, 0.8)) {
      for (const metres of at) expect(Math.abs(metres * 1000 - Math.round(metres * 1000))).toBeLessThan(1e-9);
    }
  });

  it('covers galleries as well, with the height of their floor', () => {
    const spots = spotsOf(ground({ gallery01: area('gallery', box(0, 0, 2, 3), { floor: 2.6 }) }), 0.5, 0.8);
    const above = spots.filter(({ level }) => level === 'gallery01');
    expect(above.length).toBeGreaterThan(0);
    expect(above.every(({ floor }) => floor === 2.6)).toBe(true);
    expect(above.every(({ at: [x] }) => x <= 2)).toBe(true);
  });
});

describe('the gallery over a point', () => {
  const { ground: of } = ground({
    camerasar: area('cameras', box(0, 0, 4, 3)),
    gallery01: area('gallery', box(0, 0, 2, 3)),
  });
  it('is where its outline says', () => {
    expect(galleryAt(of.venue, [1, 1])).toBe('gallery01');
    expect(galleryAt(of.venue, [3, 1])).toBeUndefined();
  });
});
