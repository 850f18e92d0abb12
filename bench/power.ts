/** Power: the day of many batteries, the load of a large plan shared out, and batteries planned. */
import { createAssessor, type Bundle, type Device, type Link, type RunningItem } from '@idle-satchel/core';
import { fridayBundle } from '@idle-satchel/core/demo';
import {
  highsSolver,
  leastSwaps,
  rule,
  sharedOut,
  type BalanceProblem,
  type SwapProblem,
} from '@idle-satchel/core/searches';
import highsOf from 'highs';
import { line, ms, quantile, timed } from './measure.js';

const friday = fridayBundle();

/** A day of twelve hours in 24 items, with 40 cameras of which 24 have a battery each. */
function longDay(): Bundle {
  const devices: Record<string, Device> = {};
  const links: Record<string, Link> = {};
  for (let i = 0; i < 40; i++) {
    const [camera, battery] = [`camera${String(i).padStart(3, '0')}`, `batter${String(i).padStart(3, '0')}`];
    devices[camera] = {
      ...{ order: `c${i}`, label: `C${i}`, kind: friday.plan.devices?.camnorth1?.kind ?? '' },
      place: { at: [2 + (i % 10) * 1.5, 2 + Math.floor(i / 10) * 2], height: 1.6 },
    };
    if (i >= 24) continue;
    devices[battery] = { order: `b${i}`, label: `B${i}`, kind: 'battplate', place: { inside: camera } };
    links[`feed${String(i).padStart(5, '0')}`] = {
      from: { device: battery, port: 'plateout1' },
      to: { device: camera, port: 'platein01' },
    };
  }
  const phases = ['check', 'rehearse', 'wait', 'live'] as const;
  const runningOrder: Record<string, RunningItem> = Object.fromEntries(
    Array.from({ length: 24 }, (_, i) => [
      `item${String(i).padStart(5, '0')}`,
      {
        order: `${String(i).padStart(3, '0')}h`,
        label: `item ${i}`,
        minutes: 30,
        phase: phases[Math.floor(i / 6)] ?? 'live',
      },
    ]),
  );
  return {
    ...friday,
    plan: { ...friday.plan, devices, links, outputs: {}, shots: {}, runningOrder, venueChanges: {} },
  };
}

/** The day of all batteries anew, as one item lasts a minute longer each time. */
function simulation(): void {
  const bundle = longDay();
  const assessor = createAssessor();
  const [item = ''] = Object.keys(bundle.plan.runningOrder ?? {});
  const once = (i: number): void => {
    const own = bundle.plan.runningOrder?.[item] as RunningItem;
    const runningOrder = { ...bundle.plan.runningOrder, [item]: { ...own, minutes: 30 + (i % 30) } };
    void assessor({ ...bundle, plan: { ...bundle.plan, runningOrder } }).power.batteries;
  };
  const batteries = Object.keys(assessor(bundle).power.batteries).length;
  line(
    `day of ${batteries} batteries and 40 devices, 12 h, warm (≤ 20 ms)`,
    ms(quantile(timed(once, 60, 20), 0.5)),
  );
}

/** Even draws from a seed, 0…1. */
function draws(seed: number): () => number {
  let x = seed >>> 0;
  return () => (x = (Math.imul(x, 1664525) + 1013904223) >>> 0) / 2 ** 32;
}

/** Devices over a floor, each in one outlet; strips of four; circuits with so much over what is drawn, by distance. */
function spread(
  seed: number,
  sizes: readonly [devices: number, strips: number, circuits: number, slack: number],
): BalanceProblem {
  const [count, strips, circuits, slack] = sizes;
  const random = draws(seed * 7919 + 1);
  const place = (): readonly [number, number] => [random() * 20, random() * 14];
  const away = (a: readonly [number, number], b: readonly [number, number]): number =>
    Math.abs(a[0] - b[0]) + Math.abs(a[1] - b[1]);
  const phases = 4;
  const things = Array.from({ length: count }, () => ({
    at: place(),
    amps: Array.from({ length: phases }, () => 0.1 + random() * 1.4),
  }));
  const stripAt = Array.from({ length: strips }, place);
  const walls = Array.from({ length: 2 * circuits }, (_, w) => ({ at: place(), circuit: w % circuits }));
  const drawn = Array.from({ length: phases }, (_, p) =>
    things.reduce((sum, { amps }) => sum + (amps[p] ?? 0), 0),
  );
  const left = (Math.max(...drawn) / circuits) * (1 + slack / 100);
  return {
    loads: things.map(({ at, amps }, i) => ({
      ...{ id: `d${i}`, amps },
      metres: [...walls.map(() => Infinity), ...stripAt.map(strip => away(at, strip))],
    })),
    sockets: walls.map(({ circuit }, w) => ({ id: `w${w}`, outlets: strips, amps: 1000, circuit })),
    strips: stripAt.map((at, s) => ({
      ...{ id: `s${s}`, outlets: 4, amps: 10 },
      metres: walls.map(wall => away(at, wall.at)),
    })),
    circuits: Array.from({ length: circuits }, (_, c) => ({
      id: `c${c}`,
      left: Array<number>(phases).fill(left),
    })),
    pairs: [],
  };
}

