/** Stances gathered by likeness: a tree of cells, each with the best that any stance in it offers. */
import { angleBetween } from '../../foundations/index.js';
import type { WantedShot } from './demands.js';
import type { Stance } from './stances.js';
import { APART, SAME_SIDE } from './worth.js';

type Weights = readonly Pick<WantedShot, 'points' | 'second'>[];

export class Cell {
  /** Of each shot, the best and the least quality of any stance in the cell. */
  readonly best: number[];
  readonly least: number[];
  /** Of each shot, the middle of the bearings from the mark, and how far any is from it, degrees. */
  private readonly middle: number[];
  private readonly off: number[];
  readonly cheapest: number;
  private readonly dearest: number;
  /** How far stances in it may differ, points; 0 for a single one. */
  readonly spread: number;
  private halves: readonly [Cell, Cell] | undefined;

  constructor(
    readonly stances: readonly Stance[],
    private readonly shots: Weights,
  ) {
    this.best = shots.map(() => 0);
    this.least = shots.map(() => Infinity);
    let [cheapest, dearest] = [Infinity, -Infinity];
    for (const { quality, cost } of stances) {
      if (cost < cheapest) cheapest = cost;
      if (cost > dearest) dearest = cost;
      for (let i = 0; i < shots.length; i++) {
        const q = quality[i] as number;
        if (q > (this.best[i] as number)) this.best[i] = q;
        if (q < (this.least[i] as number)) this.least[i] = q;
      }
    }
    [this.cheapest, this.dearest] = [cheapest, dearest];
    const sides = shots.map((_, i) => (stances.length > COARSE ? ANY_SIDE : bearingsIn(stances, i)));
    this.middle = sides.map(({ middle }) => middle);
    this.off = sides.map(({ off }) => off);
    let spread = dearest - cheapest;
    for (let i = 0; i < shots.length; i++) spread += this.qualities(i) + this.sides(i);
    this.spread = stances.length < 2 ? 0 : Math.max(spread, 1e-12);
  }

  /** Points by which stances differ in the quality of a shot, and in the side they see it from. */
  private qualities(i: number): number {
    return (this.shots[i]?.points ?? 0) * ((this.best[i] ?? 0) - (this.least[i] ?? 0));
  }
  private sides(i: number): number {
    const { points, second } = this.shots[i] ?? { points: 0, second: 0 };
    if (this.stances.length > COARSE) return 0;
    return SAME_SIDE * points * second * (this.best[i] ?? 0) * Math.min(1, (2 * (this.off[i] ?? 0)) / APART);
  }

  /** Two cells that part it where its stances differ most; those that differ in nothing are halved. */
  split(): readonly [Cell, Cell] {
    if (this.halves) return this.halves;
    let widest = this.dearest - this.cheapest;
    let key = ({ cost }: Stance): number => cost;
    for (let i = 0; i < this.shots.length; i++) {
      if (this.qualities(i) > widest) {
        widest = this.qualities(i);
        key = ({ quality }) => quality[i] as number;
      }
      if (this.sides(i) > widest) {
        widest = this.sides(i);
        key = ({ bearings }) => turned(bearings[i] as number, this.middle[i] as number);
      }
    }
    const keys = new Float64Array(this.stances.length);
    for (let i = 0; i < keys.length; i++) keys[i] = key(this.stances[i] as Stance);
    const cut = middleOf(keys);
    const halves: [Stance[], Stance[]] = [[], []];
    this.stances.forEach((stance, i) => halves[(keys[i] as number) < cut ? 0 : 1].push(stance));
    if (halves[0].length === 0) halves[0] = halves[1].splice(0, halves[1].length >> 1);
    this.halves = [new Cell(halves[0], this.shots), new Cell(halves[1], this.shots)];
    return this.halves;
  }

  /** Whether any stance of this cell and any of another see a shot from nearly the same side. */
  sameSideAs(other: Cell, i: number): boolean {
    const off = (this.off[i] as number) + (other.off[i] as number);
    return off < APART && angleBetween(this.middle[i] as number, other.middle[i] as number) + off < APART;
  }
}

/** In cells of more stances than this, where each stands is not looked at yet. */
const COARSE = 3000;
const ANY_SIDE = { middle: 0, off: 180 } as const;

/** The middle of the bearings that a mark sees the stances at, and how far any is from it, degrees. */
function bearingsIn(stances: readonly Stance[], shot: number): { middle: number; off: number } {
  const first = stances[0]?.bearings[shot] ?? 0;
  let [low, high] = [0, 0];
  for (const { bearings } of stances) {
    const turn = turned(bearings[shot] as number, first);
    if (turn < low) low = turn;
    if (turn > high) high = turn;
  }
  return { middle: first + (low + high) / 2, off: (high - low) / 2 };
}

/** From one bearing to another, −180…180°. */
function turned(to: number, from: number): number {
  const turn = to - from;
  return turn > 180 ? turn - 360 : turn < -180 ? turn + 360 : turn;
}

/** Half way between the least and the greatest: unlike values are told apart soonest so. */
function middleOf(keys: Float64Array): number {
  let [least, greatest] = [Infinity, -Infinity];
  for (const key of keys) {
    if (key < least) least = key;
    if (key > greatest) greatest = key;
  }
  return (least + greatest) / 2;
}
