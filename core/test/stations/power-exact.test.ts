/** Formulas of power against arithmetic of another kind: bisection, sums of sampled waves, sums of small steps. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { constant, numberOf } from '../../src/foundations/index.js';
import type { Port } from '../../src/documents/index.js';
import { minutesFor } from '../../src/stations/power/battery/discharge.js';
import { cellOf } from '../../src/stations/power/battery/cell.js';
import { circuitLoad } from '../../src/stations/power/breakers.js';
import { residualLoad } from '../../src/stations/power/building.js';
import { neutralOf } from '../../src/stations/power/neutral.js';
import { poeLoad } from '../../src/stations/power/poe.js';
import { outletLoad } from '../../src/stations/power/rails.js';
import type { DeviceLoad } from '../../src/stations/power/index.js';
import { givenFigure } from '../given.js';

/** Cases of each formula. */
const CASES = { numRuns: 20 };
const near = (value: number | undefined, wanted: number): void =>
  expect(Math.abs((value ?? NaN) - wanted) / Math.max(1, Math.abs(wanted))).toBeLessThan(1e-6);

/** The upper end of an interval in which a rising function passes a value. */
function solved(rises: (x: number) => number, value: number, low: number, high: number): number {
  let [a, b] = [low, high];
  for (let i = 0; i < 200; i++) {
    const middle = (a + b) / 2;
    if (rises(middle) < value) a = middle;
    else b = middle;
  }
  return b;
}

const loadOf = (watts: number, amps = 0): DeviceLoad => ({
  watts: givenFigure(watts, 'W'),
  amps: givenFigure(amps, 'A'),
  fedBy: givenFigure(1, ''),
});
const port = (of: Partial<Port>): Port => ({
  ...{ order: '1', label: 'one', direction: 'out', connector: 'DC locking', carries: 'power' },
  ...of,
});

