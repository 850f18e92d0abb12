/** Reading a DXF file: lines, polylines with arcs in them, circles, arcs, points, texts, and blocks put in. */
import { MOST_SHAPES, type Drawing, type Point, type Shape } from '@idle-satchel/core';
import DxfParser, {
  type IArcEntity,
  type IBlock,
  type ICircleEntity,
  type IEllipseEntity,
  type IEntity,
  type IInsertEntity,
  type ILineEntity,
  type ILwpolylineEntity,
  type IPointEntity,
  type IPolylineEntity,
  type ISplineEntity,
  type ITextEntity,
} from 'dxf-parser';
import { Refusal } from './refusal.js';

/** Metres to a unit by the code in a file’s header ($INSUNITS); undefined = not said. */
const UNITS: Readonly<Record<number, number>> = {
  1: 0.0254,
  2: 0.3048,
  4: 0.001,
  5: 0.01,
  6: 1,
  10: 0.9144,
  14: 0.1,
};

export interface ReadDrawing {
  /** In the file’s own units, y down the page. */
  readonly drawing: Drawing;
  /** Metres to a unit, if the file says so. */
  readonly unit: number | undefined;
}

/** How far a chord may lie from its arc, as a share of the radius: 5° to a chord. */
const CHORD = Math.PI / 36;
const DEEPEST = 8;

type Place = (at: { x: number; y: number }) => Point;
/** A page has y down, a drawing has it up. */
const flipped: Place = ({ x, y }) => [x, -y];

/** What opens and what closes it: a file in which they do not match is not whole. */
const CLOSED_BY: Readonly<Record<string, string>> = {
  SECTION: 'ENDSEC',
  TABLE: 'ENDTAB',
  BLOCK: 'ENDBLK',
  POLYLINE: 'SEQEND',
};

/**
 * Refuses a file that is not pairs of code and value up to its end, or in which something is opened and never
 * closed: the parser would look for the end of that for ever.
 */
function refuseUnlessWhole(text: string): void {
  const lines = text.trimEnd().split(/\r\n|\r|\n/);
  const not = (why: string): never => {
    throw new Refusal(`This is not a DXF file that can be read: ${why}.`);
  };
  if (lines.length < 2 || lines.length % 2 !== 0) not('it is cut off, or no DXF at all');
  if (lines.at(-2)?.trim() !== '0' || lines.at(-1)?.trim() !== 'EOF') not('its end is missing');
  const open: string[] = [];
  for (let i = 0; i < lines.length; i += 2) {
    const code = lines[i] ?? '';
    if (!/^\s*-?\d{1,4}\s*$/.test(code)) not(`line ${i + 1} should be a code`);
    if (code.trim() !== '0') continue;
    const value = (lines[i + 1] ?? '').trim();
    const closing = CLOSED_BY[value];
    if (closing) open.push(closing);
    else if (value === open.at(-1)) open.pop();
  }
  if (open.length > 0) not(`${open.at(-1)} is missing`);
}

/** Throws `Refusal` for what is no DXF, or too much. */
export function readDxf(text: string): ReadDrawing {
  refuseUnlessWhole(text);
  let parsed: ReturnType<DxfParser['parseSync']>;
  try {
    parsed = new DxfParser().parseSync(text);
  } catch (error) {
    throw new Refusal(
      `This is not a DXF file that can be read: ${error instanceof Error ? error.message : String(error)}.`,
    );
  }
  if (!parsed) throw new Refusal('This is not a DXF file that can be read: it has no sections.');
  const shapes: Shape[] = [];
  const keep = (shape: Shape): void => {
    if (shape.points.some(([x, y]) => !Number.isFinite(x) || !Number.isFinite(y))) return;
    if (shapes.push(shape) > MOST_SHAPES) {
      throw new Refusal(
        `This drawing has more than ${MOST_SHAPES.toLocaleString('en-GB')} shapes; keep only the plan of the room.`,
      );
    }
  };
  const blocks = (parsed.blocks as Record<string, IBlock> | undefined) ?? {};
  takeIn(parsed.entities, flipped, undefined, blocks, 0, keep);
  if (shapes.length === 0) throw new Refusal('There is nothing in this DXF file that can be drawn.');
  const unit = UNITS[Number(parsed.header?.$INSUNITS ?? 0)];
  return { drawing: { shapes }, unit };
}

function takeIn(
  entities: readonly IEntity[],
  place: Place,
  layer: string | undefined,
  blocks: Readonly<Record<string, IBlock>>,
  depth: number,
  keep: (shape: Shape) => void,
): void {
  for (const entity of entities) {
    // What lies on layer 0 of a block lies on the layer that the block is put in on.
    const on = layer !== undefined && entity.layer === '0' ? layer : (entity.layer ?? '0');
    if (entity.type === 'INSERT') {
      const insert = entity as IInsertEntity;
      const block = blocks[insert.name];
      if (!block?.entities) continue;
      if (depth >= DEEPEST)
        throw new Refusal(`This drawing puts blocks into blocks more than ${DEEPEST} deep.`);
      for (const each of placesOf(insert, block, place))
        takeIn(block.entities, each, on, blocks, depth + 1, keep);
      continue;
    }
    const shape = shapeOf(entity, place);
    if (shape) keep({ layer: on, ...shape });
  }
}

