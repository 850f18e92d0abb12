/**
 * Which demand gets which way: every port once, of each group one, what is not on the shelf dearly. An exact assignment
 * with side conditions, as a programme in whole numbers for a solver that is handed in.
 */
import type { ProgrammeSolver } from '../search.js';
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
  const choices = demands.flatMap(({ ways }, i) => ways.map((way, j) => ({ name: `x${i}_${j}`, i, way })));
  if (choices.length === 0)
    return {
      ways: new Map(),
      cost: costOf(
        demands.map(() => undefined),
        problem,
      ),
    };
  const rows: string[] = [];
  demands.forEach((_, i) => {
    const own = choices.filter(each => each.i === i);
    if (own.length > 0) rows.push(`${own.map(({ name }) => name).join(' + ')} <= 1`);
  });
  const takers = new Map<string, string[]>();
  const users = new Map<string, string[]>();
  for (const { name, way } of choices) {
    for (const key of takenBy(way, problem, isAir)) takers.set(key, [...(takers.get(key) ?? []), name]);
    const piece = pieceOf(way);
    if (piece !== undefined) users.set(piece, [...(users.get(piece) ?? []), name]);
  }
  for (const names of takers.values()) if (names.length > 1) rows.push(`${names.join(' + ')} <= 1`);
  const kinds = [...users.keys()];
  kinds.forEach((kind, k) =>
    rows.push(`${(users.get(kind) ?? []).join(' + ')} - m${k} <= ${owned[kind] ?? 0}`),
  );
  // A lead saves the penalty of going without, so that most demands are met first.
  const saving = choices.map(({ name, way }) => `${(way.cost - PENALTY.unconnected).toFixed(4)} ${name}`);
  const programme = [
    'Minimize',
    ` obj: ${[...saving, ...kinds.map((_, k) => `${PENALTY.missing} m${k}`)].join(' + ').replaceAll('+ -', '- ')}`,
    'Subject To',
    ...rows.map((row, i) => ` c${i}: ${row}`),
    'Binary',
    ` ${choices.map(({ name }) => name).join(' ')}`,
    'End',
    '',
  ].join('\n');
  const values = await solve(programme);
  const ways = new Map<string, Way>();
  for (const { name, i, way } of choices) if (Number(values[name]) > 0.5) ways.set(demands[i]?.id ?? '', way);
  return {
    ways,
    cost: costOf(
      demands.map(({ id }) => ways.get(id)),
      problem,
    ),
  };
}
