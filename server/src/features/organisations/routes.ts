import { type Rules } from '@idle-satchel/core/documents';
import { AccountRows } from '../../database/account-rows.js';
import { Organisation } from '../../database/models.js';
import { giveCookie } from '../../gate/cookies.js';
import { forgetSessions, type Who } from '../../gate/who.js';
import type { Context } from '../../context.js';
import { invalid } from '../../problem.js';
import { route, type Route } from '../../route.js';

/** The organisations that somebody comes into: in a demo all of them. */
async function organisationsOf(
  { sequelize }: Context,
  { account, session, organisation, lentBy }: Who,
): Promise<readonly { readonly id: string; readonly name: string }[]> {
  // Whoever has a device in hand by a PIN has it for the house that it is signed in to.
  if (account !== undefined && lentBy === undefined)
    return new AccountRows(sequelize).organisationsOf(account);
  const all = (await Organisation.findAll({ order: [['id', 'ASC']] })).map(({ id, name }) => ({ id, name }));
  return session === undefined ? all : all.filter(({ id }) => id === organisation);
}

export const organisationRoutes: readonly Route[] = [
  route('GET /organisation', async ({ scope, context, who }) => {
    const [row] = await scope.allOfKind('rules');
    const rules = row?.body as Rules | undefined;
    return {
      id: scope.organisationId,
      units: rules?.units ?? 'metric',
      ...(rules?.dates && { dates: rules.dates }),
      ...(rules?.currency && { currency: rules.currency }),
      organisations: await organisationsOf(context, who),
    };
  }),
  route('PUT /organisation', async ({ body: { id }, context, response, who }) => {
    const own = await organisationsOf(context, who);
    if (!own.some(each => each.id === id)) {
      throw invalid([{ path: '/id', reason: 'is not an organisation that you come into' }]);
    }
    if (who.session === undefined) giveCookie(response, 'organisation', id);
    else {
      await new AccountRows(context.sequelize).moveSession(who.session, id);
      forgetSessions(context.sequelize);
    }
    return { id };
  }),
];