const BY_DISTANCE = { metre: 1, strip: 0, change: 0, share: 0 };

async function balances(solve: ReturnType<typeof highsSolver>): Promise<void> {
  const rows = [
    ['60 devices, 24 strips, 6 circuits, 25 % slack, proven (≤ 3 s)', [60, 24, 6, 25], BY_DISTANCE, 20],
    ['  at 8 % slack, gap in 10 s (≤ 5 %)', [60, 24, 6, 8], BY_DISTANCE, 10],
    ['  with fewest strips, gap in 15 s (≤ 10 %)', [60, 24, 6, 25], { ...BY_DISTANCE, strip: 1000 }, 15],
    ['200 devices, 48 strips … 12 circuits, gap in 20 s (≤ 1 %)', [200, 52, 12, 25], BY_DISTANCE, 18],
  ] as const;
  for (const [words, sizes, weights, seconds] of rows) {
    const problem = spread(7, sizes);
    const begun = performance.now();
    const named = (what: string) => (i: number) => rule(`${what} ${i}`);
    const names = {
      load: named('load'),
      outlets: named('outlets of'),
      point: named('point'),
      circuit: named('circuit'),
      pair: named('pair'),
    };
    const { ways } = await sharedOut(
      problem,
      names,
      [{ words: 'least', weights }],
      { solve, now: () => performance.now() },
      { seconds },
    );
    const [way] = ways;
    const gap = way ? (100 * (way.value - way.bound)) / Math.max(1e-9, Math.abs(way.value)) : NaN;
    line(
      words,
      ms(performance.now() - begun),
      way ? `${way.proven ? 'proven' : `gap ${gap.toFixed(2)} %`}` : 'none',
    );
  }
}

/**
 * Four positions over six hours, each with watts of its own that are less at times, in pieces of half an hour; and
 * eight batteries of so many kinds, of which each lasts some hours.
 */
function swaps(seed: number, kinds: number): SwapProblem {
  const random = draws(seed);
  const pieces = Array.from({ length: 4 }, () => Array.from({ length: 12 }, (_, i) => [i]));
  const wattHours = pieces.map(own => {
    const most = 10 + 10 * random();
    return own.map(() => most * (random() < 0.2 ? 0.6 : 1));
  });
  const holds = Array.from({ length: kinds }, () => 90 + 50 * random());
  return {
    steps: 12,
    positions: pieces.map((own, p) => ({
      ...{ id: `p${p}`, label: `P${p}`, pieces: own, now: p, underWay: false },
    })),
    batteries: Array.from({ length: 8 }, (_, b) => ({
      ...{ id: `b${b}`, label: `B${b}`, left: 1 },
      takes: wattHours.map(own => own.map(each => each / (holds[b % kinds] ?? 1))),
    })),
  };
}

async function planned(solve: ReturnType<typeof highsSolver>): Promise<void> {
  for (const [seed, kinds] of [
    [1, 1],
    [2, 1],
    [3, 1],
    [1, 2],
    [3, 2],
    [1, 8],
    [4, 8],
  ] as const) {
    const begun = performance.now();
    const { proven } = await leastSwaps(swaps(seed, kinds), solve, { seconds: 10 });
    line(
      `8 batteries of ${kinds} kinds, 4 positions, 6 h planned, proven (≤ 2 s)`,
      ms(performance.now() - begun),
      proven ? 'proven' : 'not proven',
    );
  }
}

export async function power(): Promise<void> {
  simulation();
  const solve = highsSolver(
    () => (highsOf as unknown as typeof highsOf.default)(),
    () => performance.now(),
  );
  await solve({ variables: [{ index: 0, least: 0, most: 1, whole: true }], rows: [], objective: [] });
  await balances(solve);
  await planned(solve);
}
