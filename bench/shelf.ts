/** The shelf and what hangs on it: a long checklist, 5,000 things listed, 10,000 lines of a list read, a ceiling. */
import { createAssessor, stockFrom, wordFinder, type Bundle, type Device } from '@idle-satchel/core';
import { fridayBundle } from '@idle-satchel/core/demo';
import { groupedLines } from '@idle-satchel/core/pack-list';
import { highsSolver, underCeiling, type CeilingProblem, type CeilingWay } from '@idle-satchel/core/searches';
import { shelfLine } from '@idle-satchel/core/shelf-list';
import jsonPatch from 'fast-json-patch';
import highsOf from 'highs';
import Papa from 'papaparse';
import { line, ms, quantile, timed } from './measure.js';

const friday = fridayBundle();
const median = (run: (i: number) => unknown, runs: number, warmUp: number): number =>
  quantile(timed(run, runs, warmUp), 0.5);

/** Friday with so many recorders besides, each a line of its own, and so many rolls of tape that somebody wants along. */
function longList(count: number, rolls: number): Bundle {
  const more = Array.from({ length: count }, (_, i): [string, Device] => [
    `recorder${String(i).padStart(4, '0')}`,
    { order: `z${String(i).padStart(4, '0')}`, label: `REC ${i}`, kind: 'recordhdm' },
  ]);
  return {
    ...friday,
    plan: {
      ...friday.plan,
      devices: { ...friday.plan.devices, ...Object.fromEntries(more) },
      extras: {
        extraone01: { order: '1', label: 'Cloth tape', reason: 'for the host', count: rolls, group: 'Floor' },
      },
    },
  };
}

function packList(): void {
  const one = longList(600, 1);
  const other = { ...one, plan: { ...one.plan, extras: longList(0, 2).plan.extras } } as Bundle;
  const assess = createAssessor();
  const warm = median(
    i => groupedLines(i % 2 ? one : other, assess(i % 2 ? one : other), 'type').length,
    40,
    10,
  );
  const { lines } = assess(one).pack;
  line(
    `checklist of ${Object.keys(lines).length} lines, one of them changed, grouped (≤ 10 ms)`,
    ms(warm),
    `${(warm / median(() => jsonPatch.deepClone(lines) as unknown, 40, 10)).toFixed(1)} × deepClone of it`,
  );
}

const KINDS = Object.keys(friday.kinds.kinds);
const things = Array.from({ length: 5000 }, (_, i) => ({
  ...{ id: `item${i}`, tape: `T${i}`, kind: KINDS[i % KINDS.length] ?? '', state: 'ready' as const },
  ...{ home: `Cupboard ${i % 40}`, serial: `S-${i}`, note: i % 7 ? '' : 'checked twice' },
}));

function shelf(): void {
  const listed = (): ReturnType<typeof shelfLine>[] =>
    things.map(each => shelfLine(each, friday.kinds.kinds, { today: '2026-12-01', dates: 'en-GB' }));
  const clone = median(() => jsonPatch.deepClone(things) as unknown, 20, 5);
  const all = median(listed, 20, 5);
  line('5,000 things as lines (≤ 300 ms)', ms(all), `${(all / clone).toFixed(1)} × deepClone of them`);
  const lines = listed();
  const { holds } = wordFinder();
  const found = median(
    () => lines.filter(({ views, words }) => views.has('ready') && holds(words, 'cupboard 7')),
    20,
    5,
  );
  line('  filtered (≤ 50 ms)', ms(found));
}

function lists(): void {
  const text = [
    'tape;kind;condition;serial number;home place;bought on;price',
    ...Array.from(
      { length: 10_000 },
      (_, i) =>
        `L${i};${friday.kinds.kinds[KINDS[i % KINDS.length] ?? '']?.label};good;S${i};Loft;2024-03-01;£12.50`,
    ),
  ].join('\n');
  const parse = (): string[][] => Papa.parse<string[]>(text).data;
  const theirs = median(parse, 5, 1);
  const ours = median(
    () => stockFrom(parse(), { kinds: friday.kinds.kinds, there: [], dates: 'en-GB', currency: 'GBP' }).items,
    5,
    1,
  );
  line(
    'list of 10,000 lines (≤ 3 s)',
    ms(ours),
    `papaparse alone ${ms(theirs)}`,
    `${(ours / theirs).toFixed(1)} ×`,
  );
}

/** So many lines of four ways each, with eight cameras that some of them lose; the same each time. */
function problem(count: number, seed: number): CeilingProblem {
  let state = seed;
  const random = (): number => (state = (Math.imul(state, 1664525) + 1013904223) >>> 0) / 2 ** 32;
  const goals = Array.from({ length: 8 }, (_, i) => `camera ${i}`);
  const lines = Array.from({ length: count }, (_, i) => {
    const full = 20 + Math.round(random() * 400);
    const loses = [goals[Math.floor(random() * goals.length)] ?? ''];
    const way = (id: string, cost: number, more: Partial<CeilingWay> = {}): CeilingWay => ({
      ...{
        id,
        label: id,
        cost,
        money: 'gear',
        there: true,
        asPlanned: true,
        worth: 1,
        loses: [],
        reused: i % 3 === 0,
      },
      ...more,
    });
    return {
      ...{ id: `line ${i}`, label: `line ${i}`, follows: [] },
      ways: [
        way('buy new', full),
        way('buy used', Math.round(full * 0.6)),
        way('hire', Math.round(full * 0.1), { money: 'hire', reused: false }),
        way('without', 0, { there: false, asPlanned: false, worth: 0, loses, reused: false }),
      ],
    };
  });
  const all = lines.reduce((sum, { ways: [first] }) => sum + (first?.cost ?? 0), 0);
  return {
    ...{ ceiling: Math.round(all * 0.25), reserve: 0.1, reuse: 40, goals, lines },
    wishes: goals.map((goal, i) => ({
      ...{ id: goal, label: goal, sort: 'shot' as const, weight: 10 + i, by: [goal], least: 1, with: [] },
    })),
  };
}

async function ceilings(): Promise<void> {
  const solve = highsSolver(
    () => (highsOf as unknown as typeof highsOf.default)(),
    () => performance.now(),
  );
  await solve({ variables: [{ index: 0, least: 0, most: 1, whole: true }], rows: [], objective: [] });
  for (const seed of [7, 77, 777]) {
    const start = performance.now();
    const { worth, bound } = await underCeiling(problem(120, seed), solve, () => performance.now(), {
      seconds: 15,
    });
    const gap = (100 * (Math.max(bound, worth) - worth)) / worth;
    line(
      'ceiling, 120 lines of 4 ways (≤ 15 s proven)',
      `${((performance.now() - start) / 1000).toFixed(1)} s`,
      gap < 0.01 ? 'proven' : `at most ${gap.toFixed(2)} % better`,
    );
  }
}

export async function shelves(): Promise<void> {
  packList();
  shelf();
  lists();
  await ceilings();
}
