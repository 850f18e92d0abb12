/** What a lens sees: by hand, and against rays cast at every face without sorting anything. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fridayBundle } from '../../src/demo/index.js';
import type { Pillar, Venue } from '../../src/documents/index.js';
import { inOrder } from '../../src/foundations/index.js';
import {
  floorFaces,
  peopleInSeats,
  personBoards,
  PICTURE,
  pictureOf,
  projector,
  roomInSpace,
  spaceOf,
  standBoards,
  type Drawn,
  type Face,
  type Lens,
  type OnPicture,
  type Place3,
} from '../../src/viewfinder/index.js';
import { between, pointIn } from '../arbitraries.js';

const RADIANS = Math.PI / 180;
const { venue: church, rules } = fridayBundle();

/** Even-odd rule on any two coordinates. */
function inside(
  corners: readonly (readonly number[])[],
  a: number,
  b: number,
  x: number,
  y: number,
): boolean {
  let odd = false;
  for (let i = 0, j = corners.length - 1; i < corners.length; j = i++) {
    const [p, q] = [corners[i] as readonly number[], corners[j] as readonly number[]];
    const [py, qy, px, qx] = [p[b] as number, q[b] as number, p[a] as number, q[a] as number];
    if (py > y !== qy > y && x < ((qx - px) * (y - py)) / (qy - py) + px) odd = !odd;
  }
  return odd;
}

/** How far along a ray a face is hit: its plane by three corners, its inside on the two axes it spreads most over. */
function hit(face: Face, eye: Place3, ray: Place3): number {
  const [a, b, c] = face.corners as [Place3, Place3, Place3];
  const [u, v] = [0, 1].map(k => [0, 1, 2].map(i => ((k === 0 ? b : c)[i] as number) - (a[i] as number)));
  const [u0 = 0, u1 = 0, u2 = 0] = u ?? [];
  const [v0 = 0, v1 = 0, v2 = 0] = v ?? [];
  const normal = [u1 * v2 - u2 * v1, u2 * v0 - u0 * v2, u0 * v1 - u1 * v0];
  const towards = normal.reduce((sum, n, i) => sum + n * (ray[i] as number), 0);
  if (Math.abs(towards) < 1e-12) return Infinity;
  const off = normal.reduce((sum, n, i) => sum + n * ((a[i] as number) - (eye[i] as number)), 0);
  const t = off / towards;
  if (t < 0.05) return Infinity;
  const at = eye.map((e, i) => e + t * (ray[i] as number));
  const widest = normal.map(Math.abs).indexOf(Math.max(...normal.map(Math.abs)));
  const [p, q] = [0, 1, 2].filter(i => i !== widest) as [number, number];
  return inside(face.corners, p, q, at[p] as number, at[q] as number) ? t : Infinity;
}

/** The way from a lens through a point of its picture. */
function rayThrough({ aim, tilt, focal, width }: Lens, [x, y]: OnPicture): Place3 {
  const across = ((x / PICTURE.width - 0.5) * width) / focal;
  const up = ((0.5 - y / PICTURE.height) * width * 9) / 16 / focal;
  const [ca, sa] = [Math.cos(aim * RADIANS), Math.sin(aim * RADIANS)];
  const [ct, st] = [Math.cos(tilt * RADIANS), Math.sin(tilt * RADIANS)];
  return [ca * ct - sa * across - ca * st * up, sa * ct + ca * across - sa * st * up, st + ct * up];
}

const topmost = (drawn: readonly Drawn[], [x, y]: OnPicture): string =>
  drawn.findLast(({ corners }) => inside(corners, 0, 1, x, y))?.of ?? 'nothing';

function nearest(faces: readonly Face[], lens: Lens, at: OnPicture): string {
  const ray = rayThrough(lens, at);
  let [best, of] = [Infinity, 'nothing'];
  for (const face of faces) {
    const t = hit(face, lens.eye, ray);
    if (t < best) [best, of] = [t, face.of];
  }
  return of;
}

