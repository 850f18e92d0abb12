/** What was measured of things on the shelf counts in place of the book – by hand. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { chargeList } from '../../src/charge-list/index.js';
import type { Battery, BatteryRun, Bundle, MeterReading } from '../../src/documents/index.js';
import { numberOf } from '../../src/foundations/index.js';
import { measuredThing } from '../../src/measured/index.js';
import { notedOf } from '../../src/measured/noted.js';
import { healthOf, runShare } from '../../src/stations/power/battery/health.js';
import { summaryOf } from '../../src/stations/power/measured.js';
import { friday } from './edited.js';

const AT = '2026-11-20T10:00:00Z';
const read = (watts: number, more: Partial<MeterReading> = {}): MeterReading => ({
  ...{ at: AT, state: 'working', watts, by: 'Maud', accepted: true },
  ...more,
});
const run = (wattHours: number, more: Partial<BatteryRun> = {}): BatteryRun => ({
  ...{ at: AT, minutes: 60, wattHours, by: 'Maud', accepted: true },
  ...more,
});

/** Friday with readings of one thing of the shelf. */
function metered(item: string, readings: readonly MeterReading[], bundle: Bundle = friday): Bundle {
  const known = bundle.shelf.items[item];
  if (!known) throw new Error('no such thing');
  const meter = Object.fromEntries(readings.map((each, i) => [`reading${i}`, each]));
  return { ...bundle, shelf: { items: { ...bundle.shelf.items, [item]: { ...known, meter } } } };
}
const sideCamera = (bundle: Bundle) => assess(bundle).power.devices.camside01;

describe('what a meter showed', () => {
  it('counts once it is accepted: the mean of all, by state, with its power factor', () => {
    const book = numberOf(sideCamera(friday)?.watts);
    expect(numberOf(sideCamera(metered('itemsmc01', [read(20, { accepted: false })]))?.watts)).toBe(book);
    const load = sideCamera(
      metered('itemsmc01', [
        read(20, { factor: 0.5 }),
        read(23),
        read(99, { accepted: false }),
        read(2, { state: 'standby' }),
        read(31, { state: 'peak', factor: 0.8 }),
      ]),
    );
    expect(numberOf(load?.watts)).toBe(21.5);
    expect(numberOf(load?.amps)).toBeCloseTo(21.5 / (230 * 0.5), 9);
    expect(numberOf(load?.standbyWatts)).toBe(2);
    expect(numberOf(load?.peakAmps)).toBeCloseTo(31 / (230 * 0.8), 9);
  });

  it('of others of its kind counts where it was not measured itself', () => {
    const other = { ...friday.shelf.items.itemsmc01, tape: 'SMC 9', kind: 'x', state: 'ready' } as const;
    const { kind = '' } = friday.shelf.items.itemsmc01 ?? {};
    const bundle = {
      ...friday,
      shelf: { items: { ...friday.shelf.items, another01: { ...other, kind } } },
    };
    const theirs = metered('another01', [read(17)], bundle);
    expect(numberOf(sideCamera(theirs)?.watts)).toBe(17);
    expect(numberOf(sideCamera(metered('itemsmc01', [read(19)], theirs))?.watts)).toBe(19);
    const thing = measuredThing('itemsmc01', theirs.shelf, friday.kinds.kinds[kind]);
    expect(thing?.states.map(({ state, own, kind: all }) => [state, own?.n, all?.mean])).toEqual([
      ['standby', undefined, undefined],
      ['working', undefined, 17],
      ['peak', undefined, undefined],
    ]);
  });

  it('makes known what nobody knew', () => {
    const { kind = '' } = friday.shelf.items.itemsmc01 ?? {};
    const { [kind]: known, ...others } = friday.kinds.kinds;
    if (!known) throw new Error('no such kind');
    const bundle = {
      ...friday,
      kinds: { ...friday.kinds, kinds: { ...others, [kind]: { ...known, power: {} } } },
    };
    const told = (each: Bundle) =>
      assess(each).snags.some(
        ({ rule, subjects }) => rule === 'power.watts-unknown' && subjects.includes('camside01'),
      );
    expect([told(bundle), told(metered('itemsmc01', [read(12)], bundle))]).toEqual([true, false]);
    expect(sideCamera(metered('itemsmc01', [read(12)], bundle))?.least).toBeUndefined();
  });

  it('of a charger counts for what charging takes', () => {
    const [charger] = Object.entries(friday.shelf.items).find(([, { tape }]) => tape.startsWith('CHG')) ?? [];
    const list = (bundle: Bundle) => chargeList(bundle, assess(bundle)).watts;
    expect(list(metered(charger ?? '', [read(61), read(63)]))).toBe(62);
    expect(list(friday)).not.toBe(62);
  });
});

