/** A case that is packed, to scale: its layers from above in the order in which one packs, and as it looks from a corner. */
import type { PackedLine, Plan } from '../documents/index.js';
import { inOrder } from '../foundations/index.js';
import { turned } from '../packing/boxes.js';
import { archesOf } from '../packing/arches.js';
import { cornerOf } from '../packing/spaces.js';
import type { CaseRoom } from '../stations/pack/packing/room.js';
import type { VehicleResult } from '../stations/pack/vehicles/vehicle.js';

/** A thing in its case, m from the left, the front and the bottom inside. */
export interface ThingInCase {
  readonly line: string;
  /** In the order in which they are put in, from 1. */
  readonly number: number;
  readonly label: string;
  readonly purpose: string;
  readonly at: readonly [x: number, y: number, z: number];
  readonly sides: readonly [width: number, depth: number, height: number];
}

export interface CaseLayer {
  /** Height above the bottom that its things lie at, m. */
  readonly at: number;
  readonly things: readonly ThingInCase[];
  /** What lies below them, and still reaches up into the layer. */
  readonly below: readonly ThingInCase[];
}

export interface CasePicture {
  readonly width: number;
  readonly depth: number;
  readonly height: number;
  readonly layers: readonly CaseLayer[];
  readonly things: readonly ThingInCase[];
  /** What is built into it and takes room: the wheel arches of a vehicle. */
  readonly built: readonly Pick<ThingInCase, 'at' | 'sides'>[];
  /** Lines that are somewhere in it. */
  readonly somewhere: readonly { readonly line: string; readonly label: string; readonly purpose: string }[];
}

/** Things that lie no more than so much higher are of one layer, m. */
const LAYER = 0.015;

/** Something that has a place, before it has a number. */
type PlacedThing = Omit<ThingInCase, 'number'>;

export function casePicture({ hold, held, sizes }: CaseRoom, packed: Plan['packed']): CasePicture {
  const put = new Map(inOrder(packed).map(([, each]): [string, PackedLine] => [each.line, each]));
  const things = Object.entries(held).flatMap(([line, { label, purpose }]): PlacedThing[] => {
    const [at, size] = [put.get(line)?.at, sizes[line]];
    if (!at || !size) return [];
    const corner = cornerOf(hold, at.space ?? 0);
    return [
      {
        ...{ line, label, purpose },
        at: [corner[0] + at.x, corner[1] + at.y, corner[2] + at.z],
        sides: turned([size.width, size.depth, size.height], at.turn),
      },
    ];
  });
  return pictureOf(hold, things, held, (a, b) => along(a, b, [2, 1, 0]));
}

/** A vehicle that is loaded, with its door at the front of the picture, in the order in which it is loaded. */
export const vehiclePicture = ({ vehicle, pieces }: VehicleResult): CasePicture => ({
  ...pictureOf(
    { width: vehicle.width, depth: vehicle.length, height: vehicle.height },
    Object.entries(pieces).flatMap(([line, { at, size, line: own }]): PlacedThing[] => {
      if (!at) return [];
      const sides = turned([size.width, size.depth, size.height], at.turn);
      const { label, purpose } = own;
      return [{ line, label, purpose, at: [at.x, vehicle.length - at.y - sides[1], at.z], sides }];
    }),
    Object.fromEntries(
      Object.entries(pieces).flatMap(([line, { line: own, onRoof }]) =>
        onRoof === true ? [] : [[line, own]],
      ),
    ),
    // From the seat backs to the door, from the floor upwards.
    (a, b) => b.at[1] + b.sides[1] - a.at[1] - a.sides[1] || along(a, b, [2, 0]),
  ),
  built: archesOf(vehicle).map(({ at: [x, y, z], sides }) => ({
    at: [x, vehicle.length - y - sides[1], z],
    sides,
  })),
});

/** Which of two comes first along some axes. */
const along = (a: PlacedThing, b: PlacedThing, axes: readonly (0 | 1 | 2)[]): number =>
  axes.reduce<number>((order, axis) => order || a.at[axis] - b.at[axis], 0);

/** Numbered in an order. */
function pictureOf(
  { width, depth, height }: Pick<CasePicture, 'width' | 'depth' | 'height'>,
  placed: readonly PlacedThing[],
  all: Readonly<Record<string, { readonly label: string; readonly purpose: string }>>,
  order: (a: PlacedThing, b: PlacedThing) => number,
): CasePicture {
  const things = [...placed].sort(order).map((each, i): ThingInCase => ({ ...each, number: i + 1 }));
  const lines = new Set(things.map(({ line }) => line));
  return {
    ...{ width, depth, height, things, built: [] },
    layers: layersOf(things),
    somewhere: Object.entries(all).flatMap(([line, { label, purpose }]) =>
      lines.has(line) ? [] : [{ line, label, purpose }],
    ),
  };
}

