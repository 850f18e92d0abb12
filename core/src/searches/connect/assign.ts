/**
 * Which demand gets which way: every port once, of each group one, what is not on the shelf dearly. An exact assignment
 * with side conditions, as a programme in whole numbers for a solver that is handed in.
 */
import { inTurn, Programme, type ProgrammeSolver, type Sum, type Variable } from '../solver/index.js';
import type { ConnectProblem } from './demands.js';
import { keyOf } from './free-ports.js';
import type { Way } from './ways.js';

/** What a demand without a lead costs, and a thing that must be bought or borrowed first. */
export const PENALTY = { unconnected: 100, missing: 12 } as const;

export interface Assigned {
  /** The way of each demand, by its id; a demand that got none is not in it. */
  readonly ways: ReadonlyMap<string, Way>;
  readonly cost: number;
}

/** Names of things that a way takes of which there is one: its ports that are no radio, and their groups. */
export function takenBy(
  { from, to }: Way,
  { groups }: Pick<ConnectProblem, 'groups'>,
  isAir: (key: string) => boolean,
): string[] {
  return [from, to].flatMap(end => {
    const key = keyOf(end);
    if (isAir(key)) return [];
    const group = groups[key];
    return group === undefined ? [key] : [key, group];
  });
}

/** What a way takes from the shelf besides a plain lead: a kind in between, or a lead with unlike ends by its name. */
export const pieceOf = (way: Pick<Way, 'via' | 'lead'> | undefined): string | undefined =>
  way?.via?.kind ?? way?.lead?.name;

/** What a choice of ways costs: their own costs, demands without one, and pieces beyond what is owned. */
export function costOf(
  chosen: readonly (Way | undefined)[],
  { owned }: Pick<ConnectProblem, 'owned'>,
): number {
  const wanted = new Map<string, number>();
  let cost = 0;
  for (const way of chosen) {
    cost += way ? way.cost : PENALTY.unconnected;
    const piece = pieceOf(way);
    if (piece !== undefined) wanted.set(piece, (wanted.get(piece) ?? 0) + 1);
  }
  for (const [kind, count] of wanted) cost += PENALTY.missing * Math.max(0, count - (owned[kind] ?? 0));
  return cost;
}

/** The cheapest assignment, proven. */
export async function assign(
  problem: ConnectProblem,
  isAir: (key: string) => boolean,
  solve: ProgrammeSolver,
): Promise<Assigned> {
  const { demands, owned } = problem;
  const programme = new Programme();
  const choices = demands.flatMap(({ ways }, i) =>
    ways.map((way, place) => ({ chosen: programme.yesNo(), i, way, place })),
  );
  const takers = new Map<string, Variable[]>();
  const users = new Map<string, Variable[]>();
  const add = (map: Map<string, Variable[]>, key: string, chosen: Variable): void => {
    map.set(key, [...(map.get(key) ?? []), chosen]);
  };
  for (const { chosen, i, way } of choices) {
    add(takers, `demand ${i}`, chosen);
    for (const key of takenBy(way, problem, isAir)) add(takers, `port ${key}`, chosen);
    const piece = pieceOf(way);
    if (piece !== undefined) add(users, piece, chosen);
  }
  for (const all of takers.values()) programme.atMost(sumOf(all), 1);
  // A lead saves the penalty of going without, so that most demands are met first.
  const costs: Sum[number][] = choices.map(({ chosen, way }) => [way.cost - PENALTY.unconnected, chosen]);
  for (const [kind, all] of users) {
    const missing = programme.whole(0, all.length);
    programme.atMost([...sumOf(all), [-1, missing]], owned[kind] ?? 0);
    costs.push([PENALTY.missing, missing]);
  }
  // Of what costs the same, the first demand takes the first of its ways, so that inputs are filled in order.
  const order = choices.map(({ chosen, i, place }): Sum[number] => [(demands.length - i) * place, chosen]);
  const { values } = await inTurn(programme, [costs, order], solve);
  const ways = new Map<string, Way>();
  for (const { chosen, i, way } of choices)
    if ((values[chosen.index] ?? 0) > 0.5) ways.set(demands[i]?.id ?? '', way);
  return {
    ways,
    cost: costOf(
      demands.map(({ id }) => ways.get(id)),
      problem,
    ),
  };
}

const sumOf = (variables: readonly Variable[]): Sum => variables.map(variable => [1, variable]);
