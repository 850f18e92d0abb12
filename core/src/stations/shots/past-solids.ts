/** Sight past furniture and stages that stand and galleries, beams or screens that hang between a camera and a mark. */
import type { Area, AreaKind } from '../../documents/index.js';
import {
  between,
  constant,
  contains,
  floorOfArea,
  inOrder,
  stretchesInside,
  taken,
  type Figure,
  type MapOf,
  type Point,
  type Term,
} from '../../foundations/index.js';
import { pastSolids as figure } from './figures/sight.js';

/** Where a line of sight enters or leaves something solid: how far along (0…1), and from where to where it is solid, m. */
export interface SolidEdge {
  readonly at: number;
  /** −∞ = from the floor. */
  readonly low: number;
  /** ∞ = up to the roof. */
  readonly high: number;
}

/** Something solid on a line of sight. */
export interface Solid {
  readonly id: string;
  readonly label: string;
  /** Edges that may hide: the end of the line is none where camera or mark stand on it. */
  readonly edges: readonly SolidEdge[];
  /** The mark stands on it: it hides only from a lens that is lower than it. */
  readonly holdsMark: boolean;
}

/** Thickness of a gallery’s floor where its underside was not measured, m. */
const SLAB = 0.3;

/** How far down a gallery reaches at a point, m above the zero level. */
export const undersideOf = (gallery: Area, at: Point): number =>
  gallery.underside ?? floorOfArea(gallery, at) - SLAB;

const SOLID: ReadonlySet<AreaKind> = new Set(['gallery', 'obstacle', 'desk', 'raised']);

/** From where to where an area is solid at a point; undefined where one looks through it. */
function solidAt(area: Area, at: Point): { low: number; high: number } | undefined {
  const { kind, underside, top } = area;
  const floor = floorOfArea(area, at);
  if (kind === 'raised') return { low: -Infinity, high: floor };
  if (kind === 'gallery') return { low: undersideOf(area, at), high: floor };
  if (underside !== undefined) return { low: underside, high: top === undefined ? Infinity : floor + top };
  return top === undefined ? undefined : { low: -Infinity, high: floor + top };
}

/** A place on the plan, and the gallery it is on; undefined = the ground. */
export interface Standing {
  readonly at: Point;
  readonly level: string | undefined;
}

/** Everything solid between a camera and a mark; what the mark stands in is no obstacle. */
export const solidsBetween = (
  areas: MapOf<Area> | undefined,
  camera: Standing,
  mark: Standing,
): readonly Solid[] =>
  inOrder(areas).flatMap(([id, area]): Solid[] => {
    const { kind, label, outline } = area;
    if (!SOLID.has(kind)) return [];
    const floor = kind === 'gallery' || kind === 'raised';
    if (!floor && contains(outline, mark.at)) return [];
    const carries = ({ at, level }: Standing): boolean =>
      kind === 'gallery' ? level === id : kind === 'raised' && level === undefined && contains(outline, at);
    const holdsMark = carries(mark);
    const ends = [...(carries(camera) ? [0] : []), ...(holdsMark ? [1] : [])];
    return stretchesInside(outline, camera.at, mark.at).flatMap((stretch): Solid[] => {
      const edges = stretch.flatMap((at): SolidEdge[] => {
        const solid = ends.includes(at) ? undefined : solidAt(area, between(camera.at, mark.at, at));
        return solid ? [{ at, ...solid }] : [];
      });
      return edges.length === 0 ? [] : [{ id, label, edges, holdsMark: holdsMark && stretch[1] === 1 }];
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
  readonly solid: Solid;
  readonly edge: SolidEdge;
  readonly clear: number;
  /** It is passed beneath rather than over. */
  readonly beneath: boolean;
}

/** The edge of a solid at which something is least, and how much that is. */
function least(solid: Solid, of: (edge: SolidEdge) => number): { edge: SolidEdge; clear: number } {
  let [edge, clear] = [solid.edges[0] as SolidEdge, Infinity];
  for (const each of solid.edges) if (of(each) < clear) [edge, clear] = [each, of(each)];
  return { edge, clear };
}

/**
 * Where sight comes nearest to something solid. It passes the whole of a solid over or beneath it, whichever is freer:
 * over one edge and beneath the other it goes through. Undefined with nothing between.
 */
export function nearestSolid(
  solids: readonly Solid[],
  { lens, lowest, eyes }: SightHeights,
): Nearest | undefined {
  let nearest: Nearest | undefined;
  for (const solid of solids) {
    // Who stands on a floor is seen whole by a lens above it.
    if (solid.holdsMark && solid.edges.every(({ high }) => lens >= high)) continue;
    const over = least(solid, ({ at, high }) => lens + (lowest - lens) * at - high);
    const under = least(solid, ({ at, low }) => low - (lens + (eyes + HEAD_TOP - lens) * at));
    const beneath = under.clear > over.clear;
    const freer = beneath ? under : over;
    if (!nearest || freer.clear < nearest.clear) nearest = { solid, beneath, ...freer };
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
  solids: readonly Solid[],
  run: number,
  { lens, lowest, face }: { readonly lens: Term; readonly lowest: Figure; readonly face: Term },
): PastSolids {
  const heights = { lens: Number(lens.value), lowest: Number(lowest.value), eyes: Number(face.value) };
  const nearest = nearestSolid(solids, heights);
  if (!nearest) {
    return { clear: figure.unknown([id], 'nothing solid lies between camera and mark'), by: undefined };
  }
  const { solid, edge, beneath } = nearest;
  const where = [
    constant('x', edge.at * run, 'm', `edge of “${solid.label}”, distance from the camera`),
    constant('D', run, 'm', 'horizontal distance from camera to mark'),
  ];
  const clear = beneath
    ? figure.calc(
        [id],
        [
          ...[lens, face, ...where],
          constant('head', HEAD_TOP, 'm', 'from the eyes to the top of the head'),
          constant('under', edge.low, 'm', `underside of “${solid.label}”`),
        ],
        { formula: 'under - (lens + (face + head - lens) * x / D)' },
      )
    : figure.calc(
        [id],
        [lens, taken('lowest', lowest), ...where, constant('top', edge.high, 'm', `top of “${solid.label}”`)],
      );
  return { clear, by: solid.id };
}
