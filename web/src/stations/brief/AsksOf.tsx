import { ASK_FIELDS, withCount, asksWords } from '@idle-satchel/core/item-asks';
import type { RunningItem } from '@idle-satchel/core';
import { useStore } from '../../store/hooks.js';
import { NumberField } from '../../ledger/NumberField.js';

/** What an item asks of people: cuts, captions, re-frames … Once one is counted, the others are none. */
export default function AsksOf({ id, item }: { id: string; item: RunningItem }) {
  const store = useStore();
  const words = asksWords(item.asks);
  return (
    <details className="text-[13px] text-faint">
      <summary aria-label={`Work of ${item.label}`}>
        {words === undefined ? 'what it asks of people is not counted' : `asks for ${words}`}
      </summary>
      <div className="max-w-[300px]">
        {ASK_FIELDS.map(({ name, label, most, whole }) => (
          <NumberField
            key={name}
            label={label}
            unit=""
            optional
            whole={whole}
            value={item.asks?.[name]}
            min={0}
            max={most}
            onCommit={count =>
              store.editPlan(`Work of ${item.label}`.slice(0, 120), plan =>
                plan.set('runningOrder', id, 'asks', withCount(item.asks, name, count)),
              )
            }
          />
        ))}
      </div>
    </details>
  );
}
