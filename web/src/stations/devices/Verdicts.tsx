import { newId, showCalendarDay } from '@idle-satchel/core';
import {
  verdictPatch,
  VERDICTS,
  verdictsOf,
  verdictWords,
  type VerdictWord,
} from '@idle-satchel/core/after-use';
import { useState } from 'react';
import { useEvent, useReading, useStore } from '../../store/hooks.js';
import { today } from '../../ui/today.js';

/** What came of a kind at events so far, and what came of it at this one. */
export function Verdicts({ kind, event }: { kind: string; event: string }) {
  const store = useStore();
  const { dates } = useReading();
  const of = useEvent(({ bundle }) => bundle.kinds.kinds[kind]);
  const [verdict, setVerdict] = useState<VerdictWord>('worked');
  const [what, setWhat] = useState('');
  if (!of) return null;
  const words = verdictWords(of);
  const note = (): void => {
    const patch = verdictPatch(store.get().bundle.kinds, kind, newId(), {
      ...{ on: today(), verdict, event: event.slice(0, 80), ...(what.trim() && { what: what.trim() }) },
    });
    store.commit(`After use: ${of.label} ${verdict}`.slice(0, 120), [{ document: 'kinds', patch }]);
    setWhat('');
  };
  return (
    <section aria-label={`After use: ${of.label}`} className="py-1">
      <p>{words === '' ? `What came of ${of.label} at events is not noted yet.` : `So far: ${words}.`}</p>
      <ul className="text-[13px] text-faint">
        {verdictsOf(of).map(([id, each]) => (
          <li key={id}>
            {[showCalendarDay(each.on, dates), each.event, each.verdict, each.what]
              .filter(Boolean)
              .join(' · ')}
          </li>
        ))}
      </ul>
      <p className="flex flex-wrap gap-2 py-1 items-baseline">
        <label>
          <span className="text-faint">At this event it </span>
          <select
            className="field"
            aria-label={`What came of ${of.label} at this event`}
            value={verdict}
            onChange={change => setVerdict(change.target.value as VerdictWord)}
          >
            {VERDICTS.map(each => (
              <option key={each}>{each}</option>
            ))}
          </select>
        </label>
        <input
          className="field grow"
          maxLength={160}
          aria-label={`What happened to ${of.label}`}
          placeholder="What happened"
          value={what}
          onChange={change => setWhat(change.target.value)}
        />
        <button className="button" onClick={note}>
          Note it
        </button>
      </p>
    </section>
  );
}
