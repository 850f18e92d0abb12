/** Racks against sums by hand: shock mounts, bends, drawers that are open, plates, lids, filters, bonding. */
import { describe, expect, it } from 'vitest';
import type { Kind, RackCase } from '../../src/documents/index.js';
import { plateOf } from '../../src/stations/racks/index.js';
import { CASE, coax, mains, racked, RACK_KINDS } from '../racked.js';
import { number, set } from './edited.js';

const caseWith = (more: Partial<RackCase>): Kind => ({
  ...CASE,
  rackCase: { ...(CASE.rackCase as RackCase), ...more },
});
const degrees = (radians: number): number => (radians * 180) / Math.PI;

/** A box with coax of some depth, behind which the lead of a second one is plugged. */
const linked = (
  depth: number,
  { make, rear, plugs }: { make?: string; rear?: number; plugs?: number } = {},
) => {
  const box: Kind = {
    label: 'Coax box',
    family: 'converter',
    weight: 1,
    ports: { ...mains, ...coax },
    rack: { units: 1, depth, ...(plugs !== undefined && { plugs }) },
  };
  const behind: Kind = {
    label: 'Behind',
    family: 'converter',
    weight: 1,
    rack: { units: 1, depth: rear ?? 0.1 },
  };
  return racked(
    [
      ['coaxboxa1', 'coaxbox', { unit: 1 }],
      ['coaxboxb1', 'coaxbox', { unit: 3 }],
      ...(rear === undefined ? [] : [['behind001', 'behind', { unit: 1, rear: true }] as const]),
    ],
    {
      kinds: { coaxbox: box, behind },
      plan: [
        set('/links/linkboxes', {
          order: 'zzz',
          from: { device: 'coaxboxa1', port: 'sdiout001' },
          to: { device: 'coaxboxb1', port: 'sdiin0001' },
          ...(make !== undefined && { make }),
        }),
      ],
    },
  );
};
const bentIn = ({ told }: ReturnType<typeof linked>) => told.filter(each => each.endsWith('racks.bent'));

describe('a lead that stays plugged', () => {
  it('turns by its least radius behind a straight plug', () => {
    expect(number(linked(0.3).item('coaxboxa1')?.bend)).toBeCloseTo(0.5 - 0.3 - 0.03 - 0.035, 9);
    expect(number(linked(0.3, { make: 'coax-thin' }).item('coaxboxa1')?.bend)).toBeCloseTo(
      0.5 - 0.3 - 0.03 - 0.023,
      9,
    );
    expect(number(linked(0.3, { make: 'coax-thick' }).item('coaxboxb1')?.bend)).toBeCloseTo(
      0.5 - 0.3 - 0.03 - 0.052,
      9,
    );
  });

  it('has no more room than what is on the other rails leaves', () => {
    const { item } = linked(0.3, { rear: 0.12 });
    expect(number(item('coaxboxa1')?.bend)).toBeCloseTo(0.5 - 0.3 - 0.12 - 0.03 - 0.035, 9);
    expect(number(item('coaxboxb1')?.bend)).toBeCloseTo(0.5 - 0.3 - 0.03 - 0.035, 9);
  });

  it('is told of where it must bend tighter, as a note for coax, and nowhere else', () => {
    const at = (left: number) => bentIn(linked(0.3, { rear: 0.5 - 0.3 - 0.065 - left }));
    expect(at(0.0001)).toEqual([]);
    expect(at(-0.0001)).toEqual(['note racks.bent']);
  });

  it('is not judged where somebody measured what the plugs take, or where it is unplugged for travel', () => {
    expect(linked(0.3, { plugs: 0.02 }).item('coaxboxa1')?.bend).toBeUndefined();
    expect(racked([['boxlow001', 'boxlow001', { unit: 1 }]]).item('boxlow001')?.bend).toBeUndefined();
  });
});