describe('a summary', () => {
  it('is mean and standard deviation of the sample, however the values come', () => {
    expect(summaryOf([])).toBeUndefined();
    expect(summaryOf([4])).toEqual({ n: 1, mean: 4, spread: undefined });
    // Squares about 5: 9, 1, 1, 1, 0, 0, 4, 16 → 32 / 7.
    expect(summaryOf([2, 4, 4, 4, 5, 5, 7, 9])).toEqual({ n: 8, mean: 5, spread: Math.sqrt(32 / 7) });
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 2000, noNaN: true }), { minLength: 2 }), values => {
        const { mean = NaN, spread = NaN } = summaryOf(values) ?? {};
        // All of one pair: the variance is half the mean square of their distances (n² pairs, each twice).
        const pairs = values.flatMap(a => values.map(b => (a - b) ** 2)).reduce((a, b) => a + b, 0);
        expect(spread ** 2).toBeCloseTo(pairs / (2 * values.length * (values.length - 1)), 4);
        expect(Math.min(...values) - 1e-9 <= mean && mean <= Math.max(...values) + 1e-9).toBe(true);
      }),
    );
  });
});

describe('health', () => {
  const lithium: Battery = { volts: 10, ampHours: 10, maxAmps: 10 };
  const share = (battery: Battery, each: BatteryRun) => runShare({ battery, known: undefined }, each);

  it('is what it gave of what a new one gives: as deep, as cold, as fast', () => {
    expect(share(lithium, run(80))).toBeCloseTo(80, 9);
    expect(share(lithium, run(72, { left: 10 }))).toBeCloseTo(80, 9);
    expect(share(lithium, run(68, { celsius: 0 }))).toBeCloseTo(80, 9);
    // Below what its chemistry stands a run tells nothing.
    const iron: Battery = { ...lithium, chemistry: 'LiFePO4' };
    expect(share(iron, run(50, { celsius: -11 }))).toBeUndefined();
    expect(share(iron, run(30, { celsius: -10 }))).toBeCloseTo(50, 9);
    const cold = { a: run(50, { celsius: -11 }) };
    expect(healthOf({ battery: iron, known: { health: 90, runs: cold } })).toBe(0.9);
    // Lead-acid of 100 Wh over 20 h, 6 A in one hour: 60 Wh count as 60 · (6 · 20 / 10)^0.2, of 100 · 0.96 at 20 °C.
    const lead: Battery = { ...lithium, chemistry: 'lead-acid' };
    expect(share(lead, run(60))).toBeCloseTo((60 * 12 ** 0.2) / 0.96, 9);
  });

  it('is the mean of the newest five that count, before what was typed, before cycles', () => {
    const runs = Object.fromEntries(
      [50, 90, 91, 92, 93, 94].map((wattHours, day) => [
        `run${day}`,
        run(wattHours, { at: `2026-11-0${day + 1}T10:00:00Z` }),
      ]),
    );
    const known = { cycles: 500, health: 77 };
    expect(healthOf({ battery: lithium, known: { ...known, runs } })).toBeCloseTo(0.92, 9);
    const waits = { a: run(40, { accepted: false }) };
    expect(healthOf({ battery: lithium, known: { ...known, runs: waits } })).toBe(0.77);
    expect(healthOf({ battery: lithium, known: { cycles: 500, runs: waits } })).toBeCloseTo(0.8, 9);
    const item = { tape: 'A', kind: 'k', state: 'ready', runs } as const;
    const thing = measuredThing(
      'a',
      { items: { a: item } },
      { label: '', family: 'battery', battery: lithium },
    );
    expect(thing?.battery?.runs.map(({ id }) => id)[0]).toBe('run5');
    expect([thing?.battery?.health?.n, notedOf(item)]).toEqual([5, 6]);
  });

  it('of a run changes how long the battery lasts, and is told once it is below seven tenths', () => {
    const { battery } = friday.kinds.kinds.battplate ?? {};
    const rated = (battery?.volts ?? 0) * (battery?.ampHours ?? 0);
    const item = friday.shelf.items.itembat01;
    if (!item) throw new Error('no such battery');
    const after = (given: number) => {
      const runs = { first: run(given) };
      const shelf = { items: { ...friday.shelf.items, itembat01: { ...item, runs } } };
      return assess({ ...friday, shelf });
    };
    const half = after(rated / 2);
    expect(numberOf(half.power.batteries.battnorth?.health)).toBeCloseTo(50, 9);
    expect(half.snags.map(({ rule }) => rule)).toContain('power.battery-worn');
    expect(after(0.7001 * rated).snags.map(({ rule }) => rule)).not.toContain('power.battery-worn');
    const usable = (each: ReturnType<typeof assess>) => numberOf(each.power.batteries.battnorth?.usable) ?? 0;
    expect(usable(after(rated)) / usable(half)).toBeCloseTo(2, 9);
  });
});
