/** Pairs on one circuit or on two, the order of switching on, and what is lost on leads – by hand. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyPatch } from '../../src/foundations/index.js';
import { numberWithDrop } from '../../src/plan-picture/index.js';
import { balanceTask } from '../../src/searches/balance/from-plan.js';
import { startOrder } from '../../src/start-order/index.js';
import { takeOutPatch } from '../../src/stations/device-edits.js';
import { givenFigure } from '../given.js';
import { changed, found, friday, set } from './snag-tables.js';

describe('a pair', () => {
  const pair = (one: string, other: string, apart: boolean) =>
    changed(['plan', set('/fedTogether', { pairone01: { one, other, ...(apart && { apart }) } })]);
  it('is told where it hangs on two circuits in place of one, or on one in place of two', () => {
    const told = (one: string, other: string, apart: boolean) =>
      found(pair(one, other, apart), 'power.pair-split').length;
    // Switcher and recorder hang on the strip by the desk; the side camera on the vestry.
    expect([told('switcher1', 'recorder1', false), told('switcher1', 'recorder1', true)]).toEqual([0, 1]);
    expect([told('switcher1', 'camside01', false), told('switcher1', 'camside01', true)]).toEqual([1, 0]);
    // A camera on a battery hangs on no circuit.
    expect(told('switcher1', 'camnorth1', false)).toBe(0);
  });
  it('is what sharing out the load keeps, by the plugs through which the two draw', () => {
    const bundle = pair('camside01', 'switcher1', true);
    const { problem, pairLabels, loadLinks } = balanceTask(bundle, assess(bundle));
    expect(pairLabels).toEqual(['C3 SIDE and SWITCHER hang on two circuits']);
    const [{ loads = [0, 0], apart } = {}] = problem.pairs;
    expect(loads.map(load => loadLinks[load]?.[1].to.device)).toEqual(['camside01', 'switcher1']);
    expect(apart).toBe(true);
    const battery = pair('camnorth1', 'switcher1', true);
    expect(balanceTask(battery, assess(battery)).problem.pairs).toEqual([]);
  });
  it('goes with a device that is taken out', () => {
    const { plan } = pair('camside01', 'switcher1', true);
    const battery = {
      ...plan,
      batteryChanges: { one: { battery: 'battnorth', item: 'itembig01', after: 5 } },
    };
    expect(applyPatch(plan, takeOutPatch(plan, 'camside01')).fedTogether).toEqual({});
    expect(applyPatch(battery, takeOutPatch(battery, 'battnorth')).batteryChanges).toEqual({});
  });
});

describe('the order in which things are switched on', () => {
  it('is by inrush, then by watts, those that nobody measured before both', () => {
    const { kind = '' } = friday.plan.devices?.camside01 ?? {};
    const starts = (power: object) => {
      const bundle = changed(['kinds', set(`/kinds/${kind}/power`, power)]);
      return startOrder(bundle, assess(bundle)).circvestr?.map(({ label }) => label);
    };
    expect(starts({ running: 9 })).toEqual(['LAMP 1', 'LAMP 2', 'C3 SIDE']);
    expect(starts({ running: 9, inrush: 3 })).toEqual(['C3 SIDE', 'LAMP 1', 'LAMP 2']);
    expect(starts({})).toEqual(['C3 SIDE', 'LAMP 1', 'LAMP 2']);
  });
});

describe('what is lost on a lead', () => {
  it('stands beside its number to a tenth', () => {
    const said = (value: number | null) => numberWithDrop('R1', { ...givenFigure(0, '%'), value });
    expect([said(0.049), said(0.05), said(3.14), said(null)]).toEqual([
      ...['R1 <0.1 %', 'R1 −0.1 %', 'R1 −3.1 %', 'R1 ? %'],
    ]);
    expect(numberWithDrop('R1', undefined)).toBe('R1');
  });
});
