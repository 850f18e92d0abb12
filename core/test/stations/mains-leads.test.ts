/** Voltage lost on mains leads, and a room whose measured length is corrected – by hand, at the limits. */
import { describe, expect, it } from 'vitest';
import { applyPatch, severityOf } from '../../src/foundations/index.js';
import { SHORTEST, stretchVenue } from '../../src/stations/ground/stretch.js';
import { applyVenueChanges } from '../../src/stations/ground/venue-changes.js';
import { dropOn, mainsLeadsOf } from '../../src/stations/power/voltage-drop.js';
import type { DeviceLoad } from '../../src/stations/power/index.js';
import type { RunResult } from '../../src/stations/runs/result.js';
import { givenFigure } from '../given.js';
import { friday, number } from './edited.js';

const load = (amps: number): DeviceLoad =>
  ({ amps: givenFigure(amps, 'A'), watts: givenFigure(amps * 230, 'W') }) as unknown as DeviceLoad;
const drop = (metres: number, make: string, amps: readonly number[], volts = 230) => {
  const [first = 0, ...below] = amps;
  const loads: Record<string, DeviceLoad> = { device000: load(first) };
  below.forEach((each, i) => (loads[`below${i}`] = load(each)));
  return dropOn('lead00001', {
    length: givenFigure(metres, 'm'),
    make,
    through: ['device000', ...below.map((_, i) => `below${i}`)],
    timeline: [{ from: 0, to: 60, label: 'on' }],
    drawing: {
      loads,
      states: {},
      demands: Object.fromEntries(
        Object.entries(loads).map(([id, load]) => [id, { watts: [0], amps: [number(load.amps)] }]),
      ),
    },
    volts,
  }).drop;
};

describe('voltage lost on a lead', () => {
  it('is both ways of the copper, by its section and by all that hangs on it', () => {
    // 2 · 25 m · 10 A · 0.0214 / 1.5 mm² = 7.133 V of 230 V.
    expect(number(drop(25, 'mains-1.5', [10]))).toBeCloseTo((100 * 7.13333) / 230, 4);
    expect(number(drop(25, 'mains-2.5', [10]))).toBeCloseTo((100 * 4.28) / 230, 6);
    expect(number(drop(25, 'mains-2.5', [4, 3, 3]))).toBeCloseTo((100 * 4.28) / 230, 6);
  });

  it('is twice the share at half the voltage, and takes a lead that nobody knows for the thinnest', () => {
    expect(number(drop(25, 'mains-2.5', [10], 115))).toBeCloseTo((100 * 4.28) / 115, 6);
    expect(number(drop(25, 'mains-unknown', [10]))).toBe(number(drop(25, 'mains-1.5', [10])));
  });

  it('is a risk above 3 %', () => {
    const length = (percent: number): number => (percent * 230 * 2.5) / (100 * 2 * 10 * 0.0214);
    const at = (percent: number) => severityOf(drop(length(percent), 'mains-2.5', [10]));
    expect(at(2.999)).toBeUndefined();
    expect(at(3.001)).toBe('risk');
    expect(at(9)).toBe('risk');
  });

  it('is asked of mains leads that cross the floor', () => {
    const run = (make: string, crosses: boolean): RunResult =>
      ({ crosses, cableLength: givenFigure(10, 'm'), make }) as unknown as RunResult;
    const runs = { a: run('mains-1.5', true), b: run('mains-2.5', false), c: run('hdmi-plain', true) };
    expect(Object.keys(mainsLeadsOf({ runs }))).toEqual(['a']);
  });
});

describe('a measured length that is corrected', () => {
  const { navelength } = friday.venue.dimensions ?? {};
  const stretched = (length: number) => {
    const plan = applyPatch(friday.plan, stretchVenue(friday.venue, friday.plan, 'navelength', length));
    return { plan, venue: applyVenueChanges(friday.venue, plan.venueChanges).venue };
  };

  it('keeps what lies within in proportion, and moves what lies beyond along', () => {
    expect(navelength).toMatchObject({ axis: 'x', from: 0, to: 20 });
    const { venue } = stretched(22);
    expect(venue.dimensions?.navelength).toMatchObject({ from: 0, to: 22 });
    const before = friday.venue.marks ?? {};
    for (const [id, { at }] of Object.entries(venue.marks ?? {})) {
      const [x = NaN, y = NaN] = before[id]?.at ?? [];
      expect(at[0]).toBeCloseTo(x <= 20 ? x * 1.1 : x + 2, 3);
      expect(at[1]).toBe(y);
    }
  });

  it('takes what stands there along', () => {
    const { plan } = stretched(22);
    const at = plan.devices?.camnorth1?.place?.at;
    expect(at?.[0]).toBeCloseTo(10.4 * 1.1, 3);
    expect(at?.[1]).toBe(1.9);
  });

  it('may be a tenth of a metre and no less, of a dimension that is there', () => {
    expect(SHORTEST).toBe(0.1);
    expect(stretchVenue(friday.venue, friday.plan, 'navelength', 0.1)).not.toEqual([]);
    for (const length of [0.0999, 0, -1, NaN]) {
      expect(stretchVenue(friday.venue, friday.plan, 'navelength', length)).toEqual([]);
    }
    expect(stretchVenue(friday.venue, friday.plan, 'nolength1', 5)).toEqual([]);
  });

  it('changes nothing where it is what it was', () => {
    expect(stretched(20).plan.devices).toEqual(friday.plan.devices);
    expect(stretched(20).venue).toEqual(applyVenueChanges(friday.venue, friday.plan.venueChanges).venue);
  });
});
