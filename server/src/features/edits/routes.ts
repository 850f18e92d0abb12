import { route, type Route } from '../../route.js';
import { applyEdit } from './service.js';

export const editRoutes: readonly Route[] = [
  route('POST /edits', ({ scope, body }) => applyEdit(scope, body)),
];
