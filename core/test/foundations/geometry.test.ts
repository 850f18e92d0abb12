/** Plane geometry against hand calculation and by its invariants. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  alongSegment,
  angleBetween,
  area,
  boundsOf,
  clipHalfPlane,
  contains,
  crossesItself,
  crossing,
  direction,
  distance,
  distanceToSegment,
  footprint,
  lengthOf,
  polar,
  sidesOf,
  stretchInside,
  type Point,
} from '../../src/foundations/geometry.js';
import { clearWidth, floorAt, floorOfArea, walkAxis } from '../../src/foundations/room.js';
import { between, pointIn, triangle } from '../arbitraries.js';

const point = pointIn(20, 20);
const degrees = between(-720, 720);

describe('directions', () => {
  it.each([
    [[1, 0], 0],
    [[0, 1], 90],
    [[-1, 0], 180],
    [[0, -1], -90],
  ] as const)('to %j is %d°, y pointing down the page', (to, angle) => {
    expect(direction([0, 0], to)).toBeCloseTo(angle, 12);
  });

  it('lead back where they came from', () => {
    fc.assert(
      fc.property(point, degrees, between(0.1, 50), (from, angle, length) => {
        const to = polar(from, angle, length);
        expect(distance(from, to)).toBeCloseTo(length, 9);
        expect(angleBetween(direction(from, to), angle)).toBeLessThan(1e-6);
      }),
    );
  });

  it('are at most 180° apart, whichever comes first, however often they turn', () => {
    expect(angleBetween(350, 10)).toBeCloseTo(20, 12);
    expect(angleBetween(-170, 170)).toBeCloseTo(20, 12);
    fc.assert(
      fc.property(degrees, degrees, (a, b) => {
        const between = angleBetween(a, b);
        expect(between).toBeGreaterThanOrEqual(0);
        expect(between).toBeLessThanOrEqual(180);
        expect(angleBetween(b, a)).toBeCloseTo(between, 9);
        expect(angleBetween(a + 360, b)).toBeCloseTo(between, 9);
      }),
    );
  });
});

describe('segments', () => {
  it('are nearest at the foot of the perpendicular, or at an end', () => {
    expect(distanceToSegment([5, 3], [0, 0], [10, 0])).toBe(3);
    expect(distanceToSegment([-3, 4], [0, 0], [10, 0])).toBe(5);
    expect(alongSegment([2.5, 9], [0, 0], [10, 0])).toBe(0.25);
    expect(distanceToSegment([3, 4], [0, 0], [0, 0])).toBe(5);
    fc.assert(
      fc.property(point, point, point, between(0, 1), (p, a, b, t) => {
        const there: Point = [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t];
        expect(distanceToSegment(p, a, b)).toBeLessThanOrEqual(distance(p, there) + 1e-9);
      }),
    );
  });

  it('cross where both lines meet', () => {
    fc.assert(
      fc.property(point, point, point, point, (a, b, c, d) => {
        const t = crossing(a, b, c, d);
        if (t === undefined) return;
        const at: Point = [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t];
        expect(distanceToSegment(at, c, d)).toBeLessThan(1e-5);
      }),
    );
  });

  it('add up to the length of a polyline', () => {
    expect(lengthOf([])).toBe(0);
    expect(
      lengthOf([
        [0, 0],
        [3, 4],
        [3, 10],
      ]),
    ).toBe(11);
  });
});

describe('polygons', () => {
  it('have the area of the shoelace, Heron’s for a triangle', () => {
    fc.assert(
      fc.property(triangle, corners => {
        const [a = 0, b = 0, c = 0] = sidesOf(corners).map(([p, q]) => distance(p, q));
        const half = (a + b + c) / 2;
        const heron = Math.sqrt(Math.max(0, half * (half - a) * (half - b) * (half - c)));
        expect(area(corners)).toBeCloseTo(heron, 4);
      }),
    );
  });

  it('contain the middle of a triangle and nothing outside their bounds', () => {
    fc.assert(
      fc.property(triangle, point, (corners, at) => {
        fc.pre(area(corners) > 1e-3);
        const middle: Point = [
          corners.reduce((sum, [x]) => sum + x / 3, 0),
          corners.reduce((sum, [, y]) => sum + y / 3, 0),
        ];
        expect(contains(corners, middle)).toBe(true);
        const { min, max } = boundsOf(corners);
        if (at[0] < min[0] - 1e-9 || at[0] > max[0] + 1e-9 || at[1] < min[1] - 1e-9 || at[1] > max[1] + 1e-9)
          expect(contains(corners, at)).toBe(false);
      }),
    );
  });

  it('are cut in two by a line, and the parts make up the whole', () => {
    fc.assert(
      fc.property(triangle, point, point, (corners, a, b) => {
        fc.pre(distance(a, b) > 0.1);
        const parts = area(clipHalfPlane(corners, a, b)) + area(clipHalfPlane(corners, b, a));
        expect(parts).toBeCloseTo(area(corners), 6);
      }),
    );
  });

  it('hold the stretch of a line that sampling finds inside', () => {
    fc.assert(
      fc.property(triangle, point, point, (corners, a, b) => {
        fc.pre(area(corners) > 0.5 && distance(a, b) > 0.5);
        const stretch = stretchInside(corners, a, b);
        for (let i = 1; i < 200; i++) {
          const t = i / 200;
          const inside = contains(corners, [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t]);
          if (inside) {
            expect(stretch).toBeDefined();
            expect(t).toBeGreaterThan((stretch?.[0] ?? 1) - 1e-6);
            expect(t).toBeLessThan((stretch?.[1] ?? 0) + 1e-6);
          }
        }
      }),
    );
  });
});

describe('an outline', () => {
  /** Corners on a circle in order of their angles: never crossing. */
  const convex = fc
    .uniqueArray(fc.integer({ min: 0, max: 359 }), { minLength: 4, maxLength: 12 })
    .map(angles => angles.sort((a, b) => a - b).map(angle => polar([10, 10], angle, 8)));

  it('with its corners in order does not cross itself; with two neighbours exchanged it does', () => {
    fc.assert(
      fc.property(convex, fc.nat(), (ring, n) => {
        expect(crossesItself(ring)).toBe(false);
        const i = n % ring.length;
        const j = (i + 1) % ring.length;
        const exchanged = ring.with(i, ring[j] as Point).with(j, ring[i] as Point);
        expect(crossesItself(exchanged)).toBe(true);
      }),
    );
  });

  it('of three corners cannot cross', () => {
    fc.assert(
      fc.property(triangle, ring => {
        expect(crossesItself(ring)).toBe(false);
      }),
    );
  });
});

