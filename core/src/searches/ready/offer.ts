/** The schedule that was found as an edit of the plan. */
import type { ScheduledWork } from '../../documents/index.js';
import { inPlan } from '../../edits.js';
import { idFrom, ordersFor } from '../../foundations/index.js';
import type { Offer } from '../search.js';
import type { ReadyInTime, ReadyTask, ScheduledPiece } from './index.js';

/** Whole tenths of a minute, none lost. */
const keptSpare = (minutes: number): number => Math.max(0, Math.ceil(minutes * 10) / 10);

/** Pieces of work as the plan keeps them. */
function recordsOf(
  work: readonly ScheduledPiece[],
  { fixed }: Pick<ReadyTask, 'fixed'>,
): Record<string, ScheduledWork> {
  const orders = ordersFor(work.length);
  return Object.fromEntries(
    work.map(({ key, people }, i): [string, ScheduledWork] => [
      idFrom(`work/${key}`),
      {
        ...{ order: orders[i] ?? '', task: key, people: people.map(({ id }) => id) },
        ...(fixed.has(key) && { notBefore: fixed.get(key) as number }),
      },
    ]),
  );
}

/** `spare`: minutes kept spare of the work before the rehearsal. */
export function offerOf({ work, share, strike }: ReadyInTime, spare: number, task: ReadyTask): Offer {
  const { patch } = inPlan().put('schedule', {
    ...{ spare: keptSpare(spare), share, work: recordsOf(work, task) },
    ...(strike && { strike: recordsOf(strike.work, task), strikeSpare: keptSpare(strike.spare) }),
  });
  return { id: idFrom('schedule'), label: 'Do it in this order', changes: [{ document: 'plan', patch }] };
}
