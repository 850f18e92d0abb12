import { memo } from 'react';
import { useForm } from 'react-hook-form';
import { inOrder, newId, orderAfter, pointerOf, type Circuit, type Operation } from '@idle-satchel/core';
import { Heading } from '../../ledger/Ledger.js';
import { asNumber } from '../../ledger/NumberInput.js';
import { NumberField } from '../../ledger/NumberField.js';
import { TypedField } from '../../ledger/TypedField.js';
import { useOpenEvent, useResult, useStore } from '../../store/hooks.js';

/** Breakers, what each feeds, and what else hangs on it. */
export const Circuits = memo(function Circuits() {
  const store = useStore();
  const { ui } = useOpenEvent();
  const { venue } = useResult('ground');
  const circuits = inOrder(venue.circuits);
  const sockets = inOrder(venue.sockets);
  const add = (): void => {
    const order = orderAfter(circuits.at(-1)?.[1].order);
    const value = { order, label: `Circuit ${circuits.length + 1}`, amps: 16 };
    store.editVenue('Add a circuit', [{ op: 'add', path: pointerOf('circuits', newId()), value }]);
  };
  const loose = sockets.filter(([, { circuit }]) => !venue.circuits?.[circuit ?? '']);
  return (
    <>
      <Heading
        right={
          <button className="link" onClick={add}>
            Add a circuit
          </button>
        }
      >
        Circuits and sockets
      </Heading>
      {circuits.map(([id, circuit]) => (
        <OneCircuit key={id} id={id} circuit={circuit}>
          {sockets
            .filter(([, socket]) => socket.circuit === id)
            .map(([socket, { label, outlets, amps }]) => (
              <SocketLine key={socket} onPick={() => ui.pick(pointerOf('sockets', socket))}>
                {label} · {outlets} × {amps} A
              </SocketLine>
            ))}
        </OneCircuit>
      ))}
      {loose.map(([id, { label, outlets, amps }]) => (
        <SocketLine key={id} onPick={() => ui.pick(pointerOf('sockets', id))}>
          {label} · {outlets} × {amps} A · breaker not known
        </SocketLine>
      ))}
    </>
  );
});

const SocketLine = ({ onPick, children }: { onPick: () => void; children: React.ReactNode }) => (
  <button className="link block w-full py-0.5 pl-4 text-[13px]" onClick={onPick}>
    {children}
  </button>
);

function OneCircuit({ id, circuit, children }: { id: string; circuit: Circuit; children: React.ReactNode }) {
  const store = useStore();
  const edit = (words: string, ...patch: Operation[]): void =>
    store.editVenue(`${circuit.label}: ${words}`, patch);
  const path = pointerOf('circuits', id);
  return (
    <details className="border-b border-rule" name="circuit">
      <summary className="py-1 cursor-pointer">
        {circuit.label} <span className="text-faint">· {circuit.amps} A breaker</span>
      </summary>
      <div className="pl-4 pb-2">
        <TypedField<string>
          label="Name"
          wide
          shown={circuit.label}
          read={text =>
            text.length > 0 && text.length <= 60 ? { value: text } : { fault: '1 to 60 characters' }
          }
          onCommit={value => value && edit('name', { op: 'replace', path: `${path}/label`, value })}
        />
        <NumberField
          label="Breaker"
          unit="A"
          value={circuit.amps}
          min={1}
          max={125}
          onCommit={value =>
            value !== undefined && edit('breaker', { op: 'replace', path: `${path}/amps`, value })
          }
        />
        {inOrder(circuit.others).map(([other, { label, watts }]) => (
          <p key={other} className="flex gap-2 py-1 border-b border-rule text-[13px]">
            <span className="grow">
              also feeds {label}, {watts} W
            </span>
            <button
              className="link"
              aria-label={`Take ${label} off ${circuit.label}`}
              onClick={() => edit(`without ${label}`, { op: 'remove', path: `${path}/others/${other}` })}
            >
              Drop
            </button>
          </p>
        ))}
        <OtherLoadForm
          onAdd={(label, watts) => {
            const load = { label, watts, factor: 1 };
            const others = pointerOf('circuits', id, 'others');
            edit(
              `also feeds ${label}`,
              ...(circuit.others
                ? [{ op: 'add' as const, path: `${others}/${newId()}`, value: load }]
                : [{ op: 'add' as const, path: others, value: { [newId()]: load } }]),
            );
          }}
        />
        <button className="link text-[13px]" onClick={() => edit('taken out', { op: 'remove', path })}>
          Take this circuit out
        </button>
      </div>
      {children}
    </details>
  );
}

function OtherLoadForm({ onAdd }: { onAdd: (label: string, watts: number) => void }) {
  const { register, handleSubmit, reset } = useForm<{ label: string; watts: number }>();
  const submit = handleSubmit(({ label, watts }) => {
    onAdd(label.trim(), watts);
    reset();
  });
  return (
    <form className="flex gap-2 items-baseline py-1 text-[13px]" onSubmit={event => void submit(event)}>
      <input
        className="field grow"
        {...register('label')}
        required
        pattern=".*\S.*"
        maxLength={60}
        aria-label="What else it feeds"
        placeholder="what else it feeds"
      />
      <input
        className="field w-16 text-right"
        {...register('watts', asNumber)}
        type="number"
        required
        min={0}
        max={20000}
        aria-label="Its watts"
        placeholder="W"
      />
      <button className="link">Add</button>
    </form>
  );
}
