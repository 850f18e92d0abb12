/** What is kept of somebody, in words: what it is, and what is known. */
import type { PersonData } from '@idle-satchel/core/api';
import { inOrder, showCalendarDay, type DateLocale } from '@idle-satchel/core';
import { presenceWords, trainingWords } from '@idle-satchel/core/person-forms';
import { liftWords } from './lift-words.js';

type Line = readonly [what: string, kept: string];
type When = (instant: string) => string;

export const counted = (count: number, one: string, many: string): string =>
  `${count} ${count === 1 ? one : many}`;
const listed = (...words: readonly (string | false | undefined)[]): string =>
  words.filter(Boolean).join(', ');

const personWords = (person: NonNullable<PersonData['person']>, dates: DateLocale | undefined): string =>
  listed(
    person.name,
    ...person.skills.map(({ skill, level }) => `${skill} (${level})`),
    person.youngUntil === undefined
      ? person.young && 'under 18'
      : `under 18 until ${showCalendarDay(person.youngUntil, dates)}`,
    liftWords(person.lift),
    person.phone,
    person.mail,
    person.most !== undefined && `${person.most} events a month at most`,
    person.travel !== undefined && `${person.travel} min on the way`,
    person.seats !== undefined && `takes ${person.seats} along`,
    person.languages,
    person.needs,
    person.note,
  );

function personLines(person: NonNullable<PersonData['person']>, dates: DateLocale | undefined): Line[] {
  const { guardian, vetted, presence, ties, training } = person;
  return [
    ['Person', personWords(person, dates)],
    ...(guardian ? [['Guardian', listed(guardian.name, guardian.phone, guardian.mail)] as const] : []),
    ...(vetted
      ? [
          [
            'Vetted',
            listed(`until ${showCalendarDay(vetted.until, dates)}`, vetted.by && `seen by ${vetted.by}`),
          ] as const,
        ]
      : []),
    ...inOrder(presence).map(([, each]): Line => ['Comes', presenceWords(each, dates)]),
    ...(ties ? [['With whom', counted(Object.keys(ties).length, 'person', 'people')] as const] : []),
    ...inOrder(training).map(([, each]): Line => ['Shown', trainingWords(each, dates)]),
  ];
}

function accountLines({ account, factors, sessions, audit }: PersonData, when: When): Line[] {
  if (!account) return [];
  const { login, role, since, pin, otherHouses } = account;
  return [
    [
      'Account',
      listed(
        `${login}, ${role} since ${when(since)}`,
        pin && 'with a PIN',
        otherHouses > 0 && `comes into ${counted(otherHouses, 'other house', 'other houses')}`,
      ),
    ],
    [
      'Signs in by',
      listed(
        'a password',
        factors?.authenticator && 'an authenticator',
        ...(factors?.passkeys.map(({ label }) => `the passkey ${label}`) ?? []),
      ),
    ],
    ['Signed in', sessions.map(({ address, seen }) => `from ${address}, ${when(seen)}`).join('; ')],
    ['Did', counted(audit.length, 'entry of the audit trail', 'entries of the audit trail')],
  ];
}

/** `dates`: how the house writes days. */
export function keptLines(data: PersonData, when: When, dates?: DateLocale): readonly Line[] {
  const { person, events, edits, shelfChanges, bookings } = data;
  return [
    ...(person ? personLines(person, dates) : []),
    ...accountLines(data, when),
    ...events.map(({ label, start, roles, signed }): Line => [
      `${label}, ${when(start)}`,
      listed(...roles, signed > 0 && `signed ${counted(signed, 'time', 'times')}`) || 'named at a lift',
    ]),
    [
      'Made',
      listed(
        counted(edits, 'edit', 'edits'),
        counted(shelfChanges, 'change of things', 'changes of things'),
        counted(bookings, 'booking', 'bookings'),
      ),
    ],
  ];
}
