import { memo } from 'react';
import type { Json, Tracing } from '@idle-satchel/core';
import { Heading } from '../../ledger/Ledger.js';
import { LengthField } from '../../ledger/LengthField.js';
import { NumberField } from '../../ledger/NumberField.js';
import { useResult, useStore } from '../../store/hooks.js';

/** The picture under the plan: where it lies, how it is turned, how faint it is. */
export const TracingFields = memo(function TracingFields() {
  const { tracing } = useResult('ground').venue;
  const store = useStore();
  if (!tracing) return null;
  const { at, turn = 0, ink = 1 } = tracing;
  const set = (name: keyof Tracing, value: Json): void =>
    store.editVenue(
      'Move the picture under the plan',
      [{ op: 'add', path: `/tracing/${name}`, value }],
      'tracing',
    );
  return (
    <>
      <Heading
        right={
          <button
            className="link"
            onClick={() => store.editVenue('Take the picture away', [{ op: 'remove', path: '/tracing' }])}
          >
            Take it away
          </button>
        }
      >
        Picture under the plan
      </Heading>
      <LengthField label="East of zero" value={at[0]} onCommit={x => set('at', [x, at[1]])} />
      <LengthField label="South of zero" value={at[1]} onCommit={y => set('at', [at[0], y])} />
      <NumberField
        label="Turned"
        unit="°"
        value={turn}
        min={-360}
        max={360}
        onCommit={value => set('turn', value ?? 0)}
      />
      <label className="flex gap-2 items-baseline py-1 border-b border-rule">
        <span className="grow">Ink</span>
        <input
          type="range"
          min={0.1}
          max={1}
          step={0.05}
          value={ink}
          onChange={event => set('ink', Number(event.target.value))}
        />
      </label>
    </>
  );
});
