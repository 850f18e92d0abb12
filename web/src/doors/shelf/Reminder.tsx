import type { DateLocale } from '@idle-satchel/core';
import type { ItemLine } from '@idle-satchel/core/api';
import { reminderWords } from '@idle-satchel/core/shelf-list';
import { useQuery } from '@tanstack/react-query';
import { organisationQuery } from '../../api/queries.js';
import { CopyIt } from '../../ui/CopyIt.js';
import type { KindsById } from './item-names.js';

/** A message to whoever has things of the house, to be sent the way that one writes to them. */
export default function Reminder({
  to,
  items,
  kinds,
  dates,
}: {
  to: string;
  items: readonly ItemLine[];
  kinds: KindsById;
  dates: DateLocale | undefined;
}) {
  const { data } = useQuery(organisationQuery);
  const organisation = data?.organisations.find(({ id }) => id === data.id)?.name ?? '';
  const text = reminderWords(to, items, { kinds, organisation, dates });
  return (
    <details className="pt-2">
      <summary className="cursor-pointer">Remind {to}</summary>
      <textarea
        className="field w-full font-mono text-[13px]"
        rows={6}
        readOnly
        aria-label="The reminder"
        value={text}
      />
      <p className="flex gap-3 items-baseline">
        <CopyIt text={text} />
      </p>
    </details>
  );
}
