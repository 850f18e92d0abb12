/**
 * Laying the schematic out, left to right from sources to destinations: layers, order in each and ways between them
 * by the layered method (Sugiyama, Tagawa and Toda 1981) of a layout engine that is handed in.
 */
import type { Point } from '../foundations/index.js';
import { shaped, TAPE, type DeviceBox } from './box.js';
import type { SchematicGraph } from './graph.js';

/** What the layout engine takes and gives, as far as it is used: ELK’s JSON. */
export interface ElkNode {
  id: string;
  x?: number;
  y?: number;
  width?: number;
  height?: number;
  layoutOptions?: Record<string, string>;
  children?: ElkNode[];
  ports?: {
    id: string;
    x?: number;
    y?: number;
    width?: number;
    height?: number;
    layoutOptions?: Record<string, string>;
  }[];
  edges?: ElkEdge[];
}
export interface ElkEdge {
  id: string;
  sources: string[];
  targets: string[];
  sections?: { startPoint: XY; endPoint: XY; bendPoints?: XY[] }[];
}
interface XY {
  x: number;
  y: number;
}
export type ElkLayout = (graph: ElkNode) => Promise<ElkNode>;

export interface Frame {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export interface DrawnSchematic {
  readonly width: number;
  readonly height: number;
  /** Upper left corner of each box, nudges not counted. */
  readonly boxes: ReadonlyMap<string, Frame>;
  readonly groups: ReadonlyMap<string, Frame>;
  /** Corners of the way of each lead, from the right of one box to the left of another. */
  readonly wires: ReadonlyMap<string, readonly Point[]>;
}

/** Seeds of the engine’s random numbers that are tried; of what is large, the first only: each takes seconds there. */
const SEEDS = [1, 3, 5];
const LARGE = 150;
/** Among layouts with so many more crossings than the best one, that which moves least is taken. */
const LENIENT = 1.1;

const SPACING: Readonly<Record<string, string>> = {
  'elk.layered.spacing.nodeNodeBetweenLayers': '24',
  'elk.layered.spacing.edgeNodeBetweenLayers': '11',
  'elk.layered.spacing.edgeEdgeBetweenLayers': '8',
  'elk.spacing.nodeNode': '22',
  'elk.spacing.edgeNode': '14',
  'elk.spacing.edgeEdge': '10',
};
const OPTIONS: Readonly<Record<string, string>> = {
  ...SPACING,
  'elk.algorithm': 'layered',
  'elk.direction': 'RIGHT',
  'elk.edgeRouting': 'ORTHOGONAL',
  'elk.hierarchyHandling': 'INCLUDE_CHILDREN',
  'elk.json.shapeCoords': 'ROOT',
  'elk.json.edgeCoords': 'ROOT',
  'elk.layered.considerModelOrder.strategy': 'NODES_AND_EDGES',
  'elk.layered.nodePlacement.strategy': 'NETWORK_SIMPLEX',
  'elk.layered.thoroughness': '7',
  'elk.spacing.componentComponent': '30',
};
const GROUP: Readonly<Record<string, string>> = {
  ...SPACING,
  'elk.padding': '[top=28,left=14,bottom=12,right=14]',
};

/** Behind a box whose leads carry tape labels so much stays free for them. */
const TAPE_ROOM = TAPE.gap + TAPE.width + 2;

const portId = (box: string, port: string): string => `${box}/${port}`;

/**
 * Lays a graph out with few crossings and, where it was drawn before, as much as it can as it was then. The same graph
 * and drawing always give the same result.
 */
export async function layOut(
  graph: SchematicGraph,
  engine: ElkLayout,
  before?: DrawnSchematic,
): Promise<DrawnSchematic> {
  if (graph.boxes.length > LARGE) return drawnWith(graph, SEEDS[0] as number, engine);
  const tried: { drawn: DrawnSchematic; crossings: number; moved: number }[] = [];
  for (const seed of SEEDS) {
    const drawn = await drawnWith(graph, seed, engine);
    tried.push({ drawn, crossings: crossingsOf(drawn), moved: before ? turnedOver(before, drawn) : 0 });
  }
  const least = Math.min(...tried.map(({ crossings }) => crossings));
  const [best] = tried
    .filter(({ crossings }) => crossings <= least * LENIENT)
    .sort((a, b) => a.moved - b.moved || a.crossings - b.crossings);
  if (!best) throw new RangeError('no seed to lay out with');
  return best.drawn;
}

/** A graph without frames, in which each box says where it is: what stands together need not be drawn together. */
export function withoutFrames(graph: SchematicGraph): SchematicGraph {
  const labels = new Map(graph.groups.map(({ id, label }) => [id, label]));
  return {
    ...graph,
    groups: [],
    boxes: graph.boxes.map(({ group, place: _none, ...box }) => {
      const label = labels.get(group ?? '');
      if (group === undefined || label === undefined) return { ...box, group, place: undefined };
      return shaped({ ...box, group: undefined, place: { id: group, label } });
    }),
  };
}

/**
 * Lays a graph out for a room so many units wide: with its frames where that fits, without them where only that does.
 * Gives the graph that was laid out, too.
 */
export async function layOutWithin(
  room: number,
  graph: SchematicGraph,
  engine: ElkLayout,
  before?: DrawnSchematic,
): Promise<{ readonly graph: SchematicGraph; readonly drawn: DrawnSchematic }> {
  const framed = { graph, drawn: await layOut(graph, engine, before) };
  const { width } = framed.drawn;
  // Without its frames no drawing is half as wide; what is far too wide is not laid out a second time.
  if (width <= room || width > 2 * room || graph.groups.length === 0) return framed;
  const bare = withoutFrames(graph);
  const unframed = { graph: bare, drawn: await layOut(bare, engine, before) };
  return unframed.drawn.width <= room ? unframed : framed;
}

/** How many pairs of boxes in both drawings stand the other way round to each other now: above or left of. */
export function turnedOver(before: DrawnSchematic, after: DrawnSchematic): number {
  const both = [...after.boxes].flatMap(([id, now]) => {
    const then = before.boxes.get(id);
    return then ? [{ now, then }] : [];
  });
  const swapped = (a: number, b: number, c: number, d: number): number => Number((a - b) * (c - d) < 0);
  let count = 0;
  both.forEach((one, i) => {
    for (const other of both.slice(i + 1)) {
      count += swapped(one.then.x, other.then.x, one.now.x, other.now.x);
      count += swapped(one.then.y, other.then.y, one.now.y, other.now.y);
    }
  });
  return count;
}

/** The layout of one seed of the engine’s random numbers. */
export const drawnWith = async (
  graph: SchematicGraph,
  seed: number,
  engine: ElkLayout,
): Promise<DrawnSchematic> => drawnFrom(await engine(elkGraph(graph, seed)), graph);

/** The graph as the engine takes it. */
function elkGraph({ groups, boxes, wires }: SchematicGraph, seed: number): ElkNode {
  const labelled = new Set(wires.flatMap(({ from, tape }) => (tape === '' ? [] : [from.box])));
  const node = (box: DeviceBox): ElkNode => ({
    id: box.id,
    width: box.width + (labelled.has(box.id) ? TAPE_ROOM : 0),
    height: box.height,
    layoutOptions: { 'elk.portConstraints': 'FIXED_POS' },
    ports: box.pins.map(({ port, side, y }) => ({
      id: portId(box.id, port),
      x: side === 'in' ? 0 : box.width + (labelled.has(box.id) ? TAPE_ROOM : 0),
      y,
      width: 0,
      height: 0,
      layoutOptions: { 'elk.port.side': side === 'in' ? 'WEST' : 'EAST' },
    })),
  });
  return {
    id: 'schematic',
    layoutOptions: { ...OPTIONS, 'elk.randomSeed': String(seed) },
    children: [
      ...groups.map(({ id }) => ({
        id: `group ${id}`,
        layoutOptions: GROUP,
        children: boxes.filter(({ group }) => group === id).map(node),
      })),
      ...boxes.filter(({ group }) => group === undefined).map(node),
    ],
    edges: wires.map(({ id, from, to }) => ({
      id,
      sources: [portId(from.box, from.port)],
      targets: [portId(to.box, to.port)],
    })),
  };
}

/** The drawing that the engine made: boxes without the room for tape behind them, which the leads start across. */
function drawnFrom(node: ElkNode, graph: SchematicGraph): DrawnSchematic {
  const widths = new Map(graph.boxes.map(({ id, width }) => [id, width]));
  const outOf = new Map(graph.wires.map(({ id, from }) => [id, from.box]));
  const boxes = new Map<string, Frame>();
  const groups = new Map<string, Frame>();
  const wires = new Map<string, readonly Point[]>();
  const frame = ({ x = 0, y = 0, width = 0, height = 0 }: ElkNode): Frame => ({ x, y, width, height });
  const visit = (each: ElkNode): void => {
    for (const child of each.children ?? []) {
      if (child.id.startsWith('group ')) groups.set(child.id.slice(6), frame(child));
      else boxes.set(child.id, { ...frame(child), width: widths.get(child.id) ?? child.width ?? 0 });
      visit(child);
    }
    for (const { id, sections } of each.edges ?? []) {
      const corners = (sections ?? []).flatMap(({ startPoint, bendPoints = [], endPoint }) => [
        startPoint,
        ...bendPoints,
        endPoint,
      ]);
      const box = boxes.get(outOf.get(id) ?? '');
      wires.set(
        id,
        corners.map(({ x, y }, i): Point => [i === 0 && box ? box.x + box.width : x, y]),
      );
    }
  };
  visit(node);
  return { width: node.width ?? 0, height: node.height ?? 0, boxes, groups, wires };
}

/** How often leads cross each other in a drawing. */
export function crossingsOf({ wires }: Pick<DrawnSchematic, 'wires'>): number {
  const flat: { wire: string; x1: number; x2: number; y: number }[] = [];
  const upright: { wire: string; y1: number; y2: number; x: number }[] = [];
  for (const [wire, points] of wires) {
    for (let i = 1; i < points.length; i++) {
      const [[ax, ay] = [0, 0], [bx, by] = [0, 0]] = [points[i - 1], points[i]];
      if (ay === by) flat.push({ wire, x1: Math.min(ax, bx), x2: Math.max(ax, bx), y: ay });
      else upright.push({ wire, y1: Math.min(ay, by), y2: Math.max(ay, by), x: ax });
    }
  }
  let crossings = 0;
  for (const a of upright)
    for (const b of flat)
      if (a.wire !== b.wire && a.x > b.x1 && a.x < b.x2 && b.y > a.y1 && b.y < a.y2) crossings++;
  return crossings;
}

/**
 * The way of a lead after its boxes were nudged by hand: its first and last pieces follow, and it stays made of level
 * and upright pieces.
 */
export function nudgedWay(way: readonly Point[], from: Point = [0, 0], to: Point = [0, 0]): readonly Point[] {
  const [first] = way;
  const last = way.at(-1);
  if (!first || !last || (from[0] === 0 && from[1] === 0 && to[0] === 0 && to[1] === 0)) return way;
  const start: Point = [first[0] + from[0], first[1] + from[1]];
  const end: Point = [last[0] + to[0], last[1] + to[1]];
  if (way.length === 2) {
    if (start[1] === end[1]) return [start, end];
    const middle = (start[0] + end[0]) / 2;
    return [start, [middle, start[1]], [middle, end[1]], end];
  }
  const bends = way.slice(1, -1).map(([x, y]): Point => [x, y]);
  const [one] = bends;
  const other = bends.at(-1);
  if (one) bends[0] = [one[0], start[1]];
  if (other) bends[bends.length - 1] = [other[0], bends.length === 1 ? (bends[0]?.[1] ?? end[1]) : end[1]];
  return [start, ...bends, end];
}
