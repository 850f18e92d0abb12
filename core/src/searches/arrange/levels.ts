/**
 * The search itself, from the lowest unit upwards: dynamic programming over which things have begun below a unit, and
 * which of them reach into it. What comes above hangs on nothing else, so that of two ways to the same the cheaper is
 * kept. A way that cannot become cheaper than the best known is left; where more are left over than are to be held, the
 * dearest go, and the least that any of them could have come to is kept as the bound.
 */
import type { Bound } from './bound.js';
import { middle, type ArrangeProblem, type Arranged, type Placed, type Thing } from './problem.js';

/** Something that reaches into a unit, or ended just below it and wants something beside it. */
interface Open {
  readonly thing: number;
  readonly lane: number;
  readonly unit: number;
  /** Units from this one upwards that it takes; 0 when it ended below. */
  readonly left: number;
}

interface State {
  readonly placed: number;
  readonly open: readonly Open[];
  readonly cost: number;
  readonly from: State | undefined;
  /** What began on the way here from `from`. */
  readonly began: Open | undefined;
}

export interface Limits {
  /** Ways that are held from one unit to the next. */
  readonly held: number;
  /** An answer is of no use unless it costs less. */
  readonly below: number;
  /** Whether time is up: only the most promising ways are followed then. */
  readonly late: () => boolean;
}

/** What the search found; no places where every way costs as much as `below`, or there is none. */
export interface Swept {
  readonly best: Omit<Arranged, 'bound'> | undefined;
  /** What no arrangement costs less than; infinite where there is none at all below the limit. */
  readonly bound: number;
}

/** A way with what it comes to at least. */
interface Kept {
  readonly state: State;
  readonly least: number;
}

const EPS = 1e-9;
/** Ways that are followed once time is up. */
const LATE = 200;

export class Levels {
  private readonly links: readonly (readonly (readonly [other: number, cost: number])[])[];
  private readonly apart: readonly ReadonlySet<number>[];
  private readonly touching: readonly (readonly number[])[];

  constructor(
    private readonly problem: ArrangeProblem,
    private readonly bound: Bound,
  ) {
    const { things, links, apart, touching } = problem;
    const pairsOf = <T>(pairs: readonly T[], of: (pair: T, i: number) => number | undefined): number[][] =>
      things.map((_, i) => pairs.flatMap(pair => of(pair, i) ?? []));
    const other = ([a, b]: readonly [number, number, ...number[]], i: number): number | undefined =>
      a === i ? b : b === i ? a : undefined;
    this.links = things.map((_, i) =>
      links.flatMap((link): (readonly [number, number])[] => {
        const far = other(link, i);
        return far === undefined ? [] : [[far, link[2]]];
      }),
    );
    this.apart = pairsOf(apart, other).map(each => new Set(each));
    this.touching = pairsOf(touching, other);
  }

  /** Unit by unit; says after each how far it has come. */
  *sweep({ held, below, late }: Limits): Generator<number, Swept> {
    const { units, things } = this.problem;
    const all = 2 ** things.length - 1;
    let states: Kept[] = [
      { state: { placed: 0, open: [], cost: 0, from: undefined, began: undefined }, least: -Infinity },
    ];
    let lost = Infinity;
    for (let unit = 1; unit <= units; unit++) {
      const next = new Map<string, State>();
      for (const [i, { state, least }] of states.entries()) {
        if (i >= LATE && late()) {
          lost = Math.min(lost, least);
          break;
        }
        for (const full of this.filled(state, unit)) keep(next, full);
      }
      const risen: Kept[] = [];
      for (const state of next.values()) {
        const up = this.risen(state, unit + 1);
        if (!up) continue;
        const least = up.cost + this.bound(up.placed, unit + 1);
        if (least < below - EPS) risen.push({ state: up, least });
      }
      risen.sort((a, b) => a.least - b.least);
      lost = Math.min(lost, risen[held]?.least ?? Infinity);
      states = risen.slice(0, held);
      yield unit / units;
    }
    const ends = states
      .map(({ state }) => state)
      .filter(({ placed, open }) => placed === all && open.every(({ left }) => left === 0));
    const best = ends.reduce<State | undefined>((a, b) => (a && a.cost <= b.cost ? a : b), undefined);
    return {
      best: best && { places: this.placesOf(best), cost: best.cost },
      bound: Math.min(lost, best?.cost ?? Infinity),
    };
  }

  /** Every way to fill the rest of a unit, front rails first. */
  private *filled(state: State, unit: number): Generator<State> {
    const floor = state.placed;
    for (const front of this.railFilled(state, unit, false, floor, -1)) {
      for (const both of this.railFilled(front, unit, true, floor, -1)) {
        if (this.fixedBegan(both, unit)) yield both;
      }
    }
  }