/** Where a block is put in: once, or in rows and columns. */
function* placesOf(insert: IInsertEntity, block: IBlock, place: Place): Generator<Place> {
  const { position, xScale = 1, yScale = 1, rotation = 0 } = insert;
  const { columnCount = 1, rowCount = 1, columnSpacing = 0, rowSpacing = 0 } = insert;
  const [cos, sin] = [Math.cos((rotation * Math.PI) / 180), Math.sin((rotation * Math.PI) / 180)];
  const base = block.position ?? { x: 0, y: 0 };
  for (let row = 0; row < Math.max(1, rowCount); row++) {
    for (let column = 0; column < Math.max(1, columnCount); column++) {
      yield ({ x, y }) => {
        const [u, v] = [
          (x - base.x) * xScale + column * columnSpacing,
          (y - base.y) * yScale + row * rowSpacing,
        ];
        return place({ x: position.x + u * cos - v * sin, y: position.y + u * sin + v * cos });
      };
    }
  }
}

type Bare = Omit<Shape, 'layer'>;
const path = (points: readonly Point[], closed: boolean): Bare | undefined =>
  points.length > 1 ? { kind: 'path', points, closed } : undefined;

function shapeOf(entity: IEntity, place: Place): Bare | undefined {
  switch (entity.type) {
    case 'LINE':
      return path((entity as ILineEntity).vertices.map(place), false);
    case 'LWPOLYLINE':
    case 'POLYLINE': {
      const { vertices, shape } = entity as ILwpolylineEntity | IPolylineEntity;
      return path(bulged(vertices, shape === true).map(place), shape === true);
    }
    case 'CIRCLE': {
      const { center, radius } = entity as ICircleEntity;
      const at = place(center);
      const [ex, ey] = place({ x: center.x + radius, y: center.y });
      return { kind: 'circle', points: [at], closed: true, radius: Math.hypot(ex - at[0], ey - at[1]) };
    }
    case 'ARC': {
      const { center, radius, startAngle, endAngle } = entity as IArcEntity;
      return path(
        turned(startAngle, endAngle, a => ({
          x: center.x + radius * Math.cos(a),
          y: center.y + radius * Math.sin(a),
        })).map(place),
        false,
      );
    }
    case 'ELLIPSE': {
      const { center, majorAxisEndPoint: axis, axisRatio, startAngle, endAngle } = entity as IEllipseEntity;
      const on = (a: number): { x: number; y: number } => ({
        x: center.x + axis.x * Math.cos(a) - axis.y * axisRatio * Math.sin(a),
        y: center.y + axis.y * Math.cos(a) + axis.x * axisRatio * Math.sin(a),
      });
      const whole = Math.abs(Math.abs(endAngle - startAngle) - 2 * Math.PI) < 1e-6;
      const points = turned(startAngle, endAngle, on).map(place);
      return path(whole ? points.slice(0, -1) : points, whole);
    }
    case 'SPLINE': {
      const { fitPoints, controlPoints, closed } = entity as ISplineEntity;
      return path((fitPoints?.length ? fitPoints : (controlPoints ?? [])).map(place), closed === true);
    }
    case 'POINT': {
      const { position } = entity as IPointEntity;
      return { kind: 'point', points: [place(position)], closed: false };
    }
    case 'TEXT': {
      const { startPoint, text } = entity as ITextEntity;
      return { kind: 'text', points: [place(startPoint)], closed: false, text };
    }
    default:
      return undefined;
  }
}

/** Points along an arc from one angle to another, counter-clockwise, radians. */
function turned<T>(start: number, end: number, on: (angle: number) => T): T[] {
  const sweep = end > start ? end - start : end - start + 2 * Math.PI;
  const steps = Math.max(1, Math.ceil(sweep / CHORD));
  return Array.from({ length: steps + 1 }, (_, i) => on(start + (sweep * i) / steps));
}

interface Vertex {
  readonly x: number;
  readonly y: number;
  /** Tangent of a quarter of the angle that the side to the next vertex bends by. */
  readonly bulge?: number;
}

/** The corners of a polyline with its bent sides as chords. */
function bulged(vertices: readonly Vertex[], closed: boolean): { x: number; y: number }[] {
  return vertices.flatMap((a, i) => {
    const b = vertices[i + 1] ?? (closed ? vertices[0] : undefined);
    const bulge = a.bulge ?? 0;
    if (!b || bulge === 0) return [a];
    const chord = Math.hypot(b.x - a.x, b.y - a.y);
    const sweep = 4 * Math.atan(bulge);
    const steps = Math.max(1, Math.ceil(Math.abs(sweep) / CHORD));
    // The middle lies off the chord’s own middle, to the left of a → b for a positive bulge below a half turn.
    const off = (1 - bulge * bulge) / (4 * bulge);
    const [mx, my] = [(a.x + b.x) / 2 - (b.y - a.y) * off, (a.y + b.y) / 2 + (b.x - a.x) * off];
    const from = Math.atan2(a.y - my, a.x - mx);
    const radius = Math.hypot(a.x - mx, a.y - my);
    if (chord === 0 || !Number.isFinite(radius)) return [a];
    return Array.from({ length: steps }, (_, step) => {
      const angle = from + (sweep * step) / steps;
      return step === 0
        ? { x: a.x, y: a.y }
        : { x: mx + radius * Math.cos(angle), y: my + radius * Math.sin(angle) };
    });
  });
}
