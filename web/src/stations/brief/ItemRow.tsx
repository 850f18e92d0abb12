import {
  inOrder,
  LAYOUTS,
  PHASE_ORDER,
  showClock,
  type Layout,
  type RunningItem,
  PHASE_WORDS,
} from '@idle-satchel/core';
import { Suspense } from 'react';
import { TextField } from '../../ledger/TextField.js';
import { useEvent, useReading, useResult, useStore } from '../../store/hooks.js';
import { fetched } from '../../ui/fetched.js';

const AsksOf = fetched(() => import('./AsksOf.js'));

/** One item of the running order: when, what, where and how long. */
export function ItemRow({
  id,
  item,
  first,
  last,
  fresh,
  onMove,
  onNext,
}: {
  id: string;
  item: RunningItem;
  first: boolean;
  last: boolean;
  /** It was just added, and wants a name. */
  fresh: boolean;
  onMove: (by: 1 | -1) => void;
  onNext: () => void;
}) {
  const store = useStore();
  const times = useResult('brief').items;
  const reading = useReading();
  const at = (iso: unknown): string => (typeof iso === 'string' ? showClock(iso, reading) : '');
  const row = (
    <tr className={item.phase === 'live' ? '[&>td]:border-b-0 [&>td]:pb-0' : ''}>
      <td>{at(times[id]?.begins.value)}</td>
      <td>{at(times[id]?.ends.value)}</td>
      <td>
        <TextField
          label="Item"
          value={item.label}
          max={80}
          fresh={fresh}
          onEnter={onNext}
          onCommit={text =>
            store.editPlan('Rename an item', plan => plan.put('runningOrder', id, 'label', text))
          }
        />
      </td>
      <td>
        <PhaseOf id={id} item={item} />
      </td>
      <td className="text-right">
        <Minutes id={id} item={item} />
      </td>
      <td>
        <MarkOf id={id} item={item} />
      </td>
      <td>{item.phase === 'live' && <LayoutsOf id={id} item={item} />}</td>
      <td className="text-right whitespace-nowrap">
        <button
          className="link"
          aria-label={`Move ${item.label} up`}
          disabled={first}
          title={first ? 'It is the first' : undefined}
          onClick={() => onMove(-1)}
        >
          ↑
        </button>{' '}
        <button
          className="link"
          aria-label={`Move ${item.label} down`}
          disabled={last}
          title={last ? 'It is the last' : undefined}
          onClick={() => onMove(1)}
        >
          ↓
        </button>{' '}
        <button
          className="link"
          aria-label={`Drop ${item.label}`}
          onClick={() => store.editPlan('Drop an item', plan => plan.drop('runningOrder', id))}
        >
          Drop
        </button>
      </td>
    </tr>
  );
  if (item.phase !== 'live') return row;
  return (
    <>
      {row}
      <tr>
        <td colSpan={2} />
        <td colSpan={6}>
          <Suspense>
            <AsksOf id={id} item={item} />
          </Suspense>
        </td>
      </tr>
    </>
  );
}

function PhaseOf({ id, item }: { id: string; item: RunningItem }) {
  const store = useStore();
  return (
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
  );
}

/** Layouts and graphics that an item needs at once; they draw on the switcher under Signal. */
function LayoutsOf({ id, item }: { id: string; item: RunningItem }) {
  const store = useStore();
  const chosen = item.layouts ?? [];
  const toggle = (layout: Layout): void => {
    const value = chosen.includes(layout) ? chosen.filter(each => each !== layout) : [...chosen, layout];
    store.editPlan(`Layouts of ${item.label}`.slice(0, 120), plan =>
      plan.set('runningOrder', id, 'layouts', value.length === 0 ? undefined : value),
    );
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

function Minutes({ id, item }: { id: string; item: RunningItem }) {
  const store = useStore();
  return (
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
          store.editPlan('Change a length', plan => plan.put('runningOrder', id, 'minutes', value));
        else if (!(value >= 0 && value <= 1440)) event.target.value = String(item.minutes);
      }}
    />
  );
}

/** Where it happens. */
function MarkOf({ id, item }: { id: string; item: RunningItem }) {
  const store = useStore();
  const marks = useEvent(state => state.assessment.ground.venue.marks);
  return (
    <select
      className="field"
      aria-label={`Mark of ${item.label}`}
      value={item.mark ?? ''}
      onChange={event => {
        const value = event.target.value;
        if (value) store.editPlan('Place an item', plan => plan.put('runningOrder', id, 'mark', value));
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
  );
}
