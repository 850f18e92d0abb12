import { inWords, moveInVehicle, vehiclePicture, type VehicleResult } from '@idle-satchel/core';
import type { LoadedVehicles } from '@idle-satchel/core/searches';
import { FigureRows, Heading } from '../../ledger/Ledger.js';
import { NumberField } from '../../ledger/NumberField.js';
import { useEvent, useOpenEvent, usePlan, useReading, useResult } from '../../store/hooks.js';
import { useAsked } from '../../workers/use-asked.js';
import { AddGear } from './AddGear.js';
import { CornerDrawn, Layers } from './CaseDrawn.js';
import { LeftLines, readBy, Sought } from './Sought.js';

/** Vehicles: what lies where, what each may carry, what its axles bear, and the search that loads them. */
export default function Vehicles() {
  const { vehicles } = useResult('pack');
  const asked = useAsked('load', {}, readBy);
  const all = Object.entries(vehicles);
  return (
    <section aria-label="Vehicles" className="pb-4">
      <Sought
        asked={asked}
        can={all.length > 0}
        words={WORDS}
        beside={
          <AddGear
            words="Add a vehicle"
            label="Vehicles to add"
            wanted={({ vehicle }) => vehicle !== undefined}
            nameOf={() => 'VEHICLE'}
          />
        }
        said={answer => <Said of={answer} />}
      />
      {all.length === 0 && <p className="text-faint py-2">No vehicle is in this plan yet.</p>}
      {all.map(([id, vehicle]) => (
        <Loaded key={id} id={id} of={vehicle} />
      ))}
    </section>
  );
}

const WORDS = {
  look: 'Load the vehicles',
  busy: 'Loading …',
  again: 'load again',
  take: 'Use this order',
} as const;

function Said({ of: { vehicles, left, guessed } }: { of: LoadedVehicles }) {
  const { system } = useReading();
  return (
    <div className="py-1">
      {guessed > 0 && (
        <p className="text-faint">{guessed} pieces count by their usual size: nobody has measured them.</p>
      )}
      <ul>
        {vehicles.map(({ id, label, pieces, roof, kg }) => (
          <li key={id}>
            {label}: {pieces.length} pieces, {inWords(kg, 'kg', system)}
            {roof.length > 0 && `; on its roof: ${roof.map(each => each.label).join(', ')}`}
          </li>
        ))}
      </ul>
      {left.length > 0 ? (
        <details open>
          <summary className="cursor-pointer text-risk">{left.length} left behind</summary>
          <LeftLines left={left} />
        </details>
      ) : (
        <p>Nothing is left behind.</p>
      )}
    </div>
  );
}

function Loaded({ id, of }: { id: string; of: VehicleResult }) {
  const { store } = useOpenEvent();
  const packed = usePlan(plan => plan.packed);
  const kinds = useEvent(({ bundle }) => bundle.kinds.kinds);
  const aboard = usePlan(plan => plan.devices?.[id]?.aboard);
  const { label, load, payload, left, fill, rear, front, rearLeft, frontLeft, forward, sideways } = of;
  const { unweighed, roof, roofLeft, pieces } = of;
  const onRoof = Object.values(pieces).filter(each => each.onRoof === true);
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
          <FigureRows of={{ ...(roof && { roof }), ...(roofLeft && { roofLeft }) }} />
        </div>
        {picture.things.length > 0 && (
          <div>
            <CornerDrawn picture={picture} label={label} />
            <p className="text-faint text-[12.5px]">The door is in front, the seat backs behind.</p>
          </div>
        )}
      </div>
      <Layers
        picture={picture}
        after=", door below"
        onMove={(line, nudge) => {
          const edit = moveInVehicle(id, of, packed, kinds, line, nudge);
          if (edit) store.patchPlan(`Move in ${label}`, edit.patch);
          else store.say('There is no room for it there.');
        }}
      />
      {onRoof.length > 0 && (
        <p className="text-[13px] pt-1">
          On its roof: {onRoof.map(({ line }) => line.purpose).join(', ')}. Wrapped against rain, lashed at
          both ends.
        </p>
      )}
      {picture.things.length > 0 && (
        <p className="pt-1">Numbered in the order of loading; unloaded from the last to the first.</p>
      )}
      <p className="text-faint text-[13px] pt-1">
        Lash it before driving, heavy things low and against the seat backs; never above a rated axle.
      </p>
    </section>
  );
}
