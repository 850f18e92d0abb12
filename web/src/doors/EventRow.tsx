import { counted, showDayAndClock, type DateLocale } from '@idle-satchel/core';
import type { EventSummary } from '@idle-satchel/core/api';
import { Link } from 'wouter';
import { addressOf } from '../api/client.js';
import { daysTo } from '../ui/days.js';

/** What stands open, or why nobody can say. */
function OpenSnags({ event: { id, snags, problem, damaged } }: { event: EventSummary }) {
  if (!snags)
    return (
      <p className="text-risk">
        {problem}
        {damaged && (
          <>
            {' · '}
            <a href={addressOf('GET /documents/:id', { id })} download={`${id}.json`}>
              Save what is kept of it
            </a>
          </>
        )}
      </p>
    );
  const { stop, risk, note } = snags;
  return (
    <p>
      {stop > 0 && <span className="text-stop font-semibold">◆ {counted(stop, 'stop', 'stops')} </span>}
      {risk > 0 && <span className="text-risk font-semibold">◇ {counted(risk, 'risk', 'risks')} </span>}
      {note > 0 && <span className="text-note">○ {counted(note, 'note', 'notes')}</span>}
      {stop + risk + note === 0 && <span className="text-done">no open snags</span>}
    </p>
  );
}

/** One event of the list: when and where it is, and what stands open in it. */
export function EventRow({
  event,
  dates,
  onCopy,
}: {
  event: EventSummary;
  dates: DateLocale | undefined;
  /** Absent where whoever looks makes no events. */
  onCopy: (() => void) | undefined;
}) {
  return (
    <li className="grid grid-cols-[1fr_auto_auto] max-md:grid-cols-[1fr_auto] gap-x-6 items-center py-3 border-b border-rule">
      <div className="min-w-0">
        <Link
          className="tape text-[18px] max-w-full overflow-hidden text-ellipsis hover:bg-shade"
          to={`/events/${event.id}/${onCopy ? 'brief' : 'day'}`}
        >
          {event.label}
        </Link>
        <p className="text-faint mt-1">
          {event.damaged
            ? 'cannot be opened'
            : [showDayAndClock(event.start, { zone: event.zone, dates }), event.venue, daysTo(event.start)]
                .filter(Boolean)
                .join(' · ')}
        </p>
      </div>
      <div className="text-right max-w-md max-md:text-left max-md:col-span-2 max-md:order-last max-md:mt-1">
        <OpenSnags event={event} />
        {event.worst && <p className="text-faint text-[13px]">{event.worst}</p>}
      </div>
      {onCopy && (
        <button className="button" aria-label={`Copy ${event.label}`} onClick={onCopy}>
          Copy
        </button>
      )}
    </li>
  );
}
