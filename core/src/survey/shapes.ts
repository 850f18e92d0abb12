/** Common shapes of rooms as a tape measure gives them: which numbers, in which order, and the walls they make. */
import { footprint, polar, type Point } from '../foundations/index.js';

/** One number of a survey. `guess` stands until it is measured; `first` ones are asked before the others. */
export interface Measure {
  readonly key: string;
  readonly label: string;
  readonly unit: 'm' | 'pieces';
  readonly guess: number;
  readonly min: number;
  readonly max: number;
  readonly first?: boolean;
}

export type Measures = Readonly<Record<string, number>>;

/** A length along one axis that can be corrected later. */
export interface Span {
  readonly key: string;
  readonly axis: 'x' | 'y';
  readonly from: number;
  readonly to: number;
}

export interface Shape {
  readonly label: string;
  /** What kind of place it is for, in a few words. */
  readonly words: string;
  readonly measures: readonly Measure[];
  readonly outline: (m: Measures) => Point[];
  readonly spans: (m: Measures) => Span[];
}

const metres = (key: string, label: string, guess: number, max: number, first = false): Measure => ({
  key,
  label,
  unit: 'm',
  guess,
  min: 0.5,
  max,
  ...(first ? { first } : {}),
});
const count = (key: string, label: string, guess: number, min: number, max: number): Measure => ({
  key,
  label,
  unit: 'pieces',
  guess,
  min,
  max,
});

const LENGTH = metres('length', 'Length', 18, 300, true);
const WIDTH = metres('width', 'Width', 10, 300, true);
const length = (m: Measures): number => m.length ?? 0;
const width = (m: Measures): number => m.width ?? 0;

const rectangle = (m: Measures): Point[] => [
  [0, 0],
  [length(m), 0],
  [length(m), width(m)],
  [0, width(m)],
];
const sides = (m: Measures): Span[] => [
  { key: 'length', axis: 'x', from: 0, to: length(m) },
  { key: 'width', axis: 'y', from: 0, to: width(m) },
];

/** Corners on a circle, with a side facing the front (east). */
function regular(diameter: number, corners: number): Point[] {
  const radius = diameter / 2;
  const half = 180 / corners;
  // Across the flats, as a tape measures it: the corners lie farther out.
  const reach = radius / Math.cos((half * Math.PI) / 180);
  return Array.from({ length: corners }, (_, i) => polar([radius, radius], half + i * 2 * half, reach));
}
const round = (points: readonly Point[]): Point[] =>
  points.map(([x, y]) => [Math.round(x * 1000) / 1000, Math.round(y * 1000) / 1000]);

const across = (m: Measures): Span[] => [{ key: 'across', axis: 'x', from: 0, to: m.across ?? 0 }];

