import { idFrom, inOrder, newId, orderAfter, usualKnobs, type Device, type Knob } from '@idle-satchel/core';
import { useId, useState } from 'react';
import { TextField } from '../../ledger/TextField.js';
import { useEvent, useStore } from '../../store/hooks.js';

/** How the knobs and menus of a thing are set: on its cards, and ticked one by one on the day. */
export function Knobs({ id, device: { label, kind, knobs } }: { id: string; device: Device }) {
  const store = useStore();
  const set = inOrder(knobs);
  return (
    <section aria-label={`Knobs and menus of ${label}`} className="py-1">
      {set.map(([key, { order, knob, to }]) => (
        <p key={key} className="flex gap-2 py-0.5 items-baseline">
          <span className="w-40 shrink-0">{knob}</span>
          <TextField
            label={`${knob} of ${label}`}
            value={to}
            max={60}
            onCommit={next =>
              store.editPlan(`${knob} of ${label}`, plan =>
                plan.put('devices', id, 'knobs', key, { order, knob, to: next }),
              )
            }
          />
          <button
            className="link shrink-0"
            aria-label={`No longer note: ${knob}`}
            onClick={() =>
              store.editPlan(`Knobs of ${label}`, plan => plan.drop('devices', id, 'knobs', key))
            }
          >
            take out
          </button>
        </p>
      ))}
      <OneMore
        key={set.length}
        of={label}
        kind={kind}
        noted={set.map(([, { knob }]) => knob)}
        onKnob={knob => {
          const order = orderAfter(set.at(-1)?.[1].order);
          store.editPlan(`${knob.knob} of ${label}`, plan =>
            plan.put('devices', id, 'knobs', idFrom(`knob ${newId()}`), { order, ...knob }),
          );
        }}
      />
    </section>
  );
}

/** One more knob, with those that such things usually have. */
function OneMore({
  of,
  kind,
  noted,
  onKnob,
}: {
  of: string;
  kind: string;
  noted: readonly string[];
  onKnob: (knob: Omit<Knob, 'order'>) => void;
}) {
  const usual = useEvent(({ bundle }) => bundle.kinds.kinds[kind]);
  const [knob, setKnob] = useState('');
  const [to, setTo] = useState('');
  const list = useId();
  return (
    <form
      className="flex gap-2 py-0.5 items-baseline"
      onSubmit={event => {
        event.preventDefault();
        const made = { knob: knob.trim(), to: to.trim() };
        if (made.knob !== '' && made.to !== '') onKnob(made);
      }}
    >
      <input
        className="field w-40 shrink-0"
        list={list}
        maxLength={40}
        required
        aria-label={`A knob or menu entry of ${of}`}
        placeholder="Knob or menu"
        value={knob}
        onChange={event => setKnob(event.target.value)}
      />
      <datalist id={list}>
        {usualKnobs(usual)
          .filter(each => !noted.includes(each))
          .map(each => (
            <option key={each} value={each} />
          ))}
      </datalist>
      <input
        className="field w-full"
        maxLength={60}
        required
        aria-label={`What it is set to on ${of}`}
        placeholder="Set to"
        value={to}
        onChange={event => setTo(event.target.value)}
      />
      <button className="button shrink-0">Note it</button>
    </form>
  );
}
