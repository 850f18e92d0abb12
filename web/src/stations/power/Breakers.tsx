import {
  BREAKER_CURVES,
  CIRCUIT_WIRINGS,
  INGRESS,
  inOrder,
  MAINS_SYSTEMS,
  newId,
  orderAfter,
  PHASE_NUMBERS,
  pointerOf,
  SOCKET_CONNECTORS,
  SOCKET_CONTROLS,
  SOCKET_STATES,
  type Circuit,
  type OtherLoad,
  type Socket,
} from '@idle-satchel/core';
import { Heading } from '../../ledger/Ledger.js';
import { NumberField } from '../../ledger/NumberField.js';
import { useOpenEvent, usePlan, useResult } from '../../store/hooks.js';
import { BreakerFinding } from './BreakerFinding.js';
import { Choice, Words } from './fields.js';
import { useVenueField } from './use-venue-field.js';

/** What is known of the building: how it is fed, which breaker is which, what else hangs on each and when, and tests of sockets. */
export default function Breakers() {
  const { venue } = useResult('ground');
  const set = useVenueField();
  const residuals = inOrder(venue.residuals);
  const addResidual = (): void =>
    set(pointerOf('residuals', newId()), 'a residual-current device', {
      order: orderAfter(residuals.at(-1)?.[1].order),
      label: 'Residual-current device',
      trip: 30,
    });
  return (
    <section aria-label="Breakers and sockets">
      <Heading>Breakers and sockets</Heading>
      <p className="text-faint text-[13px]">
        Find each with whoever looks after the house. Tripped: find the cause, never reset it twice; open no
        panel.
      </p>
      <Choice
        label="The building is fed by"
        value={venue.system}
        choices={MAINS_SYSTEMS}
        none="one phase"
        onChoose={value => set('/system', 'how it is fed', value)}
      />
      <NumberField
        label="Lost before the sockets"
        unit="%"
        value={venue.upstream}
        min={0}
        max={20}
        optional
        onCommit={value => set('/upstream', 'volts lost before the sockets', value)}
      />
      <NumberField
        label="A generator, of"
        unit="VA"
        value={venue.generator}
        min={100}
        max={1e6}
        optional
        onCommit={value => set('/generator', 'generator', value)}
      />
      <label className="flex gap-2 py-1">
        <input
          type="checkbox"
          checked={venue.outdoors === true}
          onChange={event => set('/outdoors', 'in the open', event.target.checked || undefined)}
        />
        In the open
      </label>
      {residuals.map(([id, { label, trip }]) => (
        <NumberField
          key={id}
          label={`${label} trips at`}
          unit="mA"
          value={trip}
          min={1}
          max={1000}
          onCommit={value => value !== undefined && set(pointerOf('residuals', id, 'trip'), label, value)}
        />
      ))}
      <button className="link text-[13px]" onClick={addResidual}>
        Add a residual-current device
      </button>
      {inOrder(venue.circuits).map(([id, circuit]) => (
        <OneBreaker key={id} id={id} circuit={circuit} />
      ))}
      <BreakerFinding />
      <Temperatures />
    </section>
  );
}

function OneBreaker({ id, circuit }: { id: string; circuit: Circuit }) {
  const { venue } = useResult('ground');
  const set = useVenueField();
  const at = (field: string): string => pointerOf('circuits', id, field);
  const put = (
    field: 'phase' | 'curve' | 'wiring' | 'residual' | 'board' | 'resets',
    value: string | undefined,
  ): void => {
    if (value !== undefined || circuit[field] !== undefined) set(at(field), circuit.label, value);
  };
  return (
    <details className="border-b border-rule" name="breaker">
      <summary className="py-1 cursor-pointer">
        {circuit.label} <span className="text-faint">· {circuit.amps} A</span>
        {circuit.board && <span className="text-faint"> · {circuit.board}</span>}
      </summary>
      <div className="pl-4 pb-2">
        <Words label="Its breaker is" value={circuit.board} onSet={value => put('board', value)} />
        <Words label="May be reset by" value={circuit.resets} onSet={value => put('resets', value)} />
        <Choice
          label="Curve of its breaker"
          value={circuit.curve}
          choices={BREAKER_CURVES}
          none="not known"
          onChoose={value => put('curve', value)}
        />
        <Choice
          label="Wired as a"
          value={circuit.wiring}
          choices={CIRCUIT_WIRINGS}
          none="not known"
          onChoose={value => put('wiring', value)}
        />
        <Choice
          label="Phase or leg"
          value={circuit.phase}
          choices={PHASE_NUMBERS}
          none="not known"
          onChoose={value => put('phase', value)}
        />
        <Choice
          label="Behind"
          value={circuit.residual}
          choices={inOrder(venue.residuals).map(([residual]) => residual)}
          words={residual => venue.residuals?.[residual]?.label ?? residual}
          none="no residual-current device known"
          onChoose={value => put('residual', value)}
        />
        {inOrder(circuit.others).map(([other, load]) => (
          <OtherTimes key={other} path={pointerOf('circuits', id, 'others', other)} load={load} />
        ))}
        {inOrder(venue.sockets).map(([socket, each]) =>
          each.circuit === id ? <OneSocket key={socket} id={socket} socket={each} /> : null,
        )}
      </div>
    </details>
  );
}

