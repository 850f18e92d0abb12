import { inOrder, type Device, type Operation } from '@idle-satchel/core';
import { Suspense } from 'react';
import { fetched } from '../../app/fetched.js';
import { ChoiceField } from '../../ledger/ChoiceField.js';
import { useFlags } from '../../ledger/flags.js';
import { FigureRow } from '../../ledger/Ledger.js';
import { LengthField } from '../../ledger/LengthField.js';
import { NumberField } from '../../ledger/NumberField.js';
import { TextField } from '../../ledger/TextField.js';
import { useEvent, useOpenEvent, usePlan, useResult, useStore } from '../../store/hooks.js';
import { AddShot } from './AddShot.js';
import { ShotLedger } from './ShotLedger.js';

const Viewfinder = fetched(() => import('./viewfinder/Viewfinder.js'));

/** One camera: how it is worked and stands, and every shot it is to take. */
export function CameraLedger({ id }: { id: string }) {
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
      <StandFields id={id} device={device} />
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
      <FigureRow
        label="Disturbs"
        figure={camera.disturbance}
        path={`shots.cameras.${id}.disturbance`}
        unit="of the seats"
        flag={flag(`shots.cameras.${id}.disturbance`)}
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

/** What it stands on, what is fitted to its lens, and whether the stand will do. */
function StandFields({ id, device }: { id: string; device: Device }) {
  const store = useStore();
  const kinds = useEvent(({ bundle }) => bundle.kinds.kinds);
  const support = useResult('shots').cameras[id]?.support;
  const flag = useFlags();
  const put = (
    label: string,
    field: 'support' | 'aperture' | 'converter' | 'focal',
    value: string | number | undefined,
  ) =>
    store.patchPlan(`${label} of ${device.label}`, [
      value === undefined
        ? { op: 'remove', path: `/devices/${id}/${field}` }
        : { op: 'add', path: `/devices/${id}/${field}`, value },
    ]);
  const checks = [
    ['tallEnough', 'Stand reaches that height'],
    ['strongEnough', 'Stand carries it'],
    ['rightHead', 'Head can be worked'],
  ] as const;
  return (
    <>
      <ChoiceField
        label="Stands on"
        value={device.support}
        none="not chosen yet"
        options={inOrder(kinds).flatMap(([key, kind]) => (kind.support ? [[key, kind.label] as const] : []))}
        onCommit={value => put('Stand', 'support', value)}
      />
      <NumberField
        label="Aperture, if not wide open"
        unit="f/"
        optional
        value={device.aperture}
        min={0.7}
        max={64}
        onCommit={value => put('Aperture', 'aperture', value)}
      />
      <NumberField
        label="Focal length, if set for all its shots"
        unit="mm"
        optional
        value={device.focal}
        min={0.5}
        max={4000}
        onCommit={value => put('Focal length', 'focal', value)}
      />
      <NumberField
        label="Converter or reducer on the lens"
        unit="×"
        optional
        value={device.converter}
        min={0.5}
        max={4}
        onCommit={value => put('Converter', 'converter', value)}
      />
      {support &&
        checks.map(([name, label]) => {
          const path = `shots.cameras.${id}.support.${name}`;
          return <FigureRow key={name} label={label} figure={support[name]} path={path} flag={flag(path)} />;
        })}
    </>
  );
}
