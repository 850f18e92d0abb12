import { showDayAndClock, type DateLocale } from '@idle-satchel/core';
import { changedWords } from '@idle-satchel/core/item-drafts';
import { useInfiniteQuery } from '@tanstack/react-query';
import { OWN_ZONE } from '../../ui/days.js';
import { itemHistoryQuery } from './queries.js';

/** Who changed what of a thing, and when; newest first. */
export function ItemHistory({
  id,
  revision,
  dates,
}: {
  id: string;
  revision: number;
  dates: DateLocale | undefined;
}) {
  const history = useInfiniteQuery(itemHistoryQuery(id, revision));
  const entries = history.data?.pages.flatMap(page => page.entries) ?? [];
  return (
    <section aria-label="Its history" className="pt-3">
      <h2>Its history</h2>
      <ul>
        {entries.map(({ revision: at, label, author, at: when, before, after }) => (
          <li key={at} className="py-1 border-b border-rule">
            {label}{' '}
            <span className="text-faint">
              · {author}, {showDayAndClock(when, { zone: OWN_ZONE, dates })}
            </span>
            {at > 1 && (
              <span className="block text-faint text-[13px]">{changedWords(before, after).join(' · ')}</span>
            )}
          </li>
        ))}
        {entries.length === 0 && !history.isPending && (
          <li className="text-faint">Nothing was changed since histories are kept.</li>
        )}
      </ul>
      {history.hasNextPage && (
        <button className="link" onClick={() => void history.fetchNextPage()}>
          Earlier
        </button>
      )}
    </section>
  );
}
