/** A good schedule soon: pieces placed one after the other as early as they go, in orders that are made better step by step. */
import { tailsOf, type Schedule, type Work, type Workshop } from './work.js';

/** From when to when somebody, or some of a tool, is taken. */
interface Taken {
  readonly from: number;
  readonly to: number;
  readonly count: number;
}

const isFree = (taken: readonly Taken[], from: number, to: number): boolean =>
  taken.every(each => each.to <= from || each.from >= to);

/** The most of a tool that is taken at once within a time. */
function mostTaken(taken: readonly Taken[], from: number, to: number): number {
  const within = taken.filter(each => each.to > from && each.from < to);
  const at = (time: number): number =>
    within.reduce((sum, each) => (each.from <= time && time < each.to ? sum + each.count : sum), 0);
  return Math.max(0, at(from), ...within.filter(each => each.from > from).map(each => at(each.from)));
}

/** Places pieces in an order in which each stands behind what must be done before it (serial schedule generation). */
function placed(shop: Workshop, order: readonly number[], flexible: readonly number[]): Schedule {
  const people: Taken[][] = Array.from({ length: shop.people }, () => []);
  const tools: Taken[][] = shop.tools.map(() => []);
  const begins = shop.work.map(() => 0);
  const who: (readonly number[])[] = shop.work.map(() => []);
  /** When what is placed ends, each once, the earliest first. */
  const times: number[] = [];
  let ends = 0;
  for (const piece of order) {
    const work = shop.work[piece] as Work;
    const { minutes, after, notBefore, seats } = work;
    const from = Math.max(
      notBefore,
      0,
      ...after.map(each => (begins[each] ?? 0) + (shop.work[each]?.minutes ?? 0)),
    );
    // It begins at once, or when something ends that is placed already.
    for (let at = -1; at < times.length; at++) {
      const time = at < 0 ? from : (times[at] ?? 0);
      if (at >= 0 && time <= from) continue;
      const to = time + minutes;
      const hasTools = work.tools.every(
        (count, tool) =>
          count === 0 || mostTaken(tools[tool] ?? [], time, to) + count <= (shop.tools[tool] ?? 0),
      );
      const seated = hasTools ? seatedAt(seats, people, time, to, flexible) : undefined;
      if (!seated) continue;
      begins[piece] = time;
      who[piece] = seated;
      ends = Math.max(ends, to);
      const taken = { from: time, to };
      for (const person of seated) people[person]?.push({ ...taken, count: 1 });
      work.tools.forEach((count, tool) => count > 0 && tools[tool]?.push({ ...taken, count }));
      insert(times, to);
      break;
    }
  }
  return { begins, who, ends };
}

function insert(times: number[], time: number): void {
  let at = times.length;
  while (at > 0 && (times[at - 1] ?? 0) > time) at--;
  if (times[at - 1] !== time) times.splice(at, 0, time);
}

/** Somebody for each seat who is free then, those first who may do the least else; undefined where that cannot be. */
function seatedAt(
  seats: Work['seats'],
  people: readonly (readonly Taken[])[],
  from: number,
  to: number,
  flexible: readonly number[],
): number[] | undefined {
  const free = seats.map(seat =>
    seat
      .filter(person => isFree(people[person] ?? [], from, to))
      .sort((a, b) => (flexible[a] ?? 0) - (flexible[b] ?? 0)),
  );
  const sit = (seat: number, taken: readonly number[]): number[] | undefined => {
    if (seat === seats.length) return [...taken];
    for (const person of free[seat] ?? []) {
      if (taken.includes(person)) continue;
      const rest = sit(seat + 1, [...taken, person]);
      if (rest) return rest;
    }
    return undefined;
  };
  return sit(0, []);
}

/** How many seats each may take: who may do little is sent first. */
const flexibility = ({ people, work }: Workshop): number[] =>
  Array.from({ length: people }, (_, person) =>
    work.reduce((sum, { seats }) => sum + seats.filter(seat => seat.includes(person)).length, 0),
  );

/** Pieces with most behind them first; each behind what must be done before it. */
function firstOrder(work: readonly Work[]): number[] {
  const tails = tailsOf(work);
  const order: number[] = [];
  const done = new Set<number>();
  while (order.length < work.length) {
    const ready = work.flatMap(({ after }, i) =>
      !done.has(i) && after.every(each => done.has(each)) ? [i] : [],
    );
    const next = ready.reduce(
      (best, each) => ((tails[each] ?? 0) > (tails[best] ?? 0) ? each : best),
      ready[0] ?? 0,
    );
    done.add(next);
    order.push(next);
  }
  return order;
}

/** How much longer a schedule may get by a step, at first; it becomes less with each. */
const WARM = 0.05;

/**
 * Puts one piece elsewhere in the order again and again, and keeps what is no longer, or little longer while it is early
 * (simulated annealing), until so many steps are done, the bound is met or time is over. `random`: 0…1. Every piece must
 * be possible: see `impossibleIn`.
 */
export function improved(
  shop: Workshop,
  bound: number,
  steps: number,
  random: () => number,
  isOver: () => boolean,
): Schedule {
  const flexible = flexibility(shop);
  let order = firstOrder(shop.work);
  let now = placed(shop, order, flexible);
  let best = now;
  const after = shop.work.map(each => new Set(each.after));
  for (let step = 0; step < steps && best.ends > bound && !isOver(); step++) {
    const next = moved(order, after, random);
    const tried = placed(shop, next, flexible);
    const warm = WARM * best.ends * (1 - step / steps);
    if (tried.ends <= now.ends || random() < Math.exp((now.ends - tried.ends) / Math.max(warm, 1e-9)))
      [order, now] = [next, tried];
    if (tried.ends < best.ends) best = tried;
  }
  return best;
}

/** One piece put elsewhere, between what it waits for and what waits for it. */
function moved(
  order: readonly number[],
  after: readonly ReadonlySet<number>[],
  random: () => number,
): number[] {
  const from = Math.floor(random() * order.length);
  const piece = order[from] as number;
  let low = from;
  while (low > 0 && !after[piece]?.has(order[low - 1] as number)) low--;
  let high = from;
  while (high < order.length - 1 && !after[order[high + 1] as number]?.has(piece)) high++;
  const to = low + Math.floor(random() * (high - low + 1));
  const others = order.filter((_, i) => i !== from);
  return [...others.slice(0, to), piece, ...others.slice(to)];
}
