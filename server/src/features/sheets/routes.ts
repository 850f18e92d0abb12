import type { Route } from '../../route.js';
export const sheetRoutes: readonly Route[] = [];
