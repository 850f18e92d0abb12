import { show, showMoney, showText, type Bundle, type Reading } from '@idle-satchel/core';
import type { WayOut } from '@idle-satchel/core/searches';
import { useOpenEvent, useReading } from '../../store/hooks.js';
import { useAsked } from '../../workers/use-asked.js';

const readBy = ({ plan, shelf }: Bundle) => [plan, shelf];

/** Every way out for a lead that is too long, side by side, each with what it takes. */
export function WaysOut({ id, label }: { id: string; label: string }) {
  const { store } = useOpenEvent();
  const reading = useReading();
  const { found, fresh, busy, problem, look, putAway } = useAsked('ways-out', { link: id }, readBy);
  const take = (way: WayOut): void => {
    store.commit(`${way.label}: ${label}`.slice(0, 120), way.changes);
    putAway();
  };
  return (
    <section aria-label="Ways out" className="py-1">
      <button className="button" disabled={busy} onClick={look}>
        {busy ? 'Looking …' : 'Ways out'}
      </button>{' '}
      {problem && <span className="text-stop">They could not be worked out: {problem}</span>}
      {found && !fresh && <span className="text-faint">The plan has changed since: look again.</span>}
      {found && fresh && found.answer.length === 0 && <p>No other way is known.</p>}
      {found && fresh && found.answer.length > 0 && (
        <ul className="mt-1">
          {found.answer.map(way => (
            <li key={way.id} className="border-b border-rule py-1.5 flex gap-3 items-start">
              <div className="grow">
                <div className={way.carries ? '' : 'text-faint'}>
                  {way.label}
                  {!way.carries && ': does not carry far enough'}
                </div>
                <div className="text-faint text-[13px]">
                  {[
                    way.buy.length === 0 ? 'all on the shelf' : `to buy or hire: ${way.buy.join(', ')}`,
                    ...(way.buy.length > 0 ? [priceWords(way.price, reading)] : []),
                    ...(way.delay > 0 ? [`${show(way.delay, 'ms', reading).text} ms later`] : []),
                    ...(way.powerPoints > 0
                      ? [`${way.powerPoints} more ${way.powerPoints === 1 ? 'socket' : 'sockets'}`]
                      : []),
                    weightWords(way.weight, kilos => showText(kilos, 'kg', reading)),
                  ].join(' · ')}
                </div>
              </div>
              <button className="button" aria-label={`Take: ${way.label}`} onClick={() => take(way)}>
                Take
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

const priceWords = (price: number | undefined, { currency, dates }: Reading): string =>
  price === undefined ? 'price not known' : showMoney(price, currency, dates);

const weightWords = (weight: number, shown: (kilos: number) => string): string => {
  if (Math.abs(weight) < 0.05) return 'as heavy';
  return weight > 0 ? `${shown(weight)} more` : `${shown(-weight)} less`;
};
