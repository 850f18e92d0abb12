/** What is kept of somebody: shown to whoever answers for the house and to themselves, and erased when they ask. */
import { SOMEBODY } from '@idle-satchel/core/access';
import { linksOf } from '../../database/link-rows.js';
import { invalid, Problem } from '../../problem.js';
import { route, type Route } from '../../route.js';
import { accountOf, proveOwn } from '../accounts/own-password.js';
import { ended, noted } from '../accounts/sign-in.js';
import { takeCookie } from '../../gate/cookies.js';
import { erase, mentionsOf } from './erase.js';
import { accountKnown, personKnown, personRowsOf } from './known-as.js';
import { dataOf } from './own-data.js';

export const personDataRoutes: readonly Route[] = [
  route('GET /people/:id/data', async ({ scope, id }) => {
    const rows = personRowsOf(scope);
    return dataOf(rows, await personKnown(rows, id()));
  }),
  route('GET /people/:id/mentions', async ({ scope, id }) => {
    const rows = personRowsOf(scope);
    return { mentions: await mentionsOf(rows, await personKnown(rows, id())) };
  }),
  route('POST /people/:id/erase', async call => {
    const { scope, body, who } = call;
    const rows = personRowsOf(scope);
    const somebody = await personKnown(rows, call.id());
    if (body.name.trim() !== somebody.person?.name.trim())
      throw invalid([{ path: '/name', reason: 'is not their name' }]);
    if (who.account !== undefined && somebody.account?.id === who.account)
      throw new Problem(409, 'This is yourself', 'You erase yourself on the page of your account');
    const erased = await erase(rows, somebody, body.also);
    await ended(scope.sequelize, scope.organisationId);
    await noted(call, 'erased somebody', '');
    return erased;
  }),
  route('GET /account/data', async ({ scope, who }) => {
    const rows = personRowsOf(scope);
    return dataOf(rows, await accountKnown(rows, accountOf(who), who.viewer.person), who.session);
  }),
  route('POST /account/erase', async call => {
    const { context, scope, who, response, body } = call;
    const { id } = await proveOwn(context, who, response.req, body.password);
    const rows = personRowsOf(scope);
    const somebody = await accountKnown(rows, id, who.viewer.person);
    const erased = await erase(rows, somebody);
    await linksOf(scope).note({
      ...{ account: null, who: SOMEBODY, did: 'erased themselves', what: '', address: '' },
    });
    await ended(scope.sequelize, scope.organisationId);
    takeCookie(response, 'session');
    return erased;
  }),
];
