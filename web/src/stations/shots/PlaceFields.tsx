import type { Device } from '@idle-satchel/core';
import { LengthField } from '../../ledger/LengthField.js';
import { useStore } from '../../store/hooks.js';

/** Where a camera or lamp stands, how high it is, and where it points. */
export function PlaceFields({
  id,
  device,
  height,
  pointsAt,
}: {
  id: string;
  device: Device;
  /** What its height is called, and what it is until it is entered, m. */
  height: { readonly label: string; readonly usual: number };
  /** What it points at where no direction is set. */
  pointsAt: string;
}) {
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
        label={height.label}
        value={place.height ?? height.usual}
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
          <span className="text-faint">points at {pointsAt}</span>
        ) : (
          <button
            className="link"
            onClick={() =>
              store.patchPlan(`Aim ${device.label}`, [{ op: 'remove', path: `/devices/${id}/place/facing` }])
            }
          >
            Point at {pointsAt}
          </button>
        )}
      </p>
    </div>
  );
}
