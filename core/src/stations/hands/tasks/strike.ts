/** Striking: what was set up is undone the other way round, the power first. */
import type { LearnedPaces } from '../../../documents/index.js';
import { constant, taken, type Figure } from '../../../foundations/index.js';
import { paceTerms, spreadOf } from './durations.js';
import * as figures from './figures.js';
import type { Tasks } from './result.js';

/** The work after the end, by keys of its own; what is undone late stands before what it was set up on. */
export function strikeOf({
  tasks,
  paces,
}: {
  readonly tasks: Tasks;
  readonly paces: LearnedPaces | undefined;
}): Tasks {
  const undone = Object.entries(tasks).flatMap(([key, task]) =>
    task.undone ? [{ key, task, undone: task.undone }] : [],
  );
  const pace = paceTerms(paces, 'striking');
  const keyOf = (key: string): string => `strike ${key}`;
  return Object.fromEntries(
    undone.toReversed().map(({ key, task, undone: { label, part } }) => [
      keyOf(key),
      {
        ...task,
        label,
        ...{ undone: undefined, sort: 'striking' as const, ...spreadOf(paces, 'striking') },
        usual: figures.strikeUsual.calc(
          [keyOf(key)],
          [
            ...[taken('setting_up', task.usual), constant('part', part, '', 'of what it takes to set up')],
            ...pace,
          ],
          pace.length > 0 ? { formula: 'setting_up * part * pace' } : {},
        ),
        // Nobody needs to know it well to take it down.
        skill: undefined,
        after: undone.flatMap(other => (other.task.after.includes(key) ? [keyOf(other.key)] : [])),
      },
    ]),
  );
}

/** Minutes that striking takes those who are there. */
export function strikingOf({ strike, people }: { readonly strike: Tasks; readonly people: Figure }): Figure {
  if (people.value === 0) return figures.striking.unknown([], 'nobody is put on a role yet');
  return figures.striking.calc(
    [],
    [...Object.values(strike).map(({ usual }) => taken('work', usual)), taken('people', people)],
  );
}
