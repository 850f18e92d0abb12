/** Benchmarks of the core, as ratios against public general-purpose packages in the same run. */
import {
  applyPatch,
  assess,
  CostField,
  createAssessor,
  visibleRegion,
  type FloorGrid,
  type Operation,
  type Point,
  type Segment,
} from '@idle-satchel/core';
import { fridayBundle } from '@idle-satchel/core/demo';
import jsonPatch from 'fast-json-patch';
import createGraph from 'ngraph.graph';
import { aStar } from 'ngraph.path';
import { compute } from 'visibility-polygon';
import { arrange } from './arrange.js';
import { crew } from './crew.js';
import { eighteen } from './eighteen.js';
import { growth } from './growth.js';
import { ready } from './ready.js';
import { racks } from './racks.js';
import { packing, store } from './packing.js';
import { positions } from './positions.js';
import { power } from './power.js';
import { runs } from './runs.js';
import { shelves } from './shelf.js';
import { signals } from './signal.js';
import { calibration, line, ms, quantile, timed } from './measure.js';

const friday = fridayBundle();
const moved = (i: number): Operation[] => [
  { op: 'replace', path: '/devices/camnorth1/place/at', value: [10.4 + (i % 200) * 0.01, 1.9] },
];

/** A part is worked out when read, and the list of snags reads every station. */
function assessment(): void {
  const loop = calibration();
  line('calibration loop', ms(loop));
  const cold = timed(() => assess(friday).snags, 30, 10);
  line(
    'assess, cold (≤ 40 ms)',
    `median ${ms(quantile(cold, 0.5))}`,
    `${(quantile(cold, 0.5) / loop).toFixed(2)} × loop`,
  );
  const warm = createAssessor();
  void warm(friday).snags;
  const plans = Array.from({ length: 200 }, (_, i) => ({
    ...friday,
    plan: applyPatch(friday.plan, moved(i)),
  }));
  const moving = timed(i => warm(plans[i % 200] as typeof friday).snags, 400, 200);
  line(
    'assess, warm, one camera moved (≤ 5 ms)',
    `median ${ms(quantile(moving, 0.5))}`,
    `p95 ${ms(quantile(moving, 0.95))}`,
    `${(quantile(moving, 0.5) / loop).toFixed(2)} × loop`,
  );
  line('  warm is', `${(quantile(cold, 0.5) / quantile(moving, 0.5)).toFixed(1)} × faster than cold`);
}

/** Copy-on-write patches against fast-json-patch on a deep copy, which is what keeps the old document there. */
function patches(): void {
  const ours = quantile(
    timed(i => applyPatch(friday.plan, moved(i)), 2000, 500),
    0.5,
  );
  const theirs = quantile(
    timed(i => jsonPatch.applyPatch(friday.plan, moved(i) as never, false, false).newDocument, 300, 100),
    0.5,
  );
  line(
    'patch of one value',
    `ours ${(ours * 1000).toFixed(1)} µs`,
    `fast-json-patch ${(theirs * 1000).toFixed(1)} µs`,
    `${(theirs / ours).toFixed(0)} ×`,
  );
}

