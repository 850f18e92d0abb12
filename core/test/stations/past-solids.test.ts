/** Sight past what is solid and over heads: over it, beneath it, through it. */
import { describe, expect, it } from 'vitest';
import type { Area } from '../../src/documents/index.js';
import type { Point } from '../../src/foundations/index.js';
import { nearestSolid, solidsBetween, type Solid } from '../../src/stations/shots/past-solids.js';
import { nearestHeads, seatsBetween } from '../../src/stations/shots/sight.js';
import { area, box } from '../rooms.js';
import { friday } from './edited.js';

describe('sight past what is solid', () => {
  const ground = (at: Point, level?: string) => ({ at, level });
  const solids = (of: Area, camera = ground([0, 0]), mark = ground([10, 0])): readonly Solid[] =>
    solidsBetween({ area00001: of }, camera, mark);
  const ats = (of: readonly Solid[]): number[][] => of.map(({ edges }) => edges.map(({ at }) => at));
  const across = box(4, -1, 6, 1);

  it('meets the near and the far edge of each', () => {
    const [desk] = solids(area('desk', across, { top: 1.2 }));
    expect(desk?.edges).toEqual([
      { at: 0.4, low: -Infinity, high: 1.2 },
      { at: 0.6, low: -Infinity, high: 1.2 },
    ]);
  });

  it.each<[string, Area, readonly [number, number] | undefined]>([
    ['a table without a top', area('obstacle', across), undefined],
    ['seats', area('seating', across, { top: 1.2 }), undefined],
    [
      'a table on a floor',
      area('obstacle', across, { floor: 0.4, top: 0.8 }),
      [-Infinity, 1.2000000000000002],
    ],
    ['a banner', area('obstacle', across, { underside: 2 }), [2, Infinity]],
    ['a beam', area('obstacle', across, { underside: 2, top: 2.5 }), [2, 2.5]],
    ['a stage', area('raised', across, { floor: 0.8 }), [-Infinity, 0.8]],
    ['a gallery', area('gallery', across, { floor: 3 }), [2.7, 3]],
    ['a gallery that was measured', area('gallery', across, { floor: 3, underside: 2.6 }), [2.6, 3]],
  ])('%s is solid from and to %o', (_, of, solid) => {
    const edge = solids(of)[0]?.edges[0];
    expect(edge && [edge.low, edge.high]).toEqual(solid);
  });

  it('meets nothing of what the mark stands in', () => {
    expect(solids(area('obstacle', box(4, -1, 12, 1), { top: 1 }))).toEqual([]);
  });

  it('meets a floor at the far edge from it, and at the near edge to who stands on it', () => {
    const [from, to] = [box(-2, -1, 6, 1), box(4, -1, 12, 1)];
    const gallery = (outline: Point[]): Area => area('gallery', outline, { floor: 3 });
    const [up, onto] = [ground([0, 0], 'area00001'), ground([10, 0], 'area00001')];
    expect(ats(solids(gallery(from), up))).toEqual([[0.6]]);
    expect(ats(solids(gallery(to), undefined, onto))).toEqual([[0.4]]);
    expect(solids(gallery(box(-2, -1, 12, 1)), up, onto)).toEqual([]);
    // On the ground beneath it both edges of it count.
    expect(ats(solids(gallery(from)))).toEqual([[0, 0.6]]);
    const stage = (outline: Point[]): Area => area('raised', outline, { floor: 0.8 });
    expect(ats(solids(stage(from)))).toEqual([[0.6]]);
    expect(ats(solids(stage(to)))).toEqual([[0.4]]);
  });

  it('meets both arms of a floor with a bay between them', () => {
    const arms: Point[] = [...box(2, -3, 8, 1).slice(0, 3), [6, 1], [6, -1], [4, -1], [4, 1], [2, 1]];
    expect(ats(solids(area('gallery', arms, { floor: 3 })))).toEqual([
      [0.2, 0.4],
      [0.6, 0.8],
    ]);
  });

  const solid = ({ at = [0.5], low = -Infinity, high = 1, ...of }: Partial<SolidOf> = {}): Solid => ({
    id: 'area00001',
    label: 'it',
    edges: at.map(each => ({ at: each, low, high })),
    holdsMark: false,
    ...of,
  });
  type SolidOf = Pick<Solid, 'id' | 'holdsMark'> & { at: number[]; low: number; high: number };
  // From 2 m down to the lowest point wanted at 1 m; eyes at 1.5 m, the top of the head 0.12 m above them.
  const HEIGHTS = { lens: 2, lowest: 1, eyes: 1.5 };

  it('clears what stands by how far it passes over, what hangs by how far beneath', () => {
    expect(nearestSolid([solid()], HEIGHTS)).toMatchObject({ clear: 0.5, beneath: false });
    // Half way to the top of the head: (2 + 1.62) / 2 = 1.81 m.
    const hanging = nearestSolid([solid({ low: 2.01, high: Infinity })], HEIGHTS);
    expect(hanging?.clear).toBeCloseTo(0.2, 12);
    expect(hanging?.beneath).toBe(true);
  });

  it('goes through what it passes over at one edge and beneath at the other', () => {
    // A slab from 1.55 to 1.65 m: at a fifth the line is 1.8 m high, at four fifths 1.2, its upper one 1.696.
    const slab = { low: 1.55, high: 1.65 };
    expect(nearestSolid([solid({ ...slab, at: [0.2] })], HEIGHTS)?.clear).toBeCloseTo(0.15, 12);
    expect(nearestSolid([solid({ ...slab, at: [0.2, 0.8] })], HEIGHTS)?.clear).toBeLessThan(0);
    // 3.6 m up and down to 1.5 m: over a beam at 2.8–3 m it is 3.18 m high at a fifth, 1.92 m at four fifths.
    const steep = { lens: 3.6, lowest: 1.5, eyes: 1.6 };
    const beam = { low: 2.8, high: 3 };
    expect(nearestSolid([solid({ ...beam, at: [0.2] })], steep)?.clear).toBeCloseTo(0.18, 12);
    expect(nearestSolid([solid({ ...beam, at: [0.8] })], steep)?.clear).toBeCloseTo(
      2.8 - (3.6 - 1.88 * 0.8),
      12,
    );
    expect(nearestSolid([solid({ ...beam, at: [0.2, 0.8] })], steep)?.clear).toBeLessThan(0);
  });

  it('is told by what it comes nearest to', () => {
    const near = nearestSolid(
      [solid(), solid({ id: 'nearest01', high: 1.4 }), solid({ high: 0.2 })],
      HEIGHTS,
    );
    expect(near?.solid.id).toBe('nearest01');
    expect(nearestSolid([], HEIGHTS)).toBeUndefined();
  });

  it('is hidden by no floor that the mark stands on and the lens is as high as', () => {
    const stage = (high: number, holdsMark = true) => nearestSolid([solid({ holdsMark, high })], HEIGHTS);
    expect(stage(2)).toBeUndefined();
    expect(stage(2.01)?.clear).toBeCloseTo(1.5 - 2.01, 12);
    // One that is only passed over hides what stands behind it.
    expect(stage(1.6, false)?.clear).toBeCloseTo(-0.1, 12);
  });
});

