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
  isRectangle,
  mirrorOver,
  moveBy,
  moved,
  nextLabel,
  OUTLINE,
  partAt,
  partSides,
  partsOf,
  removed,
  sideMeasured,
  snap,
  snapShift,
  turnAbout,
  wallSides,
  type FreshName,
  type Motion,
  type Part,
} from '../../src/drafting/index.js';
import { stAlders } from '../../src/demo/st-alders.js';
import { faultsOf, Venue, type VenueChange } from '../../src/documents/index.js';
import {
  applyPatch,
  distance,
  invertPatch,
  type MapOf,
  type Operation,
  type Point,
} from '../../src/foundations/index.js';
import {
  adoptInVenue,
  applyVenueChanges,
  changeForEvent,
  withMaps,
} from '../../src/stations/ground/venue-changes.js';
import { between } from '../arbitraries.js';

const done = (venue: Venue, patch: readonly Operation[]): Venue => applyPatch(venue, withMaps(venue, patch));
const at = (venue: Venue, path: string): Part => {
  const part = partAt(venue, path);
  if (!part) throw new Error(`no ${path}`);
  return part;
};
const PEWS = '/areas/pewsnorth';

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

describe('what an event changes', () => {
  const paths = partsOf(stAlders)
    .map(part => part.path)
    .filter(path => path !== OUTLINE);

  /** A random edit of the venue as it is seen. */
  const step = fc.record({
    kind: fc.constantFrom('move', 'remove', 'copy', 'add', 'field'),
    which: fc.nat(),
    x: between(-3, 3),
    y: between(-3, 3),
  });
  const patchOf = (
    venue: Venue,
    { kind, which, x, y }: { kind: string; which: number; x: number; y: number },
  ): Operation[] => {
    const there = partsOf(venue).filter(part => part.path !== OUTLINE);
    const part = there[which % Math.max(1, there.length)];
    const names = Object.keys(FRESH) as FreshName[];
    if (!part || kind === 'add')
      return added(venue, names[which % names.length] ?? 'mark', [x + 5, y + 5]).patch;
    if (kind === 'move') return moved(venue, [part.path], moveBy(x, y));
    if (kind === 'remove') return removed(venue, [part.path]);
    if (kind === 'copy') return [...copied(venue, [part.path], [moveBy(x, y)]).patch];
    return fieldSet(part, 'label', `renamed ${which % 7}`);
  };

  it('is seen exactly as it was edited, kept as few changes, and can be adopted whole', () => {
    fc.assert(
      fc.property(fc.array(step, { minLength: 1, maxLength: 12 }), steps => {
        let plan: { venueChanges?: MapOf<VenueChange> } = {};
        let wanted: Venue = stAlders;
        for (const each of steps) {
          const patch = patchOf(wanted, each);
          plan = applyPatch(plan, changeForEvent(stAlders, plan.venueChanges, patch));
          wanted = done(wanted, patch);
          const { venue, misfits } = applyVenueChanges(stAlders, plan.venueChanges);
          expect(misfits).toEqual([]);
          for (const part of partsOf(wanted)) expect(at(venue, part.path).record).toEqual(part.record);
          expect(partsOf(venue)).toHaveLength(partsOf(wanted).length);
        }
        const pinned = { venue: { id: 'venuetest1', revision: 1 }, ...plan };
        const [onVenue] = adoptInVenue(stAlders, pinned, Object.keys(plan.venueChanges ?? {}));
        const adopted = applyPatch(stAlders, onVenue?.patch ?? []);
        expect(partsOf(adopted).map(part => part.record)).toEqual(
          partsOf(applyVenueChanges(stAlders, plan.venueChanges).venue).map(part => part.record),
        );
      }),
      { numRuns: 60 },
    );
  });

  it('a thousand times over is undone to the very document it was', () => {
    fc.assert(
      fc.property(fc.array(step, { minLength: 1000, maxLength: 1000 }), steps => {
        let venue: Venue = stAlders;
        const back: Operation[][] = [];
        for (const each of steps) {
          const patch = withMaps(venue, patchOf(venue, each));
          back.push(invertPatch(venue, patch));
          venue = applyPatch(venue, patch);
        }
        for (const patch of back.reverse()) venue = applyPatch(venue, patch);
        expect(venue).toEqual(stAlders);
      }),
      { numRuns: 2 },
    );
  });

  it('is no change any more once it is back as surveyed', () => {
    fc.assert(
      fc.property(fc.subarray(paths, { minLength: 1 }), between(-2, 2), (some, x) => {
        const there = applyPatch(
          {},
          changeForEvent(stAlders, undefined, moved(stAlders, some, moveBy(x, 0))),
        ) as {
          venueChanges?: MapOf<VenueChange>;
        };
        const { venue } = applyVenueChanges(stAlders, there.venueChanges);
        const back = applyPatch(
          there,
          changeForEvent(stAlders, there.venueChanges, moved(venue, some, moveBy(-x, 0))),
        );
        expect(back.venueChanges ?? {}).toEqual({});
      }),
      { numRuns: 60 },
    );
  });
});
