/** Racks against sums by hand: shock mounts, plates, lids, filters, bonding, and what staying wired saves. */
import { describe, expect, it } from 'vitest';
import type { Kind, RackCase } from '../../src/documents/index.js';
import { assess } from '../../src/assess.js';
import { applyFix, fixesFor } from '../../src/fixes.js';
import { plateOf } from '../../src/stations/racks/index.js';
import { CASE, coax, mains, racked, rackedIn, RACK_KINDS } from '../racked.js';
import { friday, number, set } from './edited.js';

const caseWith = (more: Partial<RackCase>): Kind => ({
  ...CASE,
  rackCase: { ...(CASE.rackCase as RackCase), ...more },
});
describe('a frame on shock mounts', () => {
  it('leaves less behind and before what is in it, by as much as it swings', () => {
    const at = (sway?: number) =>
      racked([['boxlow001', 'boxlow001', { unit: 1 }]], {
        kinds: { caseeight: caseWith(sway === undefined ? {} : { sway }) },
      });
    expect(number(at(0.02).item('boxlow001')?.room)).toBeCloseTo(0.5 - 0.3 - 0.07 - 0.02, 9);
    expect(number(at(0.02).item('boxlow001')?.before)).toBeCloseTo(0.06 - 0.02 - 0.02, 9);
    const rear = racked([['boxlow001', 'boxlow001', { unit: 1, rear: true }]], {
      kinds: { caseeight: caseWith({ sway: 0.02 }) },
    });
    // What hangs on the rear rails reaches inwards, away from the shell.
    expect(number(rear.item('boxlow001')?.room)).toBeCloseTo(0.5 - 0.3 - 0.07, 9);
    expect(at(0.0399).told).not.toContain('stop racks.too-deep');
    expect(at(0.0401).told).toContain('stop racks.too-deep');
    expect(number(at().item('boxlow001')?.before)).toBeCloseTo(0.04, 9);
  });
});

describe('a plate with a cut-out', () => {
  const high = (height: number): Kind => ({
    ...(RACK_KINDS.smallbox1 as Kind),
    size: { width: 0.12, depth: 0.1, height },
  });
  const mounted = (height: number, plate: boolean) =>
    racked([['smallone1', 'smallbox1', { unit: 1, ...(plate && { plate: true }) }]], {
      kinds: { smallbox1: high(height) },
    }).item('smallone1');

  it('leaves 5 mm above and below, so that a thing takes the units for that', () => {
    // 44.45 − 0.8 − 1 − 2 × 5 = 32.65 mm go into one unit; on a shelf 41.45 mm do.
    expect([mounted(0.0326, true)?.units, mounted(0.0327, true)?.units]).toEqual([1, 2]);
    expect([mounted(0.0414, false)?.units, mounted(0.0415, false)?.units]).toEqual([1, 2]);
    expect(mounted(0.03, true)).toMatchObject({ plate: true, onShelf: true });
    expect(mounted(0.03, false)?.plate).toBe(false);
  });

  it('is drawn with its cut-out and the holes of the rails', () => {
    const plate = plateOf(high(0.04).size, 2);
    expect(plate.width).toBe(0.4826);
    expect(plate.height).toBeCloseTo(2 * 0.04445 - 0.0008, 9);
    expect(plate.cut?.width).toBeCloseTo(0.121, 9);
    expect(plate.cut?.height).toBeCloseTo(0.041, 9);
    // 465.1 mm apart; 6.35 mm from the edges of the units, of which the plate lacks 0.4 mm at each.
    const [[left, low], [right], [, top]] = plate.holes as [[number, number], [number], [number, number]];
    expect(right - left).toBeCloseTo(0.4651, 9);
    expect(low).toBeCloseTo(0.00595, 9);
    expect(plate.height - top).toBeCloseTo(0.00595, 9);
  });

  it('has no cut-out that is known for what nobody has measured', () => {
    expect(plateOf(undefined, 1)).toMatchObject({ cut: undefined, height: 0.04445 - 0.0008 });
  });

  it('holds nothing deep or heavy by itself', () => {
    const heavy = (kg: number) =>
      racked([['smallone1', 'smallbox1', { unit: 1, plate: true }]], {
        kinds: { smallbox1: { ...high(0.03), weight: kg } },
      }).told;
    expect(heavy(7.01)).toContain('risk racks.ears-only');
    expect(heavy(7)).not.toContain('risk racks.ears-only');
  });
});

describe('a thing in a lid', () => {
  const lidded = (more: Partial<RackCase>) =>
    racked([['lidscreen', 'lidscreen', { lid: true }]], { kinds: { caseeight: caseWith(more) } }).told.filter(
      each => each.endsWith('comes-open'),
    );

  it('wants a stay and a latch', () => {
    const { stay: _stay, ...bare } = CASE.rackCase as RackCase;
    expect(lidded({ stay: 'yes', latch: 'yes' })).toEqual([]);
    expect(lidded({ stay: 'yes', latch: 'no' })).toEqual(['risk racks.comes-open']);
    expect(lidded({ stay: 'no', latch: 'yes' })).toEqual(['risk racks.comes-open']);
    const unknown = racked([['lidscreen', 'lidscreen', { lid: true }]], {
      kinds: { caseeight: { ...CASE, rackCase: bare } },
    });
    expect(unknown.told).toContain('note racks.comes-open');
  });
});

