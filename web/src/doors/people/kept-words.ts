/** What is kept of somebody, in words: what it is, and what is known. */
import type { PersonData } from '@idle-satchel/core/api';
import { liftWords } from './lift-words.js';

type Line = readonly [what: string, kept: string];
type When = (instant: string) => string;

export const counted = (count: number, one: string, many: string): string =>
  `${count} ${count === 1 ? one : many}`;
const listed = (...words: readonly (string | false | undefined)[]): string =>
  words.filter(Boolean).join(', ');

const personWords = ({
  name,
  skills,
  young,
  lift,
  phone,
  mail,
  note,
}: NonNullable<PersonData['person']>): string =>
  listed(
    name,
    ...skills.map(({ skill, level }) => `${skill} (${level})`),
    young && 'under 18',
    liftWords(lift),
    phone,
    mail,
    note,
  );

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

export function keptLines(data: PersonData, when: When): readonly Line[] {
  const { person, events, edits, shelfChanges, bookings } = data;
  return [
    ...(person ? [['Person', personWords(person)] as const] : []),
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
