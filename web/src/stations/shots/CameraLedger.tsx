import {
  inOrder,
  numberOf,
  WAYS_TO_WORK,
  WORKED_WORDS,
  type Device,
  type MovingResult,
} from '@idle-satchel/core';
import { Suspense } from 'react';
import { fetched } from '../../app/fetched.js';
import { ChoiceField } from '../../ledger/ChoiceField.js';
import { useFlags } from '../../ledger/flags.js';
import { FigureRow } from '../../ledger/Ledger.js';
import { LengthField } from '../../ledger/LengthField.js';
import { NumberField } from '../../ledger/NumberField.js';
import { useEvent, usePlan, useResult } from '../../store/hooks.js';
import { AddShot } from './AddShot.js';
import { DeviceHead } from '../devices/DeviceHead.js';
import { PlaceFields } from '../devices/PlaceFields.js';
import { useDeviceEdit } from '../devices/use-device-edit.js';
import { ShotLedger } from './ShotLedger.js';

const Viewfinder = fetched(() => import('./viewfinder/Viewfinder.js'));

/** One camera: how it is worked and stands, and every shot it is to take. */
export function CameraLedger({ id }: { id: string }) {
  const device = usePlan(plan => plan.devices?.[id]);
  return device ? <Camera id={id} device={device} /> : null;
}

function Camera({ id, device }: { id: string; device: Device }) {
  const camera = useResult('shots').cameras[id];
  const shots = usePlan(plan => plan.shots);
  const put = useDeviceEdit(id, device);
  const flag = useFlags();
  if (!camera) return null;
  const own = inOrder(shots).filter(([, shot]) => shot.camera === id);
  return (
    <>
      <Suspense>
        <Viewfinder key={id} camera={id} shots={own.map(([key]) => key)} />
      </Suspense>
      <DeviceHead id={id} device={device}>
        <label>
          Worked{' '}
          <select
            className="field"
            value={device.worked ?? 'locked'}
            onChange={event => put('Work', 'worked', event.target.value)}
          >
            {WAYS_TO_WORK.map(way => (
              <option key={way} value={way}>
                {WORKED_WORDS[way]}
              </option>
            ))}
          </select>
        </label>
      </DeviceHead>
      <PlaceFields {...{ id, device }} heightLabel="Lens height" pointsAt="its first shot" />
      {camera.moving && <MovingFields id={id} device={device} moving={camera.moving} />}
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
      {camera.pictures.value !== 1 && (
        <FigureRow
          label="Pictures at once, each for an input"
          figure={camera.pictures}
          path={`shots.cameras.${id}.pictures`}
        />
      )}
      {own.map(([key, shot]) => (
        <ShotLedger key={key} id={key} shot={shot} />
      ))}
      <AddShot camera={id} />
    </>
  );
}

/** How far a camera that moves goes, and what comes of that. */
function MovingFields({ id, device, moving }: { id: string; device: Device; moving: MovingResult }) {
  const put = useDeviceEdit(id, device);
  const flag = useFlags();
  const path = (name: string): string => `shots.cameras.${id}.moving.${name}`;
  const crane = device.worked === 'crane';
  return (
    <>
      <LengthField
        label={crane ? 'Arm of the crane' : 'Goes so far from its place'}
        value={numberOf(moving.sweep) ?? 0}
        min={0.3}
        max={30}
        onCommit={metres => put('Reach', 'sweep', metres)}
      />
      <FigureRow
        label={crane ? 'Comes into or over' : 'Walks into'}
        figure={moving.takesIn}
        path={path('takesIn')}
        flag={flag(path('takesIn'))}
      />
      {!crane && (
        <>
          <FigureRow label="Carried" figure={moving.carried} path={path('carried')} />
          <FigureRow label="For" figure={moving.carriedFor} path={path('carriedFor')} />
        </>
      )}
    </>
  );
}

/** What it stands on, what is fitted to its lens, and whether the stand will do. */
function StandFields({ id, device }: { id: string; device: Device }) {
  const kinds = useEvent(({ bundle }) => bundle.kinds.kinds);
  const support = useResult('shots').cameras[id]?.support;
  const flag = useFlags();
  const put = useDeviceEdit(id, device);
  const mount = kinds[device.kind]?.optics?.mount;
  // Without a known mount nothing says which lenses go onto it.
  const lenses = inOrder(kinds).flatMap(([key, { lens, label }]) =>
    lens && mount !== undefined
      ? [[key, lens.mount === mount ? label : `${label} (another mount)`] as const]
      : [],
  );
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
      {lenses.length > 0 && (
        <ChoiceField
          label="Lens"
          value={device.lens}
          none="the one it is described with"
          options={lenses}
          onCommit={value => put('Lens', 'lens', value)}
        />
      )}
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
