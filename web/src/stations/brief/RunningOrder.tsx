import {
  inOrder,
  LAYOUTS,
  newId,
  orderAfter,
  orderBetween,
  PHASE_ORDER,
  showInstant,
  type Layout,
  type RunningItem,
} from '@idle-satchel/core';
import { TextField } from '../../ledger/TextField.js';
import { useEvent, usePlan, useReading, useResult, useStore } from '../../store/hooks.js';
import { PHASE_WORDS } from './phase-words.js';

/** The running order: items by phase, with where they are and the layouts they need. */
export function RunningOrder() {
  const store = useStore();
  const items = usePlan(plan => plan.runningOrder);
  const marks = useEvent(state => state.assessment.ground.venue.marks);
  const times = useResult('brief').items;
  const { zone } = useReading();
  const list = inOrder(items);
  const at = (iso: unknown): string => (typeof iso === 'string' ? showInstant(iso, zone).slice(4) : '');
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
            <tr key={id}>
              <td>{at(times[id]?.begins.value)}</td>
              <td>{at(times[id]?.ends.value)}</td>
              <td>
                <TextField
                  label="Item"
                  value={item.label}
                  max={80}
                  onCommit={text =>
                    store.editPlan('Rename an item', plan => plan.put('runningOrder', id, 'label', text))
                  }
                />
              </td>
              <td>
                <select
                  className="field"
                  aria-label={`Phase of ${item.label}`}
                  value={item.phase}
                  onChange={event =>
                    store.editPlan('Change a phase', plan =>
                      plan.put('runningOrder', id, 'phase', event.target.value as RunningItem['phase']),
                    )
                  }
                >
                  {PHASE_ORDER.map(phase => (
                    <option key={phase} value={phase}>
                      {PHASE_WORDS[phase]}
                    </option>
                  ))}
                </select>
              </td>
              <td className="text-right">
                <input
                  className="field w-16 text-right"
                  type="number"
                  min={0}
                  max={1440}
                  aria-label={`Minutes of ${item.label}`}
                  key={item.minutes}
                  defaultValue={item.minutes}
                  onBlur={event => {
                    const value = event.target.valueAsNumber;
                    if (value >= 0 && value <= 1440 && value !== item.minutes)
                      store.editPlan('Change a length', plan =>
                        plan.put('runningOrder', id, 'minutes', value),
                      );
                    else if (!(value >= 0 && value <= 1440)) event.target.value = String(item.minutes);
                  }}
                />
              </td>
              <td>
                <select
                  className="field"
                  aria-label={`Mark of ${item.label}`}
                  value={item.mark ?? ''}
                  onChange={event => {
                    const value = event.target.value;
                    if (value)
                      store.editPlan('Place an item', plan => plan.put('runningOrder', id, 'mark', value));
                    else if (item.mark)
                      store.editPlan('Place an item nowhere', plan => plan.drop('runningOrder', id, 'mark'));
                  }}
                >
                  <option value="">–</option>
                  {inOrder(marks).map(([mark, { label }]) => (
                    <option key={mark} value={mark}>
                      {label}
                    </option>
                  ))}
                </select>
              </td>
              <td>{item.phase === 'live' && <LayoutsOf id={id} item={item} />}</td>
              <td className="text-right whitespace-nowrap">
                <button
                  className="link"
                  aria-label={`Move ${item.label} up`}
                  disabled={index === 0}
                  onClick={() => move(index, -1)}
                >
                  ↑
                </button>{' '}
                <button
                  className="link"
                  aria-label={`Move ${item.label} down`}
                  disabled={index === list.length - 1}
                  onClick={() => move(index, 1)}
                >
                  ↓
                </button>{' '}
                <button
                  className="link"
                  onClick={() => store.editPlan('Drop an item', plan => plan.drop('runningOrder', id))}
                >
                  Drop
                </button>
              </td>
            </tr>
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

/** Layouts and graphics that an item needs at once; they draw on the switcher under Signal. */
function LayoutsOf({ id, item }: { id: string; item: RunningItem }) {
  const store = useStore();
  const chosen = item.layouts ?? [];
  const toggle = (layout: Layout): void => {
    const value = chosen.includes(layout) ? chosen.filter(each => each !== layout) : [...chosen, layout];
    const path = `/runningOrder/${id}/layouts`;
    store.patchPlan(`Layouts of ${item.label}`.slice(0, 120), [
      value.length === 0 ? { op: 'remove', path } : { op: 'add', path, value },
    ]);
  };
  return (
    <details className="text-[13px]">
      <summary aria-label={`Layouts of ${item.label}`}>
        {chosen.length === 0 ? 'none' : chosen.join(', ')}
      </summary>
      {LAYOUTS.map(layout => (
        <label key={layout} className="flex gap-2">
          <input type="checkbox" checked={chosen.includes(layout)} onChange={() => toggle(layout)} />
          {layout}
        </label>
      ))}
    </details>
  );
}
