/**
 * Whether boxes cannot all be in one space, by their volume alone, and by volumes that count a side for more where it
 * leaves no room for another of its size (dual feasible functions: Fekete, Schepers). What is said is proven; where
 * nothing is said they may still not fit.
 */
import { turned, turnsOf, volume, type Box, type Sides } from './boxes.js';

/** A side as a share of the space, counted so that shares that fit side by side never come to more than 1. */
type Counted = (share: number) => number;

const plain: Counted = share => share;
/** More than all but `edge` is all of it, less than `edge` is nothing. */
const large =
  (edge: number): Counted =>
  share =>
    share > 1 - edge ? 1 : share < edge ? 0 : share;
/** In whole parts of k + 1. */
const steps =
  (k: number): Counted =>
  share => {
    const parts = share * (k + 1);
    return Math.abs(parts - Math.round(parts)) < 1e-9 ? share : Math.floor(parts) / k;
  };

const COUNTED: readonly Counted[] = [
  plain,
  ...[1, 2, 3].map(steps),
  ...[0.2, 0.25, 1 / 3, 0.4, 0.5].map(large),
];

/** Whether boxes of these sides can not all be in the space. */
export function cannotFit(boxes: readonly Pick<Box, 'sides' | 'upright'>[], space: Sides): boolean {
  const total = volume(space);
  if (boxes.reduce((sum, { sides }) => sum + volume(sides), 0) > total) return true;
  // Every turn of a box that fits by itself, as shares of the space; the least of them counts.
  const shares = boxes.map(box =>
    turnsOf(box)
      .map(turn => turned(box.sides, turn).map((side, i) => side / (space[i] ?? 1)))
      .filter(each => each.every(share => share <= 1)),
  );
  if (shares.some(turns => turns.length === 0)) return true;
  for (const across of COUNTED)
    for (const along of COUNTED)
      for (const up of COUNTED) {
        let sum = 0;
        for (const turns of shares) {
          let least = Infinity;
          for (const [w = 0, d = 0, h = 0] of turns) least = Math.min(least, across(w) * along(d) * up(h));
          sum += least;
        }
        if (sum > 1 + 1e-9) return true;
      }
  return false;
}
