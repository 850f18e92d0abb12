/** Who may sign in to an organisation, and as what. */
import type { Member, MemberChange } from '@idle-satchel/core/api';
import { AccountRows } from '../../database/account-rows.js';
import { linksOf } from '../../database/link-rows.js';
import { isTaken } from '../../database/own-rows.js';
import type { Scope } from '../../database/scope.js';
import { invalid, notFound, Problem } from '../../problem.js';
import { ended } from './sign-in.js';

/** 409 where nobody would be left who answers for the house. */
export const lastOwner = (): Problem =>
  new Problem(409, 'Somebody must own the house', 'Make another person its owner first');

/** Changes what a member is. Their browsers are signed out where their role changes: they come in anew, as that. */
export async function changeMember(
  scope: Scope,
  id: string,
  { role, person }: MemberChange,
): Promise<Member> {
  if (person !== undefined && !(await scope.people()).some(each => each.id === person)) {
    throw invalid([{ path: '/person', reason: 'is nobody of this house' }]);
  }
  const rows = linksOf(scope);
  try {
    await rows.atomically(async inside => {
      const roles = await inside.lockMembers();
      const was = roles.get(id);
      if (was === undefined) throw notFound('member');
      const next = role ?? was;
      if (was === 'owner' && next !== 'owner' && ownersOf(roles) === 1) throw lastOwner();
      await inside.saveMember(scope.organisationId, id, { role: next, person });
      if (next !== was) await inside.endSessionsOf(id, { organisation: scope.organisationId });
    });
  } catch (error) {
    if (!isTaken(error)) throw error;
    throw invalid([{ path: '/person', reason: 'signs in with another account already' }]);
  }
  await ended(scope.sequelize, scope.organisationId);
  const member = (await rows.members()).find(each => each.id === id);
  if (!member) throw notFound('member');
  return member;
}

const ownersOf = (roles: ReadonlyMap<string, string>): number =>
  [...roles.values()].filter(role => role === 'owner').length;

/** Lets somebody in no more. Gives how many of their browsers were signed out. */
export async function endMember(scope: Scope, id: string): Promise<{ ended: number; name: string }> {
  const rows = linksOf(scope);
  const done = await rows.atomically(async inside => {
    const roles = await inside.lockMembers();
    if (!roles.has(id)) throw notFound('member');
    if (roles.get(id) === 'owner' && ownersOf(roles) === 1) throw lastOwner();
    const name = (await inside.accountById(id))?.name ?? '';
    const sessions = await inside.endSessionsOf(id, { organisation: scope.organisationId });
    await inside.removeMember(id);
    return { ended: sessions, name };
  });
  await ended(scope.sequelize, scope.organisationId);
  return done;
}

/** Ends sessions of whoever asks: one, or all but the one that asks. */
export async function endOwnSessions(
  scope: Scope,
  account: string,
  which: { readonly only?: string; readonly except?: string },
): Promise<number> {
  const count = await new AccountRows(scope.sequelize).endSessionsOf(account, which);
  await ended(scope.sequelize, scope.organisationId);
  return count;
}