function layersOf(things: readonly ThingInCase[]): CaseLayer[] {
  const layers: { at: number; things: ThingInCase[] }[] = [];
  for (const thing of [...things].sort((a, b) => a.at[2] - b.at[2] || a.number - b.number)) {
    const last = layers.at(-1);
    if (last && thing.at[2] <= last.at + LAYER) last.things.push(thing);
    else layers.push({ at: thing.at[2], things: [thing] });
  }
  return layers.map(layer => ({
    ...layer,
    below: things.filter(({ at, sides }) => at[2] < layer.at - 1e-9 && at[2] + sides[2] > layer.at + 1e-9),
  }));
}

/** A face as it looks from a corner, m on the drawing: right and down. */
export interface CaseFace {
  readonly side: 'top' | 'front' | 'right' | 'inside';
  readonly points: readonly (readonly [x: number, y: number])[];
}

export interface CaseFromCorner {
  /** Bottom and walls. */
  readonly inside: readonly CaseFace[];
  /** What is farther away first; each with its number on its top, which later ones may cover; 0 for what is built in. */
  readonly things: readonly {
    readonly number: number;
    readonly faces: readonly CaseFace[];
    readonly at: readonly [x: number, y: number];
  }[];
  readonly width: number;
  readonly height: number;
}

const COS = Math.cos(Math.PI / 6);
const SIN = Math.sin(Math.PI / 6);

/** The case from above its right front corner (isometric), what is farther away first. */
export function caseFromCorner({ width, depth, height, things, built }: CasePicture): CaseFromCorner {
  // The rear left corner is at the left; the highest point is the rear one of the rim.
  const project = ([x, y, z]: readonly [number, number, number]): [number, number] => [
    (x + y) * COS,
    (x - y) * SIN - z + height + depth * SIN,
  ];
  const inside: CaseFace[] = [
    [
      [0, 0, 0],
      [width, 0, 0],
      [width, depth, 0],
      [0, depth, 0],
    ],
    [
      [0, 0, 0],
      [0, depth, 0],
      [0, depth, height],
      [0, 0, height],
    ],
    [
      [0, depth, 0],
      [width, depth, 0],
      [width, depth, height],
      [0, depth, height],
    ],
  ].map(points => ({
    side: 'inside',
    points: points.map(point => project(point as [number, number, number])),
  }));
  return {
    inside,
    things: fromBehind([...built.map(asThing), ...things]).map(thing => {
      const {
        number,
        at: [x, y, z],
        sides: [w, d, h],
      } = thing;
      return { number, faces: facesOf(thing, project), at: project([x + w / 2, y + d / 2, z + h]) };
    }),
    width: (width + depth) * COS,
    height: (width + depth) * SIN + height,
  };
}

/** Without a number, since nobody puts it in. */
const asThing = (built: CasePicture['built'][number]): ThingInCase => ({
  ...built,
  ...{ number: 0, line: '', label: '', purpose: '' },
});

function facesOf(
  { at: [x, y, z], sides: [w, d, h] }: ThingInCase,
  project: (point: readonly [number, number, number]) => [number, number],
): CaseFace[] {
  const top = z + h;
  return [
    {
      side: 'front',
      points: [project([x, y, z]), project([x + w, y, z]), project([x + w, y, top]), project([x, y, top])],
    },
    {
      side: 'right',
      points: [
        project([x + w, y, z]),
        project([x + w, y + d, z]),
        project([x + w, y + d, top]),
        project([x + w, y, top]),
      ],
    },
    {
      side: 'top',
      points: [
        project([x, y, top]),
        project([x + w, y, top]),
        project([x + w, y + d, top]),
        project([x, y + d, top]),
      ],
    },
  ];
}

/** Things so that none is drawn over one that is before it: behind, to the left or below comes first. */
function fromBehind(things: readonly ThingInCase[]): ThingInCase[] {
  const near = 1e-9;
  const isBehind = (a: ThingInCase, b: ThingInCase): boolean =>
    a.at[0] + a.sides[0] <= b.at[0] + near ||
    b.at[1] + b.sides[1] <= a.at[1] + near ||
    a.at[2] + a.sides[2] <= b.at[2] + near;
  const left = [...things];
  const ordered: ThingInCase[] = [];
  while (left.length > 0) {
    // Of things that go round in a circle any comes first.
    const next = left.findIndex(a => left.every(b => a === b || !isBehind(b, a) || isBehind(a, b)));
    ordered.push(...left.splice(Math.max(0, next), 1));
  }
  return ordered;
}