describe('a dust filter', () => {
  it('lets four fifths of the air of its fan through', () => {
    const moves = (air: Partial<NonNullable<Kind['air']>>) => {
      const fans = RACK_KINDS.fansup001 as Kind;
      const kind = { ...fans, air: { in: 'bottom', out: 'top', flow: 100, ...air } } as Kind;
      const rack = racked(
        [
          ['fansup001', 'fansup001', { unit: 4 }],
          ['boxlow001', 'boxlow001', { unit: 1 }],
        ],
        { kinds: { fansup001: kind } },
      );
      return number(rack.item('fansup001')?.moves) ?? NaN;
    };
    expect(moves({})).toBeCloseTo(60, 9);
    expect(moves({ filter: true })).toBeCloseTo(48, 9);
    expect(moves({ pressure: 40, filter: true }) / moves({ pressure: 40 })).toBeCloseTo(0.8, 9);
  });
});

describe('metalwork that is known not to be bonded', () => {
  const told = (kind: string, bonded: 'yes' | 'no' | undefined) =>
    racked([['thingone1', kind, { unit: 1 }]], {
      kinds: { caseeight: caseWith(bonded ? { bonded } : {}) },
    }).told.filter(each => each.endsWith('not-bonded'));

  it('is a risk where mains is in the rack', () => {
    expect(told('boxlow001', 'no')).toEqual(['risk racks.not-bonded']);
    expect(told('trayone01', 'no')).toEqual([]);
    expect([told('boxlow001', 'yes'), told('boxlow001', undefined)]).toEqual([[], []]);
  });
});

describe('a rack that stays wired', () => {
  const wired = [
    ['boxlow001', 'coaxbox', { unit: 1 }],
    ['boxtwo001', 'coaxbox', { unit: 3 }],
    ['trayone01', 'trayone01', { unit: 5 }],
  ] as const;
  const coaxbox: Kind = { ...(RACK_KINDS.boxlow001 as Kind), ports: { ...mains, ...coax } };
  const link = (to: string) =>
    set('/links/linkboxes', {
      order: 'zzz',
      from: { device: 'boxlow001', port: 'sdiout001' },
      to: { device: to, port: 'sdiin0001' },
    });

  it('saves two minutes for each lead within it, and takes its case and what only holds things', () => {
    const rack = racked(wired, { kinds: { coaxbox }, plan: [link('boxtwo001')] });
    expect(number(rack.saves)).toBe(2);
    // 12 kg of case, 2 kg of tray.
    expect(number(rack.adds)).toBe(14);
  });

  it('saves nothing by leads that leave it, and does not know its kilos where nobody weighed a fitting', () => {
    const outer = set('/devices/outerbox1', {
      order: 'zy',
      label: 'OUTER',
      kind: 'coaxbox',
      place: { at: [5, 11] },
    });
    const leaving = racked(wired, { kinds: { coaxbox }, plan: [outer, link('outerbox1')] });
    expect(number(leaving.saves)).toBe(0);
    const { weight: _weight, ...light } = RACK_KINDS.trayone01 as Kind;
    const unweighed = racked(wired, { kinds: { coaxbox, trayone01: light } });
    expect(unweighed.adds.why).toBe('TRAYONE01 was not weighed');
    const { weight: _case, ...bare } = CASE;
    expect(racked(wired, { kinds: { coaxbox, caseeight: bare } }).adds.value).toBeNull();
  });
});

describe('what is worked by hand', () => {
  const told = (
    closed: ('front' | 'rear')[] | undefined,
    place: { unit: number; rear?: true },
    reach = true,
  ) => {
    const hand: Kind = {
      label: 'Panel of buttons',
      family: 'control',
      weight: 1,
      rack: { units: 1, depth: 0.1, ...(reach && { reach }) },
    };
    return racked([['handpanel', 'hand', place]], {
      kinds: { hand },
      device: closed ? { closed } : {},
    }).told.filter(each => each.endsWith('out-of-reach'));
  };

  it('is not behind a lid that stays on', () => {
    expect(told(['front'], { unit: 1 })).toEqual(['risk racks.out-of-reach']);
    expect(told(['rear'], { unit: 1, rear: true })).toEqual(['risk racks.out-of-reach']);
    expect(told(['rear'], { unit: 1 })).toEqual([]);
    expect(told(['front'], { unit: 1, rear: true })).toEqual([]);
    expect([told(undefined, { unit: 1 }), told(['front', 'rear'], { unit: 1 }, false)]).toEqual([[], []]);
  });

  it('is reached again once that lid is off, while the other stays on', () => {
    const hand: Kind = {
      label: 'Panel of buttons',
      family: 'control',
      weight: 1,
      rack: { units: 1, depth: 0.1, reach: true },
    };
    const bundle = rackedIn(friday, [['handpanel', 'hand', { unit: 1 }]], {
      kinds: { hand },
      device: { closed: ['front', 'rear'] },
    });
    const snag = assess(bundle).snags.find(({ rule }) => rule === 'racks.out-of-reach');
    const [lid] = snag ? fixesFor(snag.id, bundle) : [];
    const after = lid && applyFix(bundle, lid);
    expect(after?.plan.devices?.casetest1?.closed).toEqual(['rear']);
    expect(after && assess(after).snags.some(({ rule }) => rule === 'racks.out-of-reach')).toBe(false);
  });
});
