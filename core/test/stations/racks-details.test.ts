/** Racks against sums by hand: bends of leads, and drawers that are open. */
import { describe, expect, it } from 'vitest';
import type { Kind, RackCase } from '../../src/documents/index.js';
import { CASE, coax, mains, racked, RACK_KINDS } from '../racked.js';
import { number, set } from './edited.js';

const degrees = (radians: number): number => (radians * 180) / Math.PI;

/** A box with coax of some depth, behind which the lead of a second one is plugged. */
const linked = (
  depth: number,
  { make, rear, plugs, sway }: { make?: string; rear?: number; plugs?: number; sway?: number } = {},
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
      kinds: {
        ...{ coaxbox: box, behind },
        ...(sway !== undefined && {
          caseeight: { ...CASE, rackCase: { ...(CASE.rackCase as RackCase), sway } },
        }),
      },
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

  it('has less where the frame swings towards its shell, not towards what swings with it', () => {
    expect(number(linked(0.3, { sway: 0.02 }).item('coaxboxa1')?.bend)).toBeCloseTo(
      0.5 - 0.3 - 0.065 - 0.02,
      9,
    );
    const { item } = linked(0.3, { sway: 0.02, rear: 0.1 });
    expect(number(item('coaxboxa1')?.bend)).toBeCloseTo(0.5 - 0.3 - 0.1 - 0.065, 9);
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
