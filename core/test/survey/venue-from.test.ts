/** Venues from tape-measure numbers: every shape by hand, and what holds for any numbers. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { fridayBundle } from '../../src/demo/index.js';
import { faultsOf, Venue, type Plan } from '../../src/documents/index.js';
import { applyPatch, area, boundsOf, inOrder, valueAt, type Point } from '../../src/foundations/index.js';
import { adoptInVenue, applyVenueChanges } from '../../src/stations/ground/venue-changes.js';
import { stretchVenue } from '../../src/stations/ground/stretch.js';
import { SHAPES, venueFrom, type ShapeName, type Survey } from '../../src/survey/index.js';
import { wallOf } from '../../src/survey/venue-from.js';
import { between } from '../arbitraries.js';

const surveyed = (shape: ShapeName, measures: Survey['measures'] = {}, more: Partial<Survey> = {}) =>
  venueFrom({
    name: 'A place',
    shape,
    measures,
    volts: 230,
    hertz: 50,
    seats: true,
    aisle: 1.6,
    circuits: [16, 16],
    sockets: [],
    marks: ['Speaker'],
    ...more,
  });
const byLabel = <T extends { label: string }>(map: Readonly<Record<string, T>> | undefined, label: string) =>
  Object.values(map ?? {}).find(each => each.label === label);
const labelsOf = (venue: Venue): string[] => inOrder(venue.guesses).map(([, { label }]) => label);

describe('a hall', () => {
  const hall = surveyed('hall', { length: 18, width: 10 });

  it('has four walls, two dimensions, two blocks of seats and the aisle between them', () => {
    expect(area(hall.outline)).toBe(180);
    expect(byLabel(hall.dimensions, 'Length')).toMatchObject({ axis: 'x', from: 0, to: 18 });
    // Side walks of 1.2 m, an aisle of 1.6 m: (10 − 2.4 − 1.6) / 2 = 3 m for each block.
    const north = boundsOf(byLabel(hall.areas, 'seats north')?.outline ?? []);
    expect(north.min).toEqual([2.7, 1.2]);
    expect(north.max).toEqual([13.5, 4.2]);
    const aisle = boundsOf(byLabel(hall.areas, 'centre aisle')?.outline ?? []);
    expect([aisle.min[1], aisle.max[1]]).toEqual([4.2, 5.8]);
  });

  it('says what was guessed and not what was measured', () => {
    expect(labelsOf(hall)).toEqual(['place of Speaker', 'place of the door']);
    expect(labelsOf(surveyed('hall', { length: 18 }))).toContain('Width');
    for (const { path } of Object.values(hall.guesses ?? {}))
      if (path !== undefined) expect(valueAt(hall, path)).toBeDefined();
  });

  it('puts sockets where they were measured on their wall, else spreads them and says so', () => {
    const { sockets, guesses } = surveyed(
      'hall',
      { length: 18, width: 10 },
      {
        sockets: [
          { wall: 'north', along: 4, circuit: 1 },
          { wall: 'south', circuit: 2 },
          { wall: 'south', circuit: 2 },
          { wall: 'east', along: 99, circuit: 1 },
        ],
      },
    );
    const at = Object.values(sockets ?? {})
      .sort((a, b) => (a.order < b.order ? -1 : 1))
      .map(socket => socket.at);
    expect(at).toEqual([
      [4, 0],
      [6, 10],
      [12, 10],
      [18, 10],
    ]);
    expect(
      Object.values(guesses ?? {}).filter(({ label }) => label.startsWith('place of socket')),
    ).toHaveLength(2);
  });
});

describe('the other shapes', () => {
  it('a nave has its chancel in the east and pillars in two rows', () => {
    const nave = surveyed('nave', {
      length: 20,
      width: 15,
      chancelLength: 6,
      chancelWidth: 6,
      pillars: 4,
      sideAisle: 3,
    });
    expect(area(nave.outline)).toBeCloseTo(20 * 15 + 36, 9);
    expect(byLabel(nave.pillars, 'N1')?.at).toEqual([4, 3]);
    expect(byLabel(nave.pillars, 'S4')?.at).toEqual([16, 12]);
    expect(area(surveyed('nave', { length: 20, width: 15, chancelLength: 0 }).outline)).toBe(300);
  });

  it('an L has a wing, an octagon its flats, a circle nearly its area', () => {
    expect(area(surveyed('corner', { length: 12, width: 8, wingLength: 5, wingDepth: 4 }).outline)).toBe(116);
    // Regular octagon across the flats d: 2·d²/(1 + √2).
    const octagon = surveyed('polygon', { across: 10, sides: 8 });
    expect(area(octagon.outline)).toBeCloseTo(200 / (1 + Math.SQRT2), 1);
    const { min, max } = boundsOf(octagon.outline);
    expect(max[0] - min[0]).toBeCloseTo(10, 2);
    expect(area(surveyed('round', { across: 10 }).outline)).toBeCloseTo(25 * Math.PI, 0);
  });

  it('a theatre rises row by row from its stage, and sight over heads knows it', () => {
    const theatre = surveyed('theatre', {
      length: 24,
      width: 14,
      stageDepth: 7,
      stageHeight: 0.9,
      rows: 10,
      rowSpacing: 1,
      rise: 0.2,
    });
    expect(byLabel(theatre.areas, 'stage')).toMatchObject({ kind: 'raised', floor: 0.9 });
    // The first row ends 2 m before the stage: from 14 to 15 m; the tenth is 1.8 m higher, from 5 to 6 m.
    expect(boundsOf(byLabel(theatre.areas, 'row 1')?.outline ?? []).min[0]).toBe(14);
    expect(byLabel(theatre.areas, 'row 10')).toMatchObject({ floor: 1.8 });
    expect(boundsOf(byLabel(theatre.areas, 'row 10')?.outline ?? []).min[0]).toBe(5);
  });

  it('a field has no door, a meeting room has its table', () => {
    expect(surveyed('field').doors).toEqual({});
    expect(byLabel(surveyed('meeting').areas, 'table')?.kind).toBe('obstacle');
  });
});

describe('any numbers', () => {
  const survey: fc.Arbitrary<Survey> = fc.constantFrom(...(Object.keys(SHAPES) as ShapeName[])).chain(shape =>
    fc.record({
      name: fc.constant('A place'),
      shape: fc.constant(shape),
      measures: fc.record(
        Object.fromEntries(
          SHAPES[shape].measures.map(({ key, min, max, unit }) => [
            key,
            unit === 'pieces' ? fc.integer({ min, max }) : between(min, max),
          ]),
        ),
        { requiredKeys: [] },
      ),
      volts: fc.constant(230),
      hertz: fc.constant(50 as const),
      seats: fc.boolean(),
      aisle: between(0.8, 3),
      circuits: fc.array(fc.constantFrom(13, 16, 20, 32), { minLength: 1, maxLength: 4 }),
      sockets: fc.array(
        fc.record(
          {
            wall: fc.constantFrom('north', 'east', 'south', 'west'),
            along: between(0, 40),
            circuit: fc.constant(1),
          },
          { requiredKeys: ['wall', 'circuit'] },
        ),
        { maxLength: 6 },
      ),
      marks: fc.array(fc.constantFrom('Lectern', 'Choir', 'Speaker'), { maxLength: 4 }),
    }),
  );

  it('make a venue without fault, with its sockets on the walls', () => {
    fc.assert(
      fc.property(survey, each => {
        const venue = venueFrom(each);
        expect(faultsOf(Venue, venue)).toEqual([]);
        expect(venueFrom(each)).toEqual(venue);
        expect(area(venue.outline)).toBeGreaterThan(0);
        for (const { at } of Object.values(venue.sockets ?? {})) {
          const touches = (['north', 'east', 'south', 'west'] as const).some(wall => {
            const [a, b] = wallOf(venue.outline, wall);
            const cross = (b[0] - a[0]) * (at[1] - a[1]) - (b[1] - a[1]) * (at[0] - a[0]);
            return Math.abs(cross) / Math.hypot(b[0] - a[0], b[1] - a[1]) < 0.01;
          });
          expect(touches).toBe(true);
        }
        for (const [, { path }] of Object.entries(venue.guesses ?? {}))
          if (path !== undefined) expect(valueAt(venue, path)).toBeDefined();
      }),
      { numRuns: 100 },
    );
  });

  it('can be planned in: an event there is assessed without a crash', () => {
    const friday = fridayBundle();
    fc.assert(
      fc.property(survey, each => {
        const { snags, ground } = assess({ ...friday, venue: venueFrom(each) });
        expect(snags.length).toBeGreaterThan(0);
        expect(ground.floorArea.value).toBeGreaterThan(0);
      }),
      { numRuns: 16 },
    );
  });
});

describe('the walls', () => {
  it('of an L are the ones that look there, the longest of them', () => {
    const { outline } = surveyed('corner', { length: 12, width: 8, wingLength: 5, wingDepth: 4 });
    const same = (wall: [Point, Point], a: Point, b: Point): void => expect(wall).toEqual([a, b]);
    same(wallOf(outline, 'north'), [0, 0], [12, 0]);
    same(wallOf(outline, 'west'), [0, 0], [0, 12]);
    same(wallOf(outline, 'east'), [12, 0], [12, 8]);
  });
});

describe('a guess', () => {
  const hall = surveyed('hall', { length: 18 });

  it('is gone once its length is measured', () => {
    const [width = ''] =
      Object.entries(hall.dimensions ?? {}).find(([, { label }]) => label === 'Width') ?? [];
    const patch = stretchVenue(hall, {}, width, 12);
    const changes = Object.fromEntries(
      patch.flatMap(operation =>
        operation.op === 'add' && /^\/venueChanges\/./.test(operation.path)
          ? [[operation.path.split('/')[2] ?? '', operation.value as { path: string }]]
          : [],
      ),
    );
    const { venue, misfits } = applyVenueChanges(hall, changes);
    expect(misfits).toEqual([]);
    expect(labelsOf(venue)).not.toContain('Width');
    expect(boundsOf(venue.outline).max).toEqual([18, 12]);
  });
});

describe('changes of one event', () => {
  const hall = surveyed('hall', { length: 18, width: 10 });
  const dimension = Object.keys(hall.dimensions ?? {})[0] ?? '';
  const pinned = { venue: { id: 'venuehall1', revision: 3 } };
  const change = (length: number): Pick<Plan, 'venue' | 'venueChanges'> =>
    applyPatch({ ...pinned, venueChanges: {} }, [
      ...stretchVenue(hall, {}, dimension, length).filter(({ path }) => path !== '/venueChanges'),
    ]);

  it('are taken over into the survey: the same venue, no changes left, pinned to the next revision', () => {
    fc.assert(
      fc.property(fc.oneof({ weight: 9, arbitrary: between(5, 40) }, fc.constant(18)), length => {
        const plan = change(length);
        const seen = applyVenueChanges(hall, plan.venueChanges).venue;
        const [onVenue, onPlan] = adoptInVenue(hall, plan, Object.keys(plan.venueChanges ?? {}));
        if (!onVenue || !onPlan) {
          // As long as it was: nothing to take over.
          expect(seen).toEqual(hall);
          return;
        }
        expect(applyPatch(hall, onVenue.patch)).toEqual(seen);
        const after = applyPatch(plan, onPlan.patch);
        expect(after).toEqual({ venue: { id: 'venuehall1', revision: 4 }, venueChanges: {} });
      }),
    );
  });

  it('are taken over one by one, and those that no longer fit stay', () => {
    const plan = change(20);
    const [first = ''] = Object.keys(plan.venueChanges ?? {});
    const lost = { path: '/marks/markgone01/at', value: [1, 1] };
    const both = { ...plan, venueChanges: { ...plan.venueChanges, changelost: lost } };
    const [, onPlan] = adoptInVenue(hall, both, [first, 'changelost']);
    const after = applyPatch(both, onPlan?.patch ?? []);
    expect(Object.keys(after.venueChanges ?? {})).not.toContain(first);
    expect(Object.keys(after.venueChanges ?? {})).toContain('changelost');
    expect(adoptInVenue(hall, { ...pinned, venueChanges: { changelost: lost } }, ['changelost'])).toEqual([]);
  });
});
