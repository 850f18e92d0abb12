/** Routes of people who help. */
import type { Contract } from '../api.js';
import { listFiles } from './list-files.js';
import { KeptPeople, NewPeople, PeopleChange, PersonChange, PersonLine, PersonList } from './people.js';

export const peopleRoutes = {
  ...listFiles('/people/list', 'Everybody with what is known of them,', ['change', 'people']),
  'GET /people/contacts.vcf': {
    needs: ['change', 'people'],
    summary: 'How people are reached, as vCards',
    file: 'text/vcard',
  },
  'GET /people': {
    needs: ['read', 'people'],
    summary: 'The organisation’s people: what they can do, and when they come',
    answer: PersonList,
  },
  'POST /people': {
    needs: ['change', 'people'],
    summary: 'Puts people there, all or none; once under the id that the client chose (?as=)',
    body: NewPeople,
    answer: KeptPeople,
  },
  'PATCH /people': {
    needs: ['change', 'people'],
    summary: 'Changes several people, all or none; 409 where somebody changed the same since the base of one',
    body: PeopleChange,
    answer: KeptPeople,
  },
  'PATCH /people/:id': {
    needs: ['change', 'people'],
    summary: 'Changes what is known of a person; 409 where somebody changed the same since the base',
    body: PersonChange,
    answer: PersonLine,
  },
} as const satisfies Record<string, Contract>;
