import { BREAK_PLACES, inOrder, newId, orderAfter, type BreakPlace } from '@idle-satchel/core';
import { NumberField } from '../../ledger/NumberField.js';
import { usePlan, useStore } from '../../store/hooks.js';

/** What a new break is: long enough to eat. */
const MEAL = { label: 'Meal', minutes: 30, at: 'once everything is rigged' } as const;

/** Breaks that everybody has together while things are got ready; the schedule and the call have room for them. */
export default function Breaks() {
  const store = useStore();
  const breaks = inOrder(usePlan(plan => plan.breaks));
  return (
    <section aria-label="Breaks" className="py-1">
      {breaks.map(([id, { label, minutes, at }]) => (
        <div key={id} className="border-b border-rule pb-1">
          <NumberField
            label={label}
            unit="min"
            value={minutes}
            min={1}
            max={240}
            onCommit={value => {
              if (value !== undefined)
                store.editPlan(`${label}: so long`, plan => plan.put('breaks', id, 'minutes', value));
            }}
          />
          <span className="flex flex-wrap gap-x-3 items-baseline">
            <select
              className="field"
              aria-label={`When: ${label}`}
              value={at}
              onChange={({ target }) =>
                store.editPlan(`${label}: when`, plan =>
                  plan.put('breaks', id, 'at', target.value as BreakPlace),
                )
              }
            >
              {BREAK_PLACES.map(each => (
                <option key={each}>{each}</option>
              ))}
            </select>
            <button
              className="link"
              aria-label={`Take out: ${label}`}
              onClick={() => store.editPlan(`Take “${label}” out`, plan => plan.drop('breaks', id))}
            >
              Take out
            </button>
          </span>
        </div>
      ))}
      <button
        className="button mt-1"
        onClick={() =>
          store.editPlan('A break for everybody', plan =>
            plan.put('breaks', newId(), { ...MEAL, order: orderAfter(breaks.at(-1)?.[1].order) }),
          )
        }
      >
        A break for everybody
      </button>
    </section>
  );
}
