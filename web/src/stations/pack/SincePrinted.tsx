import { showDayAndClock } from '@idle-satchel/core';
import { changedSince, printedOf, printedPatch } from '@idle-satchel/core/pack-list';
import { usePlan, useReading, useResult, useStore } from '../../store/hooks.js';

/** What has changed on the list since it was printed, and noting that it was printed now. */
export default function SincePrinted() {
  const store = useStore();
  const reading = useReading();
  const printedList = usePlan(plan => plan.printedList);
  const { lines } = useResult('pack');
  const since = changedSince(lines, { ...(printedList && { printedList }) });
  const changes = since?.changes ?? [];
  const note = (): void => {
    const { plan } = store.get().bundle;
    store.patchPlan('The list was printed', printedPatch(plan, printedOf(lines, new Date().toISOString())));
  };
  return (
    <section aria-label="Since it was printed" className="mb-3">
      <p className="flex flex-wrap gap-3 items-baseline">
        <span className="text-faint">
          {since
            ? `Printed ${showDayAndClock(since.at, reading)}; ${changes.length === 0 ? 'nothing has changed since' : 'changed since:'}`
            : 'Not noted as printed.'}
        </span>
        {(!since || changes.length > 0) && (
          <button className="link" onClick={note}>
            It is printed now
          </button>
        )}
      </p>
      {changes.length > 0 && (
        <ul className="text-[13px] py-1">
          {changes.map(({ line, words, before, now }) => (
            <li key={`${line} ${now}`} className="border-b border-rule py-0.5">
              <b className="font-medium">
                {before === 0 ? 'new' : now === 0 ? 'gone' : `${before} → ${now}`}
              </b>{' '}
              {words}
              {before === 0 && now > 1 ? ` × ${now}` : ''}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
