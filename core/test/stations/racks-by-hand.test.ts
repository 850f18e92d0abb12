/** Racks against sums by hand: places, depths, and how a rack stands. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Kind } from '../../src/documents/index.js';
import { racked, rackedIn, RACK_KINDS } from '../racked.js';
import { friday, number, set } from './edited.js';

const LOW = ['boxlow001', 'boxlow001', { unit: 1 }] as const;
const HIGH = ['boxhigh01', 'boxhigh01', { unit: 5 }] as const;

describe('places', () => {
  it('of halves are side by side, and shared by what they have in common', () => {
    const halves = (across: 'left' | 'middle' | 'right') =>
      racked([
        ['halfleft1', 'halfleft1', { unit: 3 }],
        ['halfright', 'halfright', { unit: 3, across }],
      ]);
    expect(halves('right').item('halfright')?.shared).toBeUndefined();
    expect(number(halves('right').used)).toBe(1);
    // A quarter of the width of a panel, one unit, 0.2 m.
    expect(number(halves('middle').item('halfright')?.shared)).toBeCloseTo(
      1000 * 0.25 * 0.4826 * 0.04445 * 0.2,
      9,
    );
    expect(halves('middle').told).toContain('stop racks.overlap');
    expect(halves('right').told).not.toContain('stop racks.overlap');
  });

  it('of thirds leave room for three', () => {
    const third: Kind = {
      label: 'Third',
      family: 'converter',
      weight: 1,
      rack: { units: 1, depth: 0.1, width: 'third' },
    };
    const rack = racked(
      (['left', 'middle', 'right'] as const).map(across => [`third${across}`, 'third', { unit: 1, across }]),
      { kinds: { third } },
    );
    expect(Object.values(rack.items).some(({ shared }) => shared)).toBe(false);
    expect(number(rack.used)).toBe(1);
  });

  it('on a tray are side by side, under what is above, and weigh on it', () => {
    const rack = racked([
      ['trayone01', 'trayone01', { unit: 2 }],
      ['smallone1', 'smallbox1', { on: 'trayone01' }],
      ['smalltwo1', 'smallbox1', { on: 'trayone01' }],
    ]);
    expect(number(rack.item('trayone01')?.beside)).toBeCloseTo(0.44 - 2 * 0.12, 9);
    expect(number(rack.item('trayone01')?.carries)).toBe(5 - 2 * 0.5);
    expect(number(rack.item('smalltwo1')?.headroom)).toBeCloseTo(0.04445 - 0.003 - 0.03, 9);
    const [one, two] = [rack.item('smallone1')?.box, rack.item('smalltwo1')?.box];
    expect(one && two && one.across[1] <= two.across[0]).toBe(true);
  });

  it('hang on the rails with all that lies on them and is in that, and under the lid by what stands out', () => {
    const rack = racked(
      [
        ['trayone01', 'trayone01', { unit: 2 }],
        ['smallone1', 'smallbox1', { on: 'trayone01' }],
        ['boxlow001', 'boxlow001', { unit: 1 }],
        ['boxrear01', 'boxlow001', { unit: 4, rear: true }],
      ],
      {
        plan: [
          set('/devices/diskinbox', {
            order: 'zzz',
            label: 'DISK',
            kind: 'smallbox1',
            place: { inside: 'smallone1' },
          }),
        ],
      },
    );
    // A tray and a box of 2 kg, half a kilo on the tray and half in that, of 30; one box on the rear ones.
    expect([number(rack.loads.front), number(rack.loads.rear)]).toEqual([30 - 2 - 2 - 0.5 - 0.5, 30 - 2]);
    expect(number(rack.loadLeft)).toBe(60 - 3 * 2 - 2 * 0.5);
    expect(number(rack.item('boxlow001')?.before)).toBeCloseTo(0.06 - 0.02, 9);
  });

  it('behind a tray are judged by what lies on it, where that is deeper', () => {
    const long: Kind = {
      label: 'Long',
      family: 'converter',
      weight: 1,
      size: { width: 0.2, depth: 0.42, height: 0.03 },
    };
    const { item } = racked(
      [
        ['trayone01', 'trayone01', { unit: 1 }],
        ['longthing', 'long', { on: 'trayone01' }],
        ['boxrear01', 'boxlow001', { unit: 1, rear: true }],
      ],
      { kinds: { long } },
    );
    // 0.5 − 0.3 and 70 mm of mains plug − 0.42.
    expect(number(item('boxrear01')?.behind)).toBeCloseTo(0.5 - 0.3 - 0.07 - 0.42, 9);
    expect(number(item('longthing')?.room)).toBeCloseTo(0.08, 9);
  });

  it('of a rack in a rack weigh on both, and are mounted in their own only', () => {
    const inner = { order: 'zza', label: 'INNER', kind: 'rackcase4', place: { inside: 'casetest1' } };
    const box = { order: 'zzb', label: 'BOX', kind: 'boxlow001', place: { inside: 'innercase', unit: 2 } };
    const { racks } = assess(
      rackedIn(friday, [LOW], { plan: [set('/devices/innercase', inner), set('/devices/innerbox1', box)] }),
    );
    expect(number(racks.racks.casetest1?.load)).toBeCloseTo(2 + 6.4 + 2, 9);
    expect(racks.racks.casetest1?.items.innerbox1).toMatchObject({ how: 'within', unit: undefined });
    expect(racks.racks.innercase?.items.innerbox1).toMatchObject({ how: 'rails', unit: 2 });
  });

  it('of a case inside itself are none, and nothing else is lost', () => {
    const { racks, snags } = assess(rackedIn(friday, [LOW], { device: { place: { inside: 'casetest1' } } }));
    expect(Object.keys(racks.racks.casetest1?.items ?? {})).toEqual(['boxlow001']);
    expect(snags.length).toBeGreaterThan(0);
  });
});

describe('how a rack stands', () => {
  const under = (0.44 - 8 * 0.04445) / 2;

  it('is by where each weight is: its centre, its edges, the angle', () => {
    const { balance, told } = racked([LOW, HIGH]);
    // Box of 2 kg in unit 1, 0.3 m deep; box of 14 kg in units 5 and 6, 0.25 m deep; the case of 12 kg.
    const up = (12 * 0.22 + 2 * (under + 0.5 * 0.04445) + 14 * (under + 5 * 0.04445)) / 28;
    const back = (12 * 0.3 + 2 * (0.05 + 0.15) + 14 * (0.05 + 0.125)) / 28;
    expect(number(balance.centre)).toBeCloseTo(up, 9);
    expect(number(balance.along)).toBeCloseTo(back, 9);
    expect(number(balance.height)).toBeCloseTo((100 * up) / 0.44, 9);
    expect(number(balance.tip)).toBeCloseTo((Math.atan(Math.min(back, 0.28) / up) * 180) / Math.PI, 9);
    expect(told).toContain('note racks.top-heavy');
  });

  it('on narrow feet is a stop below 10°, a risk below 20°', () => {
    const standing = (feetAcross: number) => {
      const kind = RACK_KINDS.caseeight as Kind;
      return racked([LOW], {
        kinds: {
          caseeight: {
            ...kind,
            rackCase: { ...(kind.rackCase as NonNullable<Kind['rackCase']>), feetAcross },
          },
        },
      });
    };
    const up = number(standing(0.5).balance.centre) ?? 0;
    const feet = (degrees: number): number => 2 * up * Math.tan((degrees * Math.PI) / 180);
    const verdict = (degrees: number) =>
      standing(feet(degrees)).told.filter(each => each.endsWith('top-heavy'));
    expect([verdict(9.99), verdict(10.01), verdict(19.99), verdict(20.01)]).toEqual([
      ['stop racks.top-heavy'],
      ['risk racks.top-heavy'],
      ['risk racks.top-heavy'],
      [],
    ]);
  });

  it('is not known where one thing was not weighed, or the case not measured outside', () => {
    const { weight: _weight, ...unweighed } = RACK_KINDS.boxlow001 as Kind;
    expect(racked([LOW], { kinds: { boxlow001: unweighed } }).balance.tip.why).toBe(
      'BOXLOW001 was not weighed',
    );
    const { size: _size, ...unmeasured } = RACK_KINDS.caseeight as Kind;
    expect(racked([LOW], { kinds: { caseeight: unmeasured } }).balance.tip.why).toMatch(
      /outside were not measured/,
    );
  });

  it('could not be lower in any order than it says', () => {
    const thing = fc.record({ units: fc.integer({ min: 1, max: 3 }), kg: fc.integer({ min: 1, max: 20 }) });
    fc.assert(
      fc.property(fc.array(thing, { minLength: 1, maxLength: 4 }), things => {
        let unit = 1;
        const placed = things.map(({ units, kg }, i) => {
          const at = unit;
          unit += units;
          return { id: `thing000${i}`, units, kg, at };
        });
        const kinds = Object.fromEntries(
          placed.map(({ id, units, kg }): [string, Kind] => [
            id,
            { label: id, family: 'tool', weight: kg, rack: { units, depth: 0.2 } },
          ]),
        );
        const roomy = {
          ...(RACK_KINDS.caseeight as Kind),
          size: { width: 0.56, depth: 0.6, height: 0.7 },
          rackCase: { units: 12, depth: 0.5, load: 200 },
        };
        const { balance } = racked(
          placed.map(({ id, at }) => [id, id, { unit: at }]),
          { kinds: { ...kinds, caseeight: roomy } },
        );
        const orders = (left: typeof placed): (typeof placed)[] =>
          left.length === 0
            ? [[]]
            : left.flatMap(each => orders(left.filter(other => other !== each)).map(rest => [each, ...rest]));
        const moment = (order: typeof placed): number => {
          let low = 0;
          return order.reduce((sum, { units, kg }) => {
            low += units;
            return sum + kg * (low - units / 2);
          }, 0);
        };
        const least = Math.min(...orders(placed).map(moment));
        const kg = 12 + placed.reduce((sum, each) => sum + each.kg, 0);
        expect(number(balance.lower)).toBeCloseTo((100 * (moment(placed) - least) * 0.04445) / kg / 0.7, 9);
      }),
      { numRuns: 40 },
    );
  });
});
