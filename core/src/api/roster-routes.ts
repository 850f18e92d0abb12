/** Routes of the roster. */
import type { Contract } from '../api.js';
import { listFiles } from './list-files.js';
import { RosterSpan } from './roster.js';

export const rosterRoutes = {
  ...listFiles('/roster/list', 'The roster of the same days', ['read', 'people']),
  'GET /roster/list.ics': {
    needs: ['read', 'people'],
    summary: 'The roster of the same days as a calendar',
    file: 'text/calendar',
  },
  'GET /roster': {
    needs: ['read', 'people'],
    summary:
      'Events from ?from= to ?to= (days; from today on, four weeks) as a roster is made of them: jobs, who is on them, duties before',
    answer: RosterSpan,
  },
} as const satisfies Record<string, Contract>;
