/** The grid draft after draft: only who is at an event that a draft changes is worked out again. */
import { cellsOf, type RosterCell } from './grid.js';
import { keyOfJob, NO_DRAFT, personOn, type Draft, type RosterFacts, type RosterLine } from './state.js';

/**
 * Gives the cells of anybody in a draft, as `cellsOf` does. Whoever is at none of the events in which two drafts
 * that follow each other differ keeps the very same cells, so that a screen need not draw them again.
 */
export function cellsMaker(facts: RosterFacts): (person: string, draft: Draft) => readonly RosterCell[] {
  const lineOf = new Map(
    facts.lines.flatMap(line =>
      line.event.jobs.map(({ roles }) => [keyOfJob(line.id, roles), line] as const),
    ),
  );
  let last: Draft = NO_DRAFT;
  const made = new Map<string, readonly RosterCell[]>();
  return (person, draft) => {
    if (draft !== last) {
      for (const line of changedLines(last, draft, lineOf))
        for (const job of line.event.jobs)
          for (const each of [last, draft]) made.delete(personOn(line.id, job, each) ?? '');
      last = draft;
    }
    const before = made.get(person);
    if (before) return before;
    const cells = cellsOf(person, facts, draft);
    made.set(person, cells);
    return cells;
  };
}

/** Events on whose jobs two drafts have others, or keep other jobs. */
function changedLines(one: Draft, other: Draft, lineOf: ReadonlyMap<string, RosterLine>): Set<RosterLine> {
  const keys = new Set([...Object.keys(one.who), ...Object.keys(other.who), ...one.kept, ...other.kept]);
  const lines = [...keys]
    .filter(key => one.who[key] !== other.who[key] || one.kept.includes(key) !== other.kept.includes(key))
    .flatMap(key => lineOf.get(key) ?? []);
  return new Set(lines);
}
