/** Routes of personal links, and of asking people. */
import type { Contract } from '../api.js';
import { Ended, LinkToken } from './accounts.js';
import {
  DutyAnswer,
  DutyPresence,
  DutyTaken,
  MyDuties,
  NewRequest,
  RequestMade,
  Requests,
} from './duties.js';

export const dutyRoutes = {
  'POST /duties/look': {
    needs: 'open',
    summary: 'What somebody does, by the token of their own link; 404 where that is not good any more',
    body: LinkToken,
    answer: MyDuties,
  },
  'POST /duties/answer': {
    needs: 'open',
    summary: 'Says yes, no, or that somebody else would be better, for all of one’s roles at an event',
    body: DutyAnswer,
    answer: MyDuties,
  },
  'POST /duties/take': {
    needs: 'open',
    summary: 'Takes over a role that somebody hands over; 409 where that cannot be any more',
    body: DutyTaken,
    answer: MyDuties,
  },
  'POST /duties/presence': {
    needs: 'open',
    summary: 'Says when one comes',
    body: DutyPresence,
    answer: MyDuties,
  },
  'POST /duties/calendar': {
    needs: 'open',
    summary: 'Makes the token of a calendar of one’s duties anew; the one before is no longer good',
    body: LinkToken,
    answer: LinkToken,
  },
  'GET /calendar/:token': {
    needs: 'open',
    summary: 'The duties of whoever has the token, without names, for a calendar',
    file: 'text/calendar',
  },
  'GET /requests': {
    needs: ['read', 'requests'],
    summary: 'Messages of the last weeks, and the personal links that are good',
    answer: Requests,
  },
  'POST /requests': {
    needs: ['change', 'requests'],
    summary:
      'Makes somebody a link of their own, and sends it in a message, or gives that to be sent by hand',
    body: NewRequest,
    answer: RequestMade,
    status: 201,
  },
  'POST /duty-links/:id/end': {
    needs: ['change', 'requests'],
    summary: 'Takes a personal link back, and the calendar that is fed by it',
    answer: Ended,
  },
} as const satisfies Record<string, Contract>;
