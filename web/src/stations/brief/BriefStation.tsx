import {
  inOrder,
  newId,
  orderAfter,
  orderBetween,
  PHASE_ORDER,
  showInstant,
  type Operation,
  type Output,
  type Phase,
} from '@idle-satchel/core';
import { fromField, toField } from '../../app/days.js';
import { FigureRow, Heading, useWorkingKey } from '../../ledger/Ledger.js';
import { TextField } from '../../ledger/TextField.js';
import { useFlags } from '../../ledger/flags.js';
import { useEvent, usePlan, useReading, useResult, useStore } from '../../store/hooks.js';

const PHASE_WORDS: Readonly<Record<Phase, string>> = {
  rig: 'Rig',
  check: 'Check',
  rehearse: 'Rehearse',
  wait: 'Doors',
  live: 'Live',
  strike: 'Strike',
};
const OUTPUT_WORDS: Readonly<Record<Output['kind'], string>> = {
  stream: 'Stream',
  recording: 'Recording',
  screen: 'Screen in the room',
};

/** Brief: what must come out, when it starts, and the running order with its phases. */
export default function BriefStation() {
  useWorkingKey();
  const store = useStore();
  const brief = useResult('brief');
  const flag = useFlags();
  const label = usePlan(plan => plan.label);
  const start = usePlan(plan => plan.start);
  const zone = usePlan(plan => plan.zone);
  return (
    <div className="grid md:grid-cols-[minmax(0,1.87fr)_minmax(320px,1fr)] max-md:grid-cols-[minmax(0,1fr)] min-h-full">
      <div className="px-5 py-3">
        <div className="flex flex-wrap gap-x-6 gap-y-2 items-baseline">
          <label className="grow">
            <span className="text-faint">Event </span>
            <TextField
              label="Event"
              value={label}
              max={80}
              className="w-[min(100%,26rem)] font-semibold"
              onCommit={text =>
                store.patchPlan('Rename the event', [{ op: 'replace', path: '/label', value: text }])
              }
            />
          </label>
          <label>
            <span className="text-faint">Live at </span>
            <input
              className="field"
              type="datetime-local"
              key={start}
              defaultValue={toField(start, zone)}
              onBlur={event => {
                const value = fromField(event.target.value, zone);
                if (value && value !== start)
                  store.patchPlan('Change the start', [{ op: 'replace', path: '/start', value }]);
              }}
            />{' '}
            <span className="text-faint">{zone}</span>
          </label>
        </div>
        <Outputs />
        <RunningOrder />
      </div>
      <aside className="px-4 py-2 border-l border-rule">
        <Heading>Times</Heading>
        <FigureRow label="Live at" figure={brief.start} path="brief.start" />
        <FigureRow label="Live ends" figure={brief.end} path="brief.end" />
        <FigureRow label="Planned before the start" figure={brief.before} path="brief.before" />
        <Heading>Phases</Heading>
        {PHASE_ORDER.map(phase => (
          <FigureRow
            key={phase}
            label={PHASE_WORDS[phase]}
            figure={brief.phases[phase]}
            path={`brief.phases.${phase}`}
            flag={flag(`brief.phases.${phase}`)}
          />
        ))}
        <Heading>Outputs</Heading>
        <FigureRow
          label="Outputs wanted"
          figure={brief.outputsWanted}
          path="brief.outputsWanted"
          flag={flag('brief.outputsWanted')}
        />
      </aside>
    </div>
  );
}

