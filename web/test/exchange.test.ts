/** Drawings out and in: every venue comes back to the millimetre, and what is broken or hostile is refused in time. */
import {
  applyPatch,
  dxfOf,
  drawingScaled,
  FRESH,
  added,
  guessTarget,
  layersOf,
  partsOf,
  svgOf,
  takenFrom,
  toDrawing,
  type FreshName,
  type Part,
  type Target,
  type Venue,
} from '@idle-satchel/core';
import { fridayBundle, weekendVenues } from '@idle-satchel/core/demo';
import { faultsOf, readBundleFile, Venue as VenueClass, writeBundleFile } from '@idle-satchel/core/documents';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readDxf } from '../src/exchange/read-dxf.js';
import { readSvg } from '../src/exchange/read-svg.js';
import { dxf, entity, line } from './dxf-text.js';

const friday = fridayBundle();
const EMPTY: Venue = {
  version: 1,
  name: 'Empty',
  volts: 230,
  hertz: 50,
  outline: [
    [0, 0],
    [1, 0],
    [1, 1],
    [0, 1],
  ],
};

const metres = (min: number, max: number): fc.Arbitrary<number> =>
  fc.integer({ min: min * 1000, max: max * 1000 }).map(mm => mm / 1000);

/** A random venue: a room of 4–40 m with anything that can be drawn in it, turned pillars and many corners too. */
const venue: fc.Arbitrary<Venue> = fc
  .record({
    width: metres(4, 40),
    depth: metres(4, 30),
    notch: metres(0, 2),
    things: fc.array(
      fc.record({
        name: fc.constantFrom(...(Object.keys(FRESH) as FreshName[])),
        x: metres(0, 40),
        y: metres(0, 30),
        size: metres(0.1, 1.5),
        round: fc.boolean(),
        turn: fc.integer({ min: -44, max: 44 }),
      }),
      { maxLength: 25 },
    ),
  })
  .map(({ width, depth, notch, things }) => {
    let made: Venue = {
      ...EMPTY,
      outline: [
        [0, 0],
        [width, 0],
        ...(notch > 0.01
          ? ([
              [width, depth - notch],
              [width - notch, depth - notch],
              [width - notch, depth],
            ] as [number, number][])
          : ([[width, depth]] as [number, number][])),
        [0, depth],
      ],
    };
    for (const { name, x, y, size, round, turn } of things) {
      const { path, patch } = added(made, name, [x, y]);
      const [, map = ''] = path.split('/');
      if (!Object.hasOwn(made, map)) made = { ...made, [map]: {} };
      made = applyPatch(made, patch);
      if (name === 'pillar') {
        const shape = round ? { round } : turn === 0 ? {} : { turn };
        made = applyPatch(made, [
          {
            op: 'replace',
            path,
            value: { ...(made.pillars?.[path.split('/')[2] ?? ''] as object), size, ...shape },
          },
        ]);
      }
    }
    return made;
  });

const targetsOf = (layers: readonly { name: string }[]): Record<string, Target | undefined> =>
  Object.fromEntries(layers.map(({ name }) => [name, guessTarget(name)]));

/** What a part is, without its id: kind, name and geometry rounded to the millimetre. */
const geometry = (parts: readonly Part[]): string[] =>
  parts
    .map(({ map, label, points, record }) => {
      const mm = points.map(([x, y]) => `${Math.round(x * 1000)},${Math.round(y * 1000)}`).join(' ');
      const size =
        map === 'pillars'
          ? ` ${Math.round(Number(record.size) * 1000)} ${record.round === true} ${Math.round(Number(record.turn ?? 0) * 10)}`
          : '';
      return `${map} ${map === 'areas' || map === 'doors' ? String(record.kind) : ''} ${map === 'outline' ? '' : label} ${mm}${size}`;
    })
    .sort();

const back = (read: ReturnType<typeof readDxf>): { venue: Venue; notes: readonly string[] } => {
  const drawing = drawingScaled(read.drawing, read.unit ?? 1);
  const { patch, notes } = takenFrom(drawing, targetsOf(layersOf(drawing)), EMPTY, true);
  return { venue: applyPatch(EMPTY, patch), notes };
};

describe('500 random venues', () => {
  it('come back from DXF to the millimetre', () => {
    fc.assert(
      fc.property(venue, before => {
        const { venue: after, notes } = back(readDxf(dxfOf(toDrawing(before))));
        expect(notes).toEqual([]);
        expect(geometry(partsOf(after))).toEqual(geometry(partsOf(before)));
        expect(faultsOf(VenueClass, after)).toEqual([]);
      }),
      { numRuns: 500, endOnFailure: true },
    );
  });

  it('come back from .satchel.json as they were', () => {
    fc.assert(
      fc.property(venue, before => {
        const read = readBundleFile(writeBundleFile({ ...friday, venue: before }, false));
        if (!('bundle' in read)) throw new Error(JSON.stringify(read.faults));
        expect(read.bundle.venue).toEqual(before);
      }),
      { numRuns: 500, endOnFailure: true },
    );
  });
});

