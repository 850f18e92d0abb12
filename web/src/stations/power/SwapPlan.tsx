import { showClock, type Bundle } from '@idle-satchel/core';
import type { SwapDay, SwapPlan as Plan } from '@idle-satchel/core/searches';
import { Heading } from '../../ledger/Ledger.js';
import { useOpenEvent, useReading } from '../../store/hooks.js';
import { useAsked } from '../../workers/use-asked.js';
import { Conflict } from './Conflict.js';

const readBy = ({ plan, venue, rules, kinds, shelf }: Bundle) => [plan, venue, rules, kinds, shelf];

/** Which battery is changed when and by whom, so that as few as there can be last the whole day. */
export default function SwapPlan() {
  const { store } = useOpenEvent();
  const { found, fresh, busy, problem, look, putAway } = useAsked('swaps', {}, readBy);
  return (
    <section aria-label="Swap plan" className="pb-1">
      <Heading>Swap plan</Heading>
      <button className="button" disabled={busy} onClick={look}>
        {busy ? 'Looking …' : 'Plan the batteries'}
      </button>{' '}
      {problem && <span className="text-stop">It could not be worked out: {problem}</span>}
      {found && !fresh && <span className="text-faint">Something has changed since: plan again.</span>}
      {found && fresh && (
        <>
          <Planned plan={found.answer} />
          {found.offers.map(({ id, label, changes }) => (
            <button
              key={id}
              className={`button mt-1 mr-2 ${id === 'swaps' ? 'button-main' : ''}`}
              onClick={() => {
                store.commit(label, changes);
                putAway();
              }}
            >
              {id === 'swaps' ? 'Use this plan' : 'Use the one with fewer changes'}
            </button>
          ))}
          {found.offers.length === 0 && found.answer.positions.length > 0 && (
            <p className="text-faint">That is how it is planned.</p>
          )}
        </>
      )}
    </section>
  );
}

function Planned({ plan }: { plan: Plan }) {
  const { positions, proven, other, conflict, notFound, unknown } = plan;
  return (
    <>
      {notFound && <p className="text-risk">No plan was found in time. Whether there is one is not known.</p>}
      {conflict && <Conflict head="The batteries do not do." of={conflict} />}
      {positions.length > 0 && (
        <DayOf day={plan} after={proven ? '' : ' – the best that was found in time'} />
      )}
      {other && (
        <details className="py-1">
          <summary className="cursor-pointer">
            With {other.batteries} batteries{' '}
            {other.changes === 0 ? 'nothing is changed' : `${other.changes} changes do`}
          </summary>
          <DayOf day={other} after="" />
        </details>
      )}
      {unknown.length > 0 && (
        <p className="text-faint text-[13px]">
          Not planned, since their watts or the times of the day are not known: {unknown.join(', ')}.
        </p>
      )}
      <p className="text-faint text-[13px]">
        Terminals covered, swollen cells out; charged above 0 °C and never unattended.
      </p>
    </>
  );
}

/** How many batteries and changes a day takes, and which battery is where from when till when. */
function DayOf({ day: { positions, batteries, changes, least }, after }: { day: SwapDay; after: string }) {
  const reading = useReading();
  return (
    <>
      <p className="mt-1">
        {batteries} {batteries === 1 ? 'battery' : 'batteries'}, {changes}{' '}
        {changes === 1 ? 'change' : 'changes'}; {Math.floor(least)} % above the reserve in the emptiest
        {after}.
      </p>
      {positions.map(({ id, label, by, walk, steps }) => (
        <div key={id} className="border-b border-rule py-1.5">
          <p>
            <b>{label}</b>{' '}
            <span className="text-faint">
              · {by}
              {walk && ` · ${walk.minutes} min to walk from ${walk.from}`}
            </span>
          </p>
          <ol>
            {steps.map(({ at, until, battery, during, left }) => (
              <li key={at} className="grid grid-cols-[6.5rem_1fr_auto] gap-2">
                <span className="value text-left">
                  {showClock(at, reading)}–{showClock(until, reading)}
                </span>
                <span>
                  {battery} <span className="text-faint">from {during}</span>
                </span>
                <span className="text-faint">{Math.floor(left)} % left</span>
              </li>
            ))}
          </ol>
        </div>
      ))}
    </>
  );
}
