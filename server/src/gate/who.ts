/** Who asks: told by the session of their browser, or an owner of everything in a demo. */
import { ROUTES, type Contract } from '@idle-satchel/core/api';
import type { Request, RequestHandler, Response } from 'express';
import type { Sequelize } from 'sequelize';
import type { Context } from '../context.js';
import { AccountRows, type SessionRow } from '../database/account-rows.js';
import { Organisation } from '../database/models.js';
import { putLast } from '../database/own-memory.js';
import type { Actor } from '../database/own-rows.js';
import { Problem } from '../problem.js';
import { cookieOf } from './cookies.js';
import { hashOf } from './secrets.js';

/** Somebody who is let in, and the organisation that they work in. */
export interface Who extends Actor {
  readonly organisation: string;
  readonly login?: string;
  /** The account that the device is signed in with, whoever has it in hand. */
  readonly deviceOf?: string;
  /** Who that is, where somebody has it in hand by a PIN. */
  readonly lentBy?: string;
  readonly session?: string;
}

/** What a session is asked for again, of each process: an end elsewhere is told at once, and seen by then at the latest, ms. */
const ASKED_EVERY_MS = 2_000;
const MOST_KNOWN = 2_000;
/** How exactly it is kept when a session was used last, minutes. */
const SEEN_EVERY = 5;

interface Known {
  readonly row: SessionRow;
  readonly at: number;
}
const knownIn = new WeakMap<Sequelize, Map<string, Known>>();

function known(sequelize: Sequelize): Map<string, Known> {
  const map = knownIn.get(sequelize) ?? new Map<string, Known>();
  knownIn.set(sequelize, map);
  return map;
}

/** Asks for every session anew: something about one of them changed. */
export const forgetSessions = (sequelize: Sequelize): void => knownIn.get(sequelize)?.clear();

async function sessionOf(sequelize: Sequelize, token: string): Promise<SessionRow | undefined> {
  const sessions = known(sequelize);
  const before = sessions.get(token);
  if (before && Date.now() - before.at < ASKED_EVERY_MS) return before.row;
  const rows = new AccountRows(sequelize);
  const row = await rows.session(hashOf(token));
  if (!row) {
    sessions.delete(token);
    return undefined;
  }
  putLast(sessions, token, { row, at: Date.now() }, MOST_KNOWN);
  if (row.idle >= SEEN_EVERY) await rows.touchSession(row.id);
  return row;
}

/** Whoever asks, where a browser is signed in or in a demo; else nobody. */
async function whoAsks(
  { sequelize, demo }: Pick<Context, 'sequelize' | 'demo'>,
  request: Request,
): Promise<Who | undefined> {
  const token = cookieOf(request, 'session');
  const row = token === undefined ? undefined : await sessionOf(sequelize, token);
  if (row) return whoOf(row);
  return demo ? demoOwner(sequelize, cookieOf(request, 'organisation')) : undefined;
}

export const whoOf = ({
  id,
  organisation,
  account,
  name,
  login,
  role,
  person,
  event,
  signedIn,
  lentBy,
}: Omit<SessionRow, 'idle'>): Who => ({
  ...{ organisation, name, session: id },
  viewer: { role, ...(person !== null && { person }), ...(event !== null && { event }) },
  ...(account !== null && { account }),
  ...(login !== null && { login }),
  ...(signedIn !== null && { deviceOf: signedIn }),
  ...(lentBy !== null && { lentBy }),
});

/** Organisations of a demo come with its start and never go: they are asked for anew now and then only. */
const organisations = new WeakMap<Sequelize, { readonly ids: readonly string[]; readonly at: number }>();

/** Everybody owns a demo: in the organisation that their browser names, else in the first. */
async function demoOwner(sequelize: Sequelize, wanted: string | undefined): Promise<Who | undefined> {
  let all = organisations.get(sequelize);
  if (!all || Date.now() - all.at >= ASKED_EVERY_MS) {
    const found = await Organisation.findAll({ order: [['id', 'ASC']] });
    all = { ids: found.map(({ id }) => id), at: Date.now() };
    if (all.ids.length > 0) organisations.set(sequelize, all);
  }
  const organisation = all.ids.find(id => id === wanted) ?? all.ids[0];
  return organisation === undefined ? undefined : { organisation, viewer: { role: 'owner' } };
}

/** Addresses below the API, with their methods, that answer whoever asks. */
const OPEN: readonly RegExp[] = [
  'GET /openapi.json',
  ...Object.entries<Contract>(ROUTES).flatMap(([name, { needs }]) => (needs === 'open' ? [name] : [])),
].map(name => new RegExp(`^${name.replaceAll('.', String.raw`\.`).replace(/:\w+/g, '[^/]+')}$`));

/** Finds out who asks before anything that they sent is read; 401 for what is not open to everybody. */
export const identify =
  (context: Pick<Context, 'sequelize' | 'demo'>): RequestHandler =>
  async (request, response, next) => {
    const who = await whoAsks(context, request);
    if (!who && !OPEN.some(each => each.test(`${request.method} ${request.path}`)))
      throw await notSignedIn(context.sequelize);
    response.locals.who = who;
    next();
  };

/** Who asked, as `identify` found it. */
export const whoAsked = (response: Response): Who | undefined => response.locals.who as Who | undefined;

/** 401 for whoever is not signed in; in words that lead on where nobody can be, yet. */
export async function notSignedIn(sequelize: Sequelize): Promise<Problem> {
  if (await new AccountRows(sequelize).hasOwner()) return new Problem(401, 'Sign in first');
  return new Problem(
    401,
    'Nobody owns this installation yet',
    'Open it in a browser and give the code that its terminal shows',
    { unowned: true },
  );
}