describe('footprints', () => {
  it('of a square pillar have its side, of a round one its diameter', () => {
    expect(area(footprint([5, 5], 0.8, false))).toBeCloseTo(0.64, 12);
    // A 16-gon in a circle: 16/2 · r² · sin 22.5°.
    expect(area(footprint([5, 5], 0.8, true))).toBeCloseTo(8 * 0.16 * Math.sin(Math.PI / 8), 12);
    for (const corner of footprint([5, 5], 0.8, true)) expect(distance(corner, [5, 5])).toBeCloseTo(0.4, 12);
  });
});

describe('the floor', () => {
  const square = (x: number, size: number): Point[] => footprint([x, 0], size, false);
  const areas = {
    stage: { kind: 'raised', outline: square(0, 4), floor: 0.6 },
    riser: { kind: 'raised', outline: square(0, 2), floor: 0.9 },
    pit: { kind: 'raised', outline: square(10, 2), floor: -0.5 },
    gallery: { kind: 'gallery', outline: square(0, 4), floor: 3.1 },
    pews: { kind: 'seating', outline: square(20, 4), floor: 0.2 },
  };

  it('is the highest raised area there, a pit’s where there is one, else zero', () => {
    expect(floorAt(areas, [1.5, 0])).toBe(0.6);
    expect(floorAt(areas, [0.5, 0])).toBe(0.9);
    expect(floorAt(areas, [10, 0])).toBe(-0.5);
    expect(floorAt(areas, [20, 0])).toBe(0);
  });

  it('is the gallery’s only for what stands on it', () => {
    expect(floorAt(areas, [0.5, 0], 'gallery')).toBe(3.1);
    expect(floorAt(areas, [0.5, 0], 'nosuchlevel')).toBe(0.9);
  });
});

describe('a raked floor', () => {
  const outline: Point[] = [
    [2, 0],
    [12, 0],
    [12, 6],
    [2, 6],
  ];

  it('rises evenly from its lowest edge', () => {
    const area = { outline, floor: 0.2, rake: { rise: 1.5, towards: 180 } };
    // Rising to the west: 0.2 at x = 12, 1.7 at x = 2, and 0.2 + 1.5 · (12 − 8)/10 = 0.8 at x = 8.
    expect(floorOfArea(area, [12, 3])).toBeCloseTo(0.2, 12);
    expect(floorOfArea(area, [2, 3])).toBeCloseTo(1.7, 12);
    expect(floorOfArea(area, [8, 1])).toBeCloseTo(0.8, 12);
    expect(floorAt({ tiers: { ...area, kind: 'raised' } }, [8, 1])).toBeCloseTo(0.8, 12);
    expect(floorOfArea({ outline, floor: 0.2 }, [8, 1])).toBe(0.2);
  });
});

describe('an aisle', () => {
  it('is as wide as its narrowest side lets it, whichever way it runs', () => {
    const slanting = footprint([0, 0], 1, false, 30).map(([x, y]): Point => [x, y]);
    // A unit square turned by 30°, and a 10 × 1.2 m strip turned by 45°.
    expect(clearWidth({ outline: slanting })).toBeCloseTo(1, 9);
    const half = Math.SQRT1_2;
    const strip = (
      [
        [0, 0],
        [10, 0],
        [10, 1.2],
        [0, 1.2],
      ] satisfies Point[]
    ).map(([x, y]): Point => [(x - y) * half, (x + y) * half]);
    expect(clearWidth({ outline: strip })).toBeCloseTo(1.2, 9);
    expect(clearWidth({ outline: strip, walk: 'x' })).toBeGreaterThan(7);
    expect(walkAxis({ outline: slanting })).toBe('x');
  });
});
