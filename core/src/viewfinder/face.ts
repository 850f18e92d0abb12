/** Flat faces in space: what a viewfinder picture is made of. Metres; x and y as on the plan, z up. */

export type Place3 = readonly [x: number, y: number, z: number];

export type Substance =
  | 'floor'
  | 'no-film'
  | 'wall'
  | 'pillar'
  | 'raised'
  | 'gallery'
  | 'seats'
  | 'furniture'
  | 'screen'
  | 'person'
  | 'gear';

/** A flat polygon without holes. `edges[i]` tells whether the side from corner i on is an edge of the thing itself. */
export interface Face {
  readonly what: Substance;
  /** Path of the thing it belongs to, such as `pillars/pillarn1` or `devices/camnorth1`. */
  readonly of: string;
  readonly corners: readonly Place3[];
  readonly edges: readonly boolean[];
}

/** a·x + b·y + c·z = d, with (a, b, c) of length 1. */
export interface Plane {
  readonly normal: Place3;
  readonly d: number;
}

export const dot = (a: Place3, b: Place3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

/** How far in front of a plane a place is, m; behind it is less than zero. */
export const before = ({ normal, d }: Plane, at: Place3): number => dot(normal, at) - d;

/** The plane of a face by Newell's method, which copes with corners in a row; undefined for one without area. */
export function planeOf({ corners }: Face): Plane | undefined {
  let [a, b, c] = [0, 0, 0];
  for (let i = 0; i < corners.length; i++) {
    const [x0, y0, z0] = corners[i] as Place3;
    const [x1, y1, z1] = corners[(i + 1) % corners.length] as Place3;
    a += (y0 - y1) * (z0 + z1);
    b += (z0 - z1) * (x0 + x1);
    c += (x0 - x1) * (y0 + y1);
  }
  const size = Math.hypot(a, b, c);
  if (size < 1e-9) return undefined;
  const normal: Place3 = [a / size, b / size, c / size];
  return { normal, d: dot(normal, corners[0] as Place3) };
}

/** What lies within so much of a plane lies in it, m. */
export const IN_PLANE = 1e-6;

/** How far the corners of a face reach behind and before a plane, m. */
function reach(face: Face, plane: Plane): { least: number; most: number } {
  let [least, most] = [Infinity, -Infinity];
  for (const corner of face.corners) {
    const away = before(plane, corner);
    if (away < least) least = away;
    if (away > most) most = away;
  }
  return { least, most };
}

/** Whether a face lies in a plane. */
export function liesIn(face: Face, plane: Plane): boolean {
  const { least, most } = reach(face, plane);
  return least >= -IN_PLANE && most <= IN_PLANE;
}

/** On which sides of a plane a face has anything. */
export function sidesTaken(face: Face, plane: Plane): { front: boolean; back: boolean } {
  const { least, most } = reach(face, plane);
  return { front: most > IN_PLANE, back: least < -IN_PLANE };
}

/** The parts of a face on both sides of a plane; a part is undefined where there is none. */
export function split(face: Face, plane: Plane): { front: Face | undefined; back: Face | undefined } {
  const { least, most } = reach(face, plane);
  if (least >= -IN_PLANE) return { front: face, back: undefined };
  if (most <= IN_PLANE) return { front: undefined, back: face };
  return { front: half(face, plane, 1), back: half(face, plane, -1) };
}

/** What of a face lies before a plane. */
export function cutTo(face: Face, plane: Plane): Face | undefined {
  const { least, most } = reach(face, plane);
  if (least >= 0) return face;
  return most < 0 ? undefined : half(face, plane, 1);
}

/** The part of a face on one side (Sutherland and Hodgman 1974); the new side is no edge of the thing. */
function half(face: Face, plane: Plane, side: 1 | -1): Face | undefined {
  const away = face.corners.map(corner => before(plane, corner));
  const corners: Place3[] = [];
  const edges: boolean[] = [];
  const { length } = face.corners;
  for (let i = 0; i < length; i++) {
    const next = (i + 1) % length;
    const [from, to] = [face.corners[i] as Place3, face.corners[next] as Place3];
    const [here, there] = [(away[i] as number) * side, (away[next] as number) * side];
    const edge = face.edges[i] ?? true;
    if (here >= 0) {
      corners.push(from);
      edges.push(edge);
    }
    if (here >= 0 !== there >= 0) {
      const share = here / (here - there);
      corners.push([
        from[0] + (to[0] - from[0]) * share,
        from[1] + (to[1] - from[1]) * share,
        from[2] + (to[2] - from[2]) * share,
      ]);
      // On the way out the next side runs along the cut; on the way in it goes on along the old side.
      edges.push(here >= 0 ? false : edge);
    }
  }
  return corners.length < 3 ? undefined : { ...face, corners, edges };
}
