/** What request handlers need: the database, the live relay, the log. */
import type { Request } from 'express';
import type { Logger } from 'pino';
import type { Sequelize } from 'sequelize';
import { Organisation } from './database/models.js';
import { Scope } from './database/scope.js';
import type { LiveRelay } from './features/live/relay.js';
import { Problem } from './problem.js';

export interface Context {
  readonly sequelize: Sequelize;
  readonly relay: LiveRelay;
  readonly log: Logger;
}

export const ORGANISATION_COOKIE = 'organisation';

const cookieOf = (request: Request, name: string): string | undefined =>
  request.headers.cookie
    ?.split(';')
    .map(pair => pair.trim().split('='))
    .find(([key]) => key === name)?.[1];

/** The organisation a request works in: the one its cookie names, else the first. */
export async function scopeOf({ sequelize }: Context, request: Request): Promise<Scope> {
  const wanted = cookieOf(request, ORGANISATION_COOKIE);
  const organisations = await Organisation.findAll({ order: [['id', 'ASC']] });
  const chosen = organisations.find(each => each.id === wanted) ?? organisations[0];
  if (!chosen) throw new Problem(503, 'No organisation has been set up yet');
  return new Scope(sequelize, chosen.id);
}
