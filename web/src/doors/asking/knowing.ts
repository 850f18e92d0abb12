/** What the pages that ask people know, and the message to somebody. */
import type { DateLocale } from '@idle-satchel/core';
import type { PersonLine } from '@idle-satchel/core/api';
import { messageKindOf, messageOf, openDuties, type Asking, type Message } from '@idle-satchel/core/duties';

export interface Knowing {
  readonly house: string;
  readonly dates: DateLocale | undefined;
  /** Mail goes out by a server. */
  readonly sends: boolean;
  readonly people: ReadonlyMap<string, PersonLine>;
  readonly venues: ReadonlyMap<string, string>;
}

/** What somebody is asked, or reminded of where they were asked already. */
export function messageTo(asking: Asking, { house, dates, people, venues }: Knowing): Message {
  const duties = openDuties(asking).map(duty => ({ ...duty, venue: venues.get(duty.place ?? '') ?? '' }));
  const name = people.get(asking.person)?.name ?? '';
  return messageOf(messageKindOf(asking), { ...{ name, house, duties, dates }, by: asking.by });
}
