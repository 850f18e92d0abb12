/** The air in racks against sums by hand: along its way, by itself and by fans, open, closed, thin and in the sun. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Kind } from '../../src/documents/index.js';
import { assess } from '../../src/assess.js';
import { fixesFor } from '../../src/fixes.js';
import { onCurve } from '../../src/stations/racks/stream.js';
import { racked, rackedIn, RACK_KINDS } from '../racked.js';
import { friday, number, set } from './edited.js';

const LOW = ['boxlow001', 'boxlow001', { unit: 1 }] as const;
const HIGH = ['boxhigh01', 'boxhigh01', { unit: 5 }] as const;
const FANS = ['fansup001', 'fansup001', { unit: 4 }] as const;
const OUTSIDE = 2 * (0.56 * 0.6 + 0.56 * 0.44 + 0.6 * 0.44);
/** The same fan unit, of which no curve is known. */
const NO_CURVE: Kind = {
  ...(RACK_KINDS.fansup001 as Kind),
  air: { in: 'bottom', out: 'top', flow: 120 },
};

describe('air', () => {
  // The front is free of panels in five of eight units, the rear in all.
  const leaves = 5.8 * 8 ** 1.5 * (5 / 8 + 1);
  const rise = 10 * (100 / leaves) ** (2 / 3);

  it('that rises by itself takes its warmth from below to above', () => {
    const { air, item } = racked([LOW, HIGH]);
    expect(number(air.leaves)).toBeCloseTo(leaves, 9);
    expect(number(air.rise)).toBeCloseTo(rise, 9);
    expect(number(air.flow)).toBeCloseTo((2.98 * 100) / rise, 9);
    expect(number(item('boxlow001')?.warm)).toBe(20);
    expect(number(item('boxhigh01')?.warm)).toBeCloseTo(20 + 0.6 * rise, 9);
    expect(number(item('boxhigh01')?.margin)).toBeCloseTo(35 - 20 - 0.6 * rise, 9);
    expect(number(air.needs)).toBeCloseTo(29.8, 9);
  });

  it('is thinner high up, and warmer in a warm room', () => {
    const thin = Math.exp(1600 / 8400);
    const { air, item } = racked([LOW, HIGH], {
      altitude: 1600,
      plan: [set('/temperatures', { warmnoon1: { order: '1', at: '2026-12-04T12:00:00Z', celsius: 31 } })],
    });
    expect(number(air.rise)).toBeCloseTo(10 * ((100 * thin) / leaves) ** (2 / 3), 9);
    expect(number(item('boxlow001')?.warm)).toBe(31);
    expect(number(air.needs)).toBeCloseTo(29.8 * thin, 9);
  });

  it('of a closed case is warm by its skin, and reaches everything so', () => {
    const rise = 100 / (5.5 * OUTSIDE);
    const at = (celsius: number) =>
      racked([LOW, HIGH], {
        device: { closed: ['front', 'rear'] },
        plan: [set('/temperatures', { warmnoon1: { order: '1', at: '2026-12-04T12:00:00Z', celsius } })],
      });
    const { air, item } = at(20);
    expect(number(air.rise)).toBeCloseTo(rise, 9);
    expect(number(item('boxlow001')?.warm)).toBeCloseTo(20 + rise, 9);
    // One of them takes air of 35 °C at most.
    expect(at(35 - rise - 0.01).told).not.toContain('stop racks.too-hot');
    expect(at(35 - rise + 0.01).told).toContain('stop racks.too-hot');
  });

  it('that panels cover on all open faces is as that of a closed case, and said so', () => {
    const cover: Kind = {
      label: 'Cover',
      family: 'rack part',
      weight: 1,
      rack: { units: 3, depth: 0.01, fitting: 'blank' },
    };
    const boxes = [
      LOW,
      ['coverlow1', 'cover', { unit: 2 }],
      HIGH,
      ['coverhigh', 'short', { unit: 7 }],
    ] as const;
    const short: Kind = { ...cover, rack: { units: 2, depth: 0.01, fitting: 'blank' } };
    const { air } = racked(boxes, { kinds: { cover, short }, device: { closed: ['rear'] } });
    expect(number(air.leaves)).toBe(0);
    expect(number(air.rise)).toBeCloseTo(100 / (5.5 * OUTSIDE), 9);
    expect(number(air.flow)).toBe(0);
  });

  it('of fans is six tenths of what they move freely, and some of it again with one face open', () => {
    const kinds = { fansup001: NO_CURVE };
    const both = racked([LOW, FANS, HIGH], { kinds });
    expect(number(both.air.flow)).toBeCloseTo(72, 9);
    expect(number(both.air.rise)).toBeCloseTo((2.98 * 110) / 72, 9);
    const one = racked([LOW, FANS, HIGH], { kinds, device: { closed: ['front'] } });
    const inlet = 20 + (0.3 * ((2.98 * 110) / 72)) / 0.7;
    expect(number(one.air.inlet)).toBeCloseTo(inlet, 9);
    expect(number(one.item('boxhigh01')?.warm)).toBeCloseTo(inlet + (2.98 * 70) / 72, 9);
  });

  it('that fans draw out passes what is farthest from them first, above and below by its units', () => {
    const out: Kind = { ...NO_CURVE, air: { in: 'rear', out: 'front', flow: 100 } };
    const { item } = racked([LOW, ['boxnext01', 'boxlow001', { unit: 3 }], FANS, HIGH], {
      kinds: { fansup001: out },
    });
    // Three units below the fans and four above: 3/7 and 4/7 of 60 m³/h.
    expect(number(item('boxlow001')?.warm)).toBe(20);
    expect(number(item('boxnext01')?.warm)).toBeCloseTo(20 + (2.98 * 60) / ((60 * 3) / 7), 9);
    expect(number(item('boxhigh01')?.warm)).toBe(20);
    // The fans themselves have all of it.
    expect(number(item('fansup001')?.warm)).toBeCloseTo(20 + (2.98 * 160) / 60, 9);
  });

  it('of a fan unit of unknown flow is not known, and nothing is said of it', () => {
    const unknown: Kind = { ...NO_CURVE, air: { in: 'bottom', out: 'top' } };
    const { air, told } = racked([LOW, FANS, HIGH], { kinds: { fansup001: unknown } });
    expect(air.rise.value).toBeNull();
    expect(told.filter(each => each.endsWith('too-hot'))).toEqual([]);
  });

  it('is warmed by what blows at a thing, and not by what blows out behind', () => {
    const { item } = racked([
      ['halfleft1', 'halfleft1', { unit: 1 }],
      ['halfright', 'halfright', { unit: 1, across: 'right' }],
    ]);
    expect(number(item('halfright')?.warm)).toBeCloseTo(20 + (2.98 * 20) / (0.6 * 20), 9);
    expect(number(item('halfleft1')?.warm)).toBe(20);
    const through: Kind = { ...(RACK_KINDS.boxlow001 as Kind), air: { in: 'front', out: 'rear' } };
    const open = racked([LOW, HIGH], { kinds: { boxlow001: through } });
    expect(number(open.air.blown)).toBe(60);
    expect(number(open.item('boxhigh01')?.warm)).toBe(20);
    const shut = racked([LOW, HIGH], { kinds: { boxlow001: through }, device: { closed: ['rear'] } });
    expect(number(shut.air.blown)).toBe(0);
  });

  it('that cannot get in at a covered vent gets a unit, which was tried, with the degrees', () => {
    const below: Kind = { ...(RACK_KINDS.boxlow001 as Kind), air: { in: 'bottom', out: 'rear' } };
    const bundle = rackedIn(friday, [LOW, ['boxnext01', 'below', { unit: 2 }]], { kinds: { below } });
    const snag = assess(bundle).snags.find(({ rule }) => rule === 'racks.vents-covered');
    expect(snag?.title).toBe(
      'BOXNEXT01 in TEST CASE takes air in at its bottom, and BOXLOW001 is right under it.',
    );
    const [first] = fixesFor(snag?.id ?? '', bundle);
    expect(first?.label).toMatch(/^One unit of air under BOXNEXT01: 2\d °C at BOXNEXT01$/);
  });

  it('in the sun takes in what a black or a pale case takes', () => {
    const kind = RACK_KINDS.caseeight as Kind;
    const pale = { ...kind, rackCase: { ...(kind.rackCase as NonNullable<Kind['rackCase']>), pale: true } };
    const area = 0.56 * 0.6 + 0.6 * 0.44;
    expect(number(racked([LOW], { device: { sunlit: true } }).air.sun)).toBeCloseTo(900 * area, 9);
    expect(
      number(racked([LOW], { device: { sunlit: true }, kinds: { caseeight: pale } }).air.sun),
    ).toBeCloseTo(300 * area, 9);
  });

  it('makes the noise of all its fans together', () => {
    const { air, told } = racked([FANS, ['halfleft1', 'halfleft1', { unit: 1 }]]);
    expect(number(air.noise)).toBeCloseTo(10 * Math.log10(10 ** 3.6 + 10 ** 3), 9);
    expect(told).toContain('note racks.loud');
  });
});

describe('a fan on its curve', () => {
  it('moves what its openings let through at the pressure it has there', () => {
    const size = fc.double({ min: 0.001, max: 0.5, noNaN: true });
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 900, noNaN: true }),
        fc.double({ min: 5, max: 600, noNaN: true }),
        size,
        (free, pressure, area) => {
          const flow = onCurve(free, pressure, area, 1.2);
          const has = pressure * (1 - flow / free);
          const needs = 0.6 * (flow / 3600 / (0.6 * area)) ** 2;
          expect(flow).toBeGreaterThan(0);
          expect(flow).toBeLessThanOrEqual(free);
          expect(Math.abs(has - needs)).toBeLessThan(1e-6 * pressure);
        },
      ),
    );
    expect(onCurve(100, 50, 0, 1.2)).toBe(0);
  });
});
