/** Credits: who is thanked for what, as it may be shown at the end. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import type { Sheet } from './sheet.js';
import { sheetOf, words, type ColumnOf } from './table.js';

interface Row {
  readonly role: string;
  readonly name: string;
}

const COLUMNS: readonly ColumnOf<Row>[] = [
  words('For', 50, ({ role }) => role),
  words('Thanks to', 50, ({ name }) => name),
];

/** Adults who are on a role; whoever is under 18 is shown only when whoever answers for them has agreed. */
export function creditsSheet({ plan, hands: { people } }: Bundle, assessment: Assessment): Sheet {
  const { roles, underage } = assessment.hands;
  const rows = Object.values(roles).flatMap(({ label, person, besides }): Row[] => {
    const known = person === undefined || besides !== undefined ? undefined : people[person];
    return known && !known.erased && !underage.includes(person ?? '')
      ? [{ role: label, name: known.name }]
      : [];
  });
  const young = Object.values(roles).some(({ person }) => person !== undefined && underage.includes(person));
  return sheetOf(plan, assessment, {
    title: 'Credits',
    columns: COLUMNS,
    sections: [{ heading: '', rows }],
    notes: [
      ...(young
        ? [
            'Somebody under 18 helped too: their name is shown only where whoever answers for them has agreed.',
          ]
        : []),
      'Ask before a name is shown: not everybody wants that.',
    ],
  });
}
