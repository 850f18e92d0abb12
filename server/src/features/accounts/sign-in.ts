/** Signing in and out: sessions begin and end here. */
import { newId } from '@idle-satchel/core';
import { SESSION_DAYS } from '@idle-satchel/core/access';
import type { Me, PasskeyAnswer, SignIn } from '@idle-satchel/core/api';
import type { Request, Response } from 'express';
import type { Sequelize } from 'sequelize';
import type { Context } from '../../context.js';
import { AccountRows, type AccountRow, type SessionOf } from '../../database/account-rows.js';
import { FactorRows } from '../../database/factor-rows.js';
import { LinkRows } from '../../database/link-rows.js';
import { cookieOf, giveCookie, takeCookie } from '../../gate/cookies.js';
import { hashOf, newSecret } from '../../gate/secrets.js';
import { forgetSessions, whoOf, type Who } from '../../gate/who.js';
import { Problem } from '../../problem.js';
import type { Call } from '../../route.js';
import { accountOfPasskey } from './passkeys.js';
import { fits } from './passwords.js';
import { provesSecond } from './second-factor.js';
import { refuseTooMany, triedCode, triedFrom, type Tried } from './tries.js';

const DAY = 86_400_000;
/** How long a browser is known again in which somebody signed in, days. */
const KNOWN_DAYS = 180;

export const daysFromNow = (days: number): Date => new Date(Date.now() + days * DAY);

/** What a browser calls itself, shortly enough to be listed. */
const deviceOf = (request: Request): string => (request.headers['user-agent'] ?? 'unknown').slice(0, 200);
export const addressOf = (request: Request): string => (request.ip ?? '').slice(0, 60);

/** Who a browser is, as it is told. */
export function meOf(context: Pick<Context, 'demo'>, who: Who | undefined): Me {
  const demo = context.demo && { demo: true };
  if (!who) return { signedIn: false, ...demo };
  const { account, name, login, viewer, deviceOf, lentBy } = who;
  return {
    ...{ signedIn: true, ...demo, role: viewer.role },
    ...(account !== undefined && { account }),
    ...(name !== undefined && { name }),
    ...(login !== undefined && { login }),
    ...(viewer.person !== undefined && { person: viewer.person }),
    ...(viewer.event !== undefined && { event: viewer.event }),
    ...(deviceOf !== undefined && lentBy !== undefined && { lentBy: { id: deviceOf, name: lentBy } }),
  };
}

/** Begins a session with a new token, in the place of whichever the browser had; gives who it is then. */
export async function begin(
  { sequelize }: Pick<Context, 'sequelize'>,
  response: Response,
  of: SessionOf,
  ends = daysFromNow(SESSION_DAYS.most),
): Promise<Who> {
  const { req: request } = response;
  const rows = new AccountRows(sequelize);
  const before = cookieOf(request, 'session');
  const token = newSecret();
  const session = {
    id: newId(),
    hash: hashOf(token),
    device: deviceOf(request),
    address: addressOf(request),
  };
  await rows.createSession(of, session, ends);
  if (before !== undefined) {
    const old = await rows.session(hashOf(before));
    if (old) await rows.endSession(old.id);
    forgetSessions(sequelize);
  }
  giveCookie(response, 'session', token, ends);
  const row = await rows.session(session.hash);
  if (!row) throw new Problem(401, 'Sign in first');
  return whoOf(row);
}

/** One answer for a name that there is not, and for a password that does not fit. */
const wrong = (): Problem => new Problem(401, 'This name and password do not fit');

/**
 * Signs in with a name and a password, and a code where the account asks for one: undefined until it is given. 401 for
 * whatever does not fit, 429 after too many tries.
 */
export async function signIn(
  context: Context,
  response: Response,
  { login, password, code }: SignIn,
): Promise<Who | undefined> {
  const { sequelize } = context;
  const rows = new AccountRows(sequelize);
  const account = await rows.account(login);
  const tried = await triedFrom(rows, response.req, login, account?.id);
  await refuseTooMany(rows, tried);
  // Counted before it is compared: many at once are no more tries than one after the other.
  await rows.noteTry(tried.pair, tried.address);
  if (!(await fits(account?.password, password)) || !account) throw wrong();
  const secret = await new FactorRows(sequelize).authenticator(account.id, true);
  if (secret !== undefined) {
    if (code === undefined) return undefined;
    await proveSecond(rows, triedCode(response.req, account.id, tried), () =>
      provesSecond(sequelize, account.id, secret, code),
    );
  }
  await rows.forgetTries(tried.pair);
  return enter(context, response, account);
}

