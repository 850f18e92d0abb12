/** Which battery is where when: positions that must be fed all day, and batteries of which each gives so much. */

export interface SwapPosition {
  readonly id: string;
  readonly label: string;
  /** Its time in pieces between two moments at which its battery can be changed, in order: the grid steps of each. */
  readonly pieces: readonly (readonly number[])[];
  /** The battery that is meant for it, or is there. */
  readonly now: number | undefined;
  /** Whether the day is under way, so that another battery in the first piece is a change. */
  readonly underWay: boolean;
}

export interface SwapBattery {
  readonly id: string;
  readonly label: string;
  /** Share of what it gives that is left in it, 0…1. */
  readonly left: number;
  /**
   * Share of what it gives that each piece of each position takes: infinite where it cannot give as much at once;
   * undefined where it does not fit there.
   */
  readonly takes: readonly (readonly number[] | undefined)[];
}

export interface SwapProblem {
  readonly positions: readonly SwapPosition[];
  readonly batteries: readonly SwapBattery[];
  /** How many steps the grid of the day has. */
  readonly steps: number;
}

/** The battery in each piece of each position. */
export type Swaps = readonly (readonly number[])[];

/** Shares that add up are the same to this. */
export const ROUNDING = 1e-9;

/** Share of what a battery gives that a piece takes; undefined where it cannot be there. */
export function takeOf({ takes }: SwapBattery, position: number, piece: number): number | undefined {
  const share = takes[position]?.[piece];
  return share !== undefined && Number.isFinite(share) ? share : undefined;
}

/** The piece of a position that each step of the grid belongs to. */
export function pieceAt({ pieces }: SwapPosition): ReadonlyMap<number, number> {
  return new Map(pieces.flatMap((own, i) => own.map(step => [step, i] as const)));
}
