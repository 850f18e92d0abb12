import { showDayAndClock, type DateLocale } from '@idle-satchel/core';
import type { EventSummary } from '@idle-satchel/core/api';
import { Link } from 'react-router';
import { daysTo } from '../ui/days.js';

/** One event of the list: when and where it is, and what stands open in it. */
export function EventRow({
  event,
  dates,
  onCopy,
}: {
  event: EventSummary;
  dates: DateLocale | undefined;
  onCopy: () => void;
}) {
  return (
    <li className="grid grid-cols-[1fr_auto_auto] max-md:grid-cols-[1fr_auto] gap-x-6 items-center py-3 border-b border-rule">
      <div className="min-w-0">
        <Link
          className="tape text-[18px] max-w-full overflow-hidden text-ellipsis hover:bg-shade"
          to={`/events/${event.id}/brief`}
        >
          {event.label}
        </Link>
        <p className="text-faint mt-1">
          {showDayAndClock(event.start, { zone: event.zone, dates })} · {event.venue} · {daysTo(event.start)}
        </p>
      </div>
      <div className="text-right max-w-md max-md:text-left max-md:col-span-2 max-md:order-last max-md:mt-1">
        <p>
          {event.snags.stop > 0 && (
            <span className="text-stop font-semibold">
              ◆ {event.snags.stop} stop{event.snags.stop === 1 ? '' : 's'}{' '}
            </span>
          )}
          {event.snags.risk > 0 && (
            <span className="text-risk font-semibold">
              ◇ {event.snags.risk} risk{event.snags.risk === 1 ? '' : 's'}{' '}
            </span>
          )}
          {event.snags.note > 0 && (
            <span className="text-note">
              ○ {event.snags.note} note{event.snags.note === 1 ? '' : 's'}
            </span>
          )}
          {event.worst === null && <span className="text-done">no open snags</span>}
        </p>
        {event.worst && <p className="text-faint text-[13px]">{event.worst}</p>}
      </div>
      <button className="button" aria-label={`Copy ${event.label}`} onClick={onCopy}>
        Copy
      </button>
    </li>
  );
}
