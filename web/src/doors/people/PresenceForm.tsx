import { showCalendarDay, type DateLocale, type UnitSystem } from '@idle-satchel/core';
import {
  DAY_PATTERNS,
  OWN_PRESENCE_FORM,
  PRESENCE_FORM,
  ruleOf,
  WEEKDAY_NAMES,
} from '@idle-satchel/core/person-forms';
import { useState } from 'react';
import { RecordForm } from '../../ledger/RecordForm.js';
import { today } from '../../ui/today.js';

/** When somebody comes, or does not: a day, a span, or days that come again. */
export default function PresenceForm({
  system,
  dates,
  own = false,
  onKeep,
}: {
  system: UnitSystem;
  dates: DateLocale | undefined;
  /** It is said by whom it is of. */
  own?: boolean;
  onKeep: (record: object) => void;
}) {
  const [pattern, setPattern] = useState(-1);
  const [day, setDay] = useState('SU');
  const [except, setExcept] = useState<readonly string[]>([]);
  const rule = pattern < 0 ? undefined : ruleOf(pattern, day);
  return (
    <>
      <p className="flex flex-wrap gap-x-4 gap-y-1 pt-2">
        <label>
          Which days{' '}
          <select
            className="field"
            value={pattern}
            onChange={({ target }) => setPattern(Number(target.value))}
          >
            <option value={-1}>each day of the time</option>
            {DAY_PATTERNS.map(({ words }, i) => (
              <option key={words} value={i}>
                {words}
              </option>
            ))}
          </select>
        </label>
        {rule !== undefined && (
          <label>
            on{' '}
            <select className="field" value={day} onChange={({ target }) => setDay(target.value)}>
              {WEEKDAY_NAMES.map(([id, name]) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          </label>
        )}
      </p>
      {rule !== undefined && <Exceptions days={except} dates={dates} onDays={setExcept} />}
      <RecordForm
        name={own ? 'When you come' : 'When they come'}
        form={own ? OWN_PRESENCE_FORM : PRESENCE_FORM}
        record={{ how: 'are away', from: today() }}
        besides={rule === undefined ? {} : { rule, ...(except.length > 0 && { except }) }}
        system={system}
        keep="Keep it"
        onKeep={onKeep}
      />
    </>
  );
}

/** Days that are none of those that come again. */
function Exceptions({
  days,
  dates,
  onDays,
}: {
  days: readonly string[];
  dates: DateLocale | undefined;
  onDays: (days: readonly string[]) => void;
}) {
  const [day, setDay] = useState(today());
  return (
    <p className="flex flex-wrap items-baseline gap-x-2 gap-y-1 pt-1">
      <label>
        But not on{' '}
        <input className="field" type="date" value={day} onChange={({ target }) => setDay(target.value)} />
      </label>
      <button
        type="button"
        className="button"
        disabled={day === '' || days.includes(day)}
        onClick={() => onDays([...days, day].sort())}
      >
        Leave that day out
      </button>
      {days.map(each => (
        <span key={each}>
          {showCalendarDay(each, dates)}{' '}
          <button
            type="button"
            className="link"
            aria-label={`Do not leave ${showCalendarDay(each, dates)} out`}
            onClick={() => onDays(days.filter(other => other !== each))}
          >
            put back
          </button>
        </span>
      ))}
    </p>
  );
}
