/** Where new gear stands until somebody places it. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { weekendVenues } from '../../src/demo/index.js';
import type { Bundle, Plan, Venue } from '../../src/documents/index.js';
import { applyPatch, contains, distance, type Fix, type Point } from '../../src/foundations/index.js';
import { deskPlaces, newPlace, putDownPatch } from '../../src/searches/index.js';
import { applyFix } from '../../src/fixes.js';
import { addDevicePatch } from '../../src/stations/device-edits.js';
import { carriersFor, standPatch } from '../../src/stations/stands.js';
import { friday, remove, set } from '../stations/edited.js';
import { foundBy } from './solver.js';

/** The event in another venue, without any gear. */
const bare = (venue: Venue): Bundle => ({
  ...friday,
  venue,
  plan: { ...friday.plan, devices: {}, links: {}, shots: {}, venueChanges: {} },
});
const placed = (venue: Venue, kind = friday.kinds.kinds.switchcom) => {
  const empty = bare(venue);
  return newPlace(empty, assess(empty), kind);
};
const camera = friday.kinds.kinds.camoneinc;
const hall = (more: Partial<Venue> = {}): Venue => ({
  version: 1,
  name: 'Bare hall',
  volts: 230,
  hertz: 50,
  outline: [
    [0, 0],
    [12, 0],
    [12, 8],
    [0, 8],
  ],
  ...more,
});
const door = (from: number, kind: 'exit' | 'inner' = 'exit') => ({
  doordoor1: {
    label: 'door',
    jambs: [
      [from, 8],
      [from + 1, 8],
    ] as [number, number][],
    kind,
    height: 2.1,
  },
});

