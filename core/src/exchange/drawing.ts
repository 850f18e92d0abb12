/** A drawing as other programs know one: shapes on named layers, in metres, y down the page. */
import { boundsOf, type Point } from '../foundations/index.js';

export interface Shape {
  readonly layer: string;
  readonly kind: 'path' | 'circle' | 'point' | 'text';
  /** Corners of a path; the middle of a circle; where a point or a text is. */
  readonly points: readonly Point[];
  readonly closed: boolean;
  readonly radius?: number;
  /** What a text says; for anything else the name of what it shows. */
  readonly text?: string;
  /** Height of its capitals, m; absent = as on a plan of a venue. */
  readonly letters?: number;
}

export interface Drawing {
  readonly shapes: readonly Shape[];
}

/** Most shapes that are read from a file. */
export const MOST_SHAPES = 20_000;

/** A drawing enlarged by a factor, and moved to the corner of the page when it lies far from it. */
export function drawingScaled({ shapes }: Drawing, factor: number): Drawing {
  const { min, max } = boundsOf(shapes.flatMap(shape => shape.points));
  const far = [...min, ...max].some(value => Math.abs(value * factor) > 900);
  const [ox, oy] = far ? min : [0, 0];
  return {
    shapes: shapes.map(({ radius, points, ...shape }) => ({
      ...shape,
      points: points.map(([x, y]): Point => [(x - ox) * factor, (y - oy) * factor]),
      ...(radius === undefined ? {} : { radius: radius * factor }),
    })),
  };
}

/** How far apart the outermost shapes are, in the drawing's own units; 0 for none. */
export function extentOf({ shapes }: Drawing): number {
  const points = shapes.flatMap(shape => shape.points);
  if (points.length === 0) return 0;
  const { min, max } = boundsOf(points);
  return Math.max(max[0] - min[0], max[1] - min[1]);
}

/** Metres to a unit of a drawing that does not say: no room is 400 m long, so what is so large is in millimetres. */
export const likelyUnit = (drawing: Drawing): number => (extentOf(drawing) > 400 ? 0.001 : 1);

/** The layers of a drawing with how many shapes lie on each, in order of name. */
export function layersOf({ shapes }: Drawing): { readonly name: string; readonly count: number }[] {
  const counts = new Map<string, number>();
  for (const { layer } of shapes) counts.set(layer, (counts.get(layer) ?? 0) + 1);
  return [...counts].map(([name, count]) => ({ name, count })).sort((a, b) => (a.name < b.name ? -1 : 1));
}
