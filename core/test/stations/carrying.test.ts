/** From the vehicle to the room: wheels, doors, trips, and what one person carries. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyPatch, type Operation } from '../../src/foundations/index.js';
import { friday, number, remove, set } from './edited.js';

/** 40 m over a hard floor and up a ramp, through two doors. */
const WAY = { distance: 40, steps: 0, doors: 2, width: 0.95, height: 2.1, slope: 8, floor: 'hard' };
const wayIn = (...venue: Operation[]) => applyPatch(friday.venue, [set('/facts/way', WAY), ...venue]);

describe('wheels', () => {
  const pushed = (...venue: Operation[]) =>
    assess({ ...friday, venue: wayIn(...venue) }).pack.cases.casecam01;

  it('take m·g·(c·cos θ + sin θ) to keep rolling, and a little more to start', () => {
    const theta = Math.atan(0.08);
    const kg = number(pushed()?.weight) ?? 0;
    const keep = kg * 9.81 * (0.02 * Math.cos(theta) + Math.sin(theta));
    expect(number(pushed()?.push?.keep)).toBeCloseTo(keep, 9);
    expect(number(pushed()?.push?.start)).toBeCloseTo(keep + kg / 4, 9);
    expect(number(pushed()?.push?.keepShare)).toBeCloseTo(keep / 70, 9);
    const soft = number(pushed(set('/facts/way/floor', 'soft'), set('/facts/way/slope', 0))?.push?.keep);
    expect(soft).toBeCloseTo(kg * 9.81 * 0.1, 9);
  });

  it('say what was not surveyed', () => {
    expect(pushed(remove('/facts/way/floor'))?.push?.keep.why).toContain('roll over');
    expect(pushed(remove('/facts/way/slope'))?.push?.start.why).toContain('steepest ramp');
  });
});

describe('the way in', () => {
  const carried = (...venue: Operation[]) => assess({ ...friday, venue: wayIn(...venue) });

  it('is walked as often as there are cases and loose things, and makes rigging longer', () => {
    const { pack, hands } = carried();
    // 40 m at 1 m/s and two doors of 5 s, there and back, and 30 s to take up and put down.
    expect(number(pack.carried.each)).toBe(2 * (40 + 10) + 30);
    expect(number(pack.carried.work)).toBeCloseTo(((number(pack.carried.trips) ?? 0) * 130) / 60, 9);
    const without = number(carried(remove('/facts/way')).hands.work);
    expect(number(hands.work)).toBeCloseTo((without ?? 0) + (number(pack.carried.work) ?? 0), 9);
  });

  it.each([
    ['distance', 'how far'],
    ['steps', 'steps'],
    ['doors', 'doors'],
  ])('without its %s is not known', (name, why) => {
    expect(carried(remove(`/facts/way/${name}`)).pack.carried.each.why).toContain(why);
  });

  it('ends for a case that no door lets through, on whichever side it lies', () => {
    // 560 × 450 × 260 mm outside or so: the two least sides against the door, to the millimetre.
    const { width, depth, height } = friday.kinds.kinds.rackcase4?.size ?? {};
    const [least = 0, next = 0] = [width ?? 0, depth ?? 0, height ?? 0].toSorted((a, b) => a - b);
    const at = (wide: number, high: number) =>
      carried(set('/facts/way/width', wide), set('/facts/way/height', high)).pack.cases.deskrack1?.door;
    expect(number(at(0.5, next)?.doorTilted)).toBeCloseTo(Math.min(0.5 - least, 0), 9);
    expect(number(at(0.5, 2)?.doorLeft)).toBeCloseTo(
      Math.min(0.5 - Math.min(width ?? 0, depth ?? 0), 2 - (height ?? 0)),
      9,
    );
  });
});

describe('one person', () => {
  const bag = (kg: number) => {
    const plan = applyPatch(friday.plan, [
      set('/devices', { camwide01: { order: '1', label: 'C1', kind: 'onebag001' } }),
      ...[set('/links', {}), set('/packed', {}), set('/shots', {})],
    ]);
    const kinds = applyPatch(friday.kinds, [
      set('/kinds/onebag001', { label: 'Bag', family: 'other', weight: kg, ports: {} }),
    ]);
    return assess({ ...friday, plan, kinds }).pack.carried;
  };

  it('carries at once what one lifts, 20 m, and less far what is heavier', () => {
    expect([bag(15).atOnce.value, bag(15.1).atOnce.value]).toEqual([true, false]);
    expect([number(bag(15).far), number(bag(22.5).far)]).toEqual([20, 15]);
    expect(bag(23.1).far.value).toBeNull();
  });
});
