import { inOrder, newId, orderAfter, type Device, type Operation } from '@idle-satchel/core';
import { Suspense, useEffect, useSyncExternalStore } from 'react';
import { fetched } from '../../app/fetched.js';
import { FigureRow, useWorkingKey } from '../../ledger/Ledger.js';
import { LengthField } from '../../ledger/LengthField.js';
import { NumberField } from '../../ledger/NumberField.js';
import { TextField } from '../../ledger/TextField.js';
import { useFlags } from '../../ledger/flags.js';
import { useEvent, useOpenEvent, usePlan, useResult, useStore, useUi } from '../../store/hooks.js';
import { positions } from './positions/positions.js';
import { ShotLedger } from './ShotLedger.js';

const PositionsPanel = fetched(() => import('./positions/PositionsPanel.js'));
const StripPicture = fetched(() => import('./viewfinder/StripPicture.js'));
const Viewfinder = fetched(() => import('./viewfinder/Viewfinder.js'));
const CoverageTable = fetched(() => import('./CoverageTable.js'));

/** Shots: the selected camera, what it is to show, and whether it can. */
export default function ShotsLedger() {
  const looking = useSyncExternalStore(positions.subscribe, positions.get) !== undefined;
  useEffect(() => () => positions.set(undefined), []);
  return looking ? (
    <Suspense>
      <PositionsPanel />
    </Suspense>
  ) : (
    <Cameras />
  );
}

/** Every camera, and the selected one with all its figures. */
function Cameras() {
  useWorkingKey();
  const { ui } = useOpenEvent();
  const { cameras } = useResult('shots');
  const shots = usePlan(plan => plan.shots);
  const selected = useUi(state => state.selected);
  const first = Object.keys(cameras)[0];
  const camera = [selected, shots?.[selected ?? '']?.camera, first].find(
    id => id !== undefined && cameras[id],
  );
  if (camera === undefined) {
    return (
      <div className="pt-4 max-w-sm">
        <h2>No camera yet</h2>
        <p className="my-2">
          Add one with the button on the plan, drag it to where it can stand, and give it something to show.
        </p>
      </div>
    );
  }
  return (
    <>
      <div className="flex gap-1.5 flex-wrap pt-1" role="group" aria-label="Cameras">
        {Object.entries(cameras).map(([id, { label }]) => (
          <button key={id} className="text-left" aria-pressed={id === camera} onClick={() => ui.select(id)}>
            <Suspense>
              <StripPicture camera={id} shot={inOrder(shots).find(([, shot]) => shot.camera === id)?.[0]} />
            </Suspense>
            <span className={`tape tape-small ${id === camera ? '' : '!text-faint'}`}>
              {id === camera ? '▸ ' : ''}
              {label}
            </span>
          </button>
        ))}
      </div>
      <CameraLedger id={camera} />
      <Suspense>
        <CoverageTable />
      </Suspense>
    </>
  );
}

