import { batteryCard, isDayOf, newId, showClock, showText, type CardLine } from '@idle-satchel/core';
import { useMemo, useState } from 'react';
import { signedName } from '../../api/signature.js';
import { Heading } from '../../ledger/Ledger.js';
import { useEvent, useOpenEvent, useReading, useResult } from '../../store/hooks.js';
import { numberIn } from '../../ui/number-in.js';

/** Which battery is changed or looked at next, in type that can be read at arm’s length; what was done and read. */
export default function BatteryCard({ by }: { by?: string }) {
  const { store } = useOpenEvent();
  const bundle = useEvent(state => state.bundle);
  const [power, hands] = [useResult('power'), useResult('hands')];
  const [signal, ground] = [useResult('signal'), useResult('ground')];
  const card = useMemo(
    () => batteryCard(bundle, { power, hands, signal, ground }),
    [bundle, power, hands, signal, ground],
  );
  const reading = useReading();
  if (card.lines.length === 0) return null;
  const today = isDayOf(card, new Date().toISOString());
  const signed = (): string => (by ?? signedName()).trim() || 'Somebody';
  return (
    <section aria-label="Batteries of the day" className="pb-2">
      <Heading>Batteries of the day</Heading>
      <ol>
        {card.lines.map(line => (
          <Line key={line.id} line={line} signed={signed} today={today} />
        ))}
      </ol>
      {card.readings.length > 0 && (
        <ul aria-label="What was read" className="text-[13px] text-faint mt-1">
          {card.readings.map(({ id, place, at, percent, by }) => (
            <li key={id} className="flex gap-2 items-baseline">
              <span>
                {showClock(at, reading)} {place} showed {showText(percent, '%', reading)}, read by {by}
              </span>
              <button
                className="link"
                aria-label={`Take back: ${place} ${showClock(at, reading)}`}
                onClick={() => store.editPlan('Take a reading back', plan => plan.drop('chargeReadings', id))}
              >
                take back
              </button>
            </li>
          ))}
        </ul>
      )}
      <p className="text-faint text-[13px] mt-1">
        {today
          ? 'What is read sets the rest right. '
          : 'On the day, changes and what each battery shows are noted here, which sets the rest right. '}
        Terminals covered, swollen cells out.
      </p>
    </section>
  );
}

function Line({ line, signed, today }: { line: CardLine; signed: () => string; today: boolean }) {
  const { store } = useOpenEvent();
  const reading = useReading();
  const { id, does, place, feeds, at, during, by, there, comes, expected, done, walk } = line;
  const clock = showClock(at, reading);
  const now = (): string => new Date().toISOString();
  return (
    <li
      className={`border-b border-rule py-2 grid grid-cols-[4.5rem_1fr] gap-x-2 ${done ? 'text-faint' : ''}`}
    >
      <span className="value text-left text-xl leading-7">{clock}</span>
      <div>
        <p className="text-lg leading-7">
          {does === 'change' ? (
            <>
              <b>{there}</b> out, <b>{comes}</b> in
            </>
          ) : (
            <>
              Look at <b>{there}</b>
            </>
          )}
        </p>
        <p className="text-faint text-[13px]">
          {[place, feeds && `feeds ${feeds}`, during, by].filter(Boolean).join(' · ')}
        </p>
        {walk && !done && (
          <p>
            Leave {walk.from} at {showClock(walk.leave, reading)}
          </p>
        )}
        <p className="flex flex-wrap gap-x-3 gap-y-1 items-center mt-1">
          {typeof expected?.value === 'number' ? (
            <span>should show {showText(expected.value, '%', reading)}</span>
          ) : (
            <span className="text-stop">◆ {expected?.why}</span>
          )}
          {today && <Shown line={line} signed={signed} />}
          {does === 'change' &&
            (today || done) &&
            (done ? (
              <button
                className="button"
                aria-label={`Not done: ${place} ${clock}`}
                onClick={() =>
                  store.editPlan('Take a change back', plan =>
                    plan.drop('batteryChanges', id, 'done').set('batteryChanges', id, 'by', undefined),
                  )
                }
              >
                Done {showClock(done.at, reading)} by {done.by}
              </button>
            ) : (
              <button
                className="button button-main"
                aria-label={`Done: ${place} ${clock}`}
                onClick={() =>
                  store.editPlan(`Change ${place}`.slice(0, 120), plan =>
                    plan.put('batteryChanges', id, 'done', now()).put('batteryChanges', id, 'by', signed()),
                  )
                }
              >
                Changed
              </button>
            ))}
        </p>
      </div>
    </li>
  );
}

/** What the battery shows now: kept as soon as whoever reads it goes on. */
function Shown({ line: { place, battery, at }, signed }: { line: CardLine; signed: () => string }) {
  const { store } = useOpenEvent();
  const reading = useReading();
  const [typed, setTyped] = useState('');
  const percent = numberIn(typed);
  const fault = typed.trim() !== '' && !(percent !== undefined && percent >= 0 && percent <= 100);
  const keep = (): void => {
    if (percent === undefined || fault) return;
    const record = { battery, at: new Date().toISOString(), percent, by: signed() };
    store.editPlan(`Read ${place}`.slice(0, 120), plan => plan.put('chargeReadings', newId(), record));
    setTyped('');
  };
  return (
    <label>
      shows{' '}
      <input
        className="field w-16 text-right"
        inputMode="decimal"
        aria-label={`Shows, %: ${place} ${showClock(at, reading)}`}
        aria-invalid={fault}
        value={typed}
        onChange={event => setTyped(event.target.value)}
        onBlur={keep}
        onKeyDown={event => event.key === 'Enter' && keep()}
      />{' '}
      %{fault && <span className="text-stop"> · from 0 to 100</span>}
    </label>
  );
}
