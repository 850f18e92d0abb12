/** Power along the day: states, clocks, batteries in the cold, neutrals and plugs – against sums of their own. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CHEMISTRIES, type Chemistry } from '../../src/documents/index.js';
import { instantOfClock } from '../../src/foundations/index.js';
import { airAt, type Air } from '../../src/stations/air-temperature.js';
import { coldFactor } from '../../src/stations/power/battery/cold.js';
import {
  countedWatts,
  minutesFor,
  runDown,
  type Cell,
  type Draw,
} from '../../src/stations/power/battery/discharge.js';
import { efficiencyAt, suppliedWatts, tableOf } from '../../src/stations/power/loads.js';
import { neutralOf } from '../../src/stations/power/neutral.js';
import { fitsSideBySide } from '../../src/stations/power/seating.js';
import { statesOf } from '../../src/stations/power/states.js';
import { cutAt, spansOf, type Timeline } from '../../src/stations/power/timeline.js';

const START = '2026-12-04T19:30:00.000Z';

describe('clocks of the place', () => {
  it('are read in its zone, before and after the clocks are changed', () => {
    expect(instantOfClock('19:30', START, 'Europe/London')).toBe(START);
    expect(instantOfClock('11:00', '2026-12-06T16:00:00Z', 'America/New_York')).toBe(
      '2026-12-06T16:00:00.000Z',
    );
    // 29 March 2026: 01:00 becomes 02:00 in London.
    const spring = '2026-03-29T10:00:00Z';
    expect(instantOfClock('00:30', spring, 'Europe/London')).toBe('2026-03-29T00:30:00.000Z');
    expect(instantOfClock('03:00', spring, 'Europe/London')).toBe('2026-03-29T02:00:00.000Z');
    // 25 October 2026: 02:00 becomes 01:00.
    expect(instantOfClock('03:00', '2026-10-25T12:00:00Z', 'Europe/London')).toBe('2026-10-25T03:00:00.000Z');
  });

  it('make spans that come again each day, over midnight too, and are for ever where one of them is not known', () => {
    const spans = (from?: string, until?: string) =>
      spansOf({ ...(from && { from }), ...(until && { until }) }, START, 'Europe/London');
    expect(spans('19:30', '21:15')).toContainEqual({ from: 0, to: 105 });
    expect(spans('23:00', '01:00')).toContainEqual({ from: 210, to: 330 });
    expect(spans('19:00')).toEqual([{ from: -30, to: Infinity }]);
    expect(spans(undefined, '21:00')).toEqual([{ from: -Infinity, to: 90 }]);
    expect(spans()).toEqual([{ from: -Infinity, to: Infinity }]);
  });

  it('cut the day where they switch, and nowhere else', () => {
    const day: Timeline = [{ from: 0, to: 60, label: 'first' }];
    expect(cutAt(day, [{ from: 20, to: 60 }]).map(({ from, to }) => [from, to])).toEqual([
      [0, 20],
      [20, 60],
    ]);
  });
});

describe('states', () => {
  const day: Timeline = [
    { from: -120, to: 0, phase: 'rig', item: 'rig', label: 'Rig' },
    { from: 0, to: 100, phase: 'check', item: 'check', label: 'Check' },
    { from: 100, to: 179, phase: 'live', item: 'one', label: 'One' },
    { from: 179, to: 180, phase: 'live', item: 'two', label: 'Two' },
  ];

  it('are off while it is rigged, else working; what follows in one state lasts together', () => {
    expect(statesOf(undefined, day)).toEqual([
      { state: 'off', lasts: 120 },
      ...[180, 180, 180].map(lasts => ({ state: 'working', lasts })),
    ]);
  });

  it('of an item go before those of its phase', () => {
    const states = { live: 'standby', items: { two: { state: 'peak' } } } as const;
    expect(statesOf(states, day).map(({ state, lasts }) => [state, lasts])).toEqual([
      ['off', 120],
      ['working', 100],
      ['standby', 79],
      ['peak', 1],
    ]);
  });
});

describe('what the cold leaves', () => {
  it('is as in the tables, between two entries on the line, and nothing below the last', () => {
    const at = (chemistry: Chemistry, celsius: number) => coldFactor(chemistry, celsius);
    expect(at('lithium-ion', 6)).toBeCloseTo(0.91, 12);
    expect([at('lithium-ion', 35), at('lithium-ion', -20)]).toEqual([1, 0.55]);
    expect(at('lithium-ion', -20.01)).toBe(0);
    expect(at('LiFePO4', 6)).toBeCloseTo(0.8 + 0.6 * 0.13, 12);
    expect(at('NiMH', 10)).toBeCloseTo(0.9, 12);
    expect(at('lead-acid', 17.5)).toBeCloseTo(0.94, 12);
    expect(at('lead-acid', 26)).toBe(1);
  });
});

/** Steps of a second, each by the load and the cold at its middle. */
function stepped(
  { holds, usable, chemistry, peukert }: Cell,
  draws: readonly Draw[],
  air: Air,
): number | undefined {
  let taken = 0;
  for (const { from, to, watts } of draws) {
    const amps = peukert ? watts / peukert.volts : 0;
    const counted = peukert ? watts * Math.max(1, ((amps * peukert.hours) / peukert.ampHours) ** 0.2) : watts;
    for (let at = from; at < to - 1e-9; at += 1 / 60) {
      const factor = coldFactor(chemistry, airAt(air, at + 1 / 120));
      if (factor === 0 && watts > 0) return at;
      if (watts === 0) continue;
      taken += counted / (holds * factor) / 3600;
      if (taken >= usable) return at + 1 / 60;
    }
  }
  return undefined;
}

