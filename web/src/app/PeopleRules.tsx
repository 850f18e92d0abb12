import { USUAL_CARE, USUAL_WISHES, type RuleChoices } from '@idle-satchel/core';
import { NumberField } from '../ledger/NumberField.js';
import { useStore } from '../store/hooks.js';

type Crew = NonNullable<RuleChoices['crew']>;

const NUMBERS = [
  ['rest', 'Rest overnight', 'h', 0, 24],
  ['restYoung', 'Rest of those under 18', 'h', 0, 24],
  ['restUnder15', 'Rest of those under 15', 'h', 0, 24],
  ['between', 'Way from one venue to another', 'min', 0, 600],
  ['ready', 'Days on which all is ready by doors', '%', 50, 99.9],
  ['remembers', 'Duties before that fair shares remember', 'days', 0, 1000],
  ['replyDays', 'Answers are wanted before an event', 'days', 0, 60],
] as const;

const WISHES = [
  ['ratherNot', 'Somebody who would rather not come'],
  ['apartFromHousehold', 'One of a household without the other'],
  ['learner', 'A learner’s turn beside somebody who leads'],
  ['change', 'Somebody else on a role than so far'],
] as const;

/** How the house looks after its people, and what a roster weighs. */
export function PeopleRules({ crew = {} }: { crew: Crew | undefined }) {
  const store = useStore();
  const choose = (changed: Partial<Record<keyof Crew, unknown>>): void => {
    const next = Object.entries({ ...crew, ...changed }).filter(([, value]) => value !== undefined);
    store.editPlan('Choose how people are looked after', plan =>
      plan.put('rules', 'crew', Object.fromEntries(next) as Crew),
    );
  };
  return (
    <details className="py-1.5" open={Object.keys(crew).length > 0}>
      <summary>People: rest, those under 18, ready in time, and what a roster weighs</summary>
      {NUMBERS.map(([name, label, unit, least, most]) => (
        <NumberField
          key={name}
          label={`${label} (usually ${USUAL_CARE[name]} ${unit})`}
          unit={unit}
          value={crew[name]}
          min={least}
          max={most}
          optional
          onCommit={value => choose({ [name]: value })}
        />
      ))}
      <label className="flex items-baseline gap-x-4 py-1 border-b border-rule">
        <span className="grow">Whoever is under 18 has left by</span>
        <input
          className="field"
          type="time"
          value={crew.youngLeave ?? ''}
          onChange={({ target }) => choose({ youngLeave: target.value || undefined })}
        />
      </label>
      <label className="block py-1 border-b border-rule">
        <input
          type="checkbox"
          checked={crew.vetted ?? false}
          onChange={({ target }) => choose({ vetted: target.checked || undefined })}
        />{' '}
        Adults beside those under 18 are vetted
      </label>
      <p className="text-faint text-[13px] pt-2">
        What a roster weighs, once holes and fair shares are settled; 0 = nothing
      </p>
      {WISHES.map(([name, label]) => (
        <NumberField
          key={name}
          label={`${label} (usually ${USUAL_WISHES[name]})`}
          unit=""
          value={crew.wishes?.[name]}
          min={0}
          max={100}
          optional
          onCommit={value => {
            const { [name]: _before, ...others } = crew.wishes ?? {};
            choose({ wishes: { ...others, ...(value !== undefined && { [name]: value }) } });
          }}
        />
      ))}
    </details>
  );
}
