import { newId, showCalendarDay, showDay, type DateLocale } from '@idle-satchel/core';
import type { ItemFields, ItemLine } from '@idle-satchel/core/api';
import { useState, type FormEvent } from 'react';
import { wordsOf } from '../../api/client.js';
import { author } from '../../api/signature.js';
import { OWN_ZONE } from '../../ui/days.js';
import { GuardedButton } from '../../ui/GuardedButton.js';

/** What was found wrong with a thing: noted, mended, kept. */
export function ItemFaults({
  item,
  dates,
  onChange,
}: {
  item: ItemLine;
  dates: DateLocale | undefined;
  onChange: (fields: ItemFields) => Promise<void>;
}) {
  const [what, setWhat] = useState('');
  const [due, setDue] = useState('');
  const [problem, setProblem] = useState('');
  const keep = async (fields: ItemFields): Promise<void> => {
    setProblem('');
    try {
      await onChange(fields);
      setWhat('');
      setDue('');
    } catch (error) {
      setProblem(wordsOf(error));
    }
  };
  const found = Object.entries(item.faults ?? {}).sort(([, a], [, b]) => (a.at < b.at ? 1 : -1));
  const note = (event: FormEvent): void => {
    event.preventDefault();
    const fault = { at: new Date().toISOString(), what: what.trim(), by: author(), ...(due && { due }) };
    void keep({ faults: { [newId()]: fault } });
  };
  const day = (at: string): string => showDay(at, { zone: OWN_ZONE, dates });
  return (
    <section aria-label="Faults" className="pt-3">
      <h2>Faults</h2>
      <ul>
        {found.map(([id, fault]) => (
          <li key={id} className="py-1 border-b border-rule">
            <span className={fault.mended === undefined ? 'text-risk' : 'text-faint'}>{fault.what}</span>{' '}
            <span className="text-faint">
              · {day(fault.at)}, {fault.by}
              {fault.due !== undefined &&
                fault.mended === undefined &&
                ` · to be mended by ${showCalendarDay(fault.due, dates)}`}
              {fault.mended !== undefined && ` · mended ${day(fault.mended)}`}
            </span>
            {fault.mended === undefined && (
              <button
                className="link ml-2"
                onClick={() =>
                  void keep({ faults: { [id]: { ...fault, mended: new Date().toISOString() } } })
                }
              >
                Mended
              </button>
            )}
          </li>
        ))}
        {found.length === 0 && <li className="text-faint">None was noted.</li>}
      </ul>
      <form aria-label="Note a fault" className="flex flex-wrap items-baseline gap-2 pt-1" onSubmit={note}>
        <input
          className="field grow"
          aria-label="What is wrong with it"
          placeholder="What is wrong with it"
          maxLength={200}
          value={what}
          onChange={event => setWhat(event.target.value)}
        />
        <label>
          <span className="text-faint">mend by </span>
          <input
            type="date"
            className="field"
            value={due}
            min="2000-01-01"
            max="2099-12-31"
            onChange={event => setDue(event.target.value)}
          />
        </label>
        <GuardedButton why={what.trim() === '' ? 'say what is wrong' : undefined}>Note it</GuardedButton>
      </form>
      {problem && (
        <p role="alert" className="text-stop">
          {problem}
        </p>
      )}
    </section>
  );
}
