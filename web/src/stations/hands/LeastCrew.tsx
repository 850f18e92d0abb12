import { show, type Bundle } from '@idle-satchel/core';
import { useOpenEvent, useReading } from '../../store/hooks.js';
import { useAsked } from '../../workers/use-asked.js';

const NOTHING = {};
const readBy = ({ plan, hands, venue }: Bundle) => [plan, hands, venue];

/** The fewest people of the house who can do it all, who does what, and the way to have it so. */
export default function LeastCrew() {
  const { store } = useOpenEvent();
  const reading = useReading();
  const { found, fresh, busy, problem, look, putAway } = useAsked('crew', NOTHING, readBy);
  const answer = fresh ? found?.answer : undefined;
  const [offer] = found?.offers ?? [];
  return (
    <section aria-label="Least crew" className="py-1">
      <button className="button" disabled={busy} onClick={look}>
        {busy ? 'Looking …' : 'Who could do it with the fewest'}
      </button>{' '}
      {problem && <span className="text-stop">It could not be worked out: {problem}</span>}
      {found && !fresh && <span className="text-faint">The plan has changed since: look again.</span>}
      {answer && (
        <>
          {answer.crew.length > 0 && (
            <p className="mt-1">
              <b>
                {answer.crew.length} {answer.crew.length === 1 ? 'person' : 'people'}
              </b>
              , and no fewer of the house: proven. If everybody could do everything: {answer.anybody}.
            </p>
          )}
          {answer.nobody.length > 0 && (
            <p className="text-risk">◇ Nobody who may be asked can do: {answer.nobody.join(', ')}.</p>
          )}
          {answer.tooFew.length > 0 && (
            <p className="text-risk">◇ Too few can do it: nobody is left for {answer.tooFew.join(', ')}.</p>
          )}
          <ul>
            {answer.crew.map(({ person, name, roles, peak }) => (
              <li key={person} className="border-b border-rule py-1">
                <b>{name}</b>: {roles.map(({ label }) => label).join(', ')}{' '}
                <span className="text-faint">
                  at most {show(Math.round(peak), '%', reading).text} % to do
                </span>
              </li>
            ))}
          </ul>
          {answer.uncounted.length > 0 && (
            <p className="text-faint text-[13px] mt-1">
              Taken as nothing, since nobody counted it: {answer.uncounted.join('; ')}.
            </p>
          )}
          <p className="text-faint text-[13px]">
            Nobody under 18 is counted, and each works at one place while it is live.
          </p>
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
