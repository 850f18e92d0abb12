/**
 * Sharing out loads exactly, as a programme in whole numbers: each load in one point, each strip that is used in one
 * socket, and the amps of each strip as a flow to the circuit that it hangs on.
 */
import { Programme, type Row, type Rule, type Sum, type Values, type Variable } from '../solver/index.js';
import {
  countsOf,
  loadsAt,
  type BalanceProblem,
  type Load,
  type Plugged,
  type Strip,
  type Weights,
} from './problem.js';
import { areSeated, outletsTaken } from './seats.js';

/** The programme of a problem, and what its variables say. */
export interface BalanceProgramme {
  readonly programme: Programme;
  /** Load by point: whether it is plugged in there. */
  readonly points: readonly (readonly (Variable | undefined)[])[];
  /** Strip by socket. */
  readonly strips: readonly (readonly (Variable | undefined)[])[];
  readonly sums: Readonly<Record<'metres' | 'strips' | 'changes' | 'share', Sum>>;
}

type Term = Sum[number];

/**
 * `called` says what rules are about. `tight`: variables are bounded by what limits allow, which makes proofs short, but
 * limits hold then even where their rules are left out.
 */
export function programmeOf(problem: BalanceProblem, called: BalanceNames, tight: boolean): BalanceProgramme {
  const { loads, sockets, strips, circuits } = problem;
  const names = onceFor(called);
  const programme = new Programme();
  const taken = outletsTaken(loads);
  const where = (metres: readonly number[]): (Variable | undefined)[] =>
    metres.map(each => (Number.isFinite(each) ? programme.yesNo() : undefined));
  const points = loads.map(({ metres }) => where(metres));
  const plugged = strips.map(({ metres }) => where(metres));
  const share = programme.number(0, tight ? 1 : Infinity);
  const moments = circuits[0]?.left.map((_, p) => p) ?? [];
  for (const [i, own] of points.entries()) programme.exactly(ones(own), 1, names.load(i));
  for (const own of plugged) programme.atMost(ones(own), 1);
  // Amps of a strip flow to the circuit of its socket, and to no other.
  const flows = strips.map((strip, s) => {
    const near = loads.filter((_, i) => points[i]?.[sockets.length + s]);
    return circuits.map(({ left }) =>
      moments.map(p => {
        const most = tight ? Math.min(left[p] ?? 0, fullest(near, strip, p)) : Infinity;
        return programme.number(0, Math.max(0, Math.min(most, sumOf(loads, p))));
      }),
    );
  });
  for (const [s, strip] of strips.entries()) {
    const point = sockets.length + s;
    const own = plugged[s] ?? [];
    const loadsIn = loads.flatMap((load, i): { load: typeof load; variable: Variable }[] => {
      const variable = points[i]?.[point];
      return variable ? [{ load, variable }] : [];
    });
    const outlets = loadsIn.map(({ load, variable }): Term => [taken(load, strip), variable]);
    programme.atMost([...outlets, ...scaled(ones(own), -strip.outlets)], 0, names.outlets(point));
    // Said of each load by itself as well, which makes proofs short.
    for (const { variable } of loadsIn) programme.atMost([[1, variable], ...scaled(ones(own), -1)], 0);
    for (const p of moments) {
      const counts = loadsIn.map(({ load, variable }): Term => [-(countsOf(load)[p] ?? 0), variable]);
      programme.exactly([...circuits.map((_, c): Term => [1, at(flows, s, c, p)]), ...counts], 0);
      for (const c of circuits.keys()) {
        const there = own.filter((_, socket) => sockets[socket]?.circuit === c);
        const flow = at(flows, s, c, p);
        programme.atMost([[1, flow], ...scaled(ones(there), -flow.most)], 0);
      }
      const amps = loadsIn.map(({ load, variable }): Term => [load.amps[p] ?? 0, variable]);
      programme.atMost(amps, strip.amps, names.point(point));
    }
  }
  for (const [g, socket] of sockets.entries()) {
    const strips = plugged.flatMap(own => own[g] ?? []).map((variable): Term => [1, variable]);
    const own = loads.flatMap((_, i): Term[] => (points[i]?.[g] ? [[1, points[i][g]]] : []));
    programme.atMost([...own, ...strips], socket.outlets, names.outlets(g));
  }
  for (const [c, { left }] of circuits.entries()) {
    const here = [...sockets.keys()].filter(g => sockets[g]?.circuit === c);
    for (const p of moments) {
      const direct = loads.flatMap((load, i) =>
        here.flatMap((g): Term[] => (points[i]?.[g] ? [[countsOf(load)[p] ?? 0, points[i][g]]] : [])),
      );
      const sum = [...direct, ...strips.map((_, s): Term => [1, at(flows, s, c, p)])];
      const most = Math.max(0, left[p] ?? 0);
      programme.atMost(sum, most, names.circuit(c));
      programme.atMost([...sum, [-most, share]], 0);
    }
  }
  limitSockets(problem, programme, { points, plugged }, names);
  pairsIn(problem, programme, { points, plugged }, names);
  return {
    ...{ programme, points, strips: plugged },
    sums: {
      metres: [
        ...loads.flatMap(({ metres }, i) => costs(points[i] ?? [], metres)),
        ...strips.flatMap(({ metres }, s) => costs(plugged[s] ?? [], metres)),
      ],
      strips: plugged.flatMap(ones),
      changes: [
        ...loads.flatMap(({ now }, i) => elsewhere(points[i] ?? [], now)),
        ...strips.flatMap(({ now }, s) => moved(programme, plugged[s] ?? [], now)),
      ],
      share: [[1, share]],
    },
  };
}

