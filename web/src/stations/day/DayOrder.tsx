import { inOrder, showClock } from '@idle-satchel/core';
import { Heading } from '../../ledger/Ledger.js';
import { useEvent, usePlan, useReading, useResult } from '../../store/hooks.js';

/** What happens when, for those who do not plan it. */
export default function DayOrder() {
  const items = usePlan(plan => plan.runningOrder);
  const venue = useEvent(({ bundle }) => bundle.venue);
  const brief = useResult('brief');
  const reading = useReading();
  return (
    <section aria-label="The day" className="pb-2 max-md:px-4 max-md:order-first">
      <Heading>The day</Heading>
      <p className="text-faint py-1">{[venue.name, venue.address].filter(Boolean).join(', ')}</p>
      <ol>
        {inOrder(items).map(([id, { label, phase }]) => {
          const begins = brief.items[id]?.begins.value;
          return (
            <li key={id} className="border-b border-rule py-1 grid grid-cols-[4rem_1fr_auto] gap-x-2">
              <span className="value text-left">
                {typeof begins === 'string' ? showClock(begins, reading) : ''}
              </span>
              <span>{label}</span>
              <span className="text-faint text-[13px]">{phase}</span>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
