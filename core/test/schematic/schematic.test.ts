/** The schematic: nothing on top of anything, few crossings, and as it was when something is added. */
import Elk from 'elkjs';
import { beforeAll, describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { fridayBundle } from '../../src/demo/index.js';
import type { Bundle } from '../../src/documents/index.js';
import { applyPatch, type Operation } from '../../src/foundations/index.js';
import { kits, plainRoom, type Kit } from '../../src/kits/index.js';
import {
  crossingsOf,
  drawnWith,
  faceOf,
  layOut,
  layOutWithin,
  nudgedWay,
  schematicGraph,
  schematicMarks,
  TAPE,
  turnedOver,
  withoutFrames,
  withoutOffers,
  type DrawnSchematic,
  type ElkLayout,
  type SchematicGraph,
} from '../../src/schematic/index.js';
import { marksSvg } from '../../src/paper/marks.js';
import { BOX, LETTERS } from '../../src/schematic/box.js';
import { cutTo, linesOf, plainWidth, tapeWidth } from '../../src/schematic/lettering.js';
import { set } from '../stations/edited.js';

const elk = new Elk.default();
const engine: ElkLayout = graph => elk.layout(graph as never) as unknown as ReturnType<ElkLayout>;

const bundleOf = (kit: Kit): Bundle => ({
  ...fridayBundle(),
  plan: {
    version: 1,
    label: kit.label,
    start: '2026-12-04T19:30:00Z',
    zone: 'Europe/London',
    venue: { id: 'plainroom1', revision: 1 },
    ...kit.plan,
  },
  venue: plainRoom(230, 50),
});
const graphOf = (bundle: Bundle): SchematicGraph => schematicGraph(bundle, assess(bundle));

interface Frame {
  readonly what: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}
const apart = (a: Frame, b: Frame): boolean =>
  a.x + a.width <= b.x || b.x + b.width <= a.x || a.y + a.height <= b.y || b.y + b.height <= a.y;

/** Boxes and tape labels of a drawing. */
const framesOf = (graph: SchematicGraph, drawn: DrawnSchematic): Frame[] => [
  ...[...drawn.boxes].map(([what, { x, y, width, height }]) => ({ what, x, y, width, height })),
  ...graph.wires.flatMap(({ id, tape }): Frame[] => {
    const [x, y] = drawn.wires.get(id)?.[0] ?? [0, 0];
    return tape === ''
      ? []
      : [{ what: tape, x: x + TAPE.gap, y: y - TAPE.height / 2, width: TAPE.width, height: TAPE.height }];
  }),
];

describe.each(kits.map(kit => [kit.label, kit] as const))('%s', (_, kit) => {
  const graph = graphOf(bundleOf(kit));
  let drawn: DrawnSchematic;
  beforeAll(async () => (drawn = await layOut(graph, engine)));

  it('has every box once and every lead from port to port, made of level and upright pieces', () => {
    expect([...drawn.boxes.keys()].sort()).toEqual(graph.boxes.map(({ id }) => id).sort());
    for (const { id, from, to } of graph.wires) {
      const way = drawn.wires.get(id) ?? [];
      const at = (box: string, port: string) => {
        const frame = drawn.boxes.get(box);
        const pin = graph.boxes.find(each => each.id === box)?.pins.find(each => each.port === port);
        return [
          (frame?.x ?? NaN) + (pin?.side === 'in' ? 0 : (frame?.width ?? NaN)),
          (frame?.y ?? NaN) + (pin?.y ?? NaN),
        ];
      };
      expect(way[0]).toEqual(at(from.box, from.port));
      expect(way.at(-1)).toEqual(at(to.box, to.port));
      way.slice(1).forEach(([x, y], i) => {
        const [px, py] = way[i] ?? [NaN, NaN];
        expect(x === px || y === py).toBe(true);
      });
    }
  });

  it('has no box or tape label on another', () => {
    const frames = framesOf(graph, drawn);
    const over = frames.flatMap((a, i) =>
      frames
        .slice(i + 1)
        .filter(b => !apart(a, b))
        .map(b => `${a.what} on ${b.what}`),
    );
    expect(over).toEqual([]);
  });
});

describe('the largest kit', () => {
  const largest = kits.map(kit => graphOf(bundleOf(kit))).sort((a, b) => b.wires.length - a.wires.length)[0];

  it('has no more than a tenth more crossings than the best of twenty seeds', async () => {
    if (!largest) throw new Error('no kit');
    const counts: number[] = [];
    for (let seed = 1; seed <= 20; seed++) counts.push(crossingsOf(await drawnWith(largest, seed, engine)));
    expect(crossingsOf(await layOut(largest, engine))).toBeLessThanOrEqual(Math.min(...counts) * 1.1);
  });
});

/** Letters of both alphabets in em, as a browser measured them: what is fitted must not run over. */
const WIDEST = {
  a: 0.52,
  e: 0.54,
  i: 0.25,
  m: 0.84,
  w: 0.68,
  W: 0.86,
  H: 0.69,
  D: 0.67,
  M: 0.82,
  I: 0.39,
  1: 0.41,
  0: 0.65,
  ' ': 0.28,
};

describe('a box', () => {
  const boxes = kits.flatMap(kit => graphOf(bundleOf(kit)).boxes);

  it('is as wide as its name, and no two names of ports in one row meet', () => {
    for (const { label, width, pins } of boxes) {
      expect(tapeWidth(label, LETTERS.name) + 2 * BOX.edge).toBeLessThanOrEqual(width);
      for (const a of pins) {
        expect(plainWidth(a.label, LETTERS.pin) + 2 * BOX.edge).toBeLessThanOrEqual(width);
        for (const b of pins) {
          if (a.y !== b.y || a.side === b.side) continue;
          const both = plainWidth(a.label, LETTERS.pin) + plainWidth(b.label, LETTERS.pin);
          expect(both + 2 * BOX.edge).toBeLessThan(width);
        }
      }
      expect(new Set(pins.map(({ side, y }) => `${side} ${y}`)).size).toBe(pins.length);
    }
  });

  it('counts letters no narrower than they are', () => {
    for (const [letter, em] of Object.entries(WIDEST))
      expect(plainWidth(letter, 1)).toBeGreaterThanOrEqual(em);
  });

  it('breaks what it is over lines, and cuts what is left over', () => {
    expect(linesOf('Camera, Four Thirds + 12–60', 100, 11, 3)).toEqual(['Camera, Four', 'Thirds + 12–60']);
    expect(linesOf('Switcher, compact, 4 HDMI in', 60, 11, 2)).toEqual(['Switcher,', 'compact,…']);
    expect(cutTo('incomprehensibilities', 40, 11)).toBe('inco…');
  });
});

describe('a drawing that is wider than its room', () => {
  const graph = withoutOffers(graphOf(fridayBundle()));

  it('does without frames where it fits so, each box saying where it is', async () => {
    const framed = await layOut(graph, engine);
    const bare = await layOut(withoutFrames(graph), engine);
    expect(bare.width).toBeLessThan(framed.width);
    const kept = await layOutWithin(framed.width, graph, engine);
    expect(kept.graph.groups).not.toEqual([]);
    const without = await layOutWithin(framed.width - 1, graph, engine);
    expect(without.graph.groups).toEqual([]);
    const switcher = without.graph.boxes.find(({ id }) => id === 'switcher1');
    expect(switcher?.place).toMatchObject({ id: 'deskrack1', text: 'in DESK RACK' });
    // Where neither fits, frames tell more.
    expect((await layOutWithin(bare.width - 1, graph, engine)).graph.groups).not.toEqual([]);
    // What is opened at 1280 px has some 800 of them.
    expect(bare.width).toBeLessThan(800);
  });
});

describe('a device that is added', () => {
  it('leaves the others nearly as they stood to each other', async () => {
    const friday = fridayBundle();
    const patch: Operation[] = [
      set('/devices/monitor01', {
        order: 'zz',
        label: 'MONITOR',
        kind: 'monitor24',
        place: { inside: 'deskrack1' },
      }),
      set('/links/linkmonit', {
        from: { device: 'switcher1', port: 'hdmiout03' },
        to: { device: 'monitor01', port: 'hdmiin001' },
      }),
    ];
    const before = await layOut(graphOf(friday), engine);
    const after = await layOut(graphOf({ ...friday, plan: applyPatch(friday.plan, patch) }), engine, before);
    const pairs = (before.boxes.size * (before.boxes.size - 1)) / 2;
    expect(turnedOver(before, after) / (2 * pairs)).toBeLessThan(0.1);
  });
});

describe('a nudged box', () => {
  it('takes the ends of its leads along, which stay level and upright', () => {
    const way = [
      [0, 0],
      [10, 0],
      [10, 30],
      [40, 30],
    ] as const;
    expect(nudgedWay(way, [6, -6], [0, 12])).toEqual([
      [6, -6],
      [10, -6],
      [10, 42],
      [40, 42],
    ]);
    expect(
      nudgedWay(
        [
          [0, 0],
          [40, 0],
        ],
        [0, 0],
        [0, 10],
      ),
    ).toEqual([
      [0, 0],
      [20, 0],
      [20, 10],
      [40, 10],
    ]);
    expect(nudgedWay(way)).toBe(way);
  });
});

describe('paper', () => {
  it('has every name and tape number, and escapes what people call things', async () => {
    const friday = fridayBundle();
    const named = applyPatch(friday.plan, [set('/devices/camwide01/label', 'C1 <&>')]);
    const bundle = { ...friday, plan: named };
    const graph = graphOf(bundle);
    const drawn = await layOut(graph, engine);
    const marks = schematicMarks(graph, drawn, fridayBundle().kinds.kinds, id => named.devices?.[id]?.kind);
    const svg = marksSvg(marks, 'A & B', drawn.width, drawn.height);
    expect(svg).toContain('C1 &lt;&amp;&gt;');
    for (const { tape } of graph.wires) expect(svg).toContain(`>${tape}<`);
    expect(svg).not.toMatch(/NaN|undefined/);
  });
});

describe('faces', () => {
  it('are drawn for every kind with ports, and differ where sockets do', () => {
    const faces = Object.values(fridayBundle().kinds.kinds)
      .filter(({ ports }) => ports)
      .map(kind => faceOf(kind));
    for (const { body, sockets } of faces) expect(body + sockets).toMatch(/^M[-\d.,a-zA-Z ]+$/);
    const { switchcom, switchrac } = fridayBundle().kinds.kinds;
    expect(switchcom && faceOf(switchcom).sockets).not.toBe(switchrac && faceOf(switchrac).sockets);
  });
});
