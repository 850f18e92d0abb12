import {
  FACE,
  faceOf,
  inOrder,
  TASKS,
  VIEWERS,
  type Device,
  type Kind,
  type Task,
  type Viewer,
} from '@idle-satchel/core';
import { Suspense } from 'react';
import { ChoiceField, FlagField } from '../../ledger/ChoiceField.js';
import { FigureRow, FigureRows } from '../../ledger/Ledger.js';
import { useEvent, usePlan, useResult, useStore, useUi } from '../../store/hooks.js';
import { DeviceHead } from '../devices/DeviceHead.js';
import PlaceFields from '../devices/PlaceFields.js';
import { fetched } from '../../ui/fetched.js';
import { useDeviceEdit } from '../devices/use-device-edit.js';

const AssemblyOf = fetched(() => import('./AssemblyOf.js'));

const TASK_WORDS: Readonly<Record<Task, string>> = {
  slides: 'shows slides',
  clips: 'plays clips',
  captions: 'makes captions',
  call: 'holds the call',
  encode: 'sends the stream',
  mix: 'mixes',
  control: 'steers',
  attendee: 'watches as a guest',
};
const VIEWER_WORDS: Readonly<Record<Viewer, string>> = {
  mixer: 'whoever mixes',
  camera: 'a camera operator',
  presenter: 'whoever presents',
  watcher: 'whoever watches the stream',
  sound: 'whoever mixes sound',
};

/** What is selected on the schematic: what its outputs give, what it does, who looks at it. */
export function DeviceSignal() {
  const id = useUi(state => state.selected) ?? '';
  const device = usePlan(plan => plan.devices?.[id]);
  const kind = useEvent(({ bundle }) => bundle.kinds.kinds[device?.kind ?? '']);
  if (!device || !kind) return null;
  return <Inspector key={id} id={id} device={device} kind={kind} />;
}

function Inspector({ id, device, kind }: { id: string; device: Device; kind: Kind }) {
  const { sources, cameras } = useResult('signal');
  const put = useDeviceEdit(id, device);
  const face = faceOf(kind);
  const source = sources[id];
  const lines = cameras[id];
  const toggled = <T,>(list: readonly T[] | undefined, each: T): T[] | undefined => {
    const next = list?.includes(each) ? list.filter(other => other !== each) : [...(list ?? []), each];
    return next.length === 0 ? undefined : next;
  };
  return (
    <section aria-label="Selected device">
      <DeviceHead id={id} device={device}>
        <svg width={FACE.width} height={FACE.height} aria-hidden>
          <path d={face.body + face.sockets} fill="none" stroke="var(--ink)" />
        </svg>
      </DeviceHead>
      <PlaceFields
        id={id}
        device={device}
        {...(kind.optics && { heightLabel: 'Lens height', pointsAt: 'its first shot' })}
      />
      {kind.family === 'rack case' && (
        <Suspense>
          <AssemblyOf id={id} device={device} />
        </Suspense>
      )}
      {inOrder(kind.ports)
        .filter(([, port]) => port.gives || (kind.family === 'matrix' && port.direction === 'out'))
        .map(([port, { label, gives = ['aux' as const] }]) => (
          <BusChoice key={port} id={id} device={device} kind={kind} port={port} label={label} gives={gives} />
        ))}
      {kind.family === 'computer' && (
        <fieldset className="py-1">
          <legend className="text-faint">What it does</legend>
          <div className="grid grid-cols-2">
            {TASKS.map(task => (
              <FlagField
                key={task}
                label={TASK_WORDS[task]}
                value={device.tasks?.includes(task) ?? false}
                onCommit={() => put('Work', 'tasks', toggled(device.tasks, task))}
              />
            ))}
          </div>
        </fieldset>
      )}
      {(kind.family === 'screen' || kind.family === 'computer' || kind.family === 'control') && (
        <fieldset className="py-1">
          <legend className="text-faint">Who looks at it</legend>
          <div className="grid grid-cols-2">
            {VIEWERS.map(viewer => (
              <FlagField
                key={viewer}
                label={VIEWER_WORDS[viewer]}
                value={device.viewers?.includes(viewer) ?? false}
                onCommit={() => put('Viewers', 'viewers', toggled(device.viewers, viewer))}
              />
            ))}
          </div>
        </fieldset>
      )}
      {source && (
        <>
          <FigureRow figure={source.picture} />
          {(source.picture.value !== 'clean' || device.cleared) && (
            <FlagField
              label="Menus and copy protection are off, and somebody has looked"
              value={device.cleared ?? false}
              onCommit={on => put('Looked at the picture', 'cleared', on || undefined)}
            />
          )}
        </>
      )}
      {lines && <FigureRows of={lines} />}
    </section>
  );
}

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
