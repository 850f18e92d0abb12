import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { partAt, snap, snapShift, stepsIn, wallSides, type Part } from '../../src/drafting/index.js';
import { stAlders } from '../../src/demo/st-alders.js';
import { type Venue } from '../../src/documents/index.js';
import { distance, type Point } from '../../src/foundations/index.js';
import { between } from '../arbitraries.js';
const at = (venue: Venue, path: string): Part => {
  const part = partAt(venue, path);
  if (!part) throw new Error(`no ${path}`);
  return part;
};
const PEWS = '/areas/pewsnorth';

describe('snapping', () => {
  const walls = wallSides(stAlders);
  const to = { walls, grid: 0.1, reach: 0.3 };

  it('draws to a corner first, then a wall on the grid, else the grid', () => {
    expect(snap([19.9, 0.2], to)).toEqual({ at: [20, 0], because: 'corner' });
    expect(snap([7.234, 0.2], to)).toEqual({ at: [7.2, 0], because: 'wall' });
    expect(snap([7.234, 2.271], to)).toEqual({ at: [7.2, 2.3], because: 'grid' });
    expect(snap([7.234, 2.271], { ...to, grid: 0 })).toEqual({ at: [7.234, 2.271], because: undefined });
  });

  it('draws to right angles with the sides next to it, and to where two of them meet', () => {
    const joined = [{ end: [5, 5] as Point, before: [5, 9] as Point }, { end: [9, 8] as Point }];
    expect(snap([8.9, 5.2], { ...to, joined })).toEqual({ at: [9, 5], because: 'right angle' });
    expect(snap([7.04, 5.2], { ...to, joined })).toEqual({ at: [7, 5], because: 'right angle' });
    const slanting = [{ end: [5, 5] as Point, before: [4, 4] as Point }];
    expect(snap([6.98, 3.05], { ...to, grid: 0, joined: slanting }).at).toEqual([
      expect.closeTo(6.965, 3),
      expect.closeTo(3.035, 3),
    ]);
  });

  it('never goes farther than it reaches, but to the grid', () => {
    fc.assert(
      fc.property(between(-2, 30), between(-2, 18), between(0.05, 1), (x, y, reach) => {
        const { at: there, because } = snap([x, y], { walls, grid: 0.1, reach });
        const most = because === 'grid' ? 0.0708 : reach + 0.051;
        expect(distance([x, y], there)).toBeLessThanOrEqual(most);
      }),
    );
  });

  it('of a whole shape touches the wall with its nearest corner', () => {
    const pews = at(stAlders, PEWS);
    const { shift, because } = snapShift(pews.points, [-4.04, 0.03], to);
    expect(because).toBe('wall');
    expect((pews.points[0]?.[0] ?? 0) + shift[0]).toBeCloseTo(0, 9);
    expect(snapShift(pews.points, [0.04, 0.06], { ...to, walls: [] }).shift).toEqual([0, 0.1]);
  });
});

describe('a press of an arrow key', () => {
  it('goes a tenth of a metre or four inches, with Shift a metre or three feet', () => {
    expect(stepsIn('metric')).toEqual({ near: 0.1, far: 1 });
    const { near, far } = stepsIn('imperial');
    expect([near / 0.0254, far / 0.3048]).toEqual([expect.closeTo(4, 9), expect.closeTo(3, 9)]);
  });
});
