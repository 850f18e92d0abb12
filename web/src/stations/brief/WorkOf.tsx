import { WORK_FIELDS, withCount, workWords } from '@idle-satchel/core/running-work';
import type { RunningItem } from '@idle-satchel/core';
import { useStore } from '../../store/hooks.js';
import { NumberField } from '../../ledger/NumberField.js';

/** What an item asks of people: cuts, captions, re-frames … Once one is counted, the others are none. */
export default function WorkOf({ id, item }: { id: string; item: RunningItem }) {
  const store = useStore();
  const words = workWords(item.work);
  return (
    <details className="text-[13px] text-faint">
      <summary aria-label={`Work of ${item.label}`}>
        {words === undefined ? 'what it asks of people is not counted' : `asks for ${words}`}
      </summary>
      <div className="max-w-[300px]">
        {WORK_FIELDS.map(({ name, label, most, whole }) => (
          <NumberField
            key={name}
            label={label}
            unit=""
            optional
            whole={whole}
            value={item.work?.[name]}
            min={0}
            max={most}
            onCommit={count =>
              store.editPlan(`Work of ${item.label}`.slice(0, 120), plan =>
                plan.set('runningOrder', id, 'work', withCount(item.work, name, count)),
              )
            }
          />
        ))}
      </div>
    </details>
  );
}