/** What people would call the rules of a programme. */
export interface BalanceNames {
  readonly load: (load: number) => Rule;
  readonly outlets: (point: number) => Rule;
  readonly point: (point: number) => Rule;
  readonly circuit: (circuit: number) => Rule;
  readonly pair: (pair: number) => Rule;
}

/** The same names, each rule made once: rows of one rule belong together. */
function onceFor(names: BalanceNames): BalanceNames {
  const once = (make: (i: number) => Rule): ((i: number) => Rule) => {
    const made = new Map<number, Rule>();
    return i => {
      const known = made.get(i) ?? make(i);
      made.set(i, known);
      return known;
    };
  };
  return {
    load: once(names.load),
    outlets: once(names.outlets),
    point: once(names.point),
    circuit: once(names.circuit),
    pair: once(names.pair),
  };
}

interface Where {
  readonly points: readonly (readonly (Variable | undefined)[])[];
  readonly plugged: readonly (readonly (Variable | undefined)[])[];
}

/** Sockets that carry less than their circuit may: amps of strips flow through them one by one. */
function limitSockets(
  { loads, sockets, strips, circuits }: BalanceProblem,
  programme: Programme,
  { points, plugged }: Where,
  names: BalanceNames,
): void {
  for (const [g, socket] of sockets.entries()) {
    for (const [p, most] of (circuits[socket.circuit]?.left ?? []).entries()) {
      if (socket.amps >= most) continue;
      const direct = loads.flatMap((load, i): Term[] =>
        points[i]?.[g] ? [[load.amps[p] ?? 0, points[i][g]]] : [],
      );
      const through = strips.flatMap((strip, s): Term[] => {
        const here = plugged[s]?.[g];
        if (!here) return [];
        const flow = programme.number(0, socket.amps);
        const amps = loads.flatMap((load, i): Term[] => {
          const variable = points[i]?.[sockets.length + s];
          return variable ? [[load.amps[p] ?? 0, variable]] : [];
        });
        // All that the strip carries where it is plugged in here, at least nothing where it is not.
        programme.atMost([...amps, [-1, flow], [strip.amps, here]], strip.amps);
        return [[1, flow]];
      });
      programme.atMost([...direct, ...through], socket.amps, names.point(g));
    }
  }
}

