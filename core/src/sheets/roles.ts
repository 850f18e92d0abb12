/** The roles sheet: who does what, and why it is wanted. */
import type { Assessment } from '../assess.js';
import type { Hands, Plan } from '../documents/index.js';
import { showText } from '../foundations/index.js';
import { readingOf } from '../review.js';
import type { RoleResult } from '../stations/hands/index.js';
import type { Sheet } from './sheet.js';
import { sheetOf, words, type ColumnOf } from './table.js';

const columns = ({ people }: Hands): readonly ColumnOf<RoleResult>[] => [
  words('Role', 26, ({ label }) => label),
  words('Who', 24, ({ person }) => (person === undefined ? 'NOBODY YET' : (people[person]?.name ?? person))),
  words('Skill', 14, ({ skill }) => skill),
  words('Why', 50, ({ why }) => why),
];

/** Every role of the design with who is down for it, and when the first people must be there. */
export function rolesSheet(plan: Plan, assessment: Assessment, hands: Hands): Sheet {
  const { roles, call } = assessment.hands;
  const first =
    call.value === null
      ? (call.why ?? 'not known')
      : showText(call.value, call.unit, readingOf(plan, assessment.rules));
  return sheetOf(plan, assessment, {
    title: 'Roles',
    columns: columns(hands),
    sections: [{ heading: `Call ${first}`, rows: Object.values(roles) }],
    notes: ['Whoever is under 18 works with an adult, and lifts and climbs nothing.'],
  });
}
