import { numberOf, type Device, type MovingResult } from '@idle-satchel/core';
import { useFlags } from '../../ledger/flags.js';
import { FigureRow } from '../../ledger/Ledger.js';
import { LengthField } from '../../ledger/LengthField.js';
import { useDeviceEdit } from '../devices/use-device-edit.js';

/** How far a camera that moves goes, and what comes of that. */
export default function MovingFields({
  id,
  device,
  moving,
}: {
  id: string;
  device: Device;
  moving: MovingResult;
}) {
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
