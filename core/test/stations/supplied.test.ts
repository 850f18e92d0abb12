/** Leads of direct current, their fuses, and power over network cable – by hand, at the limits. */
import { describe, expect, it } from 'vitest';
import type { Port } from '../../src/documents/index.js';
import { constant, numberOf, severityOf } from '../../src/foundations/index.js';
import type { DeviceLoad } from '../../src/stations/power/index.js';
import { poeClassOf, poeLoad } from '../../src/stations/power/poe.js';
import { outletLoad } from '../../src/stations/power/rails.js';
import { givenFigure } from '../given.js';

const loadOf = (watts: number, amps = 0): DeviceLoad =>
  ({ watts: givenFigure(watts, 'W'), amps: givenFigure(amps, 'A') }) as unknown as DeviceLoad;
const port = (more: Partial<Port>): Port => ({
  ...{ order: '1', label: 'out', direction: 'out', connector: 'DC barrel', carries: 'power' },
  ...more,
});

describe('a lead of direct current', () => {
  const lead = { ownLead: 10, section: 0.75 };
  const at = (
    watts: number,
    more: {
      draws?: 'current' | 'resistance';
      amps?: number;
      volts?: number;
      fuse?: number;
      least?: number;
    } = {},
  ) =>
    outletLoad('camera001', {
      load: loadOf(watts, more.amps),
      power: { running: watts, ...(more.draws && { draws: more.draws }) },
      outlet: port({ ...lead, ...(more.fuse !== undefined && { fuse: more.fuse }) }),
      ...{ inUse: 1, cables: [] },
      outletPointer: '/kinds/supply/ports/out',
      inlet: port({ direction: 'in', volts: { low: more.least ?? 9, high: 16 } }),
      inletPointer: '/kinds/camera/ports/in',
      lowest: constant('Vs', more.volts ?? 12, 'V', 'given'),
    });

  it('of 10 m and 0.75 mm² has 0.571 Ω: 36 W settle at 9.93 V and 3.62 A, 3 A lose 1.7 V', () => {
    expect(numberOf(at(36).resistance)).toBeCloseTo(0.570667, 6);
    expect(numberOf(at(36).volts)).toBeCloseTo(9.9318, 3);
    expect(numberOf(at(36).amps)).toBeCloseTo(3.62486, 4);
    expect(numberOf(at(36, { draws: 'current', amps: 3 }).volts)).toBeCloseTo(12 - 3 * 0.570667, 5);
    // 4 Ω behind 0.5707 Ω.
    expect(numberOf(at(36, { draws: 'resistance' }).volts)).toBeCloseTo((12 * 4) / 4.570667, 5);
    // At 10.5 V, 4.56 A.
    expect(numberOf(at(36, { volts: 10.5 }).amps)).toBeCloseTo(4.56, 2);
  });

  it('collapses beyond Vs² / 4R, and stops below the least volts', () => {
    // 144 / (4 · 0.570667) = 63.084 W.
    expect(severityOf(at(63.08).holds ?? givenFigure(1, 'W'))).toBeUndefined();
    expect(severityOf(at(63.09).holds ?? givenFigure(1, 'W'))).toBe('stop');
    expect(at(63.09).volts?.value).toBeNull();
    expect(severityOf(at(36, { least: 9.93 }).spare ?? givenFigure(0, 'V'))).toBeUndefined();
    expect(severityOf(at(36, { least: 9.94 }).spare ?? givenFigure(0, 'V'))).toBe('stop');
  });

  it('wants a fuse of 1.25 × its current', () => {
    const fuse = (amps: number) => severityOf(at(36, { fuse: amps }).fuse ?? givenFigure(0, '%'));
    expect([fuse(4.54), fuse(4.52), fuse(3.62)]).toEqual([undefined, 'risk', 'stop']);
  });
});

describe('power over network cable', () => {
  it('takes at the switch what IEEE 802.3 says at the longest cable', () => {
    const at = (poeClass: number, watts: number, metres = 100) =>
      poeLoad('camera001', {
        port: port({ poeClass, connector: 'RJ45', carries: 'network' }),
        pointer: '/kinds/camera/ports/net',
        load: loadOf(watts),
        cable: givenFigure(metres, 'm'),
      });
    // 25.5 W over 12.5 Ω from 50 V draw 0.6 A: 30 W.
    expect(numberOf(at(4, 25.5)?.source)).toBeCloseTo(30, 9);
    expect(numberOf(at(4, 25.5, 0)?.source)).toBeCloseTo(25.5, 9);
    expect(severityOf(at(4, 25.5)?.share ?? givenFigure(0, '%'))).toBeUndefined();
    expect(severityOf(at(4, 25.6)?.share ?? givenFigure(0, '%'))).toBe('stop');
    expect([0, 1, 2, 3, 4, 5, 6, 7, 8].map(each => numberOf(at(each, 1)?.counted))).toEqual([
      ...[15.4, 4, 7, 15.4, 30, 45, 60, 75, 90],
    ]);
    expect([0, 1, 2, 3, 4, 5, 6, 7, 8].map(each => numberOf(at(each, 1)?.gets))).toEqual([
      ...[12.95, 3.84, 6.49, 12.95, 25.5, 40, 51, 62, 71.3],
    ]);
  });

  it('counts what does not say its class as its type, and of the largest type by what it takes', () => {
    expect(poeClassOf({ poweredBy: ['PoE af'] }, 5)).toBe(0);
    expect(poeClassOf({ poweredBy: ['PoE at'] }, 20)).toBe(4);
    expect(poeClassOf({ poweredBy: ['PoE bt'] }, 40.1)).toBe(6);
    expect(poeClassOf({ poweredBy: ['PoE bt'] }, undefined)).toBeUndefined();
    expect(poeClassOf({ poweredBy: ['USB'] }, 5)).toBeUndefined();
  });
});
