/** What fits under a ceiling: lines that cost money, the ways to come by each, and what is lost with each way. */

/** One way to come by a line, or to go without it. */
export interface CeilingWay {
  readonly id: string;
  readonly label: string;
  /** In the money of the house; of a hired thing for all its days. */
  readonly cost: number;
  /** Whether a share of its cost is kept for leads, adapters, tape and spares; such lines themselves count against that. */
  readonly money: 'gear' | 'small' | 'hire';
  /** The line is there, though perhaps as another kind. */
  readonly there: boolean;
  /** Nothing is otherwise than planned, whatever it costs. A line that follows others never is a reason by itself. */
  readonly asPlanned: boolean;
  /** What it is worth beside what is on air: a line that is there, less the risks that another kind brings. */
  readonly worth: number;
  /** Goals that are lost when it is come by in this way, by their ids. */
  readonly loses: readonly string[];
  /** The next step wants it too. */
  readonly reused: boolean;
}

export interface CeilingLine {
  readonly id: string;
  readonly label: string;
  /** Lines without which it is not wanted: a lead wants both its ends. Empty: it stands for itself. */
  readonly follows: readonly string[];
  readonly ways: readonly CeilingWay[];
}

/** Something wanted, which some of its goals give: one is enough. */
export interface Wish {
  readonly id: string;
  readonly label: string;
  readonly sort: 'output' | 'shot' | 'failure';
  /** What it is worth. */
  readonly weight: number;
  /** Goals of which so many must be left. */
  readonly by: readonly string[];
  readonly least: number;
  /** Goals that must be left too. */
  readonly with: readonly string[];
}

export interface CeilingProblem {
  readonly ceiling: number;
  /** Share of what is bought that is kept for leads, adapters, tape and spares, 0…1. */
  readonly reserve: number;
  readonly lines: readonly CeilingLine[];
  /** What is on air as planned: outputs and cameras, by id. */
  readonly goals: readonly string[];
  readonly wishes: readonly Wish[];
  /** What all the money of the ceiling is worth that goes into what the next step wants too. */
  readonly reuse: number;
}

/** The way of each line, by the line; a line that is not wanted has none. */
export type Chosen = ReadonlyMap<string, CeilingWay>;

/** What a choice costs: the kit, with what is kept beside it, and hire. */
export function ceilingCost({ reserve }: Pick<CeilingProblem, 'reserve'>, chosen: Chosen): number {
  const sums = { gear: 0, small: 0, hire: 0 };
  for (const { cost, money } of chosen.values()) sums[money] += cost;
  return sums.gear + Math.max(reserve * sums.gear, sums.small) + sums.hire;
}

/** Goals that are left by a choice, as far as each way says it by itself. */
export function goalsLeft({ goals, lines }: CeilingProblem, chosen: Chosen): ReadonlySet<string> {
  const left = new Set(goals);
  for (const { id } of lines) for (const goal of chosen.get(id)?.loses ?? []) left.delete(goal);
  return left;
}

export const isMet = ({ by, least, with: also }: Wish, left: ReadonlySet<string>): boolean =>
  by.filter(goal => left.has(goal)).length >= least && also.every(goal => left.has(goal));

/**
 * What it is worth that the next step wants a way too: its share of the ceiling, to the hundredth. Nobody prefers a
 * choice by less, and what comes in steps is proven sooner.
 */
export const reuseWorth = (
  { reuse, ceiling }: Pick<CeilingProblem, 'reuse' | 'ceiling'>,
  { reused, cost }: Pick<CeilingWay, 'reused' | 'cost'>,
): number => (reused && ceiling > 0 ? Math.round((100 * reuse * cost) / ceiling) / 100 : 0);

/** What a choice is worth, with the goals that it leaves. */
export function worthOf(problem: CeilingProblem, chosen: Chosen, left: ReadonlySet<string>): number {
  const wished = problem.wishes.reduce((sum, wish) => sum + (isMet(wish, left) ? wish.weight : 0), 0);
  const ways = [...chosen.values()];
  const there = ways.reduce((sum, way) => sum + way.worth, 0);
  const reused = ways.reduce((sum, way) => sum + reuseWorth(problem, way), 0);
  return wished + there + reused;
}
