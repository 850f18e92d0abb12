import {
  FACE,
  faceOf,
  TASKS,
  VIEWERS,
  type Device,
  type Kind,
  type Task,
  type Viewer,
} from '@idle-satchel/core';
import { Suspense } from 'react';
import { FlagField } from '../../ledger/ChoiceField.js';
import { FigureRow, FigureRows } from '../../ledger/Ledger.js';
import { useEvent, usePlan, useResult, useUi } from '../../store/hooks.js';
import { DeviceHead } from '../devices/DeviceHead.js';
import PlaceFields from '../devices/PlaceFields.js';
import { fetched } from '../../ui/fetched.js';
import { useDeviceEdit } from '../devices/use-device-edit.js';

const AssemblyOf = fetched(() => import('./AssemblyOf.js'));
const Buses = fetched(() => import('./Buses.js'));

const TASK_WORDS: Readonly<Record<Task, string>> = {
  slides: 'shows slides',
  clips: 'plays clips',
  captions: 'makes captions',
  call: 'holds the call',
  encode: 'sends the stream',
  mix: 'mixes',
  control: 'steers',
  attendee: 'watches as a guest',
  speaker: 'belongs to whoever speaks',
};
const VIEWER_WORDS: Readonly<Record<Viewer, string>> = {
  mixer: 'whoever mixes',
  camera: 'a camera operator',
  presenter: 'whoever presents',
  watcher: 'whoever watches the stream',
  sound: 'whoever mixes sound',
};

/** What is selected on the schematic: what its outputs give, what it does, who looks at it. */
export default function DeviceSignal() {
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
      <Suspense>
        <Buses id={id} device={device} kind={kind} />
      </Suspense>
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
