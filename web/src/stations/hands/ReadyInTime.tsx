import { show, showClock, type Bundle } from '@idle-satchel/core';
import type { ReadyInTime as Ready } from '@idle-satchel/core/searches';
import { useOpenEvent, useReading, useResult } from '../../store/hooks.js';
import { useAsked } from '../../workers/use-asked.js';

const NOTHING = {};
const readBy = ({ plan, hands, venue, kinds, rules }: Bundle) => [plan, hands, venue, kinds, rules];

/** The shortest schedule, how often it is ready by doors, when people are called for that, and what would help. */
export default function ReadyInTime() {
  const { store } = useOpenEvent();
  const { found, fresh, busy, problem, look, putAway } = useAsked('schedule', NOTHING, readBy);
  const [offer] = found?.offers ?? [];
  const [shortest] = found?.objectives ?? [];
  const answer = fresh ? found?.answer : undefined;
  return (
    <section aria-label="Ready in time" className="py-1">
      <button className="button" disabled={busy} onClick={look}>
        {busy ? 'Looking …' : 'Who does what, and in which order'}
      </button>{' '}
      {problem && <span className="text-stop">It could not be worked out: {problem}</span>}
      {found && !fresh && <span className="text-faint">The plan has changed since: look again.</span>}
      {answer && answer.work.length === 0 && (
        <p className="text-risk">◇ Nobody is on a role yet, or there is nothing to be done.</p>
      )}
      {answer && answer.work.length > 0 && (
        <>
          <p className="mt-1">
            <b>{shortest?.value} min</b> when all goes as usual
            {shortest?.value === shortest?.bound
              ? ', and no order is shorter: proven.'
              : `; no order takes less than ${shortest?.bound} min.`}
          </p>
          <Chances answer={answer} />
          <Helps answer={answer} />
          {answer.strike && <Striking strike={answer.strike} share={answer.share} />}
          {answer.unknown.map(each => (
            <p key={each} className="text-risk text-[13px]">
              ? {each}.
            </p>
          ))}
          {offer && (
            <button
              className="button mt-1"
              onClick={() => {
                store.commit(offer.label, offer.changes);
                putAway();
              }}
            >
              {offer.label}
            </button>
          )}
        </>
      )}
    </section>
  );
}

/** How often it is ready, as people are called now and as they would have to be. */
function Chances({ answer: { share, before, now, calls } }: { answer: Ready }) {
  const reading = useReading();
  const start = useResult('brief').start.value;
  const clockBefore = (minutes: number): string =>
    typeof start === 'string'
      ? showClock(new Date(Date.parse(start) - minutes * 60_000).toISOString(), reading)
      : `${minutes} min before`;
  const percent = (value: number): string => `${show(Math.round(value), '%', reading).text} %`;
  return (
    <>
      <p>
        Called by <b>{clockBefore(Math.ceil(before))}</b>, it is ready by doors on {share} days of 100.
        {now && (
          <>
            {' '}
            As people are called now, {clockBefore(now.before)}: {percent(now.doors)} by doors,{' '}
            {percent(now.live)} by the start.
          </>
        )}
      </p>
      <table className="text-[13px]">
        <thead>
          <tr>
            <th>Called at</th>
            <th className="text-right">By doors</th>
            <th className="text-right">By the start</th>
          </tr>
        </thead>
        <tbody>
          {calls
            .filter(({ doors }) => doors >= 1 && doors < 99.5)
            .map(each => (
              <tr key={each.before}>
                <td>{clockBefore(each.before)}</td>
                <td className="text-right">{percent(each.doors)}</td>
                <td className="text-right">{percent(each.live)}</td>
              </tr>
            ))}
        </tbody>
      </table>
    </>
  );
}

/** Whom to add, and what to shorten: tried, the best first. */
function Helps({ answer: { add, shorten, idle } }: { answer: Ready }) {
  const minutes = (wins: number): string => `${Math.round(wins)} min`;
  const free = idle.filter(each => each.minutes > 0);
  return (
    <>
      {add.length === 0 ? (
        <p>Nobody more of the house would make it quicker: tried.</p>
      ) : (
        <p>
          One more:{' '}
          {add
            .slice(0, 3)
            .map(
              ({ name, alike, wins }) =>
                `${name}${alike.length > 0 ? ` (or ${alike.slice(0, 3).join(', ')})` : ''} wins ${minutes(wins)}`,
            )
            .join('; ')}
          .
        </p>
      )}
      {shorten.length > 0 && (
        <p>
          In half the time:{' '}
          {shorten
            .slice(0, 4)
            .map(({ label, wins }) => `${label} wins ${minutes(wins)}`)
            .join('; ')}
          .
        </p>
      )}
      {free.length > 0 && (
        <p className="text-faint text-[13px]">
          With time on their hands: {free.map(({ name, minutes: m }) => `${name} ${m} min`).join(', ')}.
        </p>
      )}
    </>
  );
}

/** How long striking takes, and who does what of it. */
function Striking({
  strike: { work, takes, bound, within, planned },
  share,
}: {
  strike: NonNullable<Ready['strike']>;
  share: number;
}) {
  const reading = useReading();
  const end = useResult('brief').end.value;
  const clockAfter = (minutes: number): string =>
    typeof end === 'string'
      ? showClock(new Date(Date.parse(end) + minutes * 60_000).toISOString(), reading)
      : `${minutes} min`;
  return (
    <>
      <p>
        Striking: {takes} min as usual{takes === bound ? '' : `, at least ${bound} min`}, done within{' '}
        {Math.ceil(within)} min on {share} days of 100;{' '}
        {planned > 0 ? `${planned} min are planned.` : 'none is planned under Brief.'}
      </p>
      <details>
        <summary>Who strikes what, in which order</summary>
        <table aria-label="Striking" className="text-[13px]">
          <tbody>
            {work.map(({ key, label, begins, people }) => (
              <tr key={key}>
                <td className="align-top">{clockAfter(begins)}</td>
                <td className="align-top">{label}</td>
                <td className="align-top text-faint">{people.map(({ name }) => name).join(', ')}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </>
  );
}
