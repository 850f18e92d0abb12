/** Why a job stays empty: rules that cannot hold together with it filled, and which of them alone would unblock it. */
import { rule, whyNone, type Conflict, type ProgrammeSolver } from '../solver/index.js';
import { givesWay, rosterModel, type Asked, type Hole } from './model.js';
import type { RosterProblem } from './problem.js';

/**
 * With everybody looked at for the job, and what is filled kept filled. Gives an irreducible set of rules and those of
 * them without which alone the job could be filled.
 */
export async function whyEmpty(
  problem: RosterProblem,
  asked: Asked,
  filled: readonly Hole[],
  solve: ProgrammeSolver,
  now: () => number,
  seconds: number,
): Promise<{ readonly conflict: Conflict; readonly unblocked: readonly string[] }> {
  const { programme, holes } = rosterModel(problem, asked);
  const others = new Map<string, ReturnType<typeof rule>>();
  for (const { event, job, empty } of holes) {
    if (event.id === asked.event.id && job === asked.job) programme.exactly([[1, empty]], 0);
    else if (filled.some(each => each.event.id === event.id && each.job === job)) {
      const words = `everything else that is filled at ${event.label} stays so`;
      const stays = others.get(words) ?? rule(words, '', 50);
      others.set(words, stays);
      programme.exactly([[1, empty]], 0, stays);
    }
  }
  const model = { ...programme, objective: [] };
  const conflict = await whyNone(model, solve, now, seconds);
  const unblocked: string[] = [];
  for (const each of conflict.rules.filter(givesWay)) {
    const rows = model.rows.filter(row => row.rule !== each);
    const { incumbent } = await solve({ ...model, rows }, { seconds });
    if (incumbent) unblocked.push(each.words);
  }
  return { conflict, unblocked };
}
