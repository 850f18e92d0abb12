/** Loading the vehicles: what rides on a roof when there is no room inside, and what never does. */
import { describe, expect, it } from 'vitest';
import type { Bundle, Kind, Vehicle } from '../../src/documents/index.js';
import { assess } from '../../src/assess.js';
import { applyFix } from '../../src/fixes.js';
import { loadVehicles } from '../../src/searches/load/index.js';
import { bearsRoof, ontoRoofs } from '../../src/searches/load/roof.js';
import { runSearch } from '../../src/searches/search.js';
import { friday, number } from '../stations/edited.js';

/** Friday with a boot of some height and roof bars for so many kilos. */
const driven = (height: number, roofLoad: number | undefined): Bundle => {
  const car = friday.kinds.kinds.carestate as Kind;
  const { roofLoad: _roof, ...vehicle } = car.vehicle as Vehicle;
  return {
    ...friday,
    plan: { ...friday.plan, packed: {} },
    kinds: {
      ...friday.kinds,
      kinds: {
        ...friday.kinds.kinds,
        carestate: {
          ...car,
          vehicle: { ...vehicle, height, ...(roofLoad !== undefined && { roofLoad }) },
        },
      },
    },
  };
};
/** Each look at the clock takes a tenth of a second, so that no answer hangs on the machine. */
function ticking(): () => number {
  let at = 0;
  return () => (at += 100);
}
const loadedIn = (bundle: Bundle) =>
  runSearch(loadVehicles, bundle, { seconds: 1 }, { now: ticking(), solve: noSolver });
const noSolver = (): never => {
  throw new Error('no programme is solved here');
};

describe('with no room inside', () => {
  it('what rain does no harm rides on the roof, up to what its bars carry, and nothing else', async () => {
    const bundle = driven(0.001, 20);
    const { answer, offers, objectives } = await loadedIn(bundle);
    const [car] = answer.vehicles;
    expect(car?.pieces).toEqual([]);
    expect(car?.roof.length).toBeGreaterThan(0);
    const kg = car?.roof.reduce((sum, each) => sum + each.kg, 0) ?? NaN;
    expect(kg).toBeLessThanOrEqual(20);
    expect(car?.kg).toBe(kg);
    const { lines } = assess(bundle).pack;
    for (const { line } of car?.roof ?? [])
      expect(bundle.kinds.kinds[lines[line]?.kind ?? '']?.power, line).toBeUndefined();
    // Nothing that is said to be no worse is better than what nothing is better than.
    expect(objectives[0]?.bound).toBeLessThanOrEqual(answer.left.length);
    const [offer] = offers;
    const loaded = applyFix(bundle, { changes: offer?.changes ?? [] });
    const { pieces = {}, roof } = assess(loaded).pack.vehicles.carodile1 ?? {};
    expect(Object.keys(pieces).filter(id => pieces[id]?.onRoof)).toHaveLength(car?.roof.length ?? NaN);
    expect(number(roof)).toBeCloseTo(kg, 9);
  });

  it('nothing rides on a roof without bars', async () => {
    const { answer } = await loadedIn(driven(0.001, undefined));
    expect(answer.vehicles[0]?.roof).toEqual([]);
    expect(answer.left.length).toBeGreaterThan(0);
  });

  it('what is lashed there already is part of what the vehicle and its bars carry', async () => {
    const bundle = driven(0.001, 20);
    const { answer } = await loadedIn(bundle);
    const [first] = answer.vehicles[0]?.roof ?? [];
    const packed = { packedon1: { line: first?.line ?? '', in: 'carodile1', roof: true } };
    const again = await loadedIn({ ...bundle, plan: { ...bundle.plan, packed } });
    const more = again.answer.vehicles[0]?.roof ?? [];
    expect(more.map(({ line }) => line)).not.toContain(first?.line);
    expect(more.reduce((sum, { kg }) => sum + kg, first?.kg ?? NaN)).toBeLessThanOrEqual(20);
  });
});

describe('a roof', () => {
  const stand: Kind = { label: 'Stand', family: 'support', weight: 4 };
  it('takes what two lift onto it, and nothing electrical, no case, no fluid, nothing that must stay upright', () => {
    expect([bearsRoof(stand, 15), bearsRoof(stand, 15.01), bearsRoof(stand, 0)]).toEqual([
      true,
      false,
      false,
    ]);
    expect(bearsRoof({ ...stand, power: { running: 5 } }, 4)).toBe(false);
    expect(bearsRoof({ ...stand, travel: { upright: true } }, 4)).toBe(false);
    expect(bearsRoof({ ...stand, travel: { fluid: true } }, 4)).toBe(false);
    expect(bearsRoof({ ...stand, travel: { top: true } }, 4)).toBe(true);
    expect(bearsRoof(undefined, 4)).toBe(false);
  });

  it('takes the largest first, each on the first that still carries it', () => {
    const things = [
      { index: 0, kg: 6, room: 0.1 },
      { index: 1, kg: 8, room: 0.3 },
      { index: 2, kg: 5, room: 0.2 },
    ];
    expect([...ontoRoofs(things, [10, 6])]).toEqual([
      [1, 0],
      [2, 1],
    ]);
    expect([...ontoRoofs(things, [19])]).toHaveLength(3);
    expect([...ontoRoofs(things, [-1])]).toEqual([]);
  });
});