  /** With nothing more on these rails, or with each thing that can begin here and comes after `last`. */
  private *railFilled(
    state: State,
    unit: number,
    rear: boolean,
    floor: number,
    last: number,
  ): Generator<State> {
    yield state;
    const { things } = this.problem;
    for (let i = last + 1; i < things.length; i++) {
      const thing = things[i] as Thing;
      if (state.placed & (1 << i) || thing.rear !== rear) continue;
      for (const lane of this.lanesFor(state, i, unit))
        yield* this.railFilled(this.began(state, i, { unit, lane }, floor), unit, rear, floor, i);
    }
  }

  /**
   * The lanes that are free for a thing from a unit upwards. Where nothing narrow stays where it is, one is as good as
   * another: the first.
   */
  private lanesFor({ open }: State, i: number, unit: number): readonly number[] {
    const { things, units } = this.problem;
    const thing = things[i] as Thing;
    const top = unit + thing.units;
    if (thing.fixed ? thing.fixed.unit !== unit : top - 1 > units) return [];
    const taken = new Set<number>();
    /** Whether something that is in one of its units leaves it room, in lanes or behind. */
    const passes = (j: number, lane: number): boolean => {
      const own = things[j] as Thing;
      if (own.rear !== thing.rear) return this.apart[i]?.has(j) !== true;
      taken.add(lane);
      return own.lanes === thing.lanes && own.lanes > 1;
    };
    if (!open.every(({ thing: j, lane, left }) => left === 0 || passes(j, lane))) return [];
    if (thing.fixed) return taken.has(thing.fixed.lane) ? [] : [thing.fixed.lane];
    let branch = false;
    for (const [j, { fixed, ...own }] of things.entries()) {
      if (!fixed) continue;
      branch ||= own.rear === thing.rear && own.lanes === thing.lanes;
      if (fixed.unit < top && fixed.unit + own.units > unit && !passes(j, fixed.lane)) return [];
    }
    const free = Array.from({ length: thing.lanes }, (_, lane) => lane).filter(lane => !taken.has(lane));
    return branch ? free : free.slice(0, 1);
  }

  /** With one more thing. `floor`: what began in lower units. */
  private began(state: State, i: number, { unit, lane }: Placed, floor: number): State {
    const { things } = this.problem;
    const thing = things[i] as Thing;
    const at = middle(unit, thing.units);
    let cost = state.cost + thing.height * at;
    for (const [other, each] of this.links[i] ?? []) {
      // What is placed later lies higher, so that a lead costs the one height less the other; what reaches into this
      // unit may have its middle above this one’s.
      if (!(state.placed & (1 << other))) cost -= each * at;
      else {
        const open = state.open.find(({ thing: one }) => one === other);
        const far = open ? middle(open.unit, things[other]?.units ?? 1) : 0;
        cost += each * (far > at ? 2 * far - at : at);
      }
    }
    if (thing.minds > 0)
      for (const [j, { warms }] of things.entries()) if (floor & (1 << j)) cost += thing.minds * warms;
    const began = { thing: i, lane, unit, left: thing.units };
    return { placed: state.placed | (1 << i), open: [...state.open, began], cost, from: state, began };
  }

  private fixedBegan({ placed }: State, unit: number): boolean {
    return this.problem.things.every(({ fixed }, i) => fixed?.unit !== unit || (placed & (1 << i)) !== 0);
  }

  /** The same, one unit higher; undefined where something that wants a neighbour did not get it, or the rest does not fit. */
  private risen({ placed, open, cost, ...way }: State, unit: number): State | undefined {
    const { things, units } = this.problem;
    const higher: Open[] = [];
    for (const each of open) {
      const alone = this.touching[each.thing]?.some(other => !(placed & (1 << other))) === true;
      if (each.left === 0) {
        if (alone) return undefined;
      } else if (each.left > 1 || alone) higher.push({ ...each, left: each.left - 1 });
    }
    const room = [false, true].every(rear => {
      let space = units - unit + 1;
      for (const [i, thing] of things.entries())
        if (thing.rear === rear && !(placed & (1 << i))) space -= thing.units / thing.lanes;
      for (const { thing, left } of higher)
        if (things[thing]?.rear === rear) space -= left / (things[thing]?.lanes ?? 1);
      return space > -EPS;
    });
    if (!room) return undefined;
    return { placed, open: higher, cost, ...way };
  }

  private placesOf(end: State): Placed[] {
    const places: Placed[] = [];
    for (let state: State | undefined = end; state; state = state.from) {
      if (state.began) places[state.began.thing] = { unit: state.began.unit, lane: state.began.lane };
    }
    return places;
  }
}

/** Of two ways to the same, the cheaper. */
function keep(states: Map<string, State>, state: State): void {
  const key = `${state.placed}|${state.open
    .map(({ thing, left, lane }) => `${thing}.${left}.${lane}`)
    .sort()
    .join()}`;
  const known = states.get(key);
  if (!known || state.cost < known.cost) states.set(key, state);
}
