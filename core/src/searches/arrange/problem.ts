/** Putting things on the rails of a rack as a problem: what must be placed, and what each height costs. */

/** How many of its sort share the width of a rack. */
export type Lanes = 1 | 2 | 3;

export interface Placed {
  /** Lowest unit, from 1. */
  readonly unit: number;
  /** From the left as seen from the front, from 0. */
  readonly lane: number;
}

export interface Thing {
  readonly units: number;
  readonly lanes: Lanes;
  readonly rear: boolean;
  /** Where it stays; undefined where the search may choose. */
  readonly fixed: Placed | undefined;
  /** What a unit of height of its middle costs; below 0 for what is wanted high. */
  readonly height: number;
  /** The warmth that it gives to what is above it, and what a unit of warmth from below costs it. */
  readonly warms: number;
  readonly minds: number;
}

export interface ArrangeProblem {
  readonly units: number;
  readonly things: readonly Thing[];
  /** Pairs of things with what a unit of height between their middles costs. */
  readonly links: readonly (readonly [a: number, b: number, cost: number])[];
  /** Pairs that cannot be in one unit on opposite rails. */
  readonly apart: readonly (readonly [a: number, b: number])[];
  /** Pairs that touch: one directly above the other, or beside or behind it. */
  readonly touching: readonly (readonly [a: number, b: number])[];
}

/** An arrangement: a place for each thing, what it costs, and what no arrangement can cost less than. */
export interface Arranged {
  readonly places: readonly Placed[];
  readonly cost: number;
  readonly bound: number;
}

/** The middle of a thing that begins at a unit, in units from the bottom. */
export const middle = (unit: number, units: number): number => unit - 1 + units / 2;

/** What an arrangement costs by the definition, without any of the bookkeeping of the search. */
export function costOf({ things, links }: ArrangeProblem, places: readonly Placed[]): number {
  const at = things.map(({ units }, i) => middle(places[i]?.unit ?? 1, units));
  const heights = things.reduce((sum, { height }, i) => sum + height * (at[i] ?? 0), 0);
  const leads = links.reduce((sum, [a, b, cost]) => sum + cost * Math.abs((at[a] ?? 0) - (at[b] ?? 0)), 0);
  const warmth = things.reduce(
    (sum, { minds }, i) =>
      sum +
      minds *
        things.reduce(
          (below, { warms }, j) => below + ((places[j]?.unit ?? 1) < (places[i]?.unit ?? 1) ? warms : 0),
          0,
        ),
    0,
  );
  return heights + leads + warmth;
}
