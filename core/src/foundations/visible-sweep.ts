/** The sweep round a point: what is nearest between each two ends of segments. */
import { SAME, turnOf } from './turn.js';
import type { Outline } from './visible-outline.js';
import { columns } from './visible-pieces.js';

/** Fineness to which ends are ordered: a turn as an integer, with the piece and which end in the low digits. */
const FINE = 2 ** 28;
const LOW = 2 ** 22;

/** Goes round the ends in turning order and draws what is nearest between each two. */
export function sweep(outline: Outline): void {
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
      if (present > 0) nearestBetween(outline, present, turn, x, y, next, nextX, nextY);
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
  outline: Outline,
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
    return outline.piece(ahead ? first : last, turn0, x0, y0, turn1, x1, y1);
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
    return outline.piece(one, turn0, x0, y0, turn1, x1, y1);
  }
  // Where a third is nearer at the crossing, it lies between them: each step down finds another line.
  const here = af * x + bf * y;
  let nearer = false;
  for (let k = 0; k < present && !nearer; k++) {
    const i = active[k] as number;
    nearer = i !== first && i !== last && (a[i] as number) * x + (b[i] as number) * y - here > 1e-12 * here;
  }
  if (nearer && depth < present) {
    nearestBetween(outline, present, turn0, x0, y0, turn, x, y, depth + 1);
    nearestBetween(outline, present, turn, x, y, turn1, x1, y1, depth + 1);
    return;
  }
  outline.piece(first, turn0, x0, y0, turn, x, y);
  outline.piece(last, turn, x, y, turn1, x1, y1);
}
