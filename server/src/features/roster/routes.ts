import { daysAfter, minutesBetween, SHEET_ENDINGS, type WorkSort } from '@idle-satchel/core';
import { isDay, type Rules } from '@idle-satchel/core/documents';
import { rosterList } from '@idle-satchel/core/roster-sheet';
import type { Asked } from '../../asked.js';
import { calendarFile } from '../../calendar.js';
import { invalid } from '../../problem.js';
import { workRowsOf } from '../../database/work-rows.js';
import { heavyRoute, route, type Route } from '../../route.js';
import { only } from '../events/service.js';
import { paperOf } from '../sheets/paper.js';
import { sheetFile } from '../sheets/sheet-files.js';
import { rosterCalendar } from './calendar.js';
import { rosterSpan } from './service.js';

/** How far is looked ahead where that is not said, days. */
const AHEAD = 28;

const spanOf = ({ scope, text }: Asked<unknown>) => {
  const from = day(text, 'from', new Date().toISOString().slice(0, 10));
  return rosterSpan(scope, { from, to: day(text, 'to', daysAfter(from, AHEAD)) });
};

export const rosterRoutes: readonly Route[] = [
  heavyRoute('GET /roster', spanOf),
  ...SHEET_ENDINGS.map(sort =>
    heavyRoute(`GET /roster/list.${sort}`, async asked => {
      const { lines, people, rules } = await listed(asked);
      return sheetFile(rosterList(lines, people, rules), sort, 'roster', { paper: paperOf(rules) });
    }),
  ),
  route('GET /work-log', async ({ scope }) => ({
    pieces: (await workRowsOf(scope).workDone()).map(({ event: id, sort, usual, begun, done }) => ({
      ...{ id, usual, sort: sort as WorkSort },
      minutes: minutesBetween(begun, done),
    })),
  })),
  heavyRoute('GET /roster/list.ics', async asked => {
    const { lines, people, rules } = await listed(asked);
    return calendarFile(rosterCalendar(rules.organisation, lines, people));
  }),
];

/** What lists of a span are made of. */
async function listed(asked: Asked<unknown>) {
  const { scope } = asked;
  const rules = (await only(scope, 'rules')).body as Rules;
  const people = Object.fromEntries((await scope.people()).map(({ id, body }) => [id, body]));
  const { lines } = await spanOf(asked);
  return { rules, people, lines };
}

function day(text: Asked<unknown>['text'], name: string, usual: string): string {
  const value = text(name) ?? usual;
  if (!isDay(value)) throw invalid([{ path: `?${name}`, reason: 'must be a day such as 2026-12-04' }]);
  return value;
}
