/** What somebody answers by their own link, written into the plan as an edit of theirs. */
import { inOrder, inPlan, newId, type Edit, type Operation } from '@idle-satchel/core';
import type { OwnAnswer } from '@idle-satchel/core/api';
import type { Plan } from '@idle-satchel/core/documents';
import type { Context } from '../../context.js';
import { notFound, Problem } from '../../problem.js';
import { applyEdit } from '../edits/service.js';
import type { Held } from './held.js';
import { notOver } from './told.js';

const LABELS: Readonly<Record<OwnAnswer, string>> = {
  yes: 'Say yes to what they are asked to do',
  no: 'Say no to what they are asked to do',
  swap: 'Ask whether somebody else can do it',
};

/** How often it is tried anew because somebody changed the plan meanwhile. */
const TRIES = 3;

/** Answers for all roles of theirs at an event. 404 where they have none, 409 where it is over. */
export const answer = ({ scope, person }: Held, event: string, how: OwnAnswer): Promise<void> =>
  edited({ scope }, event, LABELS[how], plan => {
    const own = inOrder(plan.assignments).filter(
      ([, each]) => each.person === person && each.answer?.how !== 'no',
    );
    if (own.length === 0) throw notFound('duty');
    const at = new Date().toISOString();
    return inPlan({ assignments: plan.assignments }).each(own, (edit, [id]) =>
      edit.put('assignments', id, 'answer', { how, at }),
    );
  });

/** Takes a role over from whoever would hand it over. 409 where that is not so any more, or something is against it. */
export async function take({ heavy }: Context, held: Held, event: string, role: string): Promise<void> {
  const { organisation, person } = held;
  const { open } = await heavy.told({ organisation, person });
  if (!open.some(each => each.event === event && each.role === role)) throw taken();
  await edited(held, event, 'Take over what somebody else would hand over', plan => {
    const all = inOrder(plan.assignments);
    const [, swap] = all.find(([, each]) => each.role === role && each.answer?.how === 'swap') ?? [];
    if (!swap || swap.person === person) throw taken();
    // All that they would hand over there goes together.
    const theirs = all.filter(([, each]) => each.person === swap.person && each.answer?.how === 'swap');
    const at = new Date().toISOString();
    return inPlan({ assignments: plan.assignments }).each(theirs, (edit, [id, each]) =>
      edit.put('assignments', id, { role: each.role, person, answer: { how: 'yes', at } }),
    );
  });
}

const taken = (): Problem =>
  new Problem(409, 'This cannot be taken over any more', 'Somebody else may have been quicker');

/** An edit of the plan as it is now; made anew where somebody changes the same meanwhile. */
async function edited(
  { scope }: Pick<Held, 'scope'>,
  event: string,
  label: string,
  change: (plan: Plan) => Edit<Plan>,
): Promise<void> {
  for (let tries = 1; ; tries++) {
    const document = await scope.document(event, 'plan');
    if (!document) throw notFound('event');
    const plan = document.body as Plan;
    if (Date.parse(plan.start) <= Date.parse(notOver())) throw new Problem(409, 'This event is over');
    const patch: readonly Operation[] = change(plan).patch;
    const changes = [{ document: event, base: document.revision, patch }];
    try {
      await applyEdit(scope, { id: newId(), label, author: scope.actor.name ?? '', changes });
      return;
    } catch (error) {
      if (tries === TRIES || !(error instanceof Problem) || error.status !== 409) throw error;
    }
  }
}