describe('formulas of power', () => {
  it('settle where volts times amps is the power of the load', () => {
    const leads = fc.record({
      metres: fc.integer({ min: 1, max: 30 }),
      section: fc.constantFrom(0.5, 0.75, 1, 1.5, 2.5),
      volts: fc.integer({ min: 10, max: 28 }),
      share: fc.integer({ min: 5, max: 95 }),
    });
    fc.assert(
      fc.property(leads, ({ metres, section, volts, share }) => {
        const ohms = (2 * metres * 0.0214) / section;
        const watts = (share / 100) * (volts ** 2 / (4 * ohms));
        const { volts: at, amps } = outletLoad('camera001', {
          load: loadOf(watts),
          power: { running: watts },
          outlet: port({ ends: 'plug', ownLead: metres, section }),
          ...{ inUse: 1, cables: [] },
          outletPointer: '/kinds/supply/ports/out',
          inlet: port({ direction: 'in', volts: { low: 1, high: 30 } }),
          inletPointer: '/kinds/camera/ports/in',
          lowest: constant('Vs', volts, 'V', 'given'),
        });
        // Over the half from Vs down to Vs / 2 the power at its end rises.
        const lost = solved(drop => (volts - drop) * (drop / ohms), watts, 0, volts / 2);
        near(at && numberOf(at), volts - lost);
        near(amps && numberOf(amps), lost / ohms);
      }),
      CASES,
    );
  });

  it('of the neutral are the effective value of all the waves together', () => {
    const phase = fc.record({
      amps: fc.integer({ min: 0, max: 32 }),
      factor: fc.constantFrom(0.5, 0.6, 0.8, 0.95, 1),
    });
    const systems = fc.constantFrom('three phases', 'split 120/240', 'two legs of 120/208');
    const behind = {
      'three phases': [0, 1 / 3, 2 / 3],
      'split 120/240': [0, 1 / 2],
      'two legs of 120/208': [0, 1 / 3],
    };
    fc.assert(
      fc.property(systems, fc.tuple(phase, phase, phase), (system, phases) => {
        const own = behind[system].map((turn, i) => ({ turn, ...(phases[i] ?? { amps: 0, factor: 1 }) }));
        const steps = 720;
        let squares = 0;
        for (let k = 0; k < steps; k++) {
          const sum = own.reduce((all, { turn, amps, factor }) => {
            const lag = Math.atan(Math.sqrt(1 - factor ** 2) / factor);
            return all + amps * Math.SQRT2 * Math.sin(2 * Math.PI * (k / steps - turn) - lag);
          }, 0);
          squares += sum ** 2 / steps;
        }
        const currents = Object.fromEntries(own.map(({ amps, factor }, i) => [i + 1, { amps, factor }]));
        near(neutralOf(system, currents), Math.sqrt(squares));
      }),
      { numRuns: 40 },
    );
  });

  it('of lead-acid last half of what Peukert says, C · (C / (I · H))^0.2 over I where that is less', () => {
    const draws = fc.record({
      ampHours: fc.integer({ min: 5, max: 200 }),
      tenths: fc.integer({ min: 1, max: 400 }),
    });
    fc.assert(
      fc.property(draws, ({ ampHours, tenths }) => {
        const battery = { volts: 12, ampHours, maxAmps: 100, chemistry: 'lead-acid' as const };
        const cell = cellOf({ battery, known: { health: 100 }, reserve: 15 });
        const amps = tenths / 10;
        const rated = Math.exp(1.2 * (Math.log(ampHours) - Math.log(amps) - Math.log(20))) * 20;
        near(minutesFor(cell, amps * 12, 1, 1), 60 * 0.5 * Math.min(rated, ampHours / amps));
      }),
      CASES,
    );
  });

  it('of network cable give at the device what it takes', () => {
    const leads = fc.record({
      poeClass: fc.integer({ min: 1, max: 8 }),
      metres: fc.integer({ min: 1, max: 100 }),
    });
    fc.assert(
      fc.property(leads, ({ poeClass, metres }) => {
        const watts = [0, 3.84, 6.49, 12.95, 25.5, 40, 51, 62, 71.3][poeClass] ?? 0;
        const found = poeLoad('camera001', {
          port: port({ direction: 'in', poeClass, poweredBy: ['PoE bt'] }),
          pointer: '/kinds/camera/ports/in',
          load: loadOf(watts),
          cable: givenFigure(metres, 'm'),
        });
        const source = poeClass <= 3 ? 44 : poeClass <= 6 ? 50 : 52;
        const ohms = (poeClass >= 5 ? 0.0625 : 0.125) * metres;
        const lost = solved(drop => (source - drop) * (drop / ohms), watts, 0, source / 2);
        near(found?.source && numberOf(found.source), watts + lost ** 2 / ohms);
      }),
      CASES,
    );
  });

  it('of leakage and of what lasts three hours are sums', () => {
    const sums = fc.record({
      leaks: fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 8 }),
      trip: fc.constantFrom(5, 10, 30, 100),
      amps: fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 6 }),
      minutes: fc.constantFrom(179, 180, 400),
    });
    fc.assert(
      fc.property(sums, ({ leaks, trip, amps, minutes }) => {
        const { share } = residualLoad('residual1', {
          residual: { order: '1', label: 'one', trip },
          devices: leaks.map((tenths, i) => [
            `d${i}`,
            'kind',
            { label: 'one', family: 'screen', power: { leakage: tenths / 10 } },
          ]),
        });
        near(numberOf(share), (10 * leaks.reduce((sum, each) => sum + each, 0)) / (0.3 * trip));
        const ids = amps.map((_, i) => `d${i}`);
        const { counted } = circuitLoad('circuit01', {
          circuit: { order: '1', label: 'one', amps: 16 },
          ours: ids,
          timeline: [{ from: 0, to: minutes, label: 'all' }],
          drawing: {
            loads: Object.fromEntries(ids.map((id, i) => [id, loadOf(1, (amps[i] ?? 0) / 10)])),
            demands: Object.fromEntries(
              ids.map((id, i) => [id, { watts: [1], amps: [(amps[i] ?? 0) / 10] }]),
            ),
            states: Object.fromEntries(ids.map(id => [id, [{ state: 'working', lasts: minutes }]])),
          },
          ...{ start: '2026-12-04T19:30:00Z', zone: 'UTC', volts: 230, school: 'eighty' },
        });
        const all = amps.reduce((sum, each) => sum + each, 0) / 10;
        near(numberOf(counted), minutes >= 180 ? all * 1.25 : all);
      }),
      CASES,
    );
  });
});