describe('a drawer that is pulled out', () => {
  const drawer = (kg: number): Kind => ({ ...(RACK_KINDS.drawerone as Kind), weight: kg });
  const opened = (kg: number, place: { unit: number; rear?: true } = { unit: 1 }) =>
    racked(
      [
        ['drawerone', 'drawerone', place],
        ['smallone1', 'smallbox1', { on: 'drawerone' }],
      ],
      { kinds: { drawerone: drawer(kg) } },
    );

  it('moves its weight, and that of what is in it, forward by its depth', () => {
    const { item, balance } = opened(3);
    const [up, back] = [number(balance.centre) ?? 0, number(balance.along) ?? 0];
    // 12 kg of case, 3 kg of drawer, half a kilo in it.
    expect(number(balance.mass)).toBeCloseTo(15.5, 9);
    expect(number(item('drawerone')?.comesOut)).toBe(0.4);
    const front = back - (0.4 * 3.5) / 15.5;
    expect(number(item('drawerone')?.openTip)).toBeCloseTo(degrees(Math.atan(front / up)), 9);
    expect(item('smallone1')?.openTip).toBeUndefined();
  });

  it('on the rear rails moves it to the rear', () => {
    const { item, balance } = opened(3, { unit: 1, rear: true });
    const [up, back] = [number(balance.centre) ?? 0, number(balance.along) ?? 0];
    const rear = 0.6 - back - (0.4 * 3.5) / 15.5;
    expect(number(item('drawerone')?.openTip)).toBeCloseTo(degrees(Math.atan(rear / up)), 9);
  });

  it('is a stop as soon as the rack falls over, a risk below 10°', () => {
    const verdict = (kg: number) => opened(kg).told.filter(each => each.endsWith('drawer-tips'));
    const tip = (kg: number): number => number(opened(kg).item('drawerone')?.openTip) ?? NaN;
    /** The weight at which the angle passes some value, by halving. */
    const weightAt = (angle: number): number => {
      let [low, high] = [1, 200];
      for (let i = 0; i < 40; i++) {
        const middle = (low + high) / 2;
        if (tip(middle) > angle) low = middle;
        else high = middle;
      }
      return low;
    };
    const [ten, none] = [weightAt(10), weightAt(0)];
    expect(verdict(ten - 0.01)).toEqual([]);
    expect(verdict(ten + 0.01)).toEqual(['risk racks.drawer-tips']);
    expect(verdict(none - 0.01)).toEqual(['risk racks.drawer-tips']);
    expect(verdict(none + 0.01)).toEqual(['stop racks.drawer-tips']);
  });

  it('is not known where it, or the case, was not weighed', () => {
    const { weight: _weight, ...unweighed } = drawer(1);
    const { weight: _own, ...light } = CASE;
    const at = [['drawerone', 'drawerone', { unit: 1 }]] as const;
    expect(racked(at, { kinds: { drawerone: unweighed } }).item('drawerone')?.openTip?.why).toBe(
      'DRAWERONE was not weighed',
    );
    expect(racked(at, { kinds: { caseeight: light } }).item('drawerone')?.openTip?.why).toMatch(/stands/);
  });
});

describe('a frame on shock mounts', () => {
  it('leaves less behind and before what is in it, by as much as it swings', () => {
    const at = (sway?: number) =>
      racked([['boxlow001', 'boxlow001', { unit: 1 }]], {
        kinds: { caseeight: caseWith(sway === undefined ? {} : { sway }) },
      });
    expect(number(at(0.02).item('boxlow001')?.room)).toBeCloseTo(0.5 - 0.3 - 0.07 - 0.02, 9);
    expect(number(at(0.02).item('boxlow001')?.before)).toBeCloseTo(0.06 - 0.02 - 0.02, 9);
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
    const plate = plateOf(high(0.04));
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
    const { size: _size, ...unmeasured } = high(0.03);
    expect(plateOf(unmeasured)).toMatchObject({ cut: undefined, height: 0.04445 - 0.0008 });
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
