import { inOrder, newId, type FedTogether as Pair } from '@idle-satchel/core';
import { useState } from 'react';
import { FigureRow, Heading } from '../../ledger/Ledger.js';
import { useOpenEvent, usePlan, useResult, useUi } from '../../store/hooks.js';
import { GuardedButton } from '../../ui/GuardedButton.js';

/** What the selected device is to hang on one circuit with, and what on another. */
export default function FedTogether() {
  const { store } = useOpenEvent();
  const selected = useUi(state => state.selected) ?? '';
  const devices = usePlan(plan => plan.devices);
  const pairs = usePlan(plan => plan.fedTogether);
  const power = useResult('power');
  const [other, setOther] = useState('');
  const device = devices?.[selected];
  if (!device || !power.devices[selected]) return null;
  const label = (id: string): string => devices[id]?.label ?? 'a device';
  const own = inOrder(pairs).filter(([, { one, other: two }]) => one === selected || two === selected);
  const others = inOrder(devices).filter(([id]) => id !== selected && power.devices[id]);
  const add = (apart: boolean): void => {
    const pair: Pair = { one: selected, other, ...(apart && { apart }) };
    store.editPlan(`${device.label} with ${label(other)}`.slice(0, 120), plan =>
      plan.put('fedTogether', newId(), pair),
    );
    setOther('');
  };
  const why = other === '' ? 'choose another device' : undefined;
  return (
    <section aria-label="On one circuit, or on two">
      <Heading about={device.label}>On one circuit, or on two</Heading>
      {own.map(([id, { one, other: two, apart }]) => {
        const words = `${apart ? 'apart from' : 'together with'} ${label(one === selected ? two : one)}`;
        const { together, apart: split } = power.pairs[id] ?? {};
        const circuits = together ?? split;
        return (
          <div key={id} className="flex gap-2 items-baseline">
            <div className="grow">
              {circuits ? (
                <FigureRow label={words} figure={circuits} />
              ) : (
                <p className="py-1 border-b border-rule">
                  {words} <span className="text-faint">their circuits are not known</span>
                </p>
              )}
            </div>
            <button
              className="link"
              aria-label={`Forget: ${words}`}
              onClick={() => store.editPlan('Forget a pair', plan => plan.drop('fedTogether', id))}
            >
              forget
            </button>
          </div>
        );
      })}
      <p className="flex flex-wrap gap-2 py-1 items-baseline">
        <select
          className="field"
          aria-label="The other of the pair"
          value={other}
          onChange={event => setOther(event.target.value)}
        >
          <option value="">with …</option>
          {others.map(([id, each]) => (
            <option key={id} value={id}>
              {each.label}
            </option>
          ))}
        </select>
        <GuardedButton className="button" why={why} onClick={() => add(false)}>
          on one circuit
        </GuardedButton>
        <GuardedButton className="button" why={why} onClick={() => add(true)}>
          on two
        </GuardedButton>
      </p>
    </section>
  );
}
