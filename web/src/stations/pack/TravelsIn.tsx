import { packedPatch, type PackLine } from '@idle-satchel/core';
import { useOpenEvent, usePlan, useResult } from '../../store/hooks.js';

/** After the id of a vehicle: on its roof. */
const ROOF = 'roof';

/** In which case a line travels, to be chosen where there are any. */
export function TravelsIn({ id, line }: { id: string; line: PackLine }) {
  const { store } = useOpenEvent();
  const { rooms, vehicles, travels } = useResult('pack');
  const packed = usePlan(plan => plan.packed);
  const cases = Object.entries({ ...rooms, ...vehicles });
  const roofs = Object.entries(vehicles).filter(([, { vehicle }]) => vehicle.roofLoad !== undefined);
  const [nearest] = travels[id] ?? [];
  if (cases.length === 0) return line.inside ?? '';
  const inIt = nearest !== undefined && (rooms[nearest] ?? vehicles[nearest]) ? nearest : '';
  const onRoof = vehicles[inIt]?.pieces[id]?.onRoof === true;
  const chosen = onRoof ? `${inIt} ${ROOF}` : inIt;
  return (
    <select
      className="field w-full"
      aria-label={`${line.purpose}, ${line.label}, travels in`}
      value={chosen}
      onChange={event => {
        const [to = '', roof] = event.target.value.split(' ');
        store.patchPlan(`Pack ${line.purpose}`.slice(0, 80), packedPatch(packed, id, to, roof === ROOF));
      }}
    >
      <option value="">{chosen === '' ? (line.inside ?? '–') : 'take it out'}</option>
      {cases.map(([key, { label }]) =>
        key === id ? null : (
          <option key={key} value={key}>
            {label}
          </option>
        ),
      )}
      {roofs.map(([key, { label }]) => (
        <option key={`roof ${key}`} value={`${key} ${ROOF}`}>
          {label}, on its roof
        </option>
      ))}
    </select>
  );
}