describe('new gear', () => {
  it('stands at the desk of the house: the area of the survey, else the desk that is there', () => {
    const desk =
      friday.venue.areas?.deskarea1 ?? Object.values(friday.venue.areas ?? {}).find(a => a.kind === 'desk');
    expect(contains(desk?.outline ?? [], placed(friday.venue).at)).toBe(true);
    const residents = { residentd1: { order: '1', label: 'desk', what: 'desk', at: [3, 3] } } as const;
    expect(placed(hall({ residents: residents as unknown as NonNullable<Venue['residents']> })).at).toEqual([
      3, 3,
    ]);
  });

  it('stands where what mixes stands, where the house has no desk', () => {
    const empty = bare(hall({ doors: door(5) }));
    const switcher = { label: 'SW', kind: 'switchcom', place: { at: [2, 7] as const } };
    const mixed = { ...empty, plan: applyPatch(empty.plan, addDevicePatch(empty, 'switcher1', switcher)) };
    expect(newPlace(mixed, assess(mixed), friday.kinds.kinds.laptopcom).at).toEqual([2, 7]);
  });

  it('stands at the best place for a desk where nothing has a place yet, and there is a way to judge', async () => {
    const marks = { markspeak: { label: 'speaker', at: [6, 1] as const, facing: 90, height: 1.6 } };
    const sockets = { socket001: { label: 'S', at: [0, 7] as const, height: 0.3, kind: 'mains' as const } };
    const venue = hall({ marks, sockets } as unknown as Partial<Venue>);
    const { answer, offers } = await foundBy(deskPlaces, bare(venue), {});
    expect(answer.some(({ now }) => now)).toBe(false);
    expect(placed(venue).at).toEqual(answer[0]?.at);
    // Nearest to the socket of the places that see the mark.
    expect(distance(placed(venue).at, [0, 7])).toBeLessThan(1.5);
    const [first] = offers;
    expect(first?.label).toMatch(/^Put a table for the desk at /);
    const laid = applyFix(bare(venue), first as Fix);
    const { ground } = assess(laid);
    expect(Object.values(ground.venue.areas ?? {})).toMatchObject([{ kind: 'desk', top: 0.75 }]);
    expect(newPlace(laid, assess(laid), undefined).at).toEqual(answer[0]?.at);
  });

  it('leaves the desk of the house where it is', async () => {
    const { answer, offers } = await foundBy(deskPlaces, bare(friday.venue), {});
    expect(answer.filter(({ now }) => now)).toHaveLength(1);
    expect(offers).toEqual([]);
  });

  it('stands beside the door where no desk is known, and before no exit', () => {
    // The jambs are at 5 and 6 m: beside the door, along its wall.
    const { at } = placed(hall({ doors: door(5) }));
    expect(at[1]).toBeGreaterThan(6);
    expect(Math.abs(at[0] - 5.5)).toBeGreaterThan(1.2);
    expect(Math.abs(at[0] - 5.5)).toBeLessThan(4);
  });

  it('stands beside a way out rather than beside an inner door', () => {
    const inner = { ...door(1, 'inner').doordoor1 };
    const { at } = placed(hall({ doors: { doorinner: inner, ...door(8) } }));
    expect(Math.abs(at[0] - 8.5)).toBeLessThan(4);
    expect(Math.abs(at[0] - 8.5)).toBeLessThan(Math.abs(at[0] - 1.5));
  });

  it('stands in the middle of a room without a door', () => expect(placed(hall()).at).toEqual([6, 4]));

  it('has a lens at the height of a stand, anything else at that of a table', () => {
    expect(placed(hall(), camera).height).toBe(1.5);
    expect(placed(hall()).height).toBeUndefined();
  });

  it('is nowhere that raises a stop, in the demo venues and in halls of any size with a door anywhere', () => {
    const stops = (bundle: Bundle): string[] =>
      assess(bundle)
        .snags.filter(({ station, severity }) => station === 'ground' && severity === 'stop')
        .map(({ id }) => id);
    const added = (venue: Venue): Bundle => {
      const empty = bare(venue);
      const place = newPlace(empty, assess(empty), undefined);
      const patch = addDevicePatch(empty, 'newdevice1', { label: 'NEW', kind: 'switchcom', place });
      return { ...empty, plan: applyPatch(empty.plan, patch) };
    };
    for (const venue of Object.values(weekendVenues))
      expect(stops(added(venue)).filter(id => id.includes('newdevice1'))).toEqual([]);
    fc.assert(
      fc.property(
        fc.integer({ min: 4, max: 40 }),
        fc.integer({ min: 4, max: 30 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (width, depth, along) => {
          const from = along * (width - 1);
          const jambs: [number, number][] = [
            [from, depth],
            [from + 1, depth],
          ];
          const venue = hall({
            outline: [
              [0, 0],
              [width, 0],
              [width, depth],
              [0, depth],
            ],
            doors: { doordoor1: { label: 'door', jambs, kind: 'exit', height: 2.1 } },
          });
          expect(stops(added(venue))).toEqual([]);
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe('new cameras', () => {
  const [wide, deep] = [12, 8];
  /** So many cameras added one after another. */
  const added = (venue: Venue, count: number): Point[] => {
    let bundle = bare(venue);
    for (let i = 0; i < count; i++) {
      const place = newPlace(bundle, assess(bundle), camera);
      const patch = addDevicePatch(bundle, `camera00${i}`, { label: `C${i}`, kind: 'camoneinc', place });
      bundle = { ...bundle, plan: applyPatch(bundle.plan, patch) };
    }
    return Object.values(bundle.plan.devices ?? {}).map(({ place }) => place?.at as Point);
  };

  it('stand beside one another, none on another, and off the seats', () => {
    const outline: Point[] = [
      [1, 2],
      [11, 2],
      [11, 7],
      [1, 7],
    ];
    const areas = { seatsarea: { label: 'seats', kind: 'seating', outline } };
    const places = added(hall({ areas } as unknown as Partial<Venue>), 5);
    for (const [i, a] of places.entries()) {
      expect(contains(outline, a)).toBe(false);
      for (const b of places.slice(0, i)) expect(distance(a, b)).toBeGreaterThanOrEqual(0.65 - 1e-9);
    }
    const next = places.slice(1).map((at, i) => distance(at, places[i] as Point));
    expect(Math.max(...next)).toBeLessThan(2.5);
  });

  it('begin before whom they are to show, else at the end of the room', () => {
    const marks = { markspeak: { label: 'speaker', at: [0.5, 4], facing: 0, height: 1.6 } };
    expect(added(hall({ marks } as unknown as Partial<Venue>), 1)[0]?.[0]).toBeCloseTo(8.5, 1);
    expect(added(hall(), 1)).toEqual([[wide / 2, (deep * 3) / 4]]);
  });
});

describe('a device', () => {
  it('is put into a case and taken out of it again, to where new gear stands', () => {
    const inside = applyPatch(friday.plan, standPatch(friday.plan, 'screennor', 'in deskrack1'));
    expect(inside.devices?.screennor?.place).toEqual({ inside: 'deskrack1' });
    const bundle = { ...friday, plan: inside };
    const out = applyPatch(inside, putDownPatch(bundle, assess(bundle), 'screennor'));
    expect(out.devices?.screennor?.place).toEqual({ at: newPlace(bundle, assess(bundle), undefined).at });
  });

  it('without a place gets one, and one that has a place keeps it', () => {
    const lost = applyPatch(friday.plan, [remove('/devices/camwide01/place')]);
    const putDown = (plan: Plan) => {
      const bundle = { ...friday, plan };
      return applyPatch(plan, putDownPatch(bundle, assess(bundle), 'camwide01')).devices?.camwide01?.place;
    };
    const bundle = { ...friday, plan: lost };
    expect(putDown(lost)).toEqual(newPlace(bundle, assess(bundle), camera));
    const kept = applyPatch(friday.plan, [set('/devices/camwide01/place/height', 2.2)]);
    expect(putDown(kept)).toEqual(kept.devices?.camwide01?.place);
  });

  it('goes into cases, cameras and switchers that are in nothing themselves, never into itself', () => {
    const familyOf = ({ kind }: { kind: string }) => friday.kinds.kinds[kind]?.family;
    const ids = carriersFor(friday.plan, 'camwide01', familyOf).map(([id]) => id);
    expect(ids).toEqual(expect.arrayContaining(['deskrack1', 'camnorth1']));
    expect(ids).not.toContain('camwide01');
    // The switcher of the demo is in the rack.
    expect(ids).not.toContain('switcher1');
  });
});