/** The front, where people speak or play, is in the east of every shape. */
export const SHAPES = {
  hall: {
    label: 'Hall',
    words: 'one rectangle',
    measures: [LENGTH, WIDTH],
    outline: rectangle,
    spans: sides,
  },
  nave: {
    label: 'Nave with aisles',
    words: 'two rows of pillars, a chancel in the east',
    measures: [
      { ...LENGTH, label: 'Nave length', guess: 20 },
      { ...WIDTH, label: 'Width over the aisles', guess: 15 },
      count('pillars', 'Pillars on each side', 4, 0, 20),
      metres('sideAisle', 'Wall to the middle of the pillars', 3.2, 20),
      metres('pillar', 'Pillar, side', 0.7, 5),
      { ...metres('chancelLength', 'Chancel length', 6, 60), min: 0 },
      metres('chancelWidth', 'Chancel width', 6.5, 60),
    ],
    outline: m => {
      const deep = m.chancelLength ?? 0;
      if (deep === 0) return rectangle(m);
      const wide = Math.min(m.chancelWidth ?? 0, width(m));
      const [north, south] = [(width(m) - wide) / 2, (width(m) + wide) / 2];
      return round([
        [0, 0],
        [length(m), 0],
        [length(m), north],
        [length(m) + deep, north],
        [length(m) + deep, south],
        [length(m), south],
        [length(m), width(m)],
        [0, width(m)],
      ]);
    },
    spans: m => [
      ...sides(m),
      ...((m.chancelLength ?? 0) > 0
        ? [
            {
              key: 'chancelLength',
              axis: 'x' as const,
              from: length(m),
              to: length(m) + (m.chancelLength ?? 0),
            },
          ]
        : []),
    ],
  },
  corner: {
    label: 'L-shaped room',
    words: 'a rectangle with a wing to the south',
    measures: [
      LENGTH,
      WIDTH,
      metres('wingLength', 'Wing, west to east', 6, 300, true),
      metres('wingDepth', 'Wing, north to south', 5, 300, true),
    ],
    outline: m => {
      const wing = Math.min(m.wingLength ?? 0, length(m));
      const end = width(m) + (m.wingDepth ?? 0);
      if (wing === length(m)) return rectangle({ ...m, width: end });
      return [
        [0, 0],
        [length(m), 0],
        [length(m), width(m)],
        [wing, width(m)],
        [wing, end],
        [0, end],
      ];
    },
    spans: m => [
      ...sides(m),
      { key: 'wingLength', axis: 'x', from: 0, to: Math.min(m.wingLength ?? 0, length(m)) },
      { key: 'wingDepth', axis: 'y', from: width(m), to: width(m) + (m.wingDepth ?? 0) },
    ],
  },
  polygon: {
    label: 'Many-sided room',
    words: 'a regular octagon or another even number of sides',
    measures: [metres('across', 'Across, wall to wall', 14, 200, true), count('sides', 'Sides', 8, 3, 24)],
    outline: m => round(regular(m.across ?? 0, Math.round(m.sides ?? 8))),
    spans: across,
  },
  round: {
    label: 'Round room',
    words: 'a circle',
    measures: [metres('across', 'Across', 14, 200, true)],
    outline: m => round(regular(m.across ?? 0, 36)),
    spans: across,
  },
  field: {
    label: 'Open field',
    words: 'the part that is used, without walls to lean on',
    measures: [
      { ...LENGTH, guess: 60, max: 300 },
      { ...WIDTH, guess: 40, max: 300 },
    ],
    outline: rectangle,
    spans: sides,
  },
  meeting: {
    label: 'Meeting room',
    words: 'a table in the middle',
    measures: [
      { ...LENGTH, guess: 9 },
      { ...WIDTH, guess: 6 },
      metres('tableLength', 'Table length', 4.5, 60),
      metres('tableWidth', 'Table width', 1.4, 20),
    ],
    outline: rectangle,
    spans: sides,
  },
  theatre: {
    label: 'Theatre',
    words: 'a stage, and rows that rise away from it',
    measures: [
      { ...LENGTH, guess: 24 },
      { ...WIDTH, guess: 14 },
      metres('stageDepth', 'Stage depth', 7, 60, true),
      metres('stageHeight', 'Stage height', 0.9, 3),
      count('rows', 'Rows', 12, 1, 60),
      metres('rowSpacing', 'Row to row', 0.95, 3),
      { ...metres('rise', 'Rise from row to row', 0.2, 0.6), min: 0 },
    ],
    outline: rectangle,
    spans: m => [
      ...sides(m),
      { key: 'stageDepth', axis: 'x', from: length(m) - (m.stageDepth ?? 0), to: length(m) },
    ],
  },
} as const satisfies Readonly<Record<string, Shape>>;

export type ShapeName = keyof typeof SHAPES;

export const shapeOf = (name: ShapeName): Shape => SHAPES[name];

/** A box by its west, north, width and depth. */
export const box = (x: number, y: number, across_: number, depth: number): Point[] =>
  round(footprint([0, 0], 1, false).map(([u, v]): Point => [x + (u + 0.5) * across_, y + (v + 0.5) * depth]));
