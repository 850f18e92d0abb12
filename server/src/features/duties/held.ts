/** Whoever holds a personal link: which person of which house that is. */
import type { MyDuties } from '@idle-satchel/core/api';
import type { Context } from '../../context.js';
import { HeldDutyLinks, type HeldDutyLink } from '../../database/duty-link-rows.js';
import { Scope } from '../../database/scope.js';
import { hashOf } from '../../gate/secrets.js';
import { Problem } from '../../problem.js';

/** A link that is good, and what is done by it: theirs, by their own name. */
export interface Held extends HeldDutyLink {
  readonly scope: Scope;
}

/** 404 where the token is none, has ended, or was taken back. */
export const heldBy = async ({ sequelize }: Context, token: string): Promise<Held> =>
  held(sequelize, await new HeldDutyLinks(sequelize).byToken(hashOf(token)));

/** The same, by the token of a calendar. */
export const calendarOf = async ({ sequelize }: Context, token: string): Promise<Held> =>
  held(sequelize, await new HeldDutyLinks(sequelize).byCalendar(hashOf(token)));

function held(sequelize: Context['sequelize'], link: HeldDutyLink | undefined): Held {
  if (!link) throw new Problem(404, 'This link is not good any more', 'Ask whoever sent it for a new one');
  const actor = { viewer: { role: 'planner' }, name: link.name } as const;
  return { ...link, scope: new Scope(sequelize, link.organisation, null, actor) };
}

/** What they are told. */
export async function tell(
  { heavy }: Context,
  { organisation, person, house, name, ends }: Held,
): Promise<MyDuties> {
  return { house, name, ends, ...(await heavy.told({ organisation, person })) };
}
