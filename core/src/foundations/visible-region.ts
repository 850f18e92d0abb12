/**
 * The visibility polygon of a point among segments, cut to an angle of view, by an angular sweep (Asano 1985). Segments
 * may cross. Before the sweep those are left out that lie wholly behind others, told by the inverse depth that each
 * slice of the view is covered to: what is left at any one angle is so little that a list of it serves as the status.
 */
import type { Point } from './geometry.js';
import type { Segment } from './visibility.js';

const RADIANS = Math.PI / 180;
/** Arcs are drawn as chords of at most so many degrees. */
const CHORD = 3;
/** Slices of the whole circle, and from how many segments on sorting out the hidden ones pays. */
const SLICES = 512;
const MANY = 40;
/** Turns closer together than this are one. */
const SAME = 1e-12;

/**
 * Turn from the x axis to a direction without an arc tangent: 0…4, growing with the angle, 1 for each quarter (the
 * length along a diamond).
 */
function turnOf(x: number, y: number): number {
  if (y >= 0) return x >= 0 ? y / (x + y) : 1 - x / (y - x);
  return x < 0 ? 2 + y / (x + y) : 3 + x / (x - y);
}

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

const columns = new Columns();
const covered = new Float64Array(SLICES);

/**
 * The region visible from `origin` within `spread` degrees around `facing`, out to `range` metres, in turning order;
 * it starts at the origin unless one looks all round.
 */
export function visibleRegion(
  origin: Point,
  facing: number,
  spread: number,
  range: number,
  blocking: readonly Segment[],
): Point[] {
  const start = facing - spread / 2;
  const round = spread >= 360;
  const [cos, sin] = [Math.cos(start * RADIANS), Math.sin(start * RADIANS)];
  const [endX, endY] = round ? [1, 0] : [Math.cos(spread * RADIANS), Math.sin(spread * RADIANS)];
  const end = round ? 4 : turnOf(endX, endY);
  gather(origin, cos, sin, end, endX, endY, blocking);
  const drawing = new Drawing(origin, cos, sin, range, round);
  sweep(drawing, blocking.length > MANY);
  drawing.finish(end, endX, endY);
  return drawing.region;
}