describe('sight past heads', () => {
  const seats = (floor: number, gallery?: Partial<Area>) =>
    seatsBetween(
      {
        seats0001: area('seating', box(4, -1, 6, 1), { floor }),
        ...(gallery && { gallery01: area('gallery', box(3, -2, 7, 2), gallery) }),
      },
      [0, 0],
      [10, 0],
    );
  const clear = (of: ReturnType<typeof seats>, lens: number, low: number) =>
    nearestHeads(of, lens, low, 'seatedHead', { ...friday.rules, seatedHead: 1.3 })?.clear;

  it('goes beneath a gallery that they sit on, and not through the ground', () => {
    expect(clear(seats(3, { floor: 3 }), 1.6, 1)).toBeUndefined();
    expect(clear(seats(3), 1.6, 1)).toBeCloseTo(1.24 - 4.3, 9);
    expect(clear(seats(0, { floor: 3 }), 1.6, 1)).toBeCloseTo(1.24 - 1.3, 9);
    // From above their floor to beneath it, it goes through their feet.
    expect(clear(seats(3, { floor: 3 }), 3.6, 2.4)).toBeLessThan(0);
    expect(clear(seats(2.9, { floor: 3, underside: 2.9 }), 1.6, 1)).toBeUndefined();
    expect(clear(seats(2.9, { floor: 3, underside: 2.91 }), 1.6, 1)).toBeLessThan(0);
  });
});
