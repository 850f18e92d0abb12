import { showText, type Bundle, type Fix } from '@idle-satchel/core';
import type { BalanceWay } from '@idle-satchel/core/searches';
import { Heading } from '../../ledger/Ledger.js';
import { useOpenEvent, useReading } from '../../store/hooks.js';
import { useAsked } from '../../workers/use-asked.js';
import { Conflict } from './Conflict.js';

const readBy = ({ plan, venue, rules, kinds }: Bundle) => [plan, venue, rules, kinds];

/** Ways to plug in what is on the mains so that nothing passes its limit, side by side, or why there is none. */
export default function ShareOut() {
  const { store } = useOpenEvent();
  const { found, fresh, busy, problem, look, putAway } = useAsked('balance', {}, readBy);
  const take = ({ label, changes }: Pick<Fix, 'label' | 'changes'>): void => {
    store.commit(label, changes);
    putAway();
  };
  return (
    <section aria-label="Share out the load" className="pb-1">
      <Heading>Share out the load</Heading>
      <button className="button" disabled={busy} onClick={look}>
        {busy ? 'Looking …' : 'Look for ways'}
      </button>{' '}
      {problem && <span className="text-stop">It could not be worked out: {problem}</span>}
      {found && !fresh && <span className="text-faint">The plan has changed since: look again.</span>}
      {found && fresh && found.answer.counted === 0 && (
        <p>Nothing is plugged into a socket of which the circuit is known.</p>
      )}
      {found && fresh && found.answer.counted > 0 && (
        <>
          {found.answer.passed.length > 0 && <p className="mt-1">Now {found.answer.passed.join('; ')}.</p>}
          {found.answer.conflict && <Conflict head="Nothing keeps all limits." of={found.answer.conflict} />}
          <ul className="mt-1">
            {found.answer.ways.map(way => {
              const offer = found.offers.find(({ id }) => id === way.aim);
              return (
                <li key={way.aim} className="border-b border-rule py-1.5 flex gap-3 items-start">
                  <WayWords way={way} />
                  {offer && (
                    <button className="button" aria-label={`Take: ${way.aim}`} onClick={() => take(offer)}>
                      Take
                    </button>
                  )}
                </li>
              );
            })}
          </ul>
          {[
            ...found.answer.noOther.map(aim => `For ${aim} there is no other way.`),
            ...found.answer.notFound.map(aim => `For ${aim} none was found in time.`),
            ...(found.answer.unknown.length > 0
              ? [`Not counted, since nobody knows their watts: ${found.answer.unknown.join(', ')}.`]
              : []),
          ].map(words => (
            <p key={words} className="text-faint text-[13px]">
              {words}
            </p>
          ))}
        </>
      )}
    </section>
  );
}

function WayWords({ way: { aim, moves, metres, strips, fullest, proven } }: { way: BalanceWay }) {
  const reading = useReading();
  return (
    <div className="grow">
      <div className="first-letter:uppercase">{aim}</div>
      {moves.length === 0 && <div>As it is now: everything keeps its limits.</div>}
      {moves.map(({ link, label, from, to }) => (
        <div key={link}>
          <b className="font-medium">{label}</b>{' '}
          {to === undefined ? `stays away from ${from}` : `from ${from} to ${to}`}
        </div>
      ))}
      <div className="text-faint text-[13px]">
        {[
          `${showText(fullest, '%', reading)} of what the fullest circuit has for ours`,
          `${showText(metres, 'm', reading)} of mains leads`,
          `${strips} ${strips === 1 ? 'strip' : 'strips'}`,
          ...(proven ? [] : ['there may be a better one']),
        ].join(' · ')}
      </div>
    </div>
  );
}
