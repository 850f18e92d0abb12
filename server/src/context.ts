/** What request handlers need: the database, the live relay, threads for heavy work, the log. */
import type { Request } from 'express';
import type { Logger } from 'pino';
import type { Sequelize } from 'sequelize';
import { Organisation } from './database/models.js';
import { Scope } from './database/scope.js';
import type { LiveRelay } from './features/live/relay.js';
import type { Heavy } from './heavy/pool.js';
import { busy } from './problem.js';

export interface Context {
  readonly sequelize: Sequelize;
  readonly relay: LiveRelay;
  readonly heavy: Heavy;
  readonly log: Logger;
}

export const ORGANISATION_COOKIE = 'organisation';

const cookieOf = (request: Request, name: string): string | undefined =>
  request.headers.cookie
    ?.split(';')
    .map(pair => pair.trim().split('='))
    .find(([key]) => key === name)?.[1];

/** Organisations come with a start of the server and never go: they are asked for anew now and then only. */
const ASKED_EVERY_MS = 2_000;
const known = new WeakMap<Sequelize, { readonly ids: readonly string[]; readonly at: number }>();

async function organisationsIn(sequelize: Sequelize): Promise<readonly string[]> {
  const before = known.get(sequelize);
  if (before && Date.now() - before.at < ASKED_EVERY_MS) return before.ids;
  const ids = (await Organisation.findAll({ order: [['id', 'ASC']] })).map(({ id }) => id);
  if (ids.length > 0) known.set(sequelize, { ids, at: Date.now() });
  return ids;
}

/** The organisation a request works in: the one its cookie names, else the first. */
export async function scopeOf({ sequelize }: Context, request: Request): Promise<Scope> {
  const wanted = cookieOf(request, ORGANISATION_COOKIE);
  const ids = await organisationsIn(sequelize);
  const chosen = ids.find(id => id === wanted) ?? ids[0];
  if (chosen === undefined) {
    throw busy(
      'This database is empty: there is no organisation in it yet',
      'Start the server once with ORGANISATION="the name of yours", or with DEMO=yes to look round',
      10,
    );
  }
  return new Scope(sequelize, chosen);
}
