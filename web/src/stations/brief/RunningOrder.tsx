import { inOrder, newId, orderAfter, orderBetween } from '@idle-satchel/core';
import { usePlan, useStore } from '../../store/hooks.js';
import { ItemRow } from './ItemRow.js';

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
  const add = (): void =>
    store.editPlan('Add an item', plan =>
      plan.put('runningOrder', newId(), {
        order: orderAfter(list.at(-1)?.[1].order),
        label: 'New item',
        phase: 'live',
        minutes: 10,
      }),
    );
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
              onMove={by => move(index, by)}
            />
          ))}
        </tbody>
      </table>
      {list.length === 0 && (
        <p className="text-faint py-2">Nothing yet: add what happens, from unloading to the last lamp out.</p>
      )}
      <button className="button mt-2" onClick={add}>
        Add an item
      </button>
    </section>
  );
}
