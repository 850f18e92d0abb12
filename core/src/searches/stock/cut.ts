/**
 * Cutting all leads from one stock at once, exactly: whole numbers of cables of each kind for each lead, chosen by a
 * solver that is handed in. What counts is minimised one after the other, each kept at its least for the next: leads to
 * be bought and their length, leads beyond their reach, joints, then what is left over.
 */
import type { ProgrammeSolver } from '../search.js';
import type { LeadDemand, Option, Pieces, StockKind, StockProblem } from './problem.js';

/** Weights above this would drown what counts least in what a solver takes for zero. */
const MOST_WEIGHT = 1e6;

interface Column {
  readonly name: string;
  readonly lead: number;
  readonly option: number;
  readonly piece: StockKind;
}

type Sum = readonly (readonly [factor: number, name: string])[];

/** A sum in LP format, which takes each name once. */
function written(sum: Sum): string {
  const factors = new Map<string, number>();
  for (const [factor, name] of sum) factors.set(name, (factors.get(name) ?? 0) + factor);
  return (
    [...factors]
      .filter(([, factor]) => factor !== 0)
      .map(([name, factor]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${name}`)
      .join(' ') || '0 none'
  );
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
  const columns = leads.flatMap((lead, i) =>
    lead.options.flatMap((option, m) =>
      stock.flatMap((piece, k): Column[] =>
        piece.group === option.group && piece.count > 0 && helps(lead, option, piece)
          ? [{ name: `x${i}_${m}_${k}`, lead: i, option: m, piece }]
          : [],
      ),
    ),
  );
  if (columns.length === 0) return new Map();
  const rows: string[] = [];
  const bounds: string[] = [];
  const [whole, binary]: [string[], string[]] = [[], []];
  const bought: Sum[number][] = [];
  const boughtLength: Sum[number][] = [];
  const beyond: Sum[number][] = [];
  const joins: Sum[number][] = [];
  const excess: Sum[number][] = [];
  const longest = Math.max(...stock.map(({ length }) => length));
  leads.forEach((lead, i) => {
    const chosen: Sum[number][] = [[1, `y${i}`]];
    binary.push(`y${i}`);
    bought.push([1, `y${i}`]);
    boughtLength.push([lead.sold, `y${i}`]);
    lead.options.forEach((option, m) => {
      const own = columns.filter(each => each.lead === i && each.option === m);
      if (own.length === 0) return;
      const [taken, far] = [`z${i}_${m}`, `w${i}_${m}`];
      const most = option.mostJoins + 1;
      binary.push(taken);
      chosen.push([1, taken]);
      const metres: Sum = own.map(({ name, piece }) => [piece.length, name]);
      const pieces: Sum = own.map(({ name }) => [1, name]);
      rows.push(`${written([...metres, [-lead.length, taken]])} >= 0`);
      rows.push(`${written([...pieces, [-most, taken]])} <= 0`);
      joins.push(...pieces, [-1, taken]);
      excess.push(...metres, [-lead.length, taken]);
      for (const { name, piece } of own) {
        whole.push(name);
        bounds.push(`0 <= ${name} <= ${Math.min(piece.count, most)}`);
      }
      if (!Number.isFinite(option.carries)) return;
      binary.push(far);
      beyond.push([1, far]);
      const weighed: Sum = own.map(({ name, piece }) => [piece.length + option.perJoint, name]);
      const far_ = most * (longest + option.perJoint);
      rows.push(`${written([...weighed, [-(option.carries + option.perJoint), taken], [-far_, far]])} <= 0`);
    });
    rows.push(`${written(chosen)} = 1`);
  });
  stock.forEach(piece => {
    const users = columns.filter(each => each.piece === piece);
    if (users.length > 0) rows.push(`${written(users.map(({ name }) => [1, name]))} <= ${piece.count}`);
  });
  let values: Readonly<Record<string, number>> = {};
  const mostJoined = leads.reduce(
    (sum, { options }) => sum + Math.max(0, ...options.map(({ mostJoins }) => mostJoins)),
    0,
  );
  const mostSold = leads.reduce((sum, { sold }) => sum + sold, 0);
  const counts: Sum[] = weighted([
    [joins, mostJoined],
    [beyond, leads.length],
    [boughtLength, mostSold],
    [bought, leads.length],
  ]);
  for (const sum of [...counts, excess]) {
    values = await solve(programmeOf(sum, rows, bounds, whole, binary));
    const least = sum.reduce((total, [factor, name]) => total + factor * Math.round(values[name] ?? 0), 0);
    rows.push(`${written(sum)} <= ${(least + 1e-4).toFixed(6)}`);
  }
  const pieces = new Map<string, StockKind[]>();
  for (const { name, lead, piece } of columns) {
    const count = Math.round(values[name] ?? 0);
    const id = leads[lead]?.id ?? '';
    if (count > 0) pieces.set(id, [...(pieces.get(id) ?? []), ...Array<StockKind>(count).fill(piece)]);
  }
  for (const own of pieces.values()) own.sort((a, b) => b.length - a.length);
  return pieces;
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
        ...sum.map(([factor, name]) => [factor * weight, name] as const),
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

const programmeOf = (
  sum: Sum,
  rows: readonly string[],
  bounds: readonly string[],
  whole: readonly string[],
  binary: readonly string[],
): string =>
  [
    'Minimize',
    ` obj: ${written(sum)}`,
    'Subject To',
    ...rows.map((row, i) => ` c${i}: ${row}`),
    'Bounds',
    ...bounds.map(bound => ` ${bound}`),
    'General',
    ` ${whole.join(' ')}`,
    'Binary',
    ` ${binary.join(' ')}`,
    'End',
    '',
  ].join('\n');
