/** Where new gear stands until somebody places it. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { weekendVenues } from '../../src/demo/index.js';
import type { Bundle, Venue } from '../../src/documents/index.js';
import { applyPatch, contains } from '../../src/foundations/index.js';
import { addDevicePatch } from '../../src/stations/device-edits.js';
import { newPlace, putDownPatch } from '../../src/stations/standing-place.js';
import { carriersFor, standPatch } from '../../src/stations/stands.js';
import { friday, remove, set } from './edited.js';

const placed = (venue: Venue, kind = friday.kinds.kinds.swcompact) =>
  newPlace(assess({ ...friday, venue, plan: { ...friday.plan, venueChanges: {} } }).ground, kind);
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
    expect(placed(hall(), friday.kinds.kinds.camoneinc).height).toBe(1.5);
    expect(placed(hall()).height).toBeUndefined();
  });

  it('is nowhere that raises a stop, in the demo venues and in halls of any size with a door anywhere', () => {
    const stops = (bundle: Bundle): string[] =>
      assess(bundle)
        .snags.filter(({ station, severity }) => station === 'ground' && severity === 'stop')
        .map(({ id }) => id);
    const added = (venue: Venue): Bundle => {
      const empty = {
        ...friday,
        venue,
        plan: { ...friday.plan, devices: {}, links: {}, shots: {}, venueChanges: {} },
      };
      const place = newPlace(assess(empty).ground, undefined);
      const patch = addDevicePatch(empty, 'newdevice1', { label: 'NEW', kind: 'swcompact', place });
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

describe('a device', () => {
  it('is put into a case and taken out of it again, to where new gear stands', () => {
    const inside = applyPatch(friday.plan, standPatch(friday.plan, 'screennor', 'in deskrack1'));
    expect(inside.devices?.screennor?.place).toEqual({ inside: 'deskrack1' });
    const { ground } = assess({ ...friday, plan: inside });
    const out = applyPatch(inside, putDownPatch(inside, 'screennor', ground, undefined));
    expect(out.devices?.screennor?.place).toEqual({ at: newPlace(ground, undefined).at });
  });

  it('without a place gets one, and one that has a place keeps it', () => {
    const lost = applyPatch(friday.plan, [remove('/devices/camwide01/place')]);
    const { ground } = assess({ ...friday, plan: lost });
    const kind = friday.kinds.kinds.camoneinc;
    expect(applyPatch(lost, putDownPatch(lost, 'camwide01', ground, kind)).devices?.camwide01?.place).toEqual(
      newPlace(ground, kind),
    );
    const kept = applyPatch(friday.plan, [set('/devices/camwide01/place/height', 2.2)]);
    expect(applyPatch(kept, putDownPatch(kept, 'camwide01', ground, kind)).devices?.camwide01?.place).toEqual(
      kept.devices?.camwide01?.place,
    );
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