/** Loads of pairs say on which circuit they are. */
function pairsIn(
  { pairs, sockets, circuits }: BalanceProblem,
  programme: Programme,
  { points, plugged }: Where,
  names: BalanceNames,
): void {
  const onCircuit = new Map<number, readonly Variable[]>();
  for (const i of new Set(pairs.flatMap(({ loads }) => loads))) {
    const own = circuits.map(() => programme.yesNo());
    programme.exactly(ones(own), 1);
    onCircuit.set(i, own);
    for (const [c, here] of own.entries()) {
      const isHere = (_: unknown, g: number): boolean => sockets[g]?.circuit === c;
      const direct = (points[i] ?? []).slice(0, sockets.length).filter(isHere);
      programme.atMost([...ones(direct), [-1, here]], 0);
      for (const [s, strip] of plugged.entries()) {
        const inStrip = points[i]?.[sockets.length + s];
        if (inStrip) programme.atMost([[1, inStrip], ...ones(strip.filter(isHere)), [-1, here]], 1);
      }
    }
  }
  for (const [k, { loads, apart }] of pairs.entries()) {
    const [a = [], b = []] = loads.map(i => onCircuit.get(i));
    for (const [c, own] of a.entries()) {
      if (apart) programme.atMost(ones([own, b[c]]), 1, names.pair(k));
      else programme.exactly([...ones([own]), ...scaled(ones([b[c]]), -1)], 0, names.pair(k));
    }
  }
}

const sumOf = (loads: readonly Load[], moment: number): number =>
  loads.reduce((sum, load) => sum + (countsOf(load)[moment] ?? 0), 0);

/** The most that can count of a strip: the largest of what could be plugged into it, and what its amps may count as. */
function fullest(loads: readonly Load[], { outlets, amps }: Strip, moment: number): number {
  const counts = (load: Load): number => countsOf(load)[moment] ?? 0;
  const most = [...loads].sort((a, b) => counts(b) - counts(a)).slice(0, outlets);
  const factors = loads.map(load => (counts(load) > 0 ? counts(load) / (load.amps[moment] ?? 0) : 1));
  return Math.min(sumOf(most, moment), amps * Math.max(1, ...factors));
}

const at = (
  flows: readonly (readonly (readonly Variable[])[])[],
  s: number,
  c: number,
  p: number,
): Variable => flows[s]?.[c]?.[p] as Variable;

const ones = (variables: readonly (Variable | undefined)[]): Term[] =>
  variables.flatMap((variable): Term[] => (variable ? [[1, variable]] : []));

const scaled = (sum: readonly Term[], by: number): Term[] =>
  sum.map(([factor, variable]) => [factor * by, variable]);

const costs = (variables: readonly (Variable | undefined)[], each: readonly number[]): Term[] =>
  variables.flatMap((variable, i): Term[] => (variable ? [[each[i] ?? 0, variable]] : []));

/** One for everything but what it is now. */
const elsewhere = (variables: readonly (Variable | undefined)[], now: number | undefined): Term[] =>
  now === undefined ? [] : ones(variables.filter((_, i) => i !== now));

/** One for a strip that is elsewhere than now, or stays away. */
function moved(
  programme: Programme,
  variables: readonly (Variable | undefined)[],
  now: number | undefined,
): Term[] {
  if (now === undefined) return [];
  const change = programme.number(0, 1);
  programme.atLeast([[1, change], ...ones([variables[now]])], 1);
  return [[1, change]];
}

/** Rows that values break: plugs that do not fit beside each other are not all in that strip. */
export function unseatedBy(problem: BalanceProblem, programme: BalanceProgramme, values: Values): Row[] {
  const plugged = pluggedBy(programme, values);
  return problem.strips.flatMap((strip, s): Row[] => {
    const point = problem.sockets.length + s;
    if (areSeated(loadsAt(problem, plugged, point), strip)) return [];
    const sum = ones(programme.points.flatMap((own, i) => (plugged.points[i] === point ? own[point] : [])));
    return [{ rule: undefined, sum, least: -Infinity, most: sum.length - 1 }];
  });
}

export const objectiveOf = (
  { sums }: BalanceProgramme,
  { metre, strip, change, share }: Weights,
): readonly Term[] => [
  ...scaled(sums.metres, metre),
  ...scaled(sums.strips, strip),
  ...scaled(sums.changes, change),
  ...scaled(sums.share, share),
];

/** What the values say. */
export function pluggedBy({ points, strips }: BalanceProgramme, values: Values): Plugged {
  const chosen = (own: readonly (Variable | undefined)[]): number =>
    own.findIndex(variable => variable !== undefined && (values[variable.index] ?? 0) > 0.5);
  return { points: points.map(chosen), strips: strips.map(chosen) };
}