function CameraLedger({ id }: { id: string }) {
  const { store, ui } = useOpenEvent();
  const device = usePlan(plan => plan.devices?.[id]);
  const kind = useEvent(({ bundle }) => bundle.kinds.kinds[device?.kind ?? '']);
  const camera = useResult('shots').cameras[id];
  const shots = usePlan(plan => plan.shots);
  const flag = useFlags();
  if (!device || !camera) return null;
  const edit = (label: string, ...patch: Operation[]): void => store.patchPlan(label, patch);
  const own = inOrder(shots).filter(([, shot]) => shot.camera === id);
  const remove = (): void => {
    const { plan } = store.get().bundle;
    const carried = Object.entries(plan.devices ?? {}).filter(([, each]) => each.place?.inside === id);
    const gone = new Set([id, ...carried.map(([key]) => key)]);
    const links = Object.entries(plan.links ?? {}).filter(
      ([, link]) => gone.has(link.from.device ?? '') || gone.has(link.to.device ?? ''),
    );
    edit(
      `Remove ${device.label}`,
      ...links.map(([key]): Operation => ({ op: 'remove', path: `/links/${key}` })),
      ...own.map(([key]): Operation => ({ op: 'remove', path: `/shots/${key}/camera` })),
      ...[...gone].map((key): Operation => ({ op: 'remove', path: `/devices/${key}` })),
    );
    ui.select(undefined);
  };
  return (
    <>
      <Suspense>
        <Viewfinder key={id} camera={id} shots={own.map(([key]) => key)} />
      </Suspense>
      <p className="text-faint pt-2">{kind?.label}</p>
      <div className="flex flex-wrap gap-x-4 items-baseline">
        <label>
          Label{' '}
          <TextField
            label="Label"
            value={device.label}
            max={40}
            className="w-26"
            onCommit={text =>
              edit(`Rename ${device.label}`, { op: 'replace', path: `/devices/${id}/label`, value: text })
            }
          />
        </label>
        <label>
          Worked{' '}
          <select
            className="field"
            value={device.worked ?? 'locked'}
            onChange={event =>
              edit(`Work ${device.label}`, {
                op: 'add',
                path: `/devices/${id}/worked`,
                value: event.target.value,
              })
            }
          >
            <option value="operated">by an operator</option>
            <option value="remote">by remote</option>
            <option value="locked">locked off</option>
          </select>
        </label>
        <button className="link ml-auto" onClick={remove}>
          Remove
        </button>
      </div>
      <PlaceFields id={id} device={device} />
      <NumberField
        label="Aperture, if not wide open"
        unit="f/"
        optional
        value={device.aperture}
        min={0.7}
        max={64}
        onCommit={value =>
          edit(`Aperture of ${device.label}`, {
            ...(value === undefined ? { op: 'remove' as const } : { op: 'add' as const, value }),
            path: `/devices/${id}/aperture`,
          })
        }
      />
      <FigureRow
        label="Angle of view"
        figure={camera.angleOfView}
        path={`shots.cameras.${id}.angleOfView`}
        unit="across"
      />
      <FigureRow label="Focal length in use" figure={camera.focal} path={`shots.cameras.${id}.focal`} />
      <FigureRow
        label="No-film areas in the picture"
        figure={camera.noFilm}
        path={`shots.cameras.${id}.noFilm`}
        flag={flag(`shots.cameras.${id}.noFilm`)}
      />
      {own.map(([key, shot]) => (
        <ShotLedger key={key} id={key} shot={shot} />
      ))}
      <AddShot camera={id} />
    </>
  );
}

function PlaceFields({ id, device }: { id: string; device: Device }) {
  const store = useStore();
  const { place } = device;
  if (!place?.at) return <p className="text-faint">It has no place yet.</p>;
  const [x, y] = place.at;
  const move = (value: readonly [number, number]): void =>
    store.patchPlan(`Move ${device.label}`, [{ op: 'replace', path: `/devices/${id}/place/at`, value }]);
  return (
    <div className="grid grid-cols-2 gap-x-5">
      <LengthField label="East" value={x} onCommit={metres => move([metres, y])} />
      <LengthField label="South" value={y} onCommit={metres => move([x, metres])} />
      <LengthField
        label="Lens height"
        value={place.height ?? 1.5}
        min={0}
        max={30}
        onCommit={value =>
          store.patchPlan(`Height of ${device.label}`, [
            { op: 'add', path: `/devices/${id}/place/height`, value },
          ])
        }
      />
      <p className="py-1 border-b border-rule">
        {place.facing === undefined ? (
          <span className="text-faint">points at its first shot</span>
        ) : (
          <button
            className="link"
            onClick={() =>
              store.patchPlan(`Aim ${device.label}`, [{ op: 'remove', path: `/devices/${id}/place/facing` }])
            }
          >
            Point at its first shot
          </button>
        )}
      </p>
    </div>
  );
}

function AddShot({ camera }: { camera: string }) {
  const store = useStore();
  const marks = useEvent(state => state.assessment.ground.venue.marks);
  const shots = usePlan(plan => plan.shots);
  const add = (mark: string): void =>
    store.patchPlan('Add a shot', [
      ...(shots ? [] : [{ op: 'add' as const, path: '/shots', value: {} }]),
      {
        op: 'add',
        path: `/shots/${newId()}`,
        value: {
          order: orderAfter(inOrder(shots).at(-1)?.[1].order),
          mark,
          size: 'waist up',
          camera,
        },
      },
    ]);
  return (
    <label className="block mt-4">
      <span className="text-faint">Also show </span>
      <select className="field" value="" onChange={event => event.target.value && add(event.target.value)}>
        <option value="">choose a mark</option>
        {inOrder(marks).map(([id, { label }]) => (
          <option key={id} value={id}>
            {label}
          </option>
        ))}
      </select>
    </label>
  );
}
