/** A message to whoever has things of the house that are to come back. */
import type { Item } from '../documents/index.js';
import { showCalendarDay, type DateLocale } from '../foundations/index.js';

type Thing = Pick<Item, 'tape' | 'lent'> & { readonly kind: string };

/**
 * Plain text to send to somebody: everything that they have, with the day on which each was to be back. `kinds` are by
 * id.
 */
export function reminderWords(
  to: string,
  things: readonly Thing[],
  {
    kinds,
    organisation,
    dates,
  }: {
    readonly kinds: Readonly<Record<string, { readonly label: string }>>;
    readonly organisation: string;
    readonly dates?: DateLocale | undefined;
  },
): string {
  const theirs = things
    .filter(({ lent }) => lent?.to === to)
    .sort((a, b) => (a.lent?.back ?? '9').localeCompare(b.lent?.back ?? '9') || a.tape.localeCompare(b.tape));
  const lines = theirs.map(({ tape, kind, lent }) => {
    const back =
      lent?.back === undefined ? 'no day was agreed' : `back by ${showCalendarDay(lent.back, dates)}`;
    return `- ${tape}, ${kinds[kind]?.label ?? 'a thing'}: ${back}`;
  });
  return [
    `To ${to}:`,
    ...['You have of us:', ...lines],
    'Please bring it back, or say when you will.',
    organisation,
  ].join('\n');
}
