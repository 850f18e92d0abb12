import { inOrder, WAYS_TO_WORK, WORKED_WORDS, type Device } from '@idle-satchel/core';
import { Suspense } from 'react';
import { fetched } from '../../ui/fetched.js';
import { FigureRow, FigureRows } from '../../ledger/Ledger.js';
import { usePlan, useResult } from '../../store/hooks.js';
import { DeviceHead } from '../devices/DeviceHead.js';
import PlaceFields from '../devices/PlaceFields.js';
import { useDeviceEdit } from '../devices/use-device-edit.js';
import { ShotLedger } from './ShotLedger.js';

const MovingFields = fetched(() => import('./MovingFields.js'));
const StandFields = fetched(() => import('./StandFields.js'));
const AddShot = fetched(() => import('./AddShot.js'));
const Viewfinder = fetched(() => import('./viewfinder/Viewfinder.js'));

/** One camera: how it is worked and stands, and every shot it is to take. */
export default function CameraLedger({ id }: { id: string }) {
  const device = usePlan(plan => plan.devices?.[id]);
  return device ? <Camera id={id} device={device} /> : null;
}

function Camera({ id, device }: { id: string; device: Device }) {
  const camera = useResult('shots').cameras[id];
  const shots = usePlan(plan => plan.shots);
  const put = useDeviceEdit(id, device);
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
            onChange={event => put('Work', 'worked', event.target.value as (typeof WAYS_TO_WORK)[number])}
          >
            {WAYS_TO_WORK.map(way => (
              <option key={way} value={way}>
                {WORKED_WORDS[way]}
              </option>
            ))}
          </select>
        </label>
      </DeviceHead>
      <PlaceFields id={id} device={device} heightLabel="Lens height" pointsAt="its first shot" />
      <Suspense>
        {camera.moving && <MovingFields id={id} device={device} moving={camera.moving} />}
        <StandFields id={id} device={device} />
      </Suspense>
      <FigureRow figure={camera.angleOfView} unit="across" />
      <FigureRows of={{ focal: camera.focal, noFilm: camera.noFilm }} />
      <FigureRow figure={camera.disturbance} unit="of the seats" />
      {camera.pictures.value !== 1 && <FigureRow figure={camera.pictures} />}
      {own.map(([key, shot]) => (
        <ShotLedger key={key} id={key} shot={shot} />
      ))}
      <Suspense>
        <AddShot camera={id} />
      </Suspense>
    </>
  );
}
