/** What holds for a venue from any numbers that a tape measure may give. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { fridayBundle } from '../../src/demo/index.js';
import { faultsOf, Venue, type Plan } from '../../src/documents/index.js';
import { applyPatch, area, boundsOf, valueAt, type Point } from '../../src/foundations/index.js';
import { adoptInVenue, applyVenueChanges } from '../../src/stations/ground/venue-changes.js';
import { stretchVenue } from '../../src/stations/ground/stretch.js';
import { SHAPES, venueFrom, type ShapeName, type Survey } from '../../src/survey/index.js';
import { readMarks } from '../../src/survey/marks.js';
import { wallOf } from '../../src/survey/walls.js';
import { between } from '../arbitraries.js';
import { labelsOf, surveyed } from './surveyed.js';

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
      stage: fc.record({ depth: between(0.5, 20), width: between(1, 40) }, { requiredKeys: [] }),
      rows: fc.integer({ min: 1, max: 60 }),
      perRow: fc.integer({ min: 1, max: 60 }),
      doors: fc.array(
        fc.record(
          {
            wall: fc.constantFrom('north' as const, 'east' as const, 'south' as const, 'west' as const),
            along: between(0, 40),
            width: between(0.5, 8),
            kind: fc.constantFrom('exit' as const, 'inner' as const),
          },
          { requiredKeys: ['wall', 'kind'] },
        ),
        { maxLength: 4 },
      ),
      marks: fc
        .array(fc.constantFrom('Lectern', 'Choir 24 standing', 'Panel 4 seated'), { maxLength: 4 })
        .map(names => readMarks(names.join(', '))),
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