describe('the demo venues', () => {
  it.each([
    ['St Alder’s', friday.venue],
    ['the grange', weekendVenues.venuegrange1 as Venue],
    ['the bandstand', weekendVenues.venuemillra1 as Venue],
  ])('%s comes back from DXF and from SVG, but for readings', (_, before) => {
    const drawn = geometry(
      partsOf(before).filter(({ map }) => map !== 'lightReadings' && map !== 'mobileReadings'),
    );
    const kept = (after: Venue): string[] =>
      geometry(
        partsOf(after).filter(
          ({ map, label }) =>
            map !== 'notes' || Object.values(before.notes ?? {}).some(note => note.label === label),
        ),
      );
    expect(kept(back(readDxf(dxfOf(toDrawing(before)))).venue)).toEqual(drawn);
    const svg = readSvg(svgOf(before, 100, { system: 'metric', zone: 'UTC' }));
    expect(svg.unit).toBe(1);
    const walls = geometry(partsOf(back(svg).venue)).filter(line =>
      /^(outline|walls|areas|stairs|doors)/.test(line),
    );
    expect(walls).toEqual(drawn.filter(line => /^(outline|walls|areas|stairs|doors)/.test(line)));
  });
});

/** A polyline on the walls’ layer, as DXF has it. */
const polyline = (closed: boolean, ...points: [number, number][]): string =>
  entity(
    0,
    'LWPOLYLINE',
    8,
    'WALL',
    90,
    points.length,
    70,
    Number(closed),
    ...points.flatMap(([x, y]) => [10, x, 20, y]),
  );

describe('a DXF of another program', () => {
  const wallsOf = (text: string): { venue: Venue; notes: readonly string[] } => back(readDxf(text));

  it('has its loose lines joined, in any order and direction, and its unit read', () => {
    const text = dxf(
      [line(0, 0, 8000, 0), line(0, 5000, 0, 0), line(8000, 0, 8000, 5000), line(0, 5000, 8000, 5000)].join(
        '\n',
      ),
      entity(9, '$INSUNITS', 70, 4),
    );
    const { venue: made, notes } = wallsOf(text);
    expect(notes).toEqual([]);
    expect(made.outline.map(([x, y]) => [Math.abs(x), Math.abs(y)]).sort()).toEqual([
      [0, 0],
      [0, 5],
      [8, 0],
      [8, 5],
    ]);
  });

  it('has small gaps closed and crossed walls untangled, by name; what stays open is left out', () => {
    const gap = wallsOf(dxf(polyline(false, [0, 0], [8, 0], [8, 5], [0, 0.06])));
    expect(gap.notes).toEqual(['Closed a gap of 6 cm on walls.']);
    const crossed = wallsOf(dxf(polyline(true, [0, 0], [8, 0], [8, 6], [9, 5], [0, 5])));
    expect(crossed.notes[0]).toMatch(
      /^Untangled an outline on walls that crossed itself: cut off 0\.\d\d m²\.$/,
    );
    const open = wallsOf(dxf([line(0, 0, 8, 0), line(8, 0, 8, 5)].join('\n')));
    expect(open.notes).toContain(
      'The walls do not close: no line on that layer comes back to its start within 10 cm.',
    );
    expect(open.venue.outline).toEqual(EMPTY.outline);
  });

  it('has its arcs, bulges and blocks drawn', () => {
    const bulge = readDxf(
      dxf(entity(0, 'LWPOLYLINE', 8, 'WALL', 90, 2, 70, 1, 10, 0, 20, 0, 42, 1, 10, 4, 20, 0, 42, 1)),
    );
    // Two half circles make one of radius 2 around (2, 0).
    for (const [x, y] of bulge.drawing.shapes[0]?.points ?? [])
      expect(Math.hypot(x - 2, y)).toBeCloseTo(2, 9);
    const block = [
      ...[
        '0',
        'SECTION',
        '2',
        'BLOCKS',
        '0',
        'BLOCK',
        '8',
        '0',
        '2',
        'CHAIR',
        '10',
        '0',
        '20',
        '0',
        '3',
        'CHAIR',
      ],
      ...['0', 'CIRCLE', '8', '0', '10', '1', '20', '0', '40', '0.2', '0', 'ENDBLK', '0', 'ENDSEC'],
    ].join('\n');
    const placed = readDxf(
      dxf(entity(0, 'INSERT', 8, 'PILLAR', 2, 'CHAIR', 10, 5, 20, 5, 41, 2, 42, 2, 50, 90), '', block),
    );
    // Scaled by 2 and turned a quarter: 2 m north of (5, 5), which is up, so y = −7.
    expect(placed.drawing.shapes[0]).toMatchObject({ layer: 'PILLAR', kind: 'circle' });
    expect(placed.drawing.shapes[0]?.points[0]?.map(value => Math.round(value * 1e6) / 1e6)).toEqual([5, -7]);
    expect(placed.drawing.shapes[0]?.radius).toBeCloseTo(0.4, 9);
  });
});
