/**
 * The swap plan as a programme in whole numbers. What is chosen is a span: one battery in one position from one change
 * to the next. The spans of a position follow each other as a path does, which makes proofs short.
 */
import { Programme, type Sum, type Values, type Variable } from '../solver/index.js';
import { pieceAt, ROUNDING, takeOf, type SwapProblem, type Swaps } from './problem.js';
import { inOrderOfTwins, twins } from './twins.js';

interface Span {
  readonly position: number;
  readonly battery: number;
  /** First and last piece. */
  readonly from: number;
  readonly to: number;
  /** Share of what the battery gives. */
  readonly takes: number;
  readonly chosen: Variable;
}

export interface SwapProgramme {
  readonly programme: Programme;
  /** What is made least, one after another: changes, and what is gone of the emptiest, %. */
  readonly sums: readonly Sum[];
  /** Less for each position that begins with the battery that is meant for it: no more than a wish. */
  readonly wish: Sum;
  readonly swapsOf: (values: Values) => Swaps;
  /** A plan that is known, as values. */
  readonly valuesOf: (swaps: Swaps) => Values;
}

/** With so many batteries at most. */
export function swapProgramme(problem: SwapProblem, most: number): SwapProgramme {
  const { positions, batteries } = problem;
  const programme = new Programme();
  const twin = twins(problem);
  const starts = startsOf(problem);
  const spans = spansOf(problem, programme, twin, starts);
  const used = batteries.map(() => programme.yesNo());
  const reserve = programme.number(0, 1);
  const sum = (some: readonly Span[], factor: (span: Span) => number): [number, Variable][] =>
    some.map(span => [factor(span), span.chosen]);
  for (const [p, { pieces }] of positions.entries()) {
    const own = spans.filter(({ position }) => position === p);
    for (let i = 0; i <= pieces.length; i++) {
      const begin = own.filter(({ from }) => from === i);
      const end = own.filter(({ to }) => to === i - 1);
      const out = Number(i === 0) - Number(i === pieces.length);
      if (pieces.length > 0) programme.exactly([...sum(begin, () => 1), ...sum(end, () => -1)], out);
    }
  }
  for (const [b, { left }] of batteries.entries()) {
    const own = spans.filter(({ battery }) => battery === b);
    const isUsed = used[b] as Variable;
    const load = sum(own, ({ takes }) => 100 * takes);
    programme.atMost([...load, [-100 * left, isUsed]], 0);
    // What is left of each battery that is used is at least the reserve.
    programme.atMost([...load, [100 * (1 - left), isUsed], [100, reserve]], 100);
    for (const then of togetherOf(problem, own)) programme.atMost([...sum(then, () => 1), [-1, isUsed]], 0);
    const before = twin.lastIndexOf(twin[b] ?? b, b - 1);
    if (b > 0 && before >= 0) {
      // Of twins, the earlier one is first put in before the later one is.
      const others = spans.filter(({ battery }) => battery === before);
      const begun = (span: Span): number => starts[span.position]?.[span.from]?.step ?? 0;
      for (const step of new Set(own.map(begun)))
        programme.atMost(
          [
            ...sum(
              own.filter(span => begun(span) === step),
              () => 1,
            ),
            ...sum(
              others.filter(span => begun(span) <= step),
              () => -1,
            ),
          ],
          0,
        );
    }
  }
  const meant = positions.map((_, p) => {
    const isSo = programme.yesNo();
    const own = spans.filter(span => span.position === p && isMeant(problem, twin)(span));
    programme.exactly([...sum(own, () => 1), [-1, isSo]], 0);
    return isSo;
  });
  programme.atMost(
    used.map(each => [1, each] as const),
    most,
  );
  return {
    programme,
    sums: [sum(spans.filter(isChange(problem)), () => 1), [[-100, reserve]]],
    wish: meant.map(each => [-1, each] as const),
    swapsOf: values => {
      const at = positions.map(({ pieces }) => pieces.map(() => -1));
      for (const { position, battery, from, to, chosen } of spans)
        if ((values[chosen.index] ?? 0) > 0.5) at[position]?.fill(battery, from, to + 1);
      return at;
    },
    valuesOf: swaps => valuesOf(problem, { spans, used, reserve, meant }, programme, swaps),
  };
}

