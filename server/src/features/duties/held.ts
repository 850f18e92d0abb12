/** Whoever holds a personal link: which person of which house that is. */
import type { MyDuties } from '@idle-satchel/core/api';
import type { Context } from '../../context.js';
import { HeldDutyLinks, type HeldDutyLink } from '../../database/duty-link-rows.js';
import { Scope } from '../../database/scope.js';
import { hashOf } from '../../gate/secrets.js';
import { Problem } from '../../problem.js';

/** A link that is good, with whom it belongs to. */
export interface Held extends HeldDutyLink {
  readonly name: string;
  readonly scope: Scope;
}

const gone = (): Problem =>
  new Problem(404, 'This link is not good any more', 'Ask whoever sent it for a new one');

/** 404 where the token is none, has ended, or was taken back. */
export const heldBy = async (context: Context, token: string): Promise<Held> =>
  known(context, await new HeldDutyLinks(context.sequelize).byToken(hashOf(token)));

/** The same, by the token of a calendar. */
export const calendarOf = async (context: Context, token: string): Promise<Held> =>
  known(context, await new HeldDutyLinks(context.sequelize).byCalendar(hashOf(token)));

async function known({ sequelize }: Context, link: HeldDutyLink | undefined): Promise<Held> {
  if (!link) throw gone();
  const first = new Scope(sequelize, link.organisation, null, { viewer: { role: 'planner' } });
  const person = (await first.people()).find(({ id }) => id === link.person);
  if (!person || person.body.erased) throw gone();
  const { name } = person.body;
  // What they answer is theirs, by their own name.
  const scope = new Scope(sequelize, link.organisation, null, { viewer: { role: 'planner' }, name });
  return { ...link, name, scope };
}

/** What they are told. */
export async function tell(
  { heavy }: Context,
  { organisation, person, house, name, ends }: Held,
): Promise<MyDuties> {
  return { house, name, ends, ...(await heavy.told({ organisation, person })) };
}
