import { inOrder, outputSuits, PROGRAMMES, type Output, type Programme } from '@idle-satchel/core';
import { TextField } from '../../ledger/TextField.js';
import { useEvent, usePlan, useStore } from '../../store/hooks.js';
import { OUTPUT_WORDS } from './output-words.js';

/** One output: what it is called, of what it comes out, and what goes on with it. */
export function OutputRow({ id, output }: { id: string; output: Output }) {
  const store = useStore();
  const devices = usePlan(plan => plan.devices);
  const kinds = useEvent(state => state.bundle.kinds.kinds);
  const things = {
    devices: devices ?? {},
    kindOf: (device: string | undefined) => kinds[devices?.[device ?? '']?.kind ?? ''],
  };
  return (
    <tr>
      <td>
        <TextField
          label="Name of the output"
          value={output.label}
          max={60}
          onCommit={text =>
            store.editPlan('Rename an output', plan => plan.put('outputs', id, 'label', text))
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
            if (value) store.editPlan('Choose a device', plan => plan.put('outputs', id, 'device', value));
            else if (output.device)
              store.editPlan('Choose no device', plan => plan.drop('outputs', id, 'device'));
          }}
        >
          <option value="">not chosen yet</option>
          {inOrder(devices)
            .filter(([device]) => outputSuits(things, output.kind, device) || device === output.device)
            .map(([device, { label }]) => (
              <option key={device} value={device}>
                {label}
              </option>
            ))}
        </select>
      </td>
      <td>
        <ProgrammeOf id={id} output={output} />
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
                  store.editPlan('Record cameras separately', plan =>
                    plan.put('outputs', id, 'isolated', value),
                  );
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
          onClick={() => store.editPlan('Drop an output', plan => plan.drop('outputs', id))}
        >
          Drop
        </button>
      </td>
    </tr>
  );
}

/** Which programme an output is, who it is for, and what a recording backs up. */
function ProgrammeOf({ id, output }: { id: string; output: Output }) {
  const store = useStore();
  const outputs = usePlan(plan => plan.outputs);
  const put = <Field extends 'programme' | 'viewer' | 'backs'>(
    label: string,
    field: Field,
    value: NonNullable<Output[Field]> | '',
  ): void =>
    store.editPlan(`${label} of ${output.label}`, plan =>
      plan.set('outputs', id, field, value === '' ? undefined : value),
    );
  const recordings = inOrder(outputs).filter(([other, { kind }]) => kind === 'recording' && other !== id);
  return (
    <span className="flex flex-wrap gap-2">
      <select
        className="field"
        aria-label={`Programme of ${output.label}`}
        value={output.programme ?? ''}
        onChange={event => put('Programme', 'programme', event.target.value as Programme | '')}
      >
        <option value="">the programme</option>
        {PROGRAMMES.filter(each => each !== 'programme').map(each => (
          <option key={each} value={each}>
            {each === 'clean' ? 'without graphics' : each}
          </option>
        ))}
      </select>
      {output.kind === 'recording' && recordings.length > 0 && (
        <select
          className="field"
          aria-label={`What ${output.label} backs up`}
          value={output.backs ?? ''}
          onChange={event => put('Backup', 'backs', event.target.value)}
        >
          <option value="">no backup of another</option>
          {recordings.map(([other, { label }]) => (
            <option key={other} value={other}>
              backup of {label}
            </option>
          ))}
        </select>
      )}
    </span>
  );
}
