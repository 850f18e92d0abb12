/** What things look like from above, and the same on paper: by hand, and what holds for anything drawn. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fridayBundle, weekendVenues } from '../../src/demo/index.js';
import type { Area, Door, Venue } from '../../src/documents/index.js';
import { inkOf, namesOnPaper, svgOf } from '../../src/exchange/index.js';
import { applyPatch, boundsOf, distance, inOrder, type Point } from '../../src/foundations/index.js';
import { moved, turnAbout } from '../../src/drafting/index.js';
import {
  doorLeaf,
  rowCount,
  screenEdge,
  seatRows,
  signsPath,
  SIGNS,
  spacingFor,
  treads,
  whyNoRows,
} from '../../src/plan-picture/index.js';
import { between, pointIn } from '../arbitraries.js';

const { venue: church } = fridayBundle();
const grange = weekendVenues.venuegrange1 as Venue;
const reading = { system: 'metric', zone: 'UTC' } as const;

const door = fc.record({
  jambs: fc.tuple(pointIn(20, 20), pointIn(20, 20)).filter(([a, b]) => distance(a, b) > 0.3),
  hinge: fc.constantFrom('first' as const, 'second' as const),
  opens: fc.constantFrom('left' as const, 'right' as const),
});

describe('a door', () => {
  const swung = (jambs: Point[], hinge: 'first' | 'second', opens: 'left' | 'right') =>
    doorLeaf({ label: 'door', kind: 'inner', height: 2, jambs, hinge, opens });

  it('in a north wall, hung west and opening south into the room, as drawn by hand', () => {
    // From west to east, the right hand is south: y grows down the page.
    const leaf = swung(
      [
        [2, 0],
        [3, 0],
      ],
      'first',
      'right',
    );
    expect(leaf).toMatchObject({ hung: [2, 0], shut: [3, 0], width: 1, clockwise: true });
    expect(leaf?.open).toEqual([2, 1]);
  });

  it('stands open at a right angle, as wide as it is shut, on the side it opens to', () => {
    fc.assert(
      fc.property(door, ({ jambs, hinge, opens }) => {
        const leaf = swung([...jambs], hinge, opens);
        if (!leaf) throw new Error('it does not swing');
        const { hung, open, shut, width } = leaf;
        expect(distance(hung, open)).toBeCloseTo(width, 9);
        const [ax, ay] = [open[0] - hung[0], open[1] - hung[1]];
        expect(ax * (shut[0] - hung[0]) + ay * (shut[1] - hung[1])).toBeCloseTo(0, 6);
        const [[fx, fy], [tx, ty]] = jambs;
        const cross = (tx - fx) * ay - (ty - fy) * ax;
        expect(cross > 0).toBe(opens === 'right');
      }),
    );
  });

  it('that does not swing has no leaf', () => {
    const shut: Door = {
      label: 'exit',
      kind: 'exit',
      height: 2,
      jambs: [
        [0, 0],
        [1, 0],
      ],
    };
    expect(doorLeaf(shut)).toBeUndefined();
  });
});

describe('seats, stairs and screens', () => {
  const block = (width: number, rowSpacing: number) => ({
    label: 'pews',
    kind: 'seating' as const,
    rowSpacing,
    outline: [
      [1, 1],
      [1 + width, 1],
      [1 + width, 4],
      [1, 4],
    ] satisfies Point[],
  });

  it('have as many rows as fit, each inside its block', () => {
    expect(seatRows(block(9.8, 0.95))).toHaveLength(10);
    expect(seatRows(block(0.95, 0.95))).toHaveLength(1);
    fc.assert(
      fc.property(between(1, 30), between(0.6, 2), (width, spacing) => {
        for (const row of seatRows(block(width, spacing))) {
          const { min, max } = boundsOf(row);
          expect(min[0]).toBeGreaterThanOrEqual(1);
          expect(max[0]).toBeLessThanOrEqual(1 + width + 0.42);
          expect([min[1], max[1]]).toEqual([1, 4]);
        }
      }),
    );
  });

  it('that stand askew are drawn as a block', () => {
    const askew = {
      ...block(4, 1),
      outline: [
        [1, 1],
        [5, 1.2],
        [5, 4],
        [1, 4],
      ] satisfies Point[],
    };
    expect(seatRows(askew)).toEqual([]);
    expect(whyNoRows(askew)).toContain('four square corners');
    expect(whyNoRows(block(0.9, 0.95))).toContain('less deep than one row');
    expect(whyNoRows(block(0.95, 0.95))).toBeUndefined();
  });

  it('turn with their block, whichever way it is turned', () => {
    const pews = '/areas/pewsnorth';
    const before = seatRows(church.areas?.pewsnorth as Area);
    expect(before).toHaveLength(10);
    fc.assert(
      fc.property(between(-44, 44), fc.integer({ min: 0, max: 3 }), (slant, quarters) => {
        const degrees = quarters * 90 + (quarters === 0 ? slant : 0);
        const turn = turnAbout([9, 5], degrees);
        const { areas } = applyPatch(church, moved(church, [pews], turn));
        const rows = seatRows(areas?.pewsnorth as Area);
        expect(rows).toHaveLength(10);
        // The same length across, and every middle where the turn takes that of a row, counted from either end.
        const size = (row: Point[]) => [0, 1].map(i => distance(row[i] as Point, row[i + 1] as Point));
        for (const row of rows) expect(size(row)[1]).toBeCloseTo(3, 2);
        const gap = distance(rows[0]?.[0] as Point, rows[1]?.[0] as Point);
        expect(gap).toBeCloseTo(0.95, 2);
        const across = (row: Point[]) => [row[3], row[0]] as [Point, Point];
        const [a, b] = across(rows[0] as Point[]);
        const [c, d] = across(before[0] as Point[]).map(turn.point) as [Point, Point];
        const cosine =
          ((b[0] - a[0]) * (d[0] - c[0]) + (b[1] - a[1]) * (d[1] - c[1])) / (distance(a, b) * distance(c, d));
        expect(Math.abs(cosine)).toBeCloseTo(1, 3);
      }),
    );
  });

  it('close up so that as many fit as are asked for', () => {
    fc.assert(
      fc.property(between(2, 30), fc.integer({ min: 1, max: 20 }), (depth, rows) => {
        const spacing = spacingFor(depth, rows);
        fc.pre(spacing >= 0.5 && spacing <= 3);
        expect(rowCount(block(depth, spacing))).toBe(rows);
      }),
    );
  });

  it('have a tread every 30 cm between foot and head', () => {
    const stairs = {
      label: 'stairs',
      outline: [
        [0, 0],
        [1.2, 0],
        [1.2, 1],
        [0, 1],
      ] satisfies Point[],
    };
    expect(treads(stairs).map(([[x]]) => Math.round(x * 100) / 100)).toEqual([0.3, 0.6, 0.9]);
  });

  it('turn their width square to where they face', () => {
    const [a, b] = screenEdge({ label: 's', order: '1', at: [5, 5], width: 2, height: 1, facing: 0 });
    expect([a[0], b[0]].map(x => Math.round(x * 1e6) / 1e6)).toEqual([5, 5]);
    expect(distance(a, b)).toBeCloseTo(2, 9);
  });
});

describe('on paper', () => {
  it.each([
    ['St Alder’s', church],
    ['the grange', grange],
  ])('%s shows a gap for every door and names every mark, exit and area of no film', (_, venue) => {
    const white = inkOf(venue, 100).filter(({ colour }) => colour === 'white');
    expect(white.length).toBeGreaterThanOrEqual(inOrder(venue.doors).length);
    const names = namesOnPaper(venue, 100, reading).ground.map(({ text }) => text);
    for (const [, { label }] of inOrder(venue.marks)) expect(names).toContain(label);
    for (const [, { kind, label }] of inOrder(venue.doors)) {
      if (kind === 'fire') expect(names).toContain(`fire exit · ${label}`);
    }
    for (const [, { kind, label }] of inOrder(venue.areas)) {
      if (kind === 'no-film') expect(names.some(name => name.includes(label))).toBe(true);
    }
  });

  it('names are as large at any scale, so that fewer find room on a smaller plan', () => {
    const [large, small] = [50, 400].map(scale => namesOnPaper(church, scale, reading).ground);
    const onPaper = (all = large, scale = 50): Set<number> =>
      new Set(all?.filter(({ bold }) => !bold).map(({ size }) => Math.round((size / scale) * 1e5)));
    expect(onPaper(large, 50)).toEqual(new Set([240]));
    expect(onPaper(small, 400)).toEqual(new Set([240]));
    expect(small?.length).toBeLessThan(large?.length ?? 0);
  });

  it('finds room for the names of what stands there, on no other name, at any scale', () => {
    const stands = [
      { key: 'c1', label: 'C1 WIDE', at: [1.4, 8] as const },
      { key: 'c2', label: 'C2 NORTH', at: [8, 4] as const },
      { key: 'c3', label: 'C3 SIDE', at: [8.3, 4.1] as const },
    ].map(each => ({ ...each, radius: 1.4e-3, letters: 5.3e-3 }));
    for (const scale of [50, 110, 400]) {
      const { ground, stands: found } = namesOnPaper(church, scale, reading, stands);
      const boxes = [
        ...ground.map(({ text, at, size, upright }) => ({ text, at, size, upright })),
        ...stands.map(({ key, label, letters }) => ({
          text: label,
          at: found.get(key) ?? ([0, 0] as const),
          size: letters * scale,
          upright: false,
        })),
      ].map(({ text, at: [x, y], size, upright }) => {
        const long = text.length * size * 0.5;
        return { text, x, y, across: upright ? size : long, down: upright ? long : size };
      });
      const over = boxes.flatMap((a, i) =>
        boxes
          .slice(i + 1)
          .filter(
            b =>
              Math.abs(a.x - b.x) * 2 < a.across + b.across - 1e-9 &&
              Math.abs(a.y - b.y) * 2 < a.down + b.down - 1e-9,
          )
          .map(b => `${a.text} on ${b.text}`),
      );
      // On a very small plan a name of what stands there may lie on the ground's, never on its own kind.
      expect(over.filter(words => scale < 400 || /^C\d.* on C\d/.test(words))).toEqual([]);
    }
  });

  it('has its scale in the units people read', () => {
    expect(svgOf(church, 100, reading)).toContain('>5 m · 1 : 100');
    expect(svgOf(church, 100, { ...reading, system: 'imperial' })).toContain('>15′ · 1 : 100');
  });
});

describe('signs', () => {
  it('stand at each place, in one path, with the flags of arcs as they are', () => {
    const places: Point[] = [
      [1, 2],
      [3, 4],
    ];
    expect(signsPath('lightReadings', places, 2)).toBe(
      ['M25 50', 'M75 100'].map(at => `${at}m-6 0a6 6 0 1 0 12 0a6 6 0 1 0 -12 0z`).join(''),
    );
  });

  it('are made of relative steps alone, so that they can stand anywhere', () => {
    for (const path of Object.values(SIGNS)) expect(path).toMatch(/^m[^A-Z]*$/);
  });
});