const lens = fc.record({
  eye: fc
    .tuple(pointIn(19, 8), between(0.5, 3))
    .map(([[x, y], z]): Place3 => [x + 0.53, y + 3.61, z + 0.0007]),
  aim: between(-180, 180),
  tilt: between(-25, 20),
  focal: between(5, 60),
  width: fc.constant(13.2),
});
const spots = fc.array(fc.tuple(between(1, PICTURE.width - 1), between(1, PICTURE.height - 1)), {
  minLength: 12,
  maxLength: 12,
});
/** Pillars, an inner wall, seats and people thrown into the church. */
const furnished = fc
  .record({
    pillars: fc.array(pointIn(19, 14), { maxLength: 6 }),
    wall: fc.tuple(pointIn(19, 14), pointIn(19, 14)),
  })
  .map(({ pillars, wall }): Venue => {
    const more = pillars.map((at, i): [string, Pillar] => [
      `extrapill${i}`,
      { label: `X${i}`, at, size: 0.5, round: i % 2 === 0, turn: i * 17 },
    ]);
    return {
      ...church,
      pillars: { ...church.pillars, ...Object.fromEntries(more) },
      walls: { innerwall1: { label: 'screen', line: [...wall] } },
    };
  });

describe('a viewfinder picture', () => {
  it('has what a lens looks at in its middle, and a metre as large as the thin lens says', () => {
    const at = projector({ eye: [0, 0, 1.5], aim: 30, tilt: 0, focal: 26.4, width: 13.2 });
    const away = (metres: number, side: number): Place3 => {
      const [c, s] = [Math.cos(30 * RADIANS), Math.sin(30 * RADIANS)];
      return [c * metres - s * side, s * metres + c * side, 1.5];
    };
    expect(at(away(8, 0))[0]).toBeCloseTo(800, 9);
    expect(at(away(8, 0))[1]).toBeCloseTo(450, 9);
    // W = w·d/f = 13.2·8/26.4 = 4 m across the picture: a metre to the right is a quarter of its width.
    expect(at(away(8, 1))[0]).toBeCloseTo(1200, 9);
    expect(at([...away(8, 0).slice(0, 2), 2.5] as unknown as Place3)[1]).toBeCloseTo(450 - 400, 9);
  });

  it('tilted down by 10° puts its horizon above the middle by f·tan 10°', () => {
    const at = projector({ eye: [0, 0, 2], aim: 0, tilt: -10, focal: 13.2, width: 13.2 });
    expect(at([1e6, 0, 2])[1]).toBeCloseTo(450 - 1600 * Math.tan(10 * RADIANS), 3);
  });

  it('shows the nearest thing wherever a ray says so: 200 views of 20 furnished churches', () => {
    let [same, seen] = [0, 0];
    fc.assert(
      fc.property(
        furnished,
        fc.array(fc.tuple(lens, spots), { minLength: 10, maxLength: 10 }),
        fc.constantFrom('seated' as const, 'standing' as const),
        (venue, views, posture) => {
          const room = roomInSpace(venue);
          const space = spaceOf(room);
          for (const [view, points] of views) {
            const boards = [
              ...peopleInSeats(venue, rules, posture).flatMap(each => personBoards(each, view.aim)),
              ...inOrder(venue.marks).flatMap(([id, { at }]) =>
                standBoards({ of: `marks/${id}`, at, floor: 0, top: 1.5 }, view.aim),
              ),
            ];
            const drawn = pictureOf(view, space, boards, floorFaces(venue).slice(0, 1));
            const all = [...floorFaces(venue).slice(0, 1), ...room, ...boards];
            seen += points.length;
            same += points.filter(at => topmost(drawn, at) === nearest(all, view, at)).length;
          }
        },
      ),
      { numRuns: 20, endOnFailure: true },
    );
    expect(seen).toBe(200 * 12);
    expect(same / seen).toBeGreaterThan(0.99);
  });

  it('gives back, cut or not, only what lies within its edges', () => {
    const space = spaceOf(roomInSpace(church));
    fc.assert(
      fc.property(lens, view => {
        const drawn = pictureOf(view, space, [], floorFaces(church));
        for (const { corners, edges, depth } of drawn) {
          expect(edges).toHaveLength(corners.length);
          expect(depth).toBeGreaterThan(0);
          for (const [x, y] of corners) {
            expect(x).toBeGreaterThan(-1e-3);
            expect(x).toBeLessThan(PICTURE.width + 1e-3);
            expect(y).toBeGreaterThan(-1e-3);
            expect(y).toBeLessThan(PICTURE.height + 1e-3);
          }
        }
      }),
      { numRuns: 50, endOnFailure: true },
    );
  });
});
