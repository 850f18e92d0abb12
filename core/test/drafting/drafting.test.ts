/** Drawing in a venue: motions, copies, corners, snapping, and what an event keeps of all that. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  added,
  arrayMotions,
  copied,
  cornerAdded,
  cornerMoved,
  cornerRemoved,
  fieldSet,
  FRESH,
  mirrorOver,
  moveBy,
  moved,
  nextLabel,
  OUTLINE,
  partAt,
  partPut,
  partSides,
  partsOf,
  pulledCorners,
  removed,
  sideMeasured,
  sideNames,
  turnAbout,
  type FreshName,
  type Motion,
  type Part,
} from '../../src/drafting/index.js';
import { stAlders } from '../../src/demo/st-alders.js';
import { faultsOf, Venue } from '../../src/documents/index.js';
import { applyPatch, distance, isRectangle, type Operation } from '../../src/foundations/index.js';
import { withMaps } from '../../src/stations/ground/venue-changes.js';
import { between } from '../arbitraries.js';

const done = (venue: Venue, patch: readonly Operation[]): Venue => applyPatch(venue, withMaps(venue, patch));
const at = (venue: Venue, path: string): Part => {
  const part = partAt(venue, path);
  if (!part) throw new Error(`no ${path}`);
  return part;
};
const PEWS = '/areas/pewsnorth';

describe('one pull', () => {
  it('draws a rectangle from whatever corner it began at, a line from end to end, and puts nothing down', () => {
    const box = [
      [1, 2],
      [4, 2],
      [4, 3.5],
      [1, 3.5],
    ];
    for (const [from, to] of [
      [box[0], box[2]],
      [box[1], box[3]],
      [box[2], box[0]],
    ] as [[number, number], [number, number]][])
      expect(pulledCorners('seats', from, to)).toEqual(box);
    expect(pulledCorners('wall', [4, 1], [1, 1])).toEqual([
      [4, 1],
      [1, 1],
    ]);
    expect(pulledCorners('pillar', [0, 0], [3, 3])).toBeUndefined();
  });

  it('that leaves less than 5 cm was a slip', () => {
    expect(pulledCorners('stage', [0, 0], [3, 0.049])).toBeUndefined();
    expect(pulledCorners('stage', [0, 0], [3, 0.05])).toHaveLength(4);
    expect(pulledCorners('wall', [0, 0], [0.03, 0.03])).toBeUndefined();
    expect(pulledCorners('wall', [0, 0], [0.03, 0.04])).toHaveLength(2);
  });
});

describe('a motion', () => {
  it('turns clockwise on the page, quarter turns exactly', () => {
    expect(turnAbout([0, 0], 90).point([2, 1])).toEqual([-1, 2]);
    expect(turnAbout([1, 1], 180).point([2, 1])).toEqual([0, 1]);
    const [x, y] = turnAbout([0, 0], 30).point([2, 0]);
    expect([x, y]).toEqual([expect.closeTo(1.7320508, 6), expect.closeTo(1, 9)]);
    expect(turnAbout([0, 0], 30).direction(170)).toBe(-160);
  });

  it('mirrors points, directions and the side a door opens to', () => {
    expect(mirrorOver('x', 10).point([4, 3])).toEqual([16, 3]);
    expect(mirrorOver('x', 10).direction(30)).toBe(150);
    expect(mirrorOver('y', 5).direction(30)).toBe(-30);
    const door = added(stAlders, 'door', [10, 15]);
    const venue = done(stAlders, door.patch);
    const after = done(venue, moved(venue, [door.path], mirrorOver('x', 10)));
    expect(at(after, door.path).record.opens).toBe('right');
  });

  it('keeps every distance, and is undone by its inverse', () => {
    const all = partsOf(stAlders).map(part => part.path);
    const motions: fc.Arbitrary<[Motion, Motion]> = fc.oneof(
      fc
        .tuple(between(-40, 40), between(-40, 40))
        .map(([x, y]): [Motion, Motion] => [moveBy(x, y), moveBy(-x, -y)]),
      fc
        .integer({ min: -3, max: 3 })
        .map((n): [Motion, Motion] => [turnAbout([3, 4], n * 90), turnAbout([3, 4], -n * 90)]),
      fc
        .tuple(fc.constantFrom('x' as const, 'y' as const), between(-9, 9))
        .map(([axis, line]): [Motion, Motion] => [mirrorOver(axis, line), mirrorOver(axis, line)]),
    );
    fc.assert(
      fc.property(motions, fc.subarray(all, { minLength: 1 }), ([there, back], paths) => {
        const away = done(stAlders, moved(stAlders, paths, there));
        for (const path of paths) {
          const [before, after] = [at(stAlders, path), at(away, path)];
          before.points.forEach((point, i) => {
            const next = before.points[(i + 1) % before.points.length] ?? point;
            const moved_ = after.points[(i + 1) % after.points.length] ?? point;
            expect(distance(after.points[i] ?? point, moved_)).toBeCloseTo(distance(point, next), 2);
          });
        }
        const home = done(away, moved(away, paths, back));
        for (const path of paths) expect(at(home, path).points).toEqual(at(stAlders, path).points);
      }),
      { numRuns: 60 },
    );
  });

  it('turns what has a direction: facing, rake, the walk of an aisle, a square pillar', () => {
    const raked = done(stAlders, fieldSet(at(stAlders, PEWS), 'rake/rise', 0.5));
    expect(at(raked, PEWS).record.rake).toEqual({ rise: 0.5, towards: 0 });
    const paths = [PEWS, '/areas/aislecent', '/marks/marklecte', '/pillars/pillarn01'];
    const lectern = Object.keys(stAlders.marks ?? {})[0] ?? '';
    const turned = done(
      raked,
      moved(raked, [...paths.slice(0, 2), `/marks/${lectern}`, paths[3] ?? ''], turnAbout([10, 8], 90)),
    );
    expect(at(turned, PEWS).record.rake).toEqual({ rise: 0.5, towards: 90 });
    expect(at(turned, '/areas/aislecent').record.walk).toBe('y');
    const facing = stAlders.marks?.[lectern]?.facing ?? NaN;
    expect(Math.cos(((turned.marks?.[lectern]?.facing ?? NaN) * Math.PI) / 180)).toBeCloseTo(
      Math.cos(((facing + 90) * Math.PI) / 180),
      9,
    );
    expect(turned.pillars?.pillarn01).not.toHaveProperty('turn');
    const slanted = done(
      raked,
      moved(
        raked,
        paths.filter(path => !path.startsWith('/marks')),
        turnAbout([10, 8], 30),
      ),
    );
    expect(slanted.pillars?.pillarn01?.turn).toBe(30);
    expect(at(slanted, '/areas/aislecent').record).not.toHaveProperty('walk');
  });

  it('leaves what is locked', () => {
    const locked = done(stAlders, fieldSet(at(stAlders, PEWS), 'locked', true));
    expect(moved(locked, [PEWS], moveBy(1, 0))).toEqual([]);
    expect(removed(locked, [PEWS, OUTLINE])).toEqual([]);
    expect(cornerMoved(at(locked, PEWS), 0, [0, 0])).toEqual([]);
  });
});

describe('copies', () => {
  it('are named on, ordered on, unlocked, and stand where the array says', () => {
    expect(nextLabel('N4', new Set(['N4', 'N5']))).toBe('N6');
    expect(nextLabel('bay 09', new Set())).toBe('bay 10');
    expect(nextLabel('pew', new Set(['pew']))).toBe('pew 2');
    const { patch, paths } = copied(stAlders, ['/pillars/pillarn04'], arrayMotions(3, 2, [2, 1]));
    const venue = done(stAlders, patch);
    expect(paths.map(path => at(venue, path).points[0])).toEqual(
      // N4 stands at (16.3, 3.2).
      [
        [18.3, 3.2],
        [20.3, 3.2],
        [16.3, 4.2],
        [18.3, 4.2],
        [20.3, 4.2],
      ],
    );
    expect(paths.map(path => at(venue, path).label)).toEqual(['N5', 'N6', 'N7', 'N8', 'N9']);
    expect(faultsOf(Venue, venue)).toEqual([]);
    const sockets = Object.keys(stAlders.sockets ?? {}).map(id => `/sockets/${id}`);
    const more = done(stAlders, copied(stAlders, sockets, [moveBy(0.1, 0), moveBy(0.2, 0)]).patch);
    const orders = Object.values(more.sockets ?? {}).map(socket => socket.order);
    expect(new Set(orders).size).toBe(orders.length);
    expect(faultsOf(Venue, more)).toEqual([]);
  });
});

describe('something new', () => {
  it('of every kind makes a valid venue, however often', () => {
    const names = Object.keys(FRESH) as FreshName[];
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...names), between(0, 20), between(0, 15)), { maxLength: 30 }),
        list => {
          let venue: Venue = stAlders;
          for (const [name, x, y] of list) venue = done(venue, added(venue, name, [x, y]).patch);
          expect(faultsOf(Venue, venue)).toEqual([]);
          expect(partsOf(venue)).toHaveLength(partsOf(stAlders).length + list.length);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('that belongs in a wall is put there', () => {
    const socket = added(stAlders, 'socket', [5.2, 14.1]);
    expect(at(done(stAlders, socket.patch), socket.path).points).toEqual([[5.2, 15.4]]);
    const door = added(stAlders, 'exit', [0.3, 15]);
    // 1.6 m in the west wall, as near to its end as it fits.
    expect(
      at(done(stAlders, door.patch), door.path)
        .points.map(([, y]) => y)
        .sort((a, b) => a - b),
    ).toEqual([13.8, 15.4]);
  });
});

describe('corners and sides', () => {
  const pews = at(stAlders, PEWS);

  it('keep a rectangle one when a side is measured', () => {
    const longer = at(done(stAlders, sideMeasured(pews, 0, 11)), PEWS);
    expect(isRectangle(longer.points)).toBe(true);
    expect(partSides(longer).map(([a, b]) => Math.round(distance(a, b) * 1000) / 1000)).toEqual([
      11, 3, 11, 3,
    ]);
    expect(longer.points[0]).toEqual(pews.points[0]);
    expect(sideMeasured(pews, 0, 0)).toEqual([]);
    expect(sideMeasured(pews, 9, 2)).toEqual([]);
  });

  it('move only the end of a side of anything else', () => {
    const bent = at(done(stAlders, cornerMoved(pews, 2, [15, 8])), PEWS);
    const measured = at(
      done(stAlders, [...cornerMoved(pews, 2, [15, 8]), ...sideMeasured(bent, 0, 12)]),
      PEWS,
    );
    expect(measured.points).toEqual([bent.points[0], [16.2, 3.9], ...bent.points.slice(2)]);
  });

  it('are named by where they lie, and go along when the first corner is put elsewhere', () => {
    expect(sideNames(pews)).toEqual(['north side', 'east side', 'south side', 'west side']);
    const five = at(done(stAlders, cornerAdded(pews, 1)), PEWS);
    expect(sideNames(five)).toEqual(['north side', 'east side 1', 'east side 2', 'south side', 'west side']);
    expect(
      sideNames({
        points: [
          [0, 0],
          [3, 0],
          [3, 2],
        ],
        closed: false,
      }),
    ).toEqual(['towards east', 'towards south']);
    const put = at(done(stAlders, partPut(pews, [5, 3.5])), PEWS);
    expect(put.points).toEqual(pews.points.map(([x, y]) => [x + 0.8, Math.round((y - 0.4) * 1000) / 1000]));
  });

  it('of faces go to the usual height of who sits or stands, unless they were measured', () => {
    const lectern = at(stAlders, '/marks/marklecte');
    const seated = at(done(stAlders, fieldSet(lectern, 'posture', 'seated')), lectern.path);
    expect(seated.record).toMatchObject({ posture: 'seated', height: 1.25 });
    const tables = at(stAlders, '/marks/marktable');
    expect(fieldSet(tables, 'posture', 'seated')).toEqual([
      { op: 'add', path: '/marks/marktable/posture', value: 'seated' },
    ]);
    expect(fieldSet(lectern, 'posture', undefined)).toEqual([
      { op: 'remove', path: '/marks/marklecte/posture' },
    ]);
  });

  it('are added in the middle and taken out down to three', () => {
    const five = at(done(stAlders, cornerAdded(pews, 3)), PEWS);
    expect(five.points[4]).toEqual([4.2, 5.4]);
    const four = at(done(stAlders, cornerRemoved(five, 4)), PEWS);
    expect(four.points).toEqual(pews.points);
    const three = at(done(stAlders, cornerRemoved(four, 0)), PEWS);
    expect(cornerRemoved(three, 0)).toEqual([]);
  });

  it('set, nest and clear fields', () => {
    const desk = at(stAlders, '/areas/nofilmkid');
    const asked = at(done(stAlders, fieldSet(desk, 'card/buses', '2 free')), desk.path);
    expect(asked.record.card).toEqual({ buses: '2 free' });
    expect(fieldSet(asked, 'card/buses', undefined)).toEqual([
      { op: 'remove', path: '/areas/nofilmkid/card' },
    ]);
    expect(fieldSet(desk, 'card/buses', undefined)).toEqual([]);
    expect(fieldSet(desk, 'top', undefined)).toEqual([]);
  });
});
