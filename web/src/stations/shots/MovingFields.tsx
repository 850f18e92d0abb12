import { numberOf, type Device, type MovingResult } from '@idle-satchel/core';
import { FigureRow, FigureRows } from '../../ledger/Ledger.js';
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
      <FigureRow figure={moving.takesIn} {...(!crane && { label: 'Walks into' })} />
      {!crane && <FigureRows of={{ carried: moving.carried, carriedFor: moving.carriedFor }} />}
    </>
  );
}