describe('a battery along the day', () => {
  const draw = fc.record({
    minutes: fc.integer({ min: 1, max: 90 }),
    watts: fc.integer({ min: 0, max: 60 }),
  });

  it('ends where steps of a second end, in any weather', () => {
    fc.assert(
      fc.property(
        fc.array(draw, { minLength: 1, maxLength: 6 }),
        fc.array(fc.tuple(fc.integer({ min: -60, max: 300 }), fc.integer({ min: -15, max: 30 })), {
          minLength: 1,
          maxLength: 4,
        }),
        fc.constantFrom(...CHEMISTRIES),
        fc.integer({ min: 10, max: 90 }),
        (draws, weather, chemistry, holds) => {
          let at = 0;
          const day = draws.map(({ minutes, watts }) => ({ from: at, to: (at += minutes), watts }));
          const air = [...new Map(weather)].sort(([a], [b]) => a - b);
          const cell: Cell = {
            ...{ chemistry, holds },
            usable: chemistry === 'lead-acid' ? 0.5 : 0.85,
            ...(chemistry === 'lead-acid' && { peukert: { volts: 12, ampHours: holds / 12, hours: 20 } }),
          };
          const [exact, steps] = [runDown(cell, day, air).empty, stepped(cell, day, air)];
          if (exact === undefined || steps === undefined) {
            // The one may end in the last moment in which the other just does not.
            expect(Math.abs((exact ?? steps ?? at) - at)).toBeLessThan(0.5);
          } else expect(Math.abs(exact - steps)).toBeLessThanOrEqual(Math.max(1 / 60, 0.005 * exact));
        },
      ),
      { numRuns: 60 },
    );
  });

  it('fades along a straight line up to the corner at which it is too cold to be used', () => {
    // From 7 °C at -53 min to -12 °C at 40 min it is -10 °C at 30.2 min; 10 Wh hold 8.5 Wh at 20 °C, 12 W run.
    const air = [
      [-53, 7],
      [40, -12],
    ] as const;
    const cell: Cell = { chemistry: 'LiFePO4', holds: 10, usable: 0.85 };
    const day = [{ from: 0, to: 31, watts: 12 }];
    expect(runDown(cell, day, air).empty).toBeCloseTo(stepped(cell, day, air) ?? 0, 1);
  });

  it('of lead lasts 0.5 · min(H · (C / (I · H))^1.2, C / I)', () => {
    // 12 V, 20 Ah over 20 h. At 5 A: 0.5 · 20 · (20 / 100)^1.2 = 1.4496 h; at 0.5 A: 0.5 · 20 / 0.5 = 20 h.
    const peukert = { volts: 12, ampHours: 20, hours: 20 };
    const cell: Cell = { chemistry: 'lead-acid', holds: 240, usable: 0.5, peukert };
    expect(minutesFor(cell, 60, 1, 1)).toBeCloseTo(60 * 0.5 * 20 * (20 / (5 * 20)) ** 1.2, 9);
    expect(minutesFor(cell, 6, 1, 1)).toBeCloseTo(60 * 20, 9);
    expect(countedWatts(12, peukert)).toBe(12);
    expect(countedWatts(12.01, peukert)).toBeGreaterThan(12.01);
  });

  it('has a curve that begins full, never rises, and ends empty where it does', () => {
    const run = runDown(
      { chemistry: 'lithium-ion', holds: 100, usable: 0.85 },
      [
        { from: 0, to: 60, watts: 30 },
        { from: 60, to: 90, watts: 0 },
        { from: 90, to: 600, watts: 30 },
      ],
      [[0, 20]],
    );
    expect(run.empty).toBeCloseTo(30 + (60 * 85) / 30, 9);
    expect(run.curve[0]).toEqual([0, 1]);
    expect(run.curve.at(-1)?.[1]).toBe(0);
    const left = run.curve.map(([, share]) => share);
    expect(left).toEqual([...left].sort((a, b) => b - a));
  });
});

