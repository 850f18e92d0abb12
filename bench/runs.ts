/** Runs: routing all leads of the church and of a large hall, one camera moved, and leads cut from the stock. */
import { createAssessor, type Bundle, type Device, type Link, type Venue } from '@idle-satchel/core';
import { fridayBundle } from '@idle-satchel/core/demo';
import { cutFromStock, highsSolver, stockCost, type StockProblem } from '@idle-satchel/core/searches';
import highsOf from 'highs';
import { line, ms, quantile, timed } from './measure.js';

const friday = fridayBundle();

/** A hall of 60 × 40 m with blocks of seats, pillars and aisles; 40 cameras to one desk, each with a mains lead. */
function hall(): Bundle {
  const box = (x: number, y: number, width: number, depth: number): [number, number][] => [
    [x, y],
    [x + width, y],
    [x + width, y + depth],
    [x, y + depth],
  ];
  const blocks = [4, 18, 32, 46].flatMap(x => [6, 16, 26].map(y => [x, y] as const));
  const venue: Venue = {
    version: 1,
    name: 'Large hall',
    volts: 230,
    hertz: 50,
    outline: box(0, 0, 60, 40),
    areas: {
      ...Object.fromEntries(
        blocks.map(([x, y], i) => [
          `seating${String(i).padStart(3, '0')}`,
          { label: `block ${i}`, kind: 'seating' as const, outline: box(x, y, 11, 8), rowSpacing: 0.9 },
        ]),
      ),
      aislecent: { label: 'centre aisle', kind: 'keep-clear', outline: box(4, 14.2, 53, 1.6), walk: 'x' },
    },
    pillars: Object.fromEntries(
      Array.from({ length: 16 }, (_, i) => [
        `pillar${String(i).padStart(3, '0')}`,
        { label: `P${i}`, at: [7 + (i % 8) * 6.5, i < 8 ? 4 : 35.5] as [number, number], size: 0.6 },
      ]),
    ),
    sockets: Object.fromEntries(
      Array.from({ length: 20 }, (_, i) => [
        `socket${String(i).padStart(3, '0')}`,
        {
          order: `${i}h`,
          label: `S${i}`,
          outlets: 4,
          amps: 13,
          at: [2 + (i % 10) * 6, i < 10 ? 0 : 40] as [number, number],
        },
      ]),
    ),
  };
  const devices: Record<string, Device> = {
    deskplace: { order: '0', label: 'DESK', kind: 'rackcase4', place: { at: [30, 38.5], height: 0.8 } },
  };
  const links: Record<string, Link> = {};
  for (let i = 0; i < 40; i++) {
    const [camera, switcher] = [
      `camera${String(i).padStart(3, '0')}`,
      `switch${String(i >> 3).padStart(3, '0')}`,
    ];
    const at: [number, number] = [2.5 + ((i * 7.3) % 55), 1.5 + ((i * 11.7) % 34)];
    devices[camera] = { order: `c${i}`, label: `C${i}`, kind: 'camcorsdi', place: { at, height: 1.6 } };
    devices[switcher] ??= {
      order: `s${i}`,
      label: `SW${i >> 3}`,
      kind: 'switchrac',
      place: { inside: 'deskplace' },
    };
    links[`video${String(i).padStart(4, '0')}`] = {
      from: { device: camera, port: 'sdiout001' },
      to: { device: switcher, port: `sdiin000${(i % 8) + 1}` },
    };
    links[`mains${String(i).padStart(4, '0')}`] = {
      from: { socket: `socket${String(i >> 1).padStart(3, '0')}` },
      to: { device: camera, port: 'mainsin01' },
    };
  }
  const plan = { ...friday.plan, devices, links, outputs: {}, shots: {}, venueChanges: {} };
  return { ...friday, venue, plan };
}

/** Time to route everything of a bundle from nothing, what comes before it being known. */
function routing(bundle: Bundle): number {
  return quantile(
    Array.from({ length: 12 }, () => {
      const assessment = createAssessor()(bundle);
      void assessment.signal;
      const begun = performance.now();
      void assessment.runs;
      return performance.now() - begun;
    }).slice(4),
    0.5,
  );
}

/** Time to follow one camera that is moved, everything else remembered. */
function moving(bundle: Bundle, camera: string): number {
  const assessor = createAssessor();
  void assessor(bundle).runs;
  return quantile(
    timed(
      i => {
        const device = bundle.plan.devices?.[camera] as Device;
        const [x, y] = device.place?.at ?? [0, 0];
        const place = { ...device.place, at: [x + (i % 40) * 0.05, y] as [number, number] };
        const devices = { ...bundle.plan.devices, [camera]: { ...device, place } };
        void assessor({ ...bundle, plan: { ...bundle.plan, devices } }).runs;
      },
      60,
      20,
    ),
    0.95,
  );
}

/** 60 leads of five sorts and 150 cables in ten lengths. */
function stockProblem(seed: number): StockProblem {
  let state = seed;
  const random = (): number => (state = (state * 1103515245 + 12345) % 2147483648) / 2147483648;
  const groups = [
    { group: 'hdmi', mostJoins: 0, carries: 15, perJoint: 0 },
    { group: 'coax', mostJoins: 2, carries: 80, perJoint: 2 },
    { group: 'network', mostJoins: 2, carries: 100, perJoint: 0 },
    { group: 'sound', mostJoins: 4, carries: 100, perJoint: 0 },
    { group: 'mains', mostJoins: 1, carries: Infinity, perJoint: 0 },
  ];
  return {
    stock: groups.flatMap(({ group }) =>
      [1, 2, 3, 5, 10, 15, 20, 25, 30, 50].map(length => ({
        kind: `${group}${length}`,
        group,
        length,
        count: 3,
      })),
    ),
    leads: Array.from({ length: 60 }, (_, i) => {
      const option = groups[i % groups.length] ?? groups[0];
      const length = Math.round((1 + random() * (option?.group === 'hdmi' ? 18 : 38)) * 10) / 10;
      return { id: `lead${i}`, length, sold: Math.ceil(length), options: option ? [option] : [] };
    }),
  };
}

export async function runs(): Promise<void> {
  const large = hall();
  const count = (bundle: Bundle): number => Object.keys(createAssessor()(bundle).runs.runs).length;
  line(`leads of the church routed, ${count(friday)} (≤ 30 ms)`, ms(routing(friday)));
  line(`leads of a hall 60 × 40 m routed, ${count(large)} (≤ 150 ms)`, ms(routing(large)));
  line('  one camera of the church moved, p95', ms(moving(friday, 'camside01')));
  line('  one camera of the hall moved, p95', ms(moving(large, 'camera007')));
  const solve = highsSolver(
    () => (highsOf as unknown as typeof highsOf.default)(),
    () => performance.now(),
  );
  // Loaded before it is timed.
  await solve({ variables: [{ index: 0, least: 0, most: 1, whole: true }], rows: [], objective: [] });
  for (const seed of [7, 11, 23]) {
    const problem = stockProblem(seed);
    const begun = performance.now();
    const pieces = await cutFromStock(problem, solve);
    const { bought, joins, excess } = stockCost(problem, pieces);
    line(
      '60 leads cut from 150 cables, proven (≤ 2 s)',
      ms(performance.now() - begun),
      `${bought} bought, ${joins} joints, ${excess.toFixed(1)} m left over`,
    );
  }
}
