import { packedPatch, type PackLine } from '@idle-satchel/core';
import { useOpenEvent, usePlan, useResult } from '../../store/hooks.js';

/** In which case a line travels, to be chosen where there are any. */
export function TravelsIn({ id, line }: { id: string; line: PackLine }) {
  const { store } = useOpenEvent();
  const { rooms, vehicles, travels } = useResult('pack');
  const packed = usePlan(plan => plan.packed);
  const cases = Object.entries({ ...rooms, ...vehicles });
  const [nearest] = travels[id] ?? [];
  if (cases.length === 0) return line.inside ?? '';
  const chosen = nearest !== undefined && (rooms[nearest] ?? vehicles[nearest]) ? nearest : '';
  return (
    <select
      className="field w-full"
      aria-label={`${line.purpose}, ${line.label}, travels in`}
      value={chosen}
      onChange={event =>
        store.patchPlan(`Pack ${line.purpose}`.slice(0, 80), packedPatch(packed, id, event.target.value))
      }
    >
      <option value="">{chosen === '' ? (line.inside ?? '–') : 'take it out'}</option>
      {cases.map(([key, { label }]) =>
        key === id ? null : (
          <option key={key} value={key}>
            {label}
          </option>
        ),
      )}
    </select>
  );
}
