import { showDay } from '@idle-satchel/core';
import type { RosterChange, RosterFacts } from '@idle-satchel/core/roster-sheet';
import type { Found, RosterAnswer } from '@idle-satchel/core/searches';
import type { Dates } from './RosterPage.js';

/** What a search found, besides the grid: how good it is, why what is empty is, who stands by, what changes. */
export function RosterFound({
  facts,
  found,
  changes,
  dates,
}: {
  facts: RosterFacts;
  found: (Found<RosterAnswer> & { readonly of: RosterFacts }) | undefined;
  changes: readonly RosterChange[];
  dates: Dates;
}) {
  const name = (id: string | undefined): string =>
    id === undefined ? 'nobody' : (facts.people[id]?.name ?? 'somebody');
  const eventName = (id: string): string => facts.lines.find(line => line.id === id)?.event.label ?? '';
  const answer = found?.answer;
  return (
    <div className="grid lg:grid-cols-2 gap-x-10 gap-y-3 pt-4">
      {found && answer && (
        <section aria-label="What was found">
          <h2>What was found</h2>
          {found.of !== facts && <p className="text-faint">Plans or people have changed since.</p>}
          {answer.conflict && (
            <>
              <p className="text-stop">◆ There is no roster at all: these cannot hold together.</p>
              <Rules rules={answer.conflict.rules} />
            </>
          )}
          {found.objectives.map(({ label, value, bound }) => (
            <p key={label}>
              {label}: <b>{value}</b>{' '}
              <span className="text-faint">{value === bound ? 'proven' : `none has less than ${bound}`}</span>
            </p>
          ))}
          {answer.against.map(({ event, label, why }) => (
            <p key={`${event} ${label}`} className="text-risk">
              ◇ {label} at {eventName(event)} stays, though {why}.
            </p>
          ))}
          {answer.empty.map(({ event, roles, label, why, unblocked }) => (
            <div key={`${event} ${roles.join()}`} className="pt-2">
              <p className="text-risk font-semibold">
                ◇ {label} at {eventName(event)} stays empty
              </p>
              <Rules rules={why.rules} />
              {unblocked.length > 0 && (
                <p>It would be filled without one of these alone: {unblocked.join('; ')}.</p>
              )}
            </div>
          ))}
        </section>
      )}
      {answer && (answer.standby.length > 0 || answer.noStandby.length > 0) && (
        <section aria-label="Standing by">
          <h2>If somebody does not come</h2>
          {answer.standby.map(({ event, label, name: other }) => (
            <p key={`${event} ${label}`}>
              {eventName(event)}, {label}: <b>{other}</b> could
            </p>
          ))}
          {answer.noStandby.map(({ event, label }) => (
            <p key={`${event} ${label}`} className="text-risk">
              ◇ {eventName(event)}, {label}: nobody could
            </p>
          ))}
        </section>
      )}
      {changes.length > 0 && (
        <section aria-label="What changes">
          <h2>What changes</h2>
          <ul>
            {changes.map(({ key, event: { event }, job, from, to }) => (
              <li key={key}>
                <span className="text-faint">{showDay(event.from, { zone: event.zone, dates })}</span>{' '}
                {job.label}: {name(from)} → <b>{name(to)}</b>
              </li>
            ))}
          </ul>
        </section>
      )}
      {answer && answer.loads.length > 0 && (
        <section aria-label="Shares">
          <h2>Duties of each</h2>
          <p>
            {[...answer.loads]
              .sort((a, b) => b.past + b.now - (a.past + a.now))
              .map(({ name: who, past, now }) => `${who} ${now}${past > 0 ? ` (+ ${past} before)` : ''}`)
              .join(' · ')}
          </p>
        </section>
      )}
    </div>
  );
}

const Rules = ({ rules }: { rules: readonly string[] }) => (
  <ul className="list-disc pl-5">
    {rules.map(words => (
      <li key={words}>{words}</li>
    ))}
  </ul>
);
