/** Batteries that take each other’s place, and readings that set the rest right – by hand. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { batteryCard } from '../../src/battery-card/index.js';
import { walkTo } from '../../src/battery-card/walk.js';
import type { BatteryChange, ChargeReading, Plan } from '../../src/documents/index.js';
import { applyPatch, numberOf } from '../../src/foundations/index.js';
import { servicesOf, type Service } from '../../src/stations/power/battery/services.js';
import { friday } from './edited.js';

const START = '2026-12-04T19:30:00Z';
/** 100 Wh, of which 80 may be taken. */
const HUNDRED = { volts: 10, ampHours: 10, maxAmps: 10 };
const at = (minutes: number): string => new Date(Date.parse(START) + minutes * 60_000).toISOString();

/** A place from which 20 W are drawn from 0 to 300 min, and another for the first hour at 40 W. */
function services(
  changes: Readonly<Record<string, Omit<BatteryChange, 'battery'> & { battery?: string }>>,
  readings: readonly Omit<ChargeReading, 'battery' | 'by'>[] = [],
): Readonly<Record<string, readonly Service[]>> {
  const kind = friday.kinds.kinds.battplate;
  if (!kind) throw new Error('no such kind');
  const item = (tape: string) => ({ tape, kind: 'hundred', state: 'ready' }) as const;
  return servicesOf({
    seats: {
      place: { battery: HUNDRED, item: 'a', watts: [20, 20] },
      other: { battery: HUNDRED, item: 'b', watts: [40, 0] },
    },
    changes: Object.fromEntries(
      Object.entries(changes).map(([id, change]) => [id, { battery: 'place', ...change }]),
    ),
    readings: Object.fromEntries(
      readings.map((reading, i) => [`reading${i}`, { ...reading, battery: 'place', by: 'Maud' }]),
    ),
    timeline: [
      { from: 0, to: 60, label: 'first' },
      { from: 60, to: 300, label: 'second' },
    ],
    start: START,
    air: [[0, 20]],
    reserve: 20,
    kinds: { version: 1, kinds: { hundred: { ...kind, battery: HUNDRED } } },
    shelf: { items: { a: item('A'), b: item('B'), c: item('C') } },
  });
}

const lasts = (all: readonly Service[] | undefined) =>
  all?.map(({ item, from, to, empty, taken }) => ({
    item,
    from,
    to,
    empty,
    taken: Number(taken.toFixed(6)),
  }));

describe('batteries that take each other’s place', () => {
  it('are reckoned each while it is there, and one that comes again with what it has', () => {
    const found = services({
      one: { item: 'c', after: 120 },
      two: { item: 'a', after: 210 },
    });
    // 20 W: 2 h take 40 Wh, 1.5 h 30 Wh; then A has 40 of its 80 Wh, which last 2 h, for 1.5 h.
    expect(lasts(found.place)).toEqual([
      { item: 'a', from: -Infinity, to: 120, empty: undefined, taken: 0.4 },
      { item: 'c', from: 120, to: 210, empty: undefined, taken: 0.3 },
      { item: 'a', from: 210, to: Infinity, empty: undefined, taken: 0.7 },
    ]);
    expect(found.other).toBeUndefined();
  });

  it('may have given elsewhere before: what was taken there is gone', () => {
    // B gave 40 Wh in the other place; here it has 40 Wh, 2 h at 20 W.
    const found = services({
      one: { item: 'b', after: 120 },
      two: { item: 'c', after: 60, battery: 'other' },
    });
    expect(lasts(found.place)?.[1]).toEqual({ item: 'b', from: 120, to: Infinity, empty: 240, taken: 0.8 });
  });

  it('are changed when they were changed, whatever was planned', () => {
    const found = lasts(services({ one: { item: 'c', after: 120, done: at(90) } }).place);
    expect([found?.[0]?.to, found?.[0]?.taken]).toEqual([90, 0.3]);
  });

  it('are set right by what they showed: the rest draws as much more as it drew until then', () => {
    // By plan 80 % after an hour; it shows 60 %: 40 W are drawn. 40 Wh are left to give, for another hour.
    const [only] = services({}, [{ at: at(60), percent: 60 }]).place ?? [];
    expect([only?.factor, only?.empty]).toEqual([2, 120]);
    // As planned: 80 Wh at 20 W.
    const [planned] = services({}, [{ at: at(60), percent: 80 }]).place ?? [];
    expect(planned?.factor).toBeCloseTo(1, 12);
    expect(planned?.empty).toBeCloseTo(240, 9);
    // Less than planned: 90 % shown, 10 W; 70 Wh are left, for five hours more.
    expect(services({}, [{ at: at(60), percent: 90 }]).place?.[0]?.taken).toBeCloseTo(0.5, 9);
  });

  it('say nothing of what draws on them before they have given a twentieth', () => {
    const [only] = services({}, [{ at: at(14), percent: 80 }]).place ?? [];
    expect(only?.factor).toBe(1);
    // 60 Wh are left from then on.
    expect(only?.empty).toBeCloseTo(14 + 180, 9);
    expect(services({}, [{ at: at(15), percent: 80 }]).place?.[0]?.factor).toBeCloseTo(4, 9);
  });

  it('make whatever comes next empty sooner too, never later', () => {
    const next = (percent: number) =>
      services({ one: { item: 'c', after: 90 } }, [{ at: at(60), percent }]).place?.[1];
    expect([next(60)?.factor, next(60)?.empty]).toEqual([2, 90 + 120]);
    expect(next(90)?.factor).toBe(1);
  });

  it('are not set right by what was noted on another day', () => {
    expect(services({}, [{ at: at(-121), percent: 10 }]).place).toBeUndefined();
    expect(services({}, [{ at: at(-120), percent: 40 }]).place?.[0]?.empty).toBeCloseTo(60, 9);
    const [first] = services({ one: { item: 'c', after: 120, done: at(421) } }).place ?? [];
    expect(first?.to).toBe(120);
  });

  it('that are read as they are changed are those that are taken out', () => {
    const [out, put] = services({ one: { item: 'c', after: 60 } }, [{ at: at(60), percent: 60 }]).place ?? [];
    expect([out?.factor, put?.before, put?.factor, put?.empty]).toEqual([2, 0, 2, 60 + 120]);
  });

  it('that showed less than is kept back are empty then', () => {
    expect(services({}, [{ at: at(60), percent: 10 }]).place?.[0]?.empty).toBeCloseTo(60, 9);
  });
});

