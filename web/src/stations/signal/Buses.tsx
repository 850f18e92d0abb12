import { alikeRuns, inOrder, type Device, type Kind, type Port } from '@idle-satchel/core';
import { ChoiceField } from '../../ledger/ChoiceField.js';
import { useResult, useStore } from '../../store/hooks.js';

/** What the outputs of a switcher or matrix give; rows of free ones that are as they came are folded. */
export default function Buses({ id, device, kind }: { id: string; device: Device; kind: Kind }) {
  const { wiring } = useResult('signal');
  const inUse = wiring.inUse(id);
  const outputs = inOrder(kind.ports).filter(
    ([, port]) => port.gives || (kind.family === 'matrix' && port.direction === 'out'),
  );
  const runs = alikeRuns(
    outputs.map(([port, { label, gives }]) => ({
      label,
      // What is plugged in or set stands by itself.
      like: inUse.has(port) || device.buses?.[port] ? port : (gives ?? AUX).join(),
    })),
  );
  const choice = ([port, { label, gives = AUX }]: readonly [string, Port]) => (
    <BusChoice key={port} id={id} device={device} kind={kind} port={port} label={label} gives={gives} />
  );
  const folded = (index: number) => runs.find(({ first, count }) => index >= first && index < first + count);
  return outputs.map((output, index) => {
    const run = folded(index);
    if (!run) return choice(output);
    if (run.first !== index) return null;
    return (
      <details key={output[0]} className="border-b border-rule py-1">
        <summary>
          {run.label} <span className="text-faint">free, {run.count} alike</span>
        </summary>
        {outputs.slice(run.first, run.first + run.count).map(choice)}
      </details>
    );
  });
}

const AUX: Bus[] = ['aux'];

type Bus = NonNullable<Device['buses']>[string]['bus'];

function BusChoice({
  id,
  device,
  kind,
  port,
  label,
  gives,
}: {
  id: string;
  device: Device;
  kind: Kind;
  port: string;
  label: string;
  gives: readonly Bus[];
}) {
  const store = useStore();
  const set = device.buses?.[port];
  const bus = set?.bus ?? gives[0];
  const commit = (value: { bus: Bus; input?: string } | undefined): void =>
    store.editPlan(`Set ${label} of ${device.label}`, plan => plan.set('devices', id, 'buses', port, value));
  return (
    <>
      {gives.length > 1 && (
        <ChoiceField
          label={`${label} gives`}
          value={bus}
          options={gives.map(each => [each, each === 'aux' ? 'one input' : each] as const)}
          onCommit={value => value !== undefined && commit({ bus: value })}
        />
      )}
      {bus === 'aux' && (
        <ChoiceField
          label={`${label} shows`}
          value={set?.input}
          none="nothing yet"
          options={inOrder(kind.ports)
            .filter(([, { carries, direction }]) => carries === 'video' && direction === 'in')
            .map(([input, each]) => [input, each.label] as const)}
          onCommit={input => commit(input === undefined ? undefined : { bus: 'aux', input })}
        />
      )}
    </>
  );
}
