/** Sight past furniture and stages that stand and galleries, beams or screens that hang between a camera and a mark. */
import type { Area, AreaKind } from '../../documents/index.js';
import {
  between,
  constant,
  contains,
  floorOfArea,
  inOrder,
  stretchInside,
  taken,
  type Figure,
  type MapOf,
  type Point,
  type Term,
} from '../../foundations/index.js';
import { pastSolids as figure } from './figures/sight.js';

/** The edge of something solid on a line of sight: how far along (0…1), and from where to where it is solid, m. */
export interface SolidEdge {
  readonly id: string;
  readonly label: string;
  readonly at: number;
  /** −∞ = from the floor. */
  readonly low: number;
  /** ∞ = up to the roof. */
  readonly high: number;
  /** The floor of a stage: it hides only from a lens that is lower. */
  readonly stage: boolean;
}

/** Thickness of a gallery’s floor where its underside was not measured, m. */
const SLAB = 0.3;

const SOLID: ReadonlySet<AreaKind> = new Set(['gallery', 'obstacle', 'desk', 'raised']);

/** From where to where an area is solid at a point; undefined where one looks through it. */
function solidAt(area: Area, at: Point): { low: number; high: number } | undefined {
  const { kind, underside, top } = area;
  const floor = floorOfArea(area, at);
  if (kind === 'raised') return { low: -Infinity, high: floor };
  if (kind === 'gallery') return { low: underside ?? floor - SLAB, high: floor };
  if (underside !== undefined) return { low: underside, high: top === undefined ? Infinity : floor + top };
  return top === undefined ? undefined : { low: -Infinity, high: floor + top };
}

/**
 * The near and the far edge of everything solid between two points; what the mark stands in, and the galleries that
 * camera and mark are on, are no obstacle.
 */
export const solidsBetween = (
  areas: MapOf<Area> | undefined,
  from: Point,
  to: Point,
  levels: readonly (string | undefined)[],
): SolidEdge[] =>
  inOrder(areas).flatMap(([id, area]) => {
    const { kind, outline } = area;
    const stage = kind === 'raised';
    const around = kind !== 'gallery' && !stage && contains(outline, to);
    if (!SOLID.has(kind) || levels.includes(id) || around) return [];
    const stretch = stretchInside(outline, from, to) ?? [];
    return stretch.flatMap(at => {
      // A mark stands on its stage and is not hidden by it there.
      if (stage && at === 1) return [];
      const solid = solidAt(area, between(from, to, at));
      return solid ? [{ id, label: area.label, at, stage, ...solid }] : [];
    });
  });

/** From the eyes to the top of a head, m. */
const HEAD_TOP = 0.12;

/** Heights above the zero level of lens, lowest point wanted and eyes, m. */
export interface SightHeights {
  readonly lens: number;
  readonly lowest: number;
  readonly eyes: number;
}

interface Nearest {
  readonly edge: SolidEdge;
  readonly clear: number;
  /** It is passed beneath rather than over. */
  readonly beneath: boolean;
}

/** Where sight comes nearest to something solid, over or beneath it, whichever is freer; undefined with nothing between. */
export function nearestSolid(
  edges: readonly SolidEdge[],
  { lens, lowest, eyes }: SightHeights,
): Nearest | undefined {
  let nearest: Nearest | undefined;
  for (const edge of edges) {
    // From above a stage its whole floor is seen, so that its edge hides nothing.
    if (edge.stage && lens >= edge.high) continue;
    const over = lens + (lowest - lens) * edge.at - edge.high;
    const under = edge.low - (lens + (eyes + HEAD_TOP - lens) * edge.at);
    const clear = Math.max(over, under);
    if (!nearest || clear < nearest.clear) nearest = { edge, clear, beneath: under > over };
  }
  return nearest;
}

export interface PastSolids {
  readonly clear: Figure;
  /** The area that comes nearest. */
  readonly by: string | undefined;
}

/** The clearance of a line of sight from what is solid, m; `run` is its horizontal distance, m. */
export function pastSolids(
  id: string,
  edges: readonly SolidEdge[],
  run: number,
  { lens, lowest, face }: { readonly lens: Term; readonly lowest: Figure; readonly face: Term },
): PastSolids {
  const heights = { lens: Number(lens.value), lowest: Number(lowest.value), eyes: Number(face.value) };
  const nearest = nearestSolid(edges, heights);
  if (!nearest) {
    return { clear: figure.unknown([id], 'nothing solid lies between camera and mark'), by: undefined };
  }
  const { edge, beneath } = nearest;
  const where = [
    constant('x', edge.at * run, 'm', `edge of “${edge.label}”, distance from the camera`),
    constant('D', run, 'm', 'horizontal distance from camera to mark'),
  ];
  const clear = beneath
    ? figure.calc(
        [id],
        [
          ...[lens, face, ...where],
          constant('head', HEAD_TOP, 'm', 'from the eyes to the top of the head'),
          constant('under', edge.low, 'm', `underside of “${edge.label}”`),
        ],
        { formula: 'under - (lens + (face + head - lens) * x / D)' },
      )
    : figure.calc(
        [id],
        [lens, taken('lowest', lowest), ...where, constant('top', edge.high, 'm', `top of “${edge.label}”`)],
      );
  return { clear, by: edge.id };
}
