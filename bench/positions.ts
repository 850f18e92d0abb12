/** How long “Find positions” takes to prove the best: the demo church, and a large hall with many pillars. */
import type { Point } from '@idle-satchel/core';
import { fridayBundle } from '@idle-satchel/core/demo';
import { findLayouts, prepare, usualPlacement } from '@idle-satchel/core/searches';
import { calibration, line, ms } from './measure.js';

type Bundle = ReturnType<typeof fridayBundle>;
type Shots = NonNullable<Bundle['plan']['shots']>;

const SIZES = ['waist up', 'chest up', 'full figure'] as const;

/** Friday with twelve shots: each mark in three sizes, every fourth of them vital. */
function church(): Bundle {
  const friday = fridayBundle();
  const shots: Record<string, Shots[string]> = {};
  for (const mark of Object.keys(friday.venue.marks ?? {})) {
    for (const size of SIZES) {
      const count = Object.keys(shots).length;
      const importance = count % 4 === 0 ? 'vital' : 'wanted';
      shots[`shotbenc${String(count).padStart(2, '0')}`] = {
        order: String(count).padStart(3, '0'),
        mark,
        size,
        importance,
      };
    }
  }
  return { ...friday, plan: { ...friday.plan, shots } };
}

const box = (x: number, y: number, width: number, depth: number): Point[] => [
  ...([[x, y] as const, [x + width, y] as const] as const),
  ...([[x + width, y + depth] as const, [x, y + depth] as const] as const),
];

/** A hall of 60 × 40 m with 20 pillars, two blocks of seats, twelve marks on a stage in two sizes each, four cameras. */
function hall(): Bundle {
  const friday = fridayBundle();
  const pillars = Array.from({ length: 20 }, (_, i) => {
    const at: Point = [8 + 11 * (i % 5), [4, 13, 27, 36][Math.floor(i / 5)] ?? 4];
    return [`pillarha${String(i).padStart(2, '0')}`, { label: `${i + 1}`, at, size: 0.8 }] as const;
  });
  const marks = Array.from({ length: 12 }, (_, i) => {
    const at: Point = [51 + 2.5 * (i % 3), 12 + 5 * Math.floor(i / 3)];
    const facing = 150 + ((i * 37) % 60);
    const mark = { order: `${i + 10}`, label: `Mark ${i + 1}`, at, height: 1.6, facing, light: 300 };
    return [`markhall${String(i).padStart(2, '0')}`, i % 4 === 3 ? { ...mark, width: 5 } : mark] as const;
  });
  const shots = marks.flatMap(([mark], i) =>
    [i % 4 === 3 ? ('whole area' as const) : ('waist up' as const), 'knees up' as const].map((size, j) => {
      const importance = j === 0 && i % 2 === 0 ? ('vital' as const) : ('wanted' as const);
      const order = String(2 * i + j + 10);
      return [`shothall${order}`, { order, mark, size, importance }] as const;
    }),
  );
  const cameras = (['operated', 'operated', 'remote', 'locked'] as const).map((worked, i) => {
    const device = { order: `${i + 1}`, label: `H${i + 1}`, kind: 'camoneinc', worked };
    return [`camhall0${i + 1}`, device] as const;
  });
  const place = { at: [8, 20] as const, height: 0.8 };
  const switcher = { order: '9', label: 'SWITCHER', kind: 'switchcom', place };
  return {
    ...friday,
    venue: {
      ...friday.venue,
      outline: box(0, 0, 60, 40),
      walls: {},
      doors: {},
      stairs: {},
      pillars: Object.fromEntries(pillars),
      marks: Object.fromEntries(marks),
      areas: {
        stagehall: { label: 'stage', kind: 'raised', outline: box(50, 10, 10, 20), floor: 0.8 },
        seatsnor1: { label: 'seats N', kind: 'seating', outline: box(14, 6, 30, 12.8) },
        seatssou1: { label: 'seats S', kind: 'seating', outline: box(14, 21.2, 30, 12.8) },
        aislemid1: { label: 'aisle', kind: 'keep-clear', outline: box(12, 18.8, 36, 2.4), walk: 'x' },
      },
    },
    plan: {
      ...friday.plan,
      links: {},
      assignments: {},
      shots: Object.fromEntries(shots),
      devices: { ...Object.fromEntries(cameras), switcher1: switcher },
    },
  };
}

/** Runs a search until its best layout is found, before it looks for others. */
function toBest(bundle: Bundle, count: number, enough: number): { places: number; took: number } {
  const cameras = Object.keys(bundle.plan.devices ?? {}).filter(id => id.startsWith('cam'));
  const start = performance.now();
  const prepared = ended(
    prepare(bundle, {
      ...usualPlacement(cameras),
      count,
      anywhere: true,
    }),
  );
  const searching = findLayouts(prepared, () => enough);
  let step = searching.next();
  while (!step.done && step.value.done === 0) step = searching.next();
  return { places: prepared.places, took: performance.now() - start };
}

function ended<T>(steps: Generator<unknown, T>): T {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}

export function positions(): void {
  const loop = calibration();
  for (const [name, bundle, count, enough] of [
    ['positions, church, 12 shots, k = 3 (≤ 3 s)', church(), 3, 0],
    ['positions, hall, 24 shots, k = 4 (≤ 15 s)', hall(), 4, 0.02],
  ] as const) {
    const { places, took } = toBest(bundle, count, enough);
    line(name, ms(took), `${places} places`, `${(took / loop).toFixed(0)} × loop`);
  }
}