function OtherTimes({ path, load }: { path: string; load: OtherLoad }) {
  const set = useVenueField();
  const time = (field: 'from' | 'until', label: string) => (
    <label className="text-[13px]">
      {label}{' '}
      <input
        type="time"
        className="field"
        defaultValue={load[field] ?? ''}
        onBlur={event => {
          const value = event.target.value || undefined;
          if (value !== load[field]) set(`${path}/${field}`, load.label, value);
        }}
      />
    </label>
  );
  return (
    <p className="py-1 flex flex-wrap gap-x-3 items-baseline">
      <span className="grow">
        {load.label}, {load.watts} W
      </span>
      {time('from', 'on from')}
      {time('until', 'until')}
    </p>
  );
}

function OneSocket({ id, socket }: { id: string; socket: Socket }) {
  const set = useVenueField();
  const at = (field: string): string => pointerOf('sockets', id, field);
  return (
    <div className="py-1">
      <p className="text-faint text-[13px]">Socket {socket.label}</p>
      <Choice
        label="Takes"
        value={socket.connector}
        choices={SOCKET_CONNECTORS.filter(each => each !== 'mains')}
        none="household plugs"
        onChoose={value => (value ?? socket.connector) && set(at('connector'), socket.label, value)}
      />
      <Choice
        label="Keeps out"
        value={socket.ingress}
        choices={INGRESS}
        none="not known"
        onChoose={value => (value ?? socket.ingress) && set(at('ingress'), socket.label, value)}
      />
      <Choice
        label="Switched besides by"
        value={socket.control}
        choices={SOCKET_CONTROLS}
        none="nothing"
        onChoose={value => (value ?? socket.control) && set(at('control'), socket.label, value)}
      />
      <Choice
        label="A socket tester showed"
        value={socket.test?.result}
        choices={SOCKET_STATES}
        none="not tested"
        onChoose={result =>
          (result ?? socket.test) &&
          set(
            at('test'),
            socket.label,
            result && { at: new Date().toISOString().replace(/\.\d+Z/, 'Z'), result },
          )
        }
      />
    </div>
  );
}

/** How cold it is where the gear stands, which batteries feel. */
function Temperatures() {
  const { store } = useOpenEvent();
  const known = inOrder(usePlan(plan => plan.temperatures));
  const start = usePlan(plan => plan.start);
  const [first] = known;
  const commit = (celsius: number | undefined): void =>
    store.editPlan('Temperature of the air', plan => {
      if (first && celsius === undefined) return plan.drop('temperatures', first[0]);
      if (first && celsius !== undefined) return plan.put('temperatures', first[0], 'celsius', celsius);
      return celsius === undefined
        ? plan
        : plan.put('temperatures', newId(), { order: orderAfter(undefined), at: start, celsius });
    });
  return (
    <>
      <NumberField
        label="Air where the gear stands"
        unit="°C"
        value={first?.[1].celsius}
        min={-50}
        max={60}
        optional
        onCommit={commit}
      />
      {known.length > 1 && (
        <p className="text-faint text-[13px]">and {known.length - 1} later readings of the day</p>
      )}
    </>
  );
}