describe('the battery of the second camera on Friday', () => {
  const withPlan = (more: Partial<Plan>) => {
    const bundle = { ...friday, plan: { ...friday.plan, ...more } };
    return { bundle, assessment: assess(bundle) };
  };
  const change = (after: number, item = 'itembat02', more: Partial<BatteryChange> = {}) =>
    withPlan({ batteryChanges: { change0001: { battery: 'battnorth', item, after, ...more } } });
  const own = ({ assessment }: ReturnType<typeof change>): readonly string[] =>
    assessment.snags.filter(({ id }) => /power\.battery-(short|change)/.test(id)).map(({ title }) => title);
  const empty = numberOf(assess(friday).power.batteries.battnorth?.minutes) ?? NaN;

  it('lasts the day where it is changed in time, and is said to be empty before where not', () => {
    expect(own(withPlan({}))).toEqual([expect.stringMatching(/^C2 BATTERY is empty 25 min before the end/)]);
    // First drawn upon 95 min before the start.
    const latest = Math.floor(empty - 95);
    expect(own(change(latest + 1))).toContainEqual('C2 BATTERY is empty 1 min before it is changed.');
    expect(own(change(latest)).join()).not.toMatch(/is empty/);
  });

  it('is changed on air only where it is known to run on', () => {
    expect(own(change(30))).toEqual(['C2 BATTERY is to be changed while what hangs on it is on air.']);
    const { bundle } = change(30);
    const hot = structuredClone(bundle.kinds);
    const kind = hot.kinds[bundle.plan.devices?.camnorth1?.kind ?? ''];
    if (kind?.power) kind.power.hotSwap = true;
    expect(assess({ ...bundle, kinds: hot }).snags.some(({ id }) => id.includes('battery-change'))).toBe(
      false,
    );
    if (kind?.power) kind.power.hotSwap = false;
    expect(
      assess({ ...bundle, kinds: hot }).snags.find(({ id }) => id.includes('battery-change'))?.severity,
    ).toBe('stop');
    // Done: nothing can be said against it any more.
    expect(own(change(30, 'itembat02', { done: at(30), by: 'Maud' }))).toEqual([]);
  });

  it('is not changed for what does not fit, is not there or cannot be found', () => {
    expect(own(change(-30, 'itemcam01'))).toContainEqual(expect.stringMatching(/is no battery of the shelf/));
    expect(own(change(-30, 'itembat03')).join()).toMatch(
      /BAT 03, which is to take the place of C2 BATTERY, is in repair/,
    );
  });

  it('is on the card with what it should show, and on the pack list', () => {
    const { bundle, assessment } = change(-30);
    const { lines } = batteryCard(bundle, assessment);
    expect(lines.map(({ does, there, comes }) => [does, there, comes])).toEqual(
      [
        ['look', 'BAT 01', undefined],
        ['change', 'BAT 01', 'BAT 02'],
        ['look', 'BAT 02', undefined],
        ['look', 'BAT 02', undefined],
      ].filter((_, i) => lines.length === 4 || i > 0),
    );
    const line = lines.find(({ does }) => does === 'change');
    expect(line?.at).toBe('2026-12-04T19:00:00.000Z');
    // Half of the charge of BAT 01 in 65 of 165 min, and what is kept back.
    const left = 100 * (1 - 0.85 * ((95 - 30) / empty));
    expect(numberOf(line?.expected)).toBeCloseTo(left, 6);
    expect(Object.values(assessment.pack.lines).some(({ tape }) => tape === 'BAT 02')).toBe(true);
  });

  it('is carried there from where the pictures are switched: somebody leaves as many minutes before', () => {
    const { bundle, assessment } = change(-30);
    const { places } = assessment.ground;
    const at = (id: string): number[] => [
      ...(places[id]?.at ?? []),
      Number(places[id] && numberOf(places[id].elevation)),
    ];
    const [battery = ''] = Object.keys(assessment.power.services);
    const to = at(battery);
    const metres = Math.sqrt(at('switcher1').reduce((sum, each, i) => sum + (each - (to[i] ?? 0)) ** 2, 0));
    const line = batteryCard(bundle, assessment).lines.find(({ does }) => does === 'change');
    expect(walkTo(battery, assessment)?.metres).toBeCloseTo(metres, 9);
    // 1 m/s, in whole minutes.
    expect(metres).toBeGreaterThan(3);
    expect(metres).toBeLessThan(60);
    expect(line?.walk?.leave).toBe('2026-12-04T18:59:00.000Z');
    // What is at hand is no walk.
    const plan = applyPatch(bundle.plan, [
      { op: 'replace', path: '/devices/camnorth1/place/at', value: [...(places.switcher1?.at ?? [])] },
      { op: 'replace', path: '/devices/camnorth1/place/height', value: 1.5 },
    ]);
    const near = { ...bundle, plan };
    expect(batteryCard(near, assess(near)).lines.find(({ does }) => does === 'change')?.walk).toBeUndefined();
  });
});
