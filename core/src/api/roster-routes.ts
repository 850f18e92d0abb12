/** Routes of the roster. */
import type { Contract } from '../api.js';
import { listFiles } from './list-files.js';
import { RosterSpan } from './roster.js';
import { WorkLog } from './work-log.js';

export const rosterRoutes = {
  ...listFiles('/roster/list', 'The roster of the same days', ['read', 'people']),
  'GET /roster/list.ics': {
    needs: ['read', 'people'],
    summary: 'The roster of the same days as a calendar',
    file: 'text/calendar',
  },
  'GET /work-log': {
    needs: ['read', 'history'],
    summary: 'Work that was done at events, with how long it usually takes and how long it took',
    answer: WorkLog,
  },
  'GET /roster': {
    needs: ['read', 'people'],
    summary:
      'Events from ?from= to ?to= (days; from today on, four weeks) as a roster is made of them: jobs, who is on them, duties before',
    answer: RosterSpan,
  },
} as const satisfies Record<string, Contract>;
