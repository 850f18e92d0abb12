import { route, type Route } from '../../route.js';
import { EditRequest } from './requests.js';
import { applyEdit } from './service.js';

export const editRoutes: readonly Route[] = [
  route<EditRequest>({
    method: 'post',
    path: '/edits',
    summary:
      'Applies an edit once per id, all of it or nothing; 409 with the current documents on a collision',
    body: EditRequest,
    handle: ({ scope, body }) => applyEdit(scope, body),
  }),
];
