import {
  inOrder,
  isCarried,
  standOf,
  standPatch,
  standsFor,
  TABLE_HEIGHT,
  type Device,
} from '@idle-satchel/core';
import { ChoiceField, FlagField } from '../../ledger/ChoiceField.js';
import { LengthField } from '../../ledger/LengthField.js';
import { useEvent, usePlan, useResult, useStore } from '../../store/hooks.js';

/** Where a device is: in a case or on the floor, how high, and where it points if it points anywhere. */
export default function PlaceFields({
  id,
  device,
  heightLabel = 'Height',
  pointsAt,
}: {
  id: string;
  device: Device;
  heightLabel?: string;
  /** What it points at where no direction is set; absent = it does not point. */
  pointsAt?: string;
}) {
  const { place } = device;
  const store = useStore();
  const venue = useResult('ground').venue;
  const carried = isCarried(place ?? {}, venue);
  return (
    <>
      {pointsAt === undefined && <StandsWhere id={id} device={device} />}
      {place?.at && !carried && (
        <OnFloor id={id} device={device} heightLabel={heightLabel} pointsAt={pointsAt} at={place.at} />
      )}
      {carried && place && (
        <FlagField
          label="Worn by whoever works that, not fixed to it"
          value={place.worn === true}
          onCommit={on =>
            store.editPlan(`Carry ${device.label}`, plan =>
              plan.set('devices', id, 'place', 'worn', on || undefined),
            )
          }
        />
      )}
      {!place?.at && place?.on === undefined && !carried && <Unplaced id={id} device={device} />}
    </>
  );
}

/** An edit that puts a device down where new gear stands. */
function usePutDown(id: string, { label }: Device): () => void {
  const store = useStore();
  return () => void import('../../store/put-down.js').then(({ putDown }) => putDown(store, id, label));
}

/** What it stands in or on; whatever is taken out of its case stands where new gear stands. */
function StandsWhere({ id, device }: { id: string; device: Device }) {
  const store = useStore();
  const kinds = useEvent(({ bundle }) => bundle.kinds.kinds);
  const venue = useResult('ground').venue;
  const plan = usePlan(whole => whole);
  const stands = standsFor(plan, id, venue, ({ kind }) => kinds[kind]?.family);
  const putDown = usePutDown(id, device);
  const now = standOf(device.place ?? {}, venue);
  if (stands.length === 0 && now === undefined) return null;
  return (
    <ChoiceField
      label="Stands"
      value={now}
      none="on the floor, or on a table of ours"
      options={stands.map(({ key, label }) => [key, label] as const)}
      onCommit={key =>
        key === undefined
          ? putDown()
          : store.patchPlan(
              `Put ${device.label} ${stands.find(each => each.key === key)?.label ?? ''}`,
              standPatch(plan, id, key),
            )
      }
    />
  );
}

function Unplaced({ id, device }: { id: string; device: Device }) {
  const putDown = usePutDown(id, device);
  return (
    <p className="flex gap-3 items-baseline py-1 border-b border-rule">
      <span className="grow text-faint">It has no place yet.</span>
      <button className="button" onClick={putDown}>
        Put it on the plan
      </button>
    </p>
  );
}

function OnFloor({
  id,
  device,
  heightLabel,
  pointsAt,
  at: [x, y],
}: {
  id: string;
  device: Device;
  heightLabel: string;
  pointsAt: string | undefined;
  at: readonly [number, number];
}) {
  const store = useStore();
  const place = device.place ?? {};
  const areas = useResult('ground').venue.areas;
  const galleries = inOrder(areas).filter(([, { kind }]) => kind === 'gallery');
  const move = (value: readonly [number, number]): void =>
    store.editPlan(`Move ${device.label}`, plan => plan.put('devices', id, 'place', 'at', value));
  return (
    <>
      <div className="grid grid-cols-2 gap-x-5">
        <LengthField label="East" value={x} onCommit={metres => move([metres, y])} />
        <LengthField label="South" value={y} onCommit={metres => move([x, metres])} />
        <LengthField
          label={heightLabel}
          value={place.height ?? TABLE_HEIGHT}
          min={0}
          max={30}
          onCommit={value =>
            store.editPlan(`Height of ${device.label}`, plan =>
              plan.put('devices', id, 'place', 'height', value),
            )
          }
        />
        {pointsAt !== undefined && (
          <p className="py-1 border-b border-rule">
            {place.facing === undefined ? (
              <span className="text-faint">points at {pointsAt}</span>
            ) : (
              <button
                className="link"
                onClick={() =>
                  store.editPlan(`Aim ${device.label}`, plan => plan.drop('devices', id, 'place', 'facing'))
                }
              >
                Point at {pointsAt}
              </button>
            )}
          </p>
        )}
      </div>
      {(galleries.length > 0 || place.level !== undefined) && (
        <ChoiceField
          label="Floor"
          value={place.level}
          none="the ground"
          options={galleries.map(([gallery, { label }]) => [gallery, label] as const)}
          onCommit={value =>
            store.editPlan(`Floor of ${device.label}`, plan =>
              plan.set('devices', id, 'place', 'level', value),
            )
          }
        />
      )}
    </>
  );
}
