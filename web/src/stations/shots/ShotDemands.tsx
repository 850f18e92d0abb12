import { IMPORTANCES, inOrder, type Shot } from '@idle-satchel/core';
import { ChoiceField, FlagField } from '../../ledger/ChoiceField.js';
import { NumberField } from '../../ledger/NumberField.js';
import { usePlan, useStore } from '../../store/hooks.js';

const IMPORTANCE_WORDS = { vital: 'vital: cover it twice', wanted: 'wanted', nice: 'nice to have' } as const;

/** How much a shot is wanted, in which items of the running order, and of how many people. */
export default function ShotDemands({ id, shot }: { id: string; shot: Shot }) {
  const store = useStore();
  const items = inOrder(usePlan(plan => plan.runningOrder)).filter(([, { phase }]) => phase === 'live');
  const put = <Name extends keyof Shot>(
    label: string,
    field: Name,
    value: NonNullable<Shot[Name]> | undefined,
  ): void => store.editPlan(label, plan => plan.set('shots', id, field, value));
  const { items: own = [], importance, people } = shot;
  const toggled = (item: string): void => {
    const next = own.includes(item) ? own.filter(each => each !== item) : [...own, item];
    put('Change when a shot is wanted', 'items', next.length > 0 ? next : undefined);
  };
  return (
    <>
      <ChoiceField
        label="Importance"
        value={importance ?? 'wanted'}
        options={IMPORTANCES.map(each => [each, IMPORTANCE_WORDS[each]] as const)}
        onCommit={value => put('Change how much a shot is wanted', 'importance', value)}
      />
      {shot.size === 'panel' && (
        <NumberField
          label="People seated in it"
          unit="people"
          whole
          optional
          value={people}
          min={1}
          max={40}
          onCommit={value => put('Change a panel', 'people', value)}
        />
      )}
      <FlagField
        label="A window cut from the picture of its camera’s first shot"
        value={shot.window ?? false}
        onCommit={cut => put('Change a window', 'window', cut || undefined)}
      />
      <details className="py-1 border-b border-rule">
        <summary className="cursor-pointer">
          Wanted in{' '}
          <span className="text-faint float-right">
            {own.length === 0 ? 'a time of its own' : `${own.length} of ${items.length} items`}
          </span>
        </summary>
        {items.map(([item, { label }]) => (
          <label key={item} className="block">
            <input type="checkbox" checked={own.includes(item)} onChange={() => toggled(item)} /> {label}
          </label>
        ))}
      </details>
    </>
  );
}
