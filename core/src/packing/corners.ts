/**
 * Putting boxes into a space one after the other, each at the lowest corner that the ones before it leave (extreme
 * points: Crainic, Perboli, Tadei). What lies on others lies on them with most of its foot, and nothing lies on what
 * must be on top.
 */
import {
  isWithin,
  overlap,
  restsOn,
  turned,
  turnsOf,
  type Box,
  type Put,
  type Sides,
  type Space,
} from './boxes.js';

/** Of its foot, the share with which a box must lie on something. House figure. */
const SUPPORT = 0.6;

/** Marks what stands in a space for good. */
const NO_BOX = -1;

/** A space that is being filled. */
export class Filling {
  private readonly all: Put[] = [];
  kg = 0;
  private corners: Sides[] = [[0, 0, 0]];

  constructor(
    private readonly space: Space,
    private readonly boxes: readonly Box[],
  ) {
    for (const { at, sides } of space.taken ?? []) this.corner({ box: NO_BOX, at, turn: 'wdh', sides });
  }

  /** Puts a box at its best corner; false where there is none for it. */
  add(index: number): boolean {
    const put = this.bestFor(index);
    if (!put) return false;
    this.take(put);
    return true;
  }

  /** The lowest place for a box, then the one farthest to the front and the left; undefined where it has none. */
  bestFor(index: number): Put | undefined {
    const box = this.boxes[index];
    if (!box || this.kg + box.kg > this.space.load) return undefined;
    let best: Put | undefined;
    let least = Infinity;
    for (const turn of turnsOf(box)) {
      const sides = turned(box.sides, turn);
      for (const at of this.corners) {
        // How far up, or towards the door, it reaches counts most, so that layers or walls fill up.
        const [most, next] = this.space.by === 'walls' ? ([1, 2] as const) : ([2, 1] as const);
        const cost = (at[most] + sides[most]) * 1e6 + at[most] * 1e3 + at[next] + at[0] * 1e-3;
        if (cost >= least) continue;
        const put = { box: index, at, turn, sides };
        if (!this.holds(put, box)) continue;
        best = put;
        least = cost;
      }
    }
    return best;
  }

  /** Whether a box may be there: inside, clear of all others, lying on enough, and nothing that is wanted on top below. */
  holds(put: Put, box: Box): boolean {
    if (!isWithin(put, this.space.sides)) return false;
    let support = put.at[2] === 0 ? put.sides[0] * put.sides[1] : 0;
    for (const other of this.all) {
      if (overlap(put, other)) return false;
      const under = restsOn(put, other);
      if (under > 0) {
        if (this.boxes[other.box]?.top === true) return false;
        support += under;
      }
      if (box.top && restsOn(other, put) > 0) return false;
    }
    return support >= SUPPORT * put.sides[0] * put.sides[1];
  }

  /** What was put in, without what stands in it for good. */
  get puts(): readonly Put[] {
    return this.all.filter(({ box }) => box !== NO_BOX);
  }

  take(put: Put): void {
    this.corner(put);
    this.kg += this.boxes[put.box]?.kg ?? 0;
  }

  /** Takes the room of a box, and finds the corners that it makes. */
  private corner(put: Put): void {
    this.all.push(put);
    const { at, sides } = put;
    const fresh: Sides[] = [];
    // From each far edge, slid towards the walls until something is in the way.
    for (const along of [0, 1, 2] as const) {
      const edge: [number, number, number] = [...at];
      edge[along] += sides[along];
      fresh.push(edge);
      for (const to of [0, 1, 2] as const) if (to !== along) fresh.push(this.slid(edge, to));
    }
    const key = (each: Sides): string => each.join();
    const known = new Set(this.corners.map(key));
    for (const each of fresh) {
      if (known.has(key(each)) || each.some((value, i) => value >= (this.space.sides[i] ?? 0))) continue;
      known.add(key(each));
      this.corners.push(each);
    }
    // A corner within the box is none any more.
    this.corners = this.corners.filter(
      corner => !corner.every((value, i) => value >= (at[i] ?? 0) && value < (at[i] ?? 0) + (sides[i] ?? 0)),
    );
  }

  /** A point moved along one axis towards its wall, until it meets a box. */
  private slid(from: Sides, along: 0 | 1 | 2): Sides {
    let to = 0;
    for (const { at, sides } of this.all) {
      const end = at[along] + sides[along];
      if (end > from[along] || end <= to) continue;
      const beside = ([0, 1, 2] as const).every(
        i => i === along || (from[i] >= at[i] && from[i] < at[i] + sides[i]),
      );
      if (beside) to = end;
    }
    const slid: [number, number, number] = [...from];
    slid[along] = to;
    return slid;
  }
}
