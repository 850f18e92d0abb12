/** Boxes in a space: sides in whole millimetres, so that what touches does not overlap by a rounding. */
import { TURNS, type Turn } from '../foundations/index.js';

export type Sides = readonly [width: number, depth: number, height: number];

export interface Box {
  /** mm, as it stands upright. */
  readonly sides: Sides;
  readonly kg: number;
  /** It stays upright: it is turned about its height only. */
  readonly upright: boolean;
  /** Nothing lies on it. */
  readonly top: boolean;
}

export interface Space {
  readonly sides: Sides;
  /** kg that it carries. */
  readonly load: number;
  /** What stands in it for good, as wheel arches do. */
  readonly taken?: readonly Pick<Put, 'at' | 'sides'>[];
  /** Layers from the bottom upwards, as in a case; or walls from the far end to the door. Absent = layers. */
  readonly by?: 'layers' | 'walls';
}

/** Where a box is: its corner at the left, front and bottom, mm, and how it is turned. */
export interface Put {
  readonly box: number;
  readonly at: Sides;
  readonly turn: Turn;
  /** Its sides as it is turned, mm. */
  readonly sides: Sides;
}

const INDEX = { w: 0, d: 1, h: 2 } as const;

/** The sides of a thing as it is turned. */
export const turned = (sides: Sides, turn: Turn): Sides => {
  const side = (i: number): number => sides[INDEX[turn[i] as 'w' | 'd' | 'h']];
  return [side(0), side(1), side(2)];
};

/** The turns of a box that differ from each other. */
export function turnsOf({ sides, upright }: Pick<Box, 'sides' | 'upright'>): readonly Turn[] {
  const seen = new Set<string>();
  return TURNS.slice(0, upright ? 2 : TURNS.length).filter(turn => {
    const key = turned(sides, turn).join();
    const known = seen.has(key);
    seen.add(key);
    return !known;
  });
}

export const volume = ([w, d, h]: Sides): number => w * d * h;

/** Whether two boxes have room in common; touching is none. */
export const overlap = (a: Pick<Put, 'at' | 'sides'>, b: Pick<Put, 'at' | 'sides'>): boolean =>
  a.at[0] < b.at[0] + b.sides[0] &&
  b.at[0] < a.at[0] + a.sides[0] &&
  a.at[1] < b.at[1] + b.sides[1] &&
  b.at[1] < a.at[1] + a.sides[1] &&
  a.at[2] < b.at[2] + b.sides[2] &&
  b.at[2] < a.at[2] + a.sides[2];

/** Whether a box is within a space. */
export const isWithin = ({ at, sides }: Pick<Put, 'at' | 'sides'>, space: Sides): boolean =>
  at.every((each, i) => each >= 0 && each + (sides[i] ?? 0) <= (space[i] ?? 0));

/** Of the foot of `upper`, mm², how much lies on `lower`. */
export function restsOn(upper: Pick<Put, 'at' | 'sides'>, lower: Pick<Put, 'at' | 'sides'>): number {
  if (lower.at[2] + lower.sides[2] !== upper.at[2]) return 0;
  const along = (i: 0 | 1): number =>
    Math.max(
      0,
      Math.min(upper.at[i] + upper.sides[i], lower.at[i] + lower.sides[i]) -
        Math.max(upper.at[i], lower.at[i]),
    );
  return along(0) * along(1);
}

/** Whether a box fits into an empty space in one of its turns. */
export const fitsAlone = (box: Pick<Box, 'sides' | 'upright'>, space: Sides): boolean =>
  turnsOf(box).some(turn => turned(box.sides, turn).every((side, i) => side <= (space[i] ?? 0)));
