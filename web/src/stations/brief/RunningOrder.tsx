import { addItemPatch, inOrder, orderBetween } from '@idle-satchel/core';
import { Suspense, useState } from 'react';
import { usePlan, useStore } from '../../store/hooks.js';
import { fetched } from '../../ui/fetched.js';
import { ItemRow } from './ItemRow.js';

const PasteDialog = fetched(() => import('./PasteDialog.js'));

/** The running order: items by phase, with where they are and the layouts they need. */
export function RunningOrder() {
  const store = useStore();
  const items = usePlan(plan => plan.runningOrder);
  const list = inOrder(items);
  const move = (index: number, by: 1 | -1): void => {
    const [id] = list[index] ?? [];
    const before = by < 0 ? list[index - 2] : list[index + 1];
    const after = by < 0 ? list[index - 1] : list[index + 2];
    if (id === undefined || (by < 0 ? index === 0 : index === list.length - 1)) return;
    store.editPlan('Move an item', plan =>
      plan.put('runningOrder', id, 'order', orderBetween(before?.[1].order, after?.[1].order)),
    );
  };
  /** The item that was added last, which takes the cursor. */
  const [added, setAdded] = useState<string>();
  const [pasting, setPasting] = useState(false);
  const add = (behind?: string): void => {
    const { id, patch } = addItemPatch(store.get().bundle.plan, behind);
    store.patchPlan('Add an item', patch);
    setAdded(id);
  };
  return (
    <section aria-label="Running order" className="mt-6 pb-8">
      <h2>Running order</h2>
      <table>
        <thead>
          <tr>
            <th>From</th>
            <th>To</th>
            <th>Item</th>
            <th>Phase</th>
            <th className="text-right">Minutes</th>
            <th>Where</th>
            <th>Layouts</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {list.map(([id, item], index) => (
            <ItemRow
              key={id}
              id={id}
              item={item}
              first={index === 0}
              last={index === list.length - 1}
              fresh={id === added}
              onMove={by => move(index, by)}
              onNext={() => add(id)}
            />
          ))}
        </tbody>
      </table>
      {list.length === 0 && (
        <p className="text-faint py-2">Nothing yet: add what happens, from unloading to the last lamp out.</p>
      )}
      <p className="flex flex-wrap gap-2 items-baseline mt-2">
        <button className="button" onClick={() => add()}>
          Add an item
        </button>
        <button className="button" onClick={() => setPasting(true)}>
          Paste it as text
        </button>
        <span className="text-faint text-[13px]">Enter in an item makes the next one.</span>
      </p>
      {pasting && (
        <Suspense>
          <PasteDialog onClose={() => setPasting(false)} />
        </Suspense>
      )}
    </section>
  );
}
