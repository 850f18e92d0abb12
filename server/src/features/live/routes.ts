import { route, type Route } from '../../route.js';

export const liveRoutes: readonly Route[] = [
  route({
    method: 'get',
    path: '/live',
    summary:
      'Server-sent events: which document reached which revision, and that shelf, hands or events changed',
    handle: ({ scope, context, response }) => {
      context.relay.add(scope.organisationId, response);
      return Promise.resolve(undefined);
    },
  }),
];
