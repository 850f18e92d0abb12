import {
  addDevicePatch,
  gearOffers,
  inWords,
  newId,
  vehiclePicture,
  type Bundle,
  type GearOffer,
  type VehicleResult,
} from '@idle-satchel/core';
import type { LoadedVehicles } from '@idle-satchel/core/searches';
import { useState } from 'react';
import { FigureRows, Heading } from '../../ledger/Ledger.js';
import { NumberField } from '../../ledger/NumberField.js';
import { Offers } from '../../ledger/Offers.js';
import { useEvent, useOpenEvent, usePlan, useReading, useResult } from '../../store/hooks.js';
import { useAsked } from '../../workers/use-asked.js';
import { CornerDrawn, LayerDrawn } from './CaseDrawn.js';

const readBy = ({ plan, venue, rules, kinds, shelf }: Bundle) => [plan, venue, rules, kinds, shelf];

/** Vehicles: what lies where, what each may carry, what its axles bear, and the search that loads them. */
export default function Vehicles() {
  const { store } = useOpenEvent();
  const { vehicles } = useResult('pack');
  const { found, fresh, busy, problem, look, putAway } = useAsked('load', {}, readBy);
  const all = Object.entries(vehicles);
  const [offer] = found?.offers ?? [];
  return (
    <section aria-label="Vehicles" className="pb-4">
      <p className="flex flex-wrap gap-2 items-baseline">
        {all.length > 0 && (
          <button className="button" disabled={busy} onClick={look}>
            {busy ? 'Loading …' : 'Load the vehicles'}
          </button>
        )}
        <AddVehicle />
      </p>
      {problem && <p className="text-stop">It could not be worked out: {problem}</p>}
      {found && !fresh && <p className="text-faint">Something has changed since: load again.</p>}
      {found && fresh && (
        <>
          <Said of={found.answer} />
          {offer && (
            <button
              className="button button-main my-1"
              onClick={() => {
                store.commit(offer.label, offer.changes);
                putAway();
              }}
            >
              Use this order
            </button>
          )}
        </>
      )}
      {all.length === 0 && <p className="text-faint py-2">No vehicle is in this plan yet.</p>}
      {all.map(([id, vehicle]) => (
        <Loaded key={id} id={id} of={vehicle} />
      ))}
    </section>
  );
}

function Said({ of: { vehicles, left, guessed } }: { of: LoadedVehicles }) {
  const { system } = useReading();
  return (
    <div className="py-1">
      {guessed > 0 && (
        <p className="text-faint">{guessed} pieces count by their usual size: nobody has measured them.</p>
      )}
      <ul>
        {vehicles.map(({ id, label, pieces, kg }) => (
          <li key={id}>
            {label}: {pieces.length} pieces, {inWords(kg, 'kg', system)}
          </li>
        ))}
      </ul>
      {left.length > 0 ? (
        <details open>
          <summary className="cursor-pointer text-risk">{left.length} left behind</summary>
          <ul className="text-[13px]">
            {left.map(({ line, label, why }) => (
              <li key={line}>
                {label} <span className="text-faint">– {why}</span>
              </li>
            ))}
          </ul>
        </details>
      ) : (
        <p>Nothing is left behind.</p>
      )}
    </div>
  );
}

function Loaded({ id, of }: { id: string; of: VehicleResult }) {
  const { store } = useOpenEvent();
  const aboard = usePlan(plan => plan.devices?.[id]?.aboard);
  const { label, load, payload, left, fill, rear, front, rearLeft, frontLeft, forward, sideways } = of;
  const { unweighed } = of;
  const picture = vehiclePicture(of);
  return (
    <section aria-label={label} className="pt-3">
      <Heading about={label}>Vehicle</Heading>
      <div className="flex flex-wrap gap-x-8 gap-y-3 py-2">
        <div className="min-w-[16rem] grow max-w-sm">
          <FigureRows of={{ load, ...(unweighed.value !== 0 && { unweighed }), payload, left, fill }} />
          <NumberField
            label="People besides the driver"
            unit=""
            optional
            whole
            value={aboard}
            min={0}
            max={60}
            onCommit={people =>
              store.editPlan(`Who rides in ${label}`, plan => plan.set('devices', id, 'aboard', people))
            }
          />
          <FigureRows of={{ front, frontLeft, rear, rearLeft, forward, sideways }} />
        </div>
        {picture.things.length > 0 && (
          <div>
            <CornerDrawn picture={picture} label={label} />
            <p className="text-faint text-[12.5px]">The door is in front, the seat backs behind.</p>
          </div>
        )}
      </div>
      <div className="flex flex-wrap gap-4">
        {picture.layers.map((layer, i) => (
          <LayerDrawn
            key={layer.at}
            picture={picture}
            layer={layer}
            title={`Layer ${i + 1} of ${picture.layers.length}, door below`}
          />
        ))}
      </div>
      {picture.things.length > 0 && (
        <>
          <p className="pt-2">In the order of loading; unloaded from the last to the first.</p>
          <ol className="text-[13px] columns-2 max-md:columns-1">
            {picture.things.map(({ line, number, purpose, label: what }) => (
              <li key={line} className="break-inside-avoid">
                <span className="value">{number}</span> {purpose} <span className="text-faint">{what}</span>
              </li>
            ))}
          </ol>
        </>
      )}
      {picture.somewhere.length > 0 && (
        <p className="text-[13px] pt-1">
          Somewhere in it: {picture.somewhere.map(({ purpose }) => purpose).join(', ')}.
        </p>
      )}
      <p className="text-faint text-[13px] pt-1">
        Lash it before driving, heavy things low and against the seat backs; never above a rated axle.
      </p>
    </section>
  );
}

/** Puts a vehicle into the plan. */
function AddVehicle() {
  const { store } = useOpenEvent();
  const bundle = useEvent(state => state.bundle);
  const [open, setOpen] = useState(false);
  const add = ({ kind }: GearOffer): void => {
    store.patchPlan('Add a vehicle', addDevicePatch(bundle, newId(), { label: 'VEHICLE', kind }));
    setOpen(false);
  };
  if (!open)
    return (
      <button className="button" onClick={() => setOpen(true)}>
        Add a vehicle
      </button>
    );
  return (
    <Offers
      label="Vehicles to add"
      offers={gearOffers(bundle, ({ vehicle }) => vehicle !== undefined)}
      onAdd={add}
    />
  );
}
