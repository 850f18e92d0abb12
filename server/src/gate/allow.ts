/** Whether whoever asks may have what they ask for: the one place where requests are measured by the table of roles. */
import { may, seesEvent, seesEveryEvent } from '@idle-satchel/core/access';
import { ROUTES, type Contract, type RouteName } from '@idle-satchel/core/api';
import type { Plan } from '@idle-satchel/core/documents';
import type { Scope } from '../database/scope.js';
import { notFound, Problem } from '../problem.js';

export const forbidden = (detail?: string): Problem => new Problem(403, 'This is not for your role', detail);

/** Refuses a route that a role may not ask for, and what belongs to an event that somebody does not see. */
export async function allow(
  name: RouteName,
  scope: Scope,
  params: Readonly<Record<string, string>>,
): Promise<void> {
  const { needs }: Contract = ROUTES[name];
  if (needs === 'open') return;
  const [action, resource] = needs;
  if (!may(scope.viewer.role, action, resource)) throw forbidden();
  const { id } = params;
  if (id !== undefined && / \/events\/:id/.test(name)) await refuseUnseenEvent(scope, id);
}

/** 404 for an event that whoever asks does not see: that it is there is not for them either. */
export async function refuseUnseenEvent(scope: Scope, event: string): Promise<void> {
  if (seesEveryEvent(scope.viewer.role)) return;
  const row = await scope.document(event);
  if (row?.kind !== 'plan' || !seesEvent(scope.viewer, event, row.body as Plan)) throw notFound('event');
}
