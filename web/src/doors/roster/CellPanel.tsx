import { showDayAndClock, showClock } from '@idle-satchel/core';
import {
  keyOfJob,
  offeredTo,
  personOn,
  withKept,
  withPerson,
  type Draft,
  type RosterCell,
  type RosterFacts,
  type RosterLine,
  type RosterRow,
} from '@idle-satchel/core/roster-sheet';
import type { Ref } from 'react';
import type { Dates } from './RosterPage.js';

/** One person at one event: what is so, what is against it, and what can be done about it. */
export function CellPanel({
  ref,
  facts,
  draft,
  row: { person, name },
  line,
  cell,
  says,
  dates,
  onDraft,
  onLeave,
}: {
  ref: Ref<HTMLElement>;
  facts: RosterFacts;
  draft: Draft;
  row: RosterRow;
  line: RosterLine;
  cell: RosterCell | undefined;
  says: string | undefined;
  dates: Dates;
  onDraft: ((draft: Draft) => void) | undefined;
  onLeave: () => void;
}) {
  const { event } = line;
  const reading = { zone: event.zone, dates };
  const offered = onDraft ? offeredTo(person, line, facts, draft) : [];
  return (
    <section
      ref={ref}
      aria-label={`${name} at ${event.label}`}
      onKeyDown={each => each.key === 'Escape' && onLeave()}
    >
      <h2>{name}</h2>
      <p>
        {event.label}
        <span className="block text-faint">
          {showDayAndClock(event.from, reading)} to {showClock(event.to, reading)}
        </span>
      </p>
      <p className="text-faint">
        {says === undefined || says === 'does not say' ? 'Has not said whether they come' : `${name} ${says}`}
      </p>
      {cell?.against.map(words => (
        <p key={words} className="text-risk">
          ◇ {words}
        </p>
      ))}
      {event.fixed && (
        <p className="text-faint pt-1">This event is only looked at: nothing of it is changed here.</p>
      )}
      {!event.fixed && onDraft && (
        <ul className="pt-1">
          {cell?.jobs.map(({ key, job, kept }) => (
            <li key={key} className="py-1 border-b border-rule">
              <b>{job.label}</b>
              <span className="flex gap-2 pt-1">
                <button className="button" onClick={() => onDraft(withPerson(draft, event.id, job, null))}>
                  Take off
                </button>
                {!job.accepted && (
                  <button
                    className="button"
                    aria-pressed={kept}
                    onClick={() => onDraft(withKept(draft, key))}
                  >
                    {kept ? 'Let it change' : 'Keep it so'}
                  </button>
                )}
              </span>
            </li>
          ))}
          {offered.map(job => {
            const other = personOn(event.id, job, draft);
            return (
              <li key={keyOfJob(event.id, job.roles)} className="py-1 border-b border-rule">
                <button className="button" onClick={() => onDraft(withPerson(draft, event.id, job, person))}>
                  Put on {job.label}
                </button>{' '}
                <span className="text-faint">
                  {other === undefined
                    ? 'nobody yet'
                    : `in place of ${facts.people[other]?.name ?? 'somebody'}`}
                </span>
              </li>
            );
          })}
        </ul>
      )}
      {!event.fixed && onDraft && offered.length === 0 && (cell?.jobs.length ?? 0) === 0 && (
        <p className="text-faint">Nothing is asked for here that {name} has learnt.</p>
      )}
    </section>
  );
}
