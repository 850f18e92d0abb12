/** Invitations: links that let one more person in, once, within a week. */
import { INVITATION_DAYS } from '@idle-satchel/core/access';
import type { MadeLink, NewInvitation, Offer, TakenUp } from '@idle-satchel/core/api';
import type { Response } from 'express';
import type { Context } from '../../context.js';
import { AccountRows } from '../../database/account-rows.js';
import { HeldLinks, LinkRows, linksOf, type HeldInvitation } from '../../database/link-rows.js';
import { isTaken } from '../../database/own-rows.js';
import type { Scope } from '../../database/scope.js';
import { hashOf } from '../../gate/secrets.js';
import type { Who } from '../../gate/who.js';
import { invalid, Problem } from '../../problem.js';
import { newToken } from './link-token.js';
import { newAccount } from './new-account.js';
import { ended, note, welcome } from './sign-in.js';

const gone = (): Problem =>
  new Problem(
    404,
    'This invitation is not good any more',
    'It can be used once, within a week; ask for a new one',
  );

export async function invite(scope: Scope, wanted: NewInvitation): Promise<MadeLink> {
  const { person } = wanted;
  if (person !== undefined && !(await scope.people()).some(({ id }) => id === person)) {
    throw invalid([{ path: '/person', reason: 'is nobody of this house' }]);
  }
  const { id, token, ends, endsAt, hash } = newToken(INVITATION_DAYS);
  await linksOf(scope).createInvitation({ id, hash, ends: endsAt }, wanted);
  return { id, token, ends };
}

export async function offerOf({ sequelize }: Context, token: string): Promise<Offer> {
  const held = await new HeldLinks(sequelize).invitation(hashOf(token));
  if (!held) throw gone();
  const { organisationName, role, name, ends } = held;
  return { organisation: organisationName, role, name, ends };
}

/** Takes an invitation up: by whoever is signed in with an account, else with a new one. */
export async function takeUp(
  context: Context,
  response: Response,
  { token, ...wanted }: TakenUp,
  before: Who | undefined,
): Promise<Who> {
  const { sequelize } = context;
  const held = await new HeldLinks(sequelize).invitation(hashOf(token));
  if (!held) throw gone();
  if (before?.lentBy !== undefined)
    throw new Problem(409, 'Sign in with your password first', 'A PIN lets nobody into another house');
  const account = before?.account === undefined ? await accountFor(wanted) : undefined;
  const known = account ?? (await new AccountRows(sequelize).accountById(before?.account ?? ''));
  if (!known) throw gone();
  try {
    await letIn(context, held, known.id, async rows => {
      if (account) await rows.createAccount(account);
    });
  } catch (error) {
    if (isTaken(error)) throw taken();
    throw error;
  }
  await ended(sequelize, held.organisation);
  const who = await welcome(context, response, known, held.organisation);
  await note(sequelize, who, response.req, 'took up an invitation', `${held.name}, as ${held.role}`);
  return who;
}

/** The person of the house is somebody else's account already, or the sign-in name is. */
const taken = (): Problem =>
  new Problem(409, 'This sign-in name is taken', 'Choose another; or sign in first, where it is yours', {
    faults: [{ path: '/login', reason: 'is taken' }],
  });

function accountFor({ name, login, password }: Omit<TakenUp, 'token'>) {
  const missing = Object.entries({ name, login, password }).filter(([, value]) => value === undefined);
  if (name === undefined || login === undefined || password === undefined) {
    throw invalid(missing.map(([field]) => ({ path: `/${field}`, reason: 'is missing' })));
  }
  return newAccount({ name, login, password });
}

/** Uses an invitation up and lets an account in, both or neither. */
async function letIn(
  { sequelize }: Context,
  { id, organisation, role, person }: HeldInvitation,
  account: string,
  first: (rows: LinkRows) => Promise<void>,
): Promise<void> {
  await new LinkRows(sequelize, organisation).atomically(async rows => {
    if ((await rows.endInvitation(id)) === 0) throw gone();
    await first(rows);
    const was = (await rows.lockMembers()).get(account);
    // Whoever is more than that already stays so.
    await rows.saveMember(organisation, account, { role: was === 'owner' ? 'owner' : role, person });
  });
}
