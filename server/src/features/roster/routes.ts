import { daysAfter } from '@idle-satchel/core';
import { isDay } from '@idle-satchel/core/documents';
import type { Asked } from '../../asked.js';
import { invalid } from '../../problem.js';
import { heavyRoute, type Route } from '../../route.js';
import { rosterSpan } from './service.js';

/** How far is looked ahead where that is not said, days. */
const AHEAD = 28;

export const rosterRoutes: readonly Route[] = [
  heavyRoute('GET /roster', ({ scope, text }) => {
    const from = day(text, 'from', new Date().toISOString().slice(0, 10));
    return rosterSpan(scope, { from, to: day(text, 'to', daysAfter(from, AHEAD)) });
  }),
];

function day(text: Asked<unknown>['text'], name: string, usual: string): string {
  const value = text(name) ?? usual;
  if (!isDay(value)) throw invalid([{ path: `?${name}`, reason: 'must be a day such as 2026-12-04' }]);
  return value;
}
