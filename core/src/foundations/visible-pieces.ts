/** The pieces of segments that a point sees or does not see, before they are swept. */
import type { Point } from './geometry.js';
import { turnOf } from './turn.js';
import type { Segment } from './visibility.js';

/** Slices of the whole circle. */
const SLICES = 512;

/** Unit vectors at the edges of the slices. */
const EDGE_X = new Float64Array(SLICES + 1);
const EDGE_Y = new Float64Array(SLICES + 1);
for (let i = 0; i <= SLICES; i++) {
  const turn = (i * 4) / SLICES;
  const quarter = Math.floor(turn) % 4;
  const part = turn - Math.floor(turn);
  const [x, y] = [
    [1 - part, part],
    [-part, 1 - part],
    [part - 1, -part],
    [part, part - 1],
  ][quarter] as [number, number];
  EDGE_X[i] = x / Math.hypot(x, y);
  EDGE_Y[i] = y / Math.hypot(x, y);
}

/** What the sweep knows of each piece of a segment, in columns that are kept and grown between calls. */
class Columns {
  /** The line is a·x + b·y = 1, so that a·x + b·y of a unit vector is the inverse of how far one sees that way. */
  a = new Float64Array(0);
  b = new Float64Array(0);
  /** Both ends, in turning order: turn and vector. */
  fromTurn = new Float64Array(0);
  fromX = new Float64Array(0);
  fromY = new Float64Array(0);
  toTurn = new Float64Array(0);
  toX = new Float64Array(0);
  toY = new Float64Array(0);
  /** Inverse of the least distance. */
  nearest = new Float64Array(0);
  keys = new Float64Array(0);
  active = new Int32Array(0);
  place = new Int32Array(0);
  size = 0;

  room(count: number): void {
    this.size = 0;
    if (this.a.length >= count) return;
    const grown = Math.max(64, count * 2);
    const column = (): Float64Array<ArrayBuffer> => new Float64Array(grown);
    [this.a, this.b, this.nearest] = [column(), column(), column()];
    [this.fromTurn, this.fromX, this.fromY] = [column(), column(), column()];
    [this.toTurn, this.toX, this.toY] = [column(), column(), column()];
    this.keys = new Float64Array(grown * 2);
    this.active = new Int32Array(grown);
    this.place = new Int32Array(grown);
  }

  add(
    a: number,
    b: number,
    fromTurn: number,
    fromX: number,
    fromY: number,
    toTurn: number,
    toX: number,
    toY: number,
  ): void {
    const i = this.size++;
    this.a[i] = a;
    this.b[i] = b;
    this.fromTurn[i] = fromTurn;
    this.fromX[i] = fromX;
    this.fromY[i] = fromY;
    this.toTurn[i] = toTurn;
    this.toX[i] = toX;
    this.toY[i] = toY;
  }
}

export const columns = new Columns();
const covered = new Float64Array(SLICES);

/** Fills the columns with what each segment covers of the view, turned so that the view starts along the x axis. */
export function gather(
  [ox, oy]: Point,
  cos: number,
  sin: number,
  end: number,
  endX: number,
  endY: number,
  blocking: readonly Segment[],
): void {
  columns.room(blocking.length * 2);
  for (const segment of blocking) {
    const px = segment[0][0] - ox;
    const py = segment[0][1] - oy;
    const qx = segment[1][0] - ox;
    const qy = segment[1][1] - oy;
    let ax = px * cos + py * sin;
    let ay = py * cos - px * sin;
    let bx = qx * cos + qy * sin;
    let by = qy * cos - qx * sin;
    let cross = ax * by - ay * bx;
    // Seen end on, or stood upon, it hides nothing.
    if (cross < 1e-12 && cross > -1e-12) continue;
    if (cross < 0) {
      let swap = ax;
      ax = bx;
      bx = swap;
      swap = ay;
      ay = by;
      by = swap;
      cross = -cross;
    }
    const a = (by - ay) / cross;
    const b = (ax - bx) / cross;
    const from = turnOf(ax, ay);
    const to = turnOf(bx, by);
    if (from < to) {
      if (from >= end) continue;
      if (to <= end) columns.add(a, b, from, ax, ay, to, bx, by);
      else columns.add(a, b, from, ax, ay, end, endX, endY);
      continue;
    }
    // It lies across the start.
    if (to > end) columns.add(a, b, 0, 1, 0, end, endX, endY);
    else if (to > 0) columns.add(a, b, 0, 1, 0, to, bx, by);
    if (from < end && to <= end) columns.add(a, b, from, ax, ay, end, endX, endY);
  }
}

/** Marks with a negative turn what lies wholly behind others. */
export function leaveOutHidden(): void {
  const { a, b, fromTurn, toTurn, fromX, fromY, toX, toY, nearest, size } = columns;
  covered.fill(0);
  const scale = SLICES / 4;
  for (let i = 0; i < size; i++) {
    const p = a[i] as number;
    const q = b[i] as number;
    const first = Math.ceil((fromTurn[i] as number) * scale);
    const last = Math.floor((toTurn[i] as number) * scale);
    if (first < last) {
      let before = p * (EDGE_X[first] as number) + q * (EDGE_Y[first] as number);
      for (let slice = first; slice < last; slice++) {
        const after = p * (EDGE_X[slice + 1] as number) + q * (EDGE_Y[slice + 1] as number);
        const least = before < after ? before : after;
        if (least > (covered[slice] as number)) covered[slice] = least;
        before = after;
      }
    }
    // The foot of the perpendicular is at (a, b)/(a² + b²): the nearest point where it lies between the ends.
    const foot = p * p + q * q;
    const inside =
      (fromX[i] as number) * q - (fromY[i] as number) * p >= 0 &&
      p * (toY[i] as number) - q * (toX[i] as number) >= 0;
    nearest[i] = inside
      ? Math.sqrt(foot)
      : Math.max(unit(p, q, fromX[i], fromY[i]), unit(p, q, toX[i], toY[i]));
  }
  for (let i = 0; i < size; i++) {
    const first = Math.floor((fromTurn[i] as number) * scale);
    const last = Math.min(SLICES - 1, Math.floor((toTurn[i] as number) * scale));
    let slice = first;
    while (slice <= last && (nearest[i] as number) < (covered[slice] as number)) slice++;
    if (slice > last) fromTurn[i] = -1;
  }
}

/** Inverse depth of a line along a vector of any length. */
const unit = (a: number, b: number, x = 0, y = 0): number => (a * x + b * y) / Math.sqrt(x * x + y * y);
