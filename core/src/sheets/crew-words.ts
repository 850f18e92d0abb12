/** What the sheets for people have in common: who is on a role, and what is said of times. */
import type { Hands } from '../documents/index.js';
import { ANSWER_WORDS, showDayAndClock, type Figure, type Reading } from '../foundations/index.js';
import type { RoleResult } from '../stations/hands/index.js';
import { words, type ColumnOf } from './table.js';

/** A line of a sheet for people: what it is, and what is said of it. */
export interface SaidLine {
  readonly what: string;
  readonly said: string;
}

export const SAID_COLUMNS: readonly ColumnOf<SaidLine>[] = [
  words('What', 26, ({ what }) => what),
  words('', 74, ({ said }) => said),
];

/** Lines of which something is said. */
export const saidLines = (
  ...lines: readonly (readonly [what: string, said: string | undefined])[]
): SaidLine[] => lines.flatMap(([what, said]) => (said === undefined || said === '' ? [] : [{ what, said }]));

/** An instant of a figure in words; why it is not known, where it is not. */
export const momentOf = ({ value, why }: Figure, reading: Reading): string =>
  typeof value === 'string' ? showDayAndClock(value, reading) : `not known: ${why ?? 'nobody has said'}`;

/** Who does a role, how they are reached, and what they answered. */
export function whoDoes({ person, besides, answer }: RoleResult, { people }: Hands): string {
  if (person === undefined) return besides === undefined ? 'NOBODY YET' : `whoever is on ${besides}`;
  const known = people[person];
  const open = answer === 'yes' || answer === undefined ? undefined : ANSWER_WORDS[answer];
  return [known?.name ?? 'somebody', known?.phone, open].filter(Boolean).join(' · ');
}