/** Fills the columns with what each segment covers of the view, turned so that the view starts along the x axis. */
function gather(
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
function leaveOutHidden(): void {
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

/** Fineness to which ends are ordered: a turn as an integer, with the piece and which end in the low digits. */
const FINE = 2 ** 28;
const LOW = 2 ** 22;

/** Goes round the ends in turning order and draws what is nearest between each two. */
function sweep(drawing: Drawing, many: boolean): void {
  if (many) leaveOutHidden();
  const { fromTurn, toTurn, fromX, fromY, toX, toY, keys, active, place, size } = columns;
  let count = 0;
  for (let i = 0; i < size; i++) {
    if ((fromTurn[i] as number) < 0) continue;
    keys[count++] = Math.floor((fromTurn[i] as number) * FINE) * LOW + i * 2;
    keys[count++] = Math.floor((toTurn[i] as number) * FINE) * LOW + i * 2 + 1;
  }
  const sorted = keys.subarray(0, count).sort();
  let present = 0;
  let [turn, x, y] = [0, 1, 0];
  for (let k = 0; k < count; k++) {
    const low = (sorted[k] as number) % LOW;
    const i = low >> 1;
    const ends = low % 2 === 1;
    const next = (ends ? toTurn[i] : fromTurn[i]) as number;
    if (next - turn > SAME) {
      const nextX = (ends ? toX[i] : fromX[i]) as number;
      const nextY = (ends ? toY[i] : fromY[i]) as number;
      if (present > 0) nearestBetween(drawing, present, turn, x, y, next, nextX, nextY);
      turn = next;
      x = nextX;
      y = nextY;
    }
    if (ends) {
      const at = place[i] as number;
      const last = active[--present] as number;
      active[at] = last;
      place[last] = at;
    } else {
      active[present] = i;
      place[i] = present++;
    }
  }
}

/** Draws the nearest of what is present between two directions; lines that cross in between change places there. */
function nearestBetween(
  drawing: Drawing,
  present: number,
  turn0: number,
  x0: number,
  y0: number,
  turn1: number,
  x1: number,
  y1: number,
  depth = 0,
): void {
  const { a, b, active } = columns;
  let first = -1;
  let first0 = -1;
  let first1 = -1;
  let last = -1;
  let last0 = -1;
  let last1 = -1;
  for (let k = 0; k < present; k++) {
    const i = active[k] as number;
    const at0 = (a[i] as number) * x0 + (b[i] as number) * y0;
    const at1 = (a[i] as number) * x1 + (b[i] as number) * y1;
    if (at0 > first0 || (at0 === first0 && at1 > first1)) {
      first = i;
      first0 = at0;
      first1 = at1;
    }
    if (at1 > last1 || (at1 === last1 && at0 > last0)) {
      last = i;
      last0 = at0;
      last1 = at1;
    }
  }
  // Within rounding they are one; two that only touch at an end do not cross.
  const ahead = first0 - last0 > 1e-12 * first0;
  if (first === last || !ahead || last1 - first1 <= 1e-12 * last1) {
    return drawing.piece(ahead ? first : last, turn0, x0, y0, turn1, x1, y1);
  }
  const [af, bf] = [a[first] as number, b[first] as number];
  const [al, bl] = [a[last] as number, b[last] as number];
  const cross = af * bl - bf * al;
  const x = (bl - bf) / cross;
  const y = (af - al) / cross;
  const turn = turnOf(x, y);
  // A crossing at either end, or put outside by rounding: one of them is nearer all the way but for a hair.
  if (!(turn - turn0 > SAME && turn1 - turn > SAME)) {
    const [s0, s1] = [Math.hypot(x0, y0), Math.hypot(x1, y1)];
    const [mx, my] = [x0 / s0 + x1 / s1, y0 / s0 + y1 / s1];
    const one = af * mx + bf * my >= al * mx + bl * my ? first : last;
    return drawing.piece(one, turn0, x0, y0, turn1, x1, y1);
  }
  // Where a third is nearer at the crossing, it lies between them: each step down finds another line.
  const here = af * x + bf * y;
  let nearer = false;
  for (let k = 0; k < present && !nearer; k++) {
    const i = active[k] as number;
    nearer = i !== first && i !== last && (a[i] as number) * x + (b[i] as number) * y - here > 1e-12 * here;
  }
  if (nearer && depth < present) {
    nearestBetween(drawing, present, turn0, x0, y0, turn, x, y, depth + 1);
    nearestBetween(drawing, present, turn, x, y, turn1, x1, y1, depth + 1);
    return;
  }
  drawing.piece(first, turn0, x0, y0, turn, x, y);
  drawing.piece(last, turn, x, y, turn1, x1, y1);
}

/** Puts the region together: what is nearest piece by piece, arcs where nothing is within the range. */
class Drawing {
  readonly region: Point[];
  private turn = 0;
  private x = 1;
  private y = 0;
  private line = -1;

  constructor(
    private readonly origin: Point,
    private readonly cos: number,
    private readonly sin: number,
    private readonly range: number,
    round: boolean,
  ) {
    this.region = round ? [] : [origin];
  }

  piece(i: number, turn0: number, x0: number, y0: number, turn1: number, x1: number, y1: number): void {
    if (turn0 - this.turn > SAME) this.arc(this.turn, this.x, this.y, turn0, x0, y0);
    const a = columns.a[i] as number;
    const b = columns.b[i] as number;
    const s = 1 / (a * x0 + b * y0);
    const t = 1 / (a * x1 + b * y1);
    const px = x0 * s;
    const py = y0 * s;
    const qx = x1 * t;
    const qy = y1 * t;
    const farthest = this.range * this.range;
    if (px * px + py * py <= farthest && qx * qx + qy * qy <= farthest) {
      // A piece that goes on along the same line only moves its end.
      if (i === this.line && this.turn === turn0) this.region.pop();
      else this.put(px, py);
      this.put(qx, qy);
      this.line = i;
    } else {
      this.cut(px, py, qx, qy, turn0, turn1);
      this.line = -1;
    }
    this.turn = turn1;
    this.x = x1;
    this.y = y1;
  }

  finish(turn: number, x: number, y: number): void {
    if (turn - this.turn > SAME) this.arc(this.turn, this.x, this.y, turn, x, y);
  }

  private put(x: number, y: number): void {
    this.region.push([
      this.origin[0] + x * this.cos - y * this.sin,
      this.origin[1] + x * this.sin + y * this.cos,
    ]);
  }

  /** A piece as far as it lies within the range, and the arc where it lies beyond: |p + u·(q − p)| = range. */
  private cut(px: number, py: number, qx: number, qy: number, turn0: number, turn1: number): void {
    const [dx, dy] = [qx - px, qy - py];
    const [square, half] = [dx * dx + dy * dy, px * dx + py * dy];
    const inside = half * half - square * (px * px + py * py - this.range * this.range);
    const root = Math.sqrt(Math.max(0, inside));
    const [enter, leave] = [Math.max(0, (-half - root) / square), Math.min(1, (-half + root) / square)];
    if (inside <= 0 || enter >= leave) return this.arc(turn0, px, py, turn1, qx, qy);
    const [ex, ey, lx, ly] = [px + enter * dx, py + enter * dy, px + leave * dx, py + leave * dy];
    if (enter > 0) this.arc(turn0, px, py, turnOf(ex, ey), ex, ey);
    this.put(ex, ey);
    this.put(lx, ly);
    if (leave < 1) this.arc(turnOf(lx, ly), lx, ly, turn1, qx, qy);
    this.line = -1;
  }

  private arc(turn0: number, x0: number, y0: number, turn1: number, x1: number, y1: number): void {
    const from = degrees(turn0, x0, y0);
    const wide = degrees(turn1, x1, y1) - from;
    if (wide <= 0) return;
    const chords = Math.ceil(wide / CHORD);
    for (let i = 0; i <= chords; i++) {
      const angle = (from + (wide * i) / chords) * RADIANS;
      this.put(this.range * Math.cos(angle), this.range * Math.sin(angle));
    }
    this.line = -1;
  }
}

/** The angle of a vector that has some turn, 0…360°. */
function degrees(turn: number, x: number, y: number): number {
  const angle = Math.atan2(y, x) / RADIANS;
  if (turn > 3.5 && angle >= 0) return 360;
  return angle < 0 ? angle + 360 : angle;
}
