/**
 * Hidden surfaces by a binary space partition (Fuchs, Kedem and Naylor 1980): built once for a room, it gives the
 * faces back to front for any lens, so that each is drawn over what it hides.
 */
import { before, liesIn, planeOf, sidesTaken, split, type Face, type Place3, type Plane } from './face.js';

export interface Space {
  readonly plane: Plane;
  /** Faces that lie in the plane. */
  readonly here: readonly Face[];
  readonly front: Space | undefined;
  readonly back: Space | undefined;
}

/** Faces that are tried as the next plane: the one that cuts the fewest others is taken. */
const TRIED = 8;
/** A cut is worth so much imbalance. */
const CUT_COST = 6;

/** All of a list, each so many-th of it first. */
function* everySo<T>(list: readonly T[], step: number): Generator<T> {
  for (let start = 0; start < step; start++)
    for (let i = start; i < list.length; i += step) yield list[i] as T;
}

/** Sorts faces into half spaces. Faces without area are left out. */
export function spaceOf(faces: readonly Face[]): Space | undefined {
  const best = bestPlane(faces);
  if (!best) return undefined;
  const { plane, face: chosen } = best;
  const here: Face[] = [];
  const [inFront, behind]: [Face[], Face[]] = [[], []];
  for (const face of faces) {
    if (!planeOf(face)) continue;
    if (face === chosen || liesIn(face, plane)) here.push(face);
    else {
      const { front, back } = split(face, plane);
      if (front) inFront.push(front);
      if (back) behind.push(back);
    }
  }
  return { plane, here, front: spaceOf(inFront), back: spaceOf(behind) };
}

function bestPlane(faces: readonly Face[]): { plane: Plane; face: Face; cost: number } | undefined {
  let best: { plane: Plane; face: Face; cost: number } | undefined;
  let tried = 0;
  for (const face of everySo(faces, Math.max(1, Math.floor(faces.length / TRIED)))) {
    const plane = planeOf(face);
    if (!plane || tried++ > TRIED) continue;
    let [inFront, behind, cut] = [0, 0, 0];
    for (const other of faces) {
      const { front, back } = sidesTaken(other, plane);
      if (front) inFront++;
      if (back) behind++;
      if (front && back) cut++;
    }
    const cost = cut * CUT_COST + Math.abs(inFront - behind);
    if (!best || cost < best.cost) best = { plane, face, cost };
  }
  return best;
}

/**
 * Tells `draw` all faces from the farthest to the nearest as seen from `eye`. `boards` are faces square to one
 * direction, all alike, such as people turned towards the lens; `depth` sorts those that share a cell.
 */
export function backToFront(
  space: Space | undefined,
  eye: Place3,
  boards: readonly Face[],
  depth: (board: Face) => number,
  draw: (face: Face) => void,
): void {
  if (!space) {
    const sorted = boards.map(board => ({ board, away: depth(board) })).sort((a, b) => b.away - a.away);
    for (const { board } of sorted) draw(board);
    return;
  }
  const { plane, here, front, back } = space;
  const [inFront, behind]: [Face[], Face[]] = [[], []];
  for (const board of boards) {
    const parts = split(board, plane);
    if (parts.front) inFront.push(parts.front);
    if (parts.back) behind.push(parts.back);
  }
  const facing = before(plane, eye) >= 0;
  const [far, near] = facing ? [back, front] : [front, back];
  backToFront(far, eye, facing ? behind : inFront, depth, draw);
  for (const face of here) draw(face);
  backToFront(near, eye, facing ? inFront : behind, depth, draw);
}