interface Start {
  /** The step of the grid. */
  readonly step: number;
  /** How many spans can start before it, by time and then by position. */
  readonly before: number;
}

/** When a span of each position can start. */
function startsOf({ positions }: SwapProblem): readonly (readonly Start[])[] {
  const all = positions
    .flatMap(({ pieces }, p) => pieces.map(([step = 0], i) => ({ step, p, i })))
    .sort((a, b) => a.step - b.step || a.p - b.p);
  const starts: Start[][] = positions.map(() => []);
  all.forEach(({ step, p, i }, before) => {
    (starts[p] as Start[])[i] = { step, before };
  });
  return starts;
}

/** Every span that its battery lasts. */
function spansOf(
  { positions, batteries }: SwapProblem,
  programme: Programme,
  twin: readonly number[],
  starts: readonly (readonly Start[])[],
): Span[] {
  const spans: Span[] = [];
  for (const [position, { pieces }] of positions.entries())
    for (const [b, battery] of batteries.entries()) {
      const twinsBefore = twin.slice(0, b).filter(each => each === twin[b]).length;
      for (const from of pieces.keys()) {
        // As many starts as there are earlier twins come before the first start of this one.
        if ((starts[position]?.[from]?.before ?? 0) < twinsBefore) continue;
        let takes = 0;
        for (let to = from; to < pieces.length; to++) {
          takes += takeOf(battery, position, to) ?? Infinity;
          if (takes > battery.left + ROUNDING) break;
          spans.push({ position, battery: b, from, to, takes, chosen: programme.yesNo() });
        }
      }
    }
  return spans;
}

/** Spans of one battery of which only one can be, since each is there at one step of the grid; the largest such sets. */
function togetherOf({ positions, steps }: SwapProblem, own: readonly Span[]): readonly (readonly Span[])[] {
  const pieceOf = positions.map(pieceAt);
  const found = new Map<string, Span[]>();
  for (let step = 0; step < steps; step++) {
    const then = own.filter(({ position, from, to }) => {
      const i = pieceOf[position]?.get(step) ?? -1;
      return from <= i && i <= to;
    });
    if (then.length > 0) found.set(then.map(({ chosen }) => chosen.index).join(), then);
  }
  return [...found.values()];
}

const isChange =
  ({ positions }: SwapProblem) =>
  ({ position, battery, from }: Span): boolean => {
    const { underWay = false, now } = positions[position] ?? {};
    return from > 0 || (underWay && battery !== now);
  };

/** Begins with the battery that is meant for the position, or with one that could change places with that. */
const isMeant =
  ({ positions }: SwapProblem, twin: readonly number[]) =>
  ({ position, battery, from }: Span): boolean => {
    const { underWay = false, now } = positions[position] ?? {};
    return from === 0 && !underWay && now !== undefined && twin[battery] === twin[now];
  };

interface Variables {
  readonly spans: readonly Span[];
  readonly used: readonly Variable[];
  readonly reserve: Variable;
  readonly meant: readonly Variable[];
}

/** The values of a plan; of twins, the one that is put in first is the first. */
function valuesOf(
  problem: SwapProblem,
  { spans, used, reserve, meant }: Variables,
  programme: Programme,
  swaps: Swaps,
): Values {
  const values = new Float64Array(programme.variables.length);
  const named = inOrderOfTwins(problem, swaps);
  const gone = problem.batteries.map(({ left }) => 1 - left);
  for (const { position, battery, from, to, takes, chosen } of spans) {
    const own = named[position] ?? [];
    const isWhole = own.slice(from, to + 1).every(each => each === battery);
    if (!isWhole || own[from - 1] === battery || own[to + 1] === battery) continue;
    values[chosen.index] = 1;
    values[used[battery]?.index ?? -1] = 1;
    gone[battery] = (gone[battery] ?? 0) + takes;
  }
  const most = Math.max(0, ...gone.filter((_, b) => values[used[b]?.index ?? -1] === 1));
  const twin = twins(problem);
  for (const [p, { now = -1, underWay }] of problem.positions.entries())
    values[meant[p]?.index ?? -1] = Number(!underWay && now >= 0 && twin[named[p]?.[0] ?? -1] === twin[now]);
  values[reserve.index] = Math.max(0, 1 - most);
  return values;
}