function Outputs() {
  const store = useStore();
  const outputs = usePlan(plan => plan.outputs);
  const devices = usePlan(plan => plan.devices);
  const kinds = useEvent(state => state.bundle.kinds.kinds);
  const edit = (label: string, ...patch: Operation[]): void => store.patchPlan(label, patch);
  const suits = (kind: Output['kind'], device: string): boolean => {
    const of = kinds[devices?.[device]?.kind ?? ''];
    return kind === 'stream'
      ? of?.encodes === true
      : kind === 'recording'
        ? of?.recording !== undefined
        : of?.family === 'screen';
  };
  const add = (kind: Output['kind']): void =>
    edit(`Want a ${kind}`, ...(outputs ? [] : [{ op: 'add' as const, path: '/outputs', value: {} }]), {
      op: 'add',
      path: `/outputs/${newId()}`,
      value: {
        order: orderAfter(inOrder(outputs).at(-1)?.[1].order),
        label: OUTPUT_WORDS[kind],
        kind,
      },
    });
  return (
    <section aria-label="Outputs wanted" className="mt-4">
      <h2>What must come out</h2>
      <table>
        <thead>
          <tr>
            <th>Output</th>
            <th>Kind</th>
            <th>Comes out of</th>
            <th>Extra</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {inOrder(outputs).map(([id, output]) => (
            <tr key={id}>
              <td>
                <TextField
                  label="Name of the output"
                  value={output.label}
                  max={60}
                  onCommit={text =>
                    edit('Rename an output', { op: 'replace', path: `/outputs/${id}/label`, value: text })
                  }
                />
              </td>
              <td>{OUTPUT_WORDS[output.kind]}</td>
              <td>
                <select
                  className="field"
                  aria-label={`Device of ${output.label}`}
                  value={output.device ?? ''}
                  onChange={event => {
                    const value = event.target.value;
                    if (value) edit('Choose a device', { op: 'add', path: `/outputs/${id}/device`, value });
                    else if (output.device)
                      edit('Choose no device', { op: 'remove', path: `/outputs/${id}/device` });
                  }}
                >
                  <option value="">not chosen yet</option>
                  {inOrder(devices)
                    .filter(([device]) => suits(output.kind, device) || device === output.device)
                    .map(([device, { label }]) => (
                      <option key={device} value={device}>
                        {label}
                      </option>
                    ))}
                </select>
              </td>
              <td>
                {output.kind === 'recording' && (
                  <label>
                    <input
                      className="field w-12 text-right"
                      type="number"
                      min={0}
                      max={16}
                      key={output.isolated ?? 0}
                      defaultValue={output.isolated ?? 0}
                      onBlur={event => {
                        const value = event.target.valueAsNumber;
                        if (
                          Number.isInteger(value) &&
                          value >= 0 &&
                          value <= 16 &&
                          value !== (output.isolated ?? 0)
                        ) {
                          edit('Record cameras separately', {
                            op: 'add',
                            path: `/outputs/${id}/isolated`,
                            value,
                          });
                        }
                      }}
                    />{' '}
                    cameras separately
                  </label>
                )}
              </td>
              <td className="text-right">
                <button
                  className="link"
                  onClick={() => edit('Drop an output', { op: 'remove', path: `/outputs/${id}` })}
                >
                  Drop
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="flex gap-2 mt-2">
        {(['stream', 'recording', 'screen'] as const).map(kind => (
          <button key={kind} className="button" onClick={() => add(kind)}>
            Add a {kind}
          </button>
        ))}
      </p>
    </section>
  );
}

function RunningOrder() {
  const store = useStore();
  const items = usePlan(plan => plan.runningOrder);
  const marks = useEvent(state => state.assessment.ground.venue.marks);
  const times = useResult('brief').items;
  const { zone } = useReading();
  const edit = (label: string, ...patch: Operation[]): void => store.patchPlan(label, patch);
  const list = inOrder(items);
  const at = (iso: unknown): string => (typeof iso === 'string' ? showInstant(iso, zone).slice(4) : '');
  const move = (index: number, by: 1 | -1): void => {
    const [id] = list[index] ?? [];
    const before = by < 0 ? list[index - 2] : list[index + 1];
    const after = by < 0 ? list[index - 1] : list[index + 2];
    if (id === undefined || (by < 0 ? index === 0 : index === list.length - 1)) return;
    edit('Move an item', {
      op: 'replace',
      path: `/runningOrder/${id}/order`,
      value: orderBetween(before?.[1].order, after?.[1].order),
    });
  };
  const add = (): void =>
    edit('Add an item', ...(items ? [] : [{ op: 'add' as const, path: '/runningOrder', value: {} }]), {
      op: 'add',
      path: `/runningOrder/${newId()}`,
      value: {
        order: orderAfter(list.at(-1)?.[1].order),
        label: 'New item',
        phase: 'live',
        minutes: 10,
      },
    });
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
                    edit('Rename an item', { op: 'replace', path: `/runningOrder/${id}/label`, value: text })
                  }
                />
              </td>
              <td>
                <select
                  className="field"
                  aria-label={`Phase of ${item.label}`}
                  value={item.phase}
                  onChange={event =>
                    edit('Change a phase', {
                      op: 'replace',
                      path: `/runningOrder/${id}/phase`,
                      value: event.target.value,
                    })
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
                      edit('Change a length', { op: 'replace', path: `/runningOrder/${id}/minutes`, value });
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
                    if (value) edit('Place an item', { op: 'add', path: `/runningOrder/${id}/mark`, value });
                    else if (item.mark)
                      edit('Place an item nowhere', { op: 'remove', path: `/runningOrder/${id}/mark` });
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
                  onClick={() => edit('Drop an item', { op: 'remove', path: `/runningOrder/${id}` })}
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
