import type { UnitSystem } from '@idle-satchel/core';
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
  own = false,
  onKeep,
}: {
  system: UnitSystem;
  /** It is said by whom it is of. */
  own?: boolean;
  onKeep: (record: object) => void;
}) {
  const [pattern, setPattern] = useState(-1);
  const [day, setDay] = useState('SU');
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
      <RecordForm
        name={own ? 'When you come' : 'When they come'}
        form={own ? OWN_PRESENCE_FORM : PRESENCE_FORM}
        record={{ how: 'are away', from: today() }}
        besides={rule === undefined ? {} : { rule }}
        system={system}
        keep="Keep it"
        onKeep={onKeep}
      />
    </>
  );
}
