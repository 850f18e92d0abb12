import { carriedOnWords, failuresOf, type Bundle, type Failure } from '@idle-satchel/core';
import { useState } from 'react';
import { Heading } from '../../ledger/Ledger.js';
import { useEvent, useOpenEvent, useReading } from '../../store/hooks.js';

/** What goes dark with each source of power, what carries on and by what, and what stays on air. */
export default function Failures() {
  const { store } = useOpenEvent();
  const bundle = useEvent(state => state.bundle);
  const [found, setFound] = useState<{ of: Bundle; failures: readonly Failure[] }>();
  const look = (): void => {
    const { bundle: of, assessment } = store.get();
    setFound({ of, failures: failuresOf(of, assessment) });
  };
  const fresh = found?.of === bundle;
  return (
    <section aria-label="If a source fails" className="pb-1">
      <Heading>If a source fails</Heading>
      <button className="button" aria-expanded={fresh} onClick={() => (fresh ? setFound(undefined) : look())}>
        {fresh ? 'Put away' : 'Show what goes dark'}
      </button>{' '}
      {found && !fresh && <span className="text-faint">The plan has changed since: look again.</span>}
      {fresh && found.failures.length === 0 && <p className="mt-1">Nothing is fed by anything yet.</p>}
      {fresh && (
        <ul className="mt-1">
          {found.failures.map(failure => (
            <One key={failure.key} failure={failure} />
          ))}
        </ul>
      )}
    </section>
  );
}

function One({ failure }: { failure: Failure }) {
  const { ui } = useOpenEvent();
  const reading = useReading();
  const { label, record, dark, carriedOn, unknown, stays, lost } = failure;
  return (
    <li className="border-b border-rule py-1.5">
      <p>
        {record === undefined ? (
          <b>{label}</b>
        ) : (
          <button className="link font-medium" onClick={() => ui.select(record)}>
            {label}
          </button>
        )}
      </p>
      <Words what="goes dark" list={dark} />
      <Words what="carries on" list={carriedOn.map(each => carriedOnWords(each, reading))} />
      <Words what="not known" list={unknown} />
      <Words what="off air" list={lost} strong />
      <p className="text-faint text-[13px]">
        {stays.length === 0 ? 'Nothing stays on air.' : `Stays on air: ${stays.join(', ')}.`}
      </p>
    </li>
  );
}

function Words({ what, list, strong }: { what: string; list: readonly string[]; strong?: true }) {
  if (list.length === 0) return null;
  return (
    <p className="grid grid-cols-[5.5rem_1fr] gap-x-2 text-[13px]">
      <span className="text-faint">{what}</span>
      <span className={strong ? 'text-stop' : ''}>{list.join(', ')}</span>
    </p>
  );
}
