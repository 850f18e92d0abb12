/** Which battery is where when: positions that must be fed all day, and batteries of which each gives so much. */
import { Programme, rule, type Sum, type Values, type Variable } from '../solver/index.js';

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
  /** Share of what it gives that each piece of each position takes; undefined where it does not fit there. */
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

export interface SwapProgramme {
  readonly programme: Programme;
  /** What is made least, one after another: batteries, changes, and what is left of the emptiest. */
  readonly sums: readonly Sum[];
  readonly swapsOf: (values: Values) => Swaps;
}

/** A change of the battery that is meant for a position counts less than any change during the day. */
const MEANT = 0.01;

/** The programme: each piece has one battery, no battery is in two places, and none gives more than it has. */
export function swapProgramme({ positions, batteries, steps }: SwapProblem): SwapProgramme {
  const programme = new Programme();
  // By position, piece and battery.
  const at: (readonly (Variable | undefined)[])[][] = positions.map(({ pieces }, p) =>
    pieces.map(() => batteries.map(({ takes }) => (takes[p] ? programme.yesNo() : undefined))),
  );
  const used = batteries.map(() => programme.yesNo());
  const reserve = programme.number(0, 1);
  const pieceOf = positions.map(({ pieces }) => {
    const found = new Map<number, number>();
    pieces.forEach((own, i) => own.forEach(step => found.set(step, i)));
    return found;
  });
  positions.forEach(({ label, pieces }, p) => {
    pieces.forEach((_, i) => {
      const fed = rule(`${label} is fed all the time`, 'piece', 100);
      programme.exactly(sumOf(at[p]?.[i]), 1, fed);
    });
  });
  batteries.forEach(({ label, left, takes }, b) => {
    const load: Sum = positions.flatMap(({ pieces }, p) =>
      pieces.flatMap((_, i) => {
        const variable = at[p]?.[i]?.[b];
        const share = takes[p]?.[i] ?? 0;
        return variable && Number.isFinite(share) ? [[100 * share, variable] as const] : [];
      }),
    );
    programme.atMost(load, 100 * left, rule(`${label} gives no more than it has`, '%', 1));
    // What is left of each battery that is used is at least the reserve.
    const own = used[b];
    const gone: Sum = own && left < 1 ? [[100 * (1 - left), own]] : [];
    programme.atMost([...load, ...gone, [100, reserve]], 100);
    for (let step = 0; step < steps; step++) {
      const here = positions.flatMap((_, p): Sum => {
        const variable = at[p]?.[pieceOf[p]?.get(step) ?? -1]?.[b];
        return variable ? [[1, variable]] : [];
      });
      if (here.length > 1) programme.atMost(here, 1);
    }
    positions.forEach(({ pieces }, p) => {
      pieces.forEach((_, i) => {
        const variable = at[p]?.[i]?.[b];
        const cannot = !Number.isFinite(takes[p]?.[i] ?? 0);
        if (variable && cannot) programme.exactly([[1, variable]], 0);
        if (variable && own)
          programme.atMost(
            [
              [1, variable],
              [-1, own],
            ],
            0,
          );
      });
    });
  });
  return {
    programme,
    sums: [
      used.map(variable => [1, variable] as const),
      [...changesOf(programme, { positions, batteries, steps }, at), ...meantOf(positions, at)],
      [[-1, reserve]],
    ],
    swapsOf: values =>
      at.map(pieces =>
        pieces.map(each => each.findIndex(variable => (values[variable?.index ?? -1] ?? 0) > 0.5)),
      ),
  };
}

const sumOf = (variables: readonly (Variable | undefined)[] = []): Sum =>
  variables.flatMap(variable => (variable ? [[1, variable] as const] : []));

type Placed = readonly (readonly (readonly (Variable | undefined)[])[])[];

/** One for each piece that begins with another battery than the piece before it ended with. */
function changesOf(programme: Programme, { positions, batteries }: SwapProblem, at: Placed): Sum {
  return positions.flatMap(({ pieces, now, underWay }, p) => [
    ...(underWay ? (at[p]?.[0] ?? []) : []).flatMap((variable, b): Sum =>
      variable && b !== now ? [[1, variable]] : [],
    ),
    ...pieces.slice(1).map((_, i) => {
      const change = programme.number(0, 1);
      batteries.forEach((_battery, b) => {
        const [before, after] = [at[p]?.[i]?.[b], at[p]?.[i + 1]?.[b]];
        if (!after) return;
        programme.atMost([[1, after], ...(before ? [[-1, before] as const] : []), [-1, change]], 0);
      });
      return [1, change] as const;
    }),
  ]);
}

/** The battery that is meant for a position is the one that it begins with, where nothing else speaks against it. */
const meantOf = (positions: SwapProblem['positions'], at: Placed): Sum =>
  positions.flatMap(({ now, underWay }, p) => {
    const variable = now === undefined || underWay ? undefined : at[p]?.[0]?.[now];
    return variable ? [[-MEANT, variable] as const] : [];
  });
