import { route, type Route } from '../../route.js';

export const liveRoutes: readonly Route[] = [
  route('GET /live', ({ scope, context, response }) => {
    context.relay.add(scope.organisationId, response.req.ip ?? '', response);
    return Promise.resolve(undefined);
  }),
];