describe('a supply', () => {
  it('takes what it gives over its efficiency, and what it takes besides', () => {
    expect(suppliedWatts({ supply: { efficiency: 0.8, standing: 3 }, own: 2 }, 40)).toBe(55);
    const byLoad = { together: 100, atTenth: 0.6, atHalf: 0.9, atFull: 0.85, standing: 3 };
    const table = tableOf(byLoad) ?? [];
    expect([0, 10, 30, 50, 75, 120].map(watts => efficiencyAt(table, watts))).toEqual([
      ...[0.6, 0.6, 0.75, 0.9, 0.875, 0.85],
    ]);
    // What it takes besides is in the table.
    expect(suppliedWatts({ supply: byLoad, own: 0 }, 50)).toBeCloseTo(50 / 0.9, 12);
  });
});

describe('a neutral', () => {
  const three = (a: number, b: number, c: number, factors: readonly number[] = [1, 1, 1]) =>
    neutralOf('three phases', {
      1: { amps: a, factor: factors[0] ?? 1 },
      2: { amps: b, factor: factors[1] ?? 1 },
      3: { amps: c, factor: factors[2] ?? 1 },
    });

  it('carries what phasors leave', () => {
    expect(three(10, 5, 0)).toBeCloseTo(8.6603, 4);
    expect(three(10, 10, 10)).toBeCloseTo(0, 9);
    expect(three(10, 10, 10, [0.6, 0.6, 1])).toBeCloseTo(8.9443, 4);
  });

  it('of legs that are opposite carries their difference, of two legs of three phases as much as they', () => {
    const legs = (system: 'split 120/240' | 'two legs of 120/208', a: number, b: number) =>
      neutralOf(system, { 1: { amps: a, factor: 0.9 }, 2: { amps: b, factor: 0.9 } });
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 0, max: 40 }), (a, b) => {
        expect(legs('split 120/240', a, b)).toBeCloseTo(Math.abs(a - b), 9);
        expect(legs('two legs of 120/208', a, b)).toBeCloseTo(Math.sqrt(a * a + b * b - a * b), 9);
        expect(three(a, b, 7)).toBeCloseTo(
          Math.sqrt(Math.max(0, a * a + b * b + 49 - a * b - 7 * b - 7 * a)),
          6,
        );
      }),
    );
  });
});

describe('plugs on a strip', () => {
  it('fit just where some order of them does', () => {
    const orders = <T>(all: readonly T[]): T[][] =>
      all.length === 0
        ? [[]]
        : all.flatMap((each, i) =>
            orders([...all.slice(0, i), ...all.slice(i + 1)]).map(rest => [each, ...rest]),
          );
    // Seats each order by trying every set of outlets.
    const seats = (widths: readonly number[], outlets: number, pitch: number): boolean =>
      orders(widths).some(order => {
        const place = (i: number, from: number, last: number | undefined): boolean => {
          const width = order[i];
          if (width === undefined) return true;
          for (let outlet = from; outlet < outlets; outlet++) {
            const before = order[i - 1] ?? 0;
            const clears = last === undefined || (outlet - last) * pitch >= (before + width) / 2 - 1e-9;
            if (clears && place(i + 1, outlet + 1, outlet)) return true;
          }
          return false;
        };
        return place(0, 0, undefined);
      });
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(0.04, 0.05, 0.07, 0.11), { minLength: 1, maxLength: 5 }),
        fc.integer({ min: 1, max: 7 }),
        (widths, outlets) => {
          expect(fitsSideBySide(widths, outlets, 0.045)).toBe(seats(widths, outlets, 0.045));
        },
      ),
      { numRuns: 150 },
    );
  });
});

describe('no plug', () => {
  it('needs no room', () => {
    expect(fitsSideBySide([], 0, 0.05)).toBe(true);
    expect(fitsSideBySide([0.04], 0, 0.05)).toBe(false);
  });
});