/** Routes to one socket from many places: one cost field against one A* search for each. */
function routes(): void {
  const [columns, rows] = [104, 62];
  const size = columns * rows;
  const costs = Float64Array.from({ length: size }, (_, i) => (i % 17 === 3 ? 4 : 1));
  const grid: FloorGrid = {
    cell: 0.25,
    origin: [0, 0] as const,
    columns,
    rows,
    costs,
    axes: new Uint8Array(size),
    zones: new Uint16Array(size),
    tolls: [0],
  };
  const graph = createGraph<{ x: number; y: number }, number>();
  for (let i = 0; i < size; i++) graph.addNode(i, { x: i % columns, y: Math.floor(i / columns) });
  for (let i = 0; i < size; i++) {
    const [x, y] = [i % columns, Math.floor(i / columns)];
    for (const [dx, dy] of [
      [1, 0],
      [0, 1],
      [1, 1],
      [-1, 1],
      [2, 1],
      [1, 2],
      [-2, 1],
      [-1, 2],
    ] as const) {
      if (x + dx < 0 || x + dx >= columns || y + dy >= rows) continue;
      const to = (y + dy) * columns + x + dx;
      graph.addLink(i, to, (Math.hypot(dx, dy) * 0.25 * ((costs[i] ?? 1) + (costs[to] ?? 1))) / 2);
    }
  }
  const finder = aStar(graph, {
    distance: (_a, _b, link) => link.data,
    heuristic: (a, b) => Math.hypot(a.data.x - b.data.x, a.data.y - b.data.y) * 0.25,
  });
  const places = Array.from({ length: 60 }, (_, i) => [(i * 37) % columns, (i * 53) % rows] as const);
  const ours = quantile(
    timed(
      () => {
        const field = new CostField(grid, [1.125, 1.125]);
        for (const [x, y] of places) field.cellsFrom([(x + 0.5) / 4, (y + 0.5) / 4]);
      },
      20,
      5,
    ),
    0.5,
  );
  const theirs = quantile(
    timed(
      () => {
        for (const [x, y] of places) finder.find(y * columns + x, 4 * columns + 4);
      },
      5,
      1,
    ),
    0.5,
  );
  const field = new CostField(grid, [1.125, 1.125]);
  for (const [x, y] of places) {
    const [here, there] = [
      field.costFrom([(x + 0.5) / 4, (y + 0.5) / 4]),
      finder.find(y * columns + x, 4 * columns + 4),
    ];
    const cost = there
      .slice(1)
      .reduce(
        (sum, node, i) =>
          sum +
          (graph.getLink(there[i]?.id ?? 0, node.id) ?? graph.getLink(node.id, there[i]?.id ?? 0))!.data,
        0,
      );
    // A field takes the shorter of ways that cost the same, by a ten-millionth for each metre.
    if (Math.abs(here - cost) > 1e-5) throw new Error(`a route costs ${here}, another package finds ${cost}`);
  }
  line(
    '60 routes to one socket, of equal cost',
    `ours ${ms(ours)}`,
    `ngraph.path A* ${ms(theirs)}`,
    `${(theirs / ours).toFixed(0)} ×`,
  );
}

/** What is seen all round among square pillars in a hall, and how the time grows with their number. */
function visibility(): void {
  const sides = (corners: readonly Point[]): Segment[] =>
    corners.map((corner, i) => [corner, corners[(i + 1) % corners.length] ?? corner]);
  const square = (x: number, y: number, side: number): Point[] => [
    [x, y],
    [x + side, y],
    [x + side, y + side],
    [x, y + side],
  ];
  const medians = [20, 200, 2000].map(count => {
    const pillars = count / 4 - 1;
    const across = Math.ceil(Math.sqrt(pillars));
    const hall = across * 4 + 2;
    const segments = [
      ...sides(square(0, 0, hall)),
      ...Array.from({ length: pillars }, (_, i) =>
        sides(
          square(
            2.1 + (i % across) * 4 + (i % 3) * 0.3,
            2.3 + Math.floor(i / across) * 4 + (i % 5) * 0.2,
            0.7,
          ),
        ),
      ).flat(),
    ];
    const plain = segments.map(segment => segment.map(([x, y]): [number, number] => [x, y]));
    const runs = Math.max(10, 20_000 / count);
    const from = (i: number): [number, number] => [0.7 + (i % 7) * 0.13, 1 + (i % 11) * 0.11];
    const ours = quantile(
      timed(i => visibleRegion(from(i), 0, 360, hall * 2, { segments, circles: [] }), runs, runs),
      0.5,
    );
    const theirs = quantile(
      timed(i => compute(from(i), plain), runs, Math.min(runs, 50)),
      0.5,
    );
    line(
      `visible region among ${count} segments (≥ 3 ×)`,
      `ours ${(ours * 1000).toFixed(0)} µs`,
      `visibility-polygon ${(theirs * 1000).toFixed(0)} µs`,
      `${(theirs / ours).toFixed(1)} ×`,
    );
    return { count, ours };
  });
  const [, some, many] = medians;
  if (!some || !many) return;
  const grown = many.ours / some.ours;
  const log = (many.count * Math.log(many.count)) / (some.count * Math.log(some.count));
  line('its time from 200 to 2,000 segments', `${grown.toFixed(1)} ×`, `n·log n grows ${log.toFixed(1)} ×`);
}

assessment();
eighteen();
growth();
await crew();
await ready();
racks();
arrange();
// With STORE set: the minutes that its stored runs take, instead.
await (process.env.STORE === undefined ? packing() : store());
visibility();
positions();
patches();
routes();
await signals();
await runs();
await power();
await shelves();