/** 401 for a code that does not fit, 429 after too many of them: whoever tries codes has the password. */
async function proveSecond(rows: AccountRows, tried: Tried, proves: () => Promise<boolean>): Promise<void> {
  await refuseTooMany(rows, tried);
  await rows.noteTry(tried.pair, tried.address);
  if (!(await proves())) {
    throw new Problem(401, 'This code does not fit', 'The authenticator shows a new one every half minute', {
      faults: [{ path: '/code', reason: 'does not fit, or was used before' }],
    });
  }
  await rows.forgetTries(tried.pair);
}

/** Signs in by a passkey; 401 for whatever does not fit, 429 after too many tries. */
export async function signInByPasskey(
  context: Context,
  response: Response,
  { credential }: PasskeyAnswer,
): Promise<Who> {
  const rows = new AccountRows(context.sequelize);
  const tried = await triedFrom(rows, response.req, 'passkey', undefined);
  await refuseTooMany(rows, tried);
  await rows.noteTry(tried.pair, tried.address);
  const account = await accountOfPasskey(context.sequelize, response.req, credential);
  if (!account) throw new Problem(401, 'This passkey does not fit', 'Sign in with your name and password');
  await rows.forgetTries(tried.pair);
  return enter(context, response, account);
}

/** Begins a session of whoever has proven who they are, in the house that they were in last. */
async function enter(context: Context, response: Response, account: AccountRow): Promise<Who> {
  const organisations = await new AccountRows(context.sequelize).organisationsOf(account.id);
  const wanted = cookieOf(response.req, 'organisation');
  const organisation = (organisations.find(({ id }) => id === wanted) ?? organisations[0])?.id;
  if (organisation === undefined) {
    throw new Problem(403, 'You come into no organisation any more', 'Ask its owner for an invitation');
  }
  return welcome(context, response, account, organisation);
}

/** Begins a session of an account, and knows the browser again from then on. */
export async function welcome(
  context: Pick<Context, 'sequelize'>,
  response: Response,
  account: Pick<AccountRow, 'id' | 'name'>,
  organisation: string,
): Promise<Who> {
  const { sequelize } = context;
  const who = await begin(context, response, { organisation, account: account.id });
  const rows = new AccountRows(sequelize);
  // One browser may be known to several people: a phone in the vestry is.
  const browser = cookieOf(response.req, 'browser') ?? newSecret();
  const ends = daysFromNow(KNOWN_DAYS);
  await rows.keepBrowser(hashOf(browser), account.id, ends);
  giveCookie(response, 'browser', browser, ends);
  await note(sequelize, who, response.req, 'signed in', '');
  return who;
}

/** Ends the session of a browser. */
export async function signOut({ sequelize }: Context, response: Response, who: Who): Promise<void> {
  if (who.session !== undefined) {
    await new AccountRows(sequelize).endSession(who.session);
    await ended(sequelize, who.organisation);
    await note(sequelize, who, response.req, 'signed out', '');
  }
  takeCookie(response, 'session');
}

/** Something about sessions changed: here it is known at once, elsewhere as soon as it is told. */
export async function ended(sequelize: Sequelize, organisation: string): Promise<void> {
  forgetSessions(sequelize);
  await new AccountRows(sequelize).tell(organisation);
}

/** Keeps in the audit trail what somebody did. */
export async function note(
  sequelize: Sequelize,
  { organisation, account, name, viewer }: Who,
  request: Request,
  did: string,
  what: string,
): Promise<void> {
  const who = name ?? `the ${viewer.role} of the demo`;
  const deed = { account: account ?? null, who, did, what, address: addressOf(request) };
  await new LinkRows(sequelize, organisation).note(deed);
}

/** The same of whoever asked a route. */
export const noted = (
  { context, who, response }: Pick<Call<never>, 'context' | 'who' | 'response'>,
  did: string,
  what: string,
): Promise<void> => note(context.sequelize, who, response.req, did, what);
