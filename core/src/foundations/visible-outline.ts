/** The outline of what a point sees, put together piece by piece. */
import type { Point } from './geometry.js';
import { SAME, turnOf } from './turn.js';
import { columns } from './visible-pieces.js';

const RADIANS = Math.PI / 180;
/** Arcs are drawn as chords of at most so many degrees. */
const CHORD = 3;

/** Puts the region together: what is nearest piece by piece, arcs where nothing is within the range. */
export class Outline {
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
