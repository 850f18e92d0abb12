/** Routes of what is kept of somebody: shown, exported, erased. */
import { OwnPassword } from './factors.js';
import { Erased, Erasure, MentionList, PersonData } from './person-data.js';

export const personDataRoutes = {
  'GET /people/:id/data': {
    summary: 'All that is kept of a person of the house',
    needs: ['change', 'people'],
    answer: PersonData,
  },
  'GET /people/:id/mentions': {
    summary: 'Where words of their name stand by themselves: only people can tell whom they mean',
    needs: ['change', 'people'],
    answer: MentionList,
  },
  'POST /people/:id/erase': {
    summary: 'Erases a person: their name goes from what is, from what was, and from what was done',
    needs: ['change', 'people'],
    body: Erasure,
    answer: Erased,
  },
  'GET /account/data': {
    summary: 'All that is kept of oneself in this house',
    needs: ['change', 'self'],
    answer: PersonData,
  },
  'POST /account/erase': {
    summary: 'Erases oneself from this house, and signs out everywhere in it',
    needs: ['change', 'self'],
    body: OwnPassword,
    answer: Erased,
  },
} as const;
