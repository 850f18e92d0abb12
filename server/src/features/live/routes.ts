import { may } from '@idle-satchel/core/access';
import type { LiveMessage } from '@idle-satchel/core/api';
import type { Scope } from '../../database/scope.js';
import { AccountRows } from '../../database/account-rows.js';
import { route, type Route } from '../../route.js';
import { mayReadDocument } from '../documents/reading.js';

/** Whether a message is for whoever listens: of documents those that they may read, of lists those of their role. */
async function isFor(
  scope: Scope,
  { document, shelf, hands, accounts, ...rest }: LiveMessage,
): Promise<boolean> {
  const { role } = scope.viewer;
  if (document !== undefined) return mayReadDocument(scope, document);
  if (accounts) return may(role, 'read', 'accounts');
  if (shelf || hands) return true;
  return rest.events === true ? may(role, 'read', 'events') : true;
}

export const liveRoutes: readonly Route[] = [
  route('GET /live', ({ scope, context, response, who }) => {
    const { sequelize } = context;
    context.relay.add({
      organisation: scope.organisationId,
      address: response.req.ip ?? '',
      response,
      hears: message => isFor(scope, message),
      stays: async () =>
        who.session === undefined ||
        (await new AccountRows(sequelize).sessionById(who.session)) !== undefined,
    });
    return Promise.resolve(undefined);
  }),
];
