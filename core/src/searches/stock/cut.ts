/**
 * Cutting all leads from one stock at once, exactly: whole numbers of cables of each kind for each lead, chosen by a
 * solver that is handed in. What counts is minimised one after the other, each kept at its least for the next: leads to
 * be bought and their length, leads beyond their reach, joints, then what is left over.
 */
import { inTurn, Programme, type ProgrammeSolver, type Sum, type Variable } from '../solver/index.js';
import type { LeadDemand, Option, Pieces, StockKind, StockProblem } from './problem.js';

/** Weights above this would drown what counts least in what a solver takes for zero. */
const MOST_WEIGHT = 1e6;

type Term = Sum[number];

interface Column {
  readonly count: Variable;
  readonly lead: number;
  readonly option: number;
  readonly piece: StockKind;
}

/** The best choice, proven. Leads that have no cable in common are cut apart, since nothing of one touches the other. */
export async function cutFromStock(problem: StockProblem, solve: ProgrammeSolver): Promise<Pieces> {
  const pieces = new Map<string, readonly StockKind[]>();
  for (const part of partsOf(problem)) {
    for (const [lead, own] of await cutPart(part, solve)) pieces.set(lead, own);
  }
  return pieces;
}

/** The parts of a problem that share no group of cables. */
function partsOf({ leads, stock }: StockProblem): StockProblem[] {
  const parts: { leads: LeadDemand[]; groups: Set<string> }[] = [];
  for (const lead of leads) {
    const groups = new Set(lead.options.map(({ group }) => group));
    const touching = parts.filter(part => [...groups].some(group => part.groups.has(group)));
    for (const part of touching) parts.splice(parts.indexOf(part), 1);
    parts.push({
      leads: [...touching.flatMap(part => part.leads), lead],
      groups: new Set([...touching.flatMap(part => [...part.groups]), ...groups]),
    });
  }
  return parts.map(part => ({
    leads: part.leads,
    stock: stock.filter(({ group }) => part.groups.has(group)),
  }));
}

async function cutPart({ leads, stock }: StockProblem, solve: ProgrammeSolver): Promise<Pieces> {
  const programme = new Programme();
  const columns = leads.flatMap((lead, i) =>
    lead.options.flatMap((option, m) =>
      stock.flatMap((piece): Column[] =>
        piece.group === option.group && piece.count > 0 && helps(lead, option, piece)
          ? [
              {
                count: programme.whole(0, Math.min(piece.count, option.mostJoins + 1)),
                ...{ lead: i, option: m, piece },
              },
            ]
          : [],
      ),
    ),
  );
  if (columns.length === 0) return new Map();
  const { values } = await inTurn(programme, costsOf(programme, leads, stock, columns), solve);
  const pieces = new Map<string, StockKind[]>();
  for (const { count, lead, piece } of columns) {
    const number = values[count.index] ?? 0;
    const id = leads[lead]?.id ?? '';
    if (number > 0) pieces.set(id, [...(pieces.get(id) ?? []), ...Array<StockKind>(number).fill(piece)]);
  }
  for (const own of pieces.values()) own.sort((a, b) => b.length - a.length);
  return pieces;
}

/** Says in the programme what it is to cut, and gives what is made least in turn. */
function costsOf(
  programme: Programme,
  leads: readonly LeadDemand[],
  stock: readonly StockKind[],
  columns: readonly Column[],
): Sum[] {
  const sums = { bought: [], boughtLength: [], beyond: [], joins: [], excess: [] } as Record<
    'bought' | 'boughtLength' | 'beyond' | 'joins' | 'excess',
    Term[]
  >;
  const longest = Math.max(...stock.map(({ length }) => length));
  leads.forEach((lead, i) => {
    const buy = programme.yesNo();
    const chosen: Term[] = [[1, buy]];
    sums.bought.push([1, buy]);
    sums.boughtLength.push([lead.sold, buy]);
    lead.options.forEach((option, m) => {
      const own = columns.filter(each => each.lead === i && each.option === m);
      if (own.length === 0) return;
      const taken = programme.yesNo();
      const most = option.mostJoins + 1;
      chosen.push([1, taken]);
      const metres = own.map(({ count, piece }): Term => [piece.length, count]);
      const pieces = own.map(({ count }): Term => [1, count]);
      programme.atLeast([...metres, [-lead.length, taken]], 0);
      programme.atMost([...pieces, [-most, taken]], 0);
      sums.joins.push(...pieces, [-1, taken]);
      sums.excess.push(...metres, [-lead.length, taken]);
      if (!Number.isFinite(option.carries)) return;
      const far = programme.yesNo();
      sums.beyond.push([1, far]);
      const weighed = own.map(({ count, piece }): Term => [piece.length + option.perJoint, count]);
      const beyond = most * (longest + option.perJoint);
      programme.atMost([...weighed, [-(option.carries + option.perJoint), taken], [-beyond, far]], 0);
    });
    programme.exactly(chosen, 1);
  });
  for (const piece of stock) {
    const users = columns.filter(each => each.piece === piece).map(({ count }): Term => [1, count]);
    if (users.length > 0) programme.atMost(users, piece.count);
  }
  const mostJoined = leads.reduce(
    (sum, { options }) => sum + Math.max(0, ...options.map(({ mostJoins }) => mostJoins)),
    0,
  );
  const counts = weighted([
    [sums.joins, mostJoined],
    [sums.beyond, leads.length],
    [sums.boughtLength, leads.reduce((sum, { sold }) => sum + sold, 0)],
    [sums.bought, leads.length],
  ]);
  return [...counts, sums.excess];
}

/**
 * Sums, the one that counts least first, each with the most it can come to, as few objectives, the one that counts most
 * first: a sum weighs more than everything that counts less, as long as the weights stay small.
 */
function weighted(sums: readonly (readonly [sum: Sum, most: number])[]): Sum[] {
  const objectives: Sum[] = [];
  let weight = 1;
  for (const [sum, most] of sums) {
    const last = objectives.at(-1);
    if (last && weight <= MOST_WEIGHT) {
      objectives[objectives.length - 1] = [
        ...last,
        ...sum.map(([factor, variable]): Term => [factor * weight, variable]),
      ];
    } else {
      objectives.push(sum);
      weight = 1;
    }
    weight *= Math.ceil(most) + 1;
  }
  return objectives.reverse();
}

/** A piece that is too short for a lead that cannot be joined is no use to it. */
const helps = (lead: LeadDemand, { mostJoins }: Option, { length }: StockKind): boolean =>
  mostJoins > 0 || length >= lead.length;
