import { FigureRow, FigureRows, Heading } from '../../ledger/Ledger.js';
import { NumberField } from '../../ledger/NumberField.js';
import { usePlan, useResult, useStore } from '../../store/hooks.js';

/** How early or late sound is with each camera on each output, what delay brings them together, and what was measured. */
export function LipSync() {
  const { latency, screens, sound: heard } = useResult('signal');
  const devices = usePlan(plan => plan.devices);
  const outputs = usePlan(plan => plan.outputs);
  const cameras = [...new Set(Object.values(latency).flatMap(({ sources }) => Object.keys(sources)))];
  const places = [...new Set(Object.values(latency).flatMap(({ at }) => at ?? []))];
  return (
    <>
      {Object.entries(latency).map(([id, { sources, sound, delay }]) => (
        <section key={id} aria-label={`Lip sync of ${outputs?.[id]?.label ?? 'an output'}`}>
          <Heading about={outputs?.[id]?.label}>Lip sync of</Heading>
          {heard[id] && <FigureRows of={{ from: heard[id].from, twice: heard[id].twice }} />}
          <FigureRow figure={sound} />
          {Object.entries(sources).map(([camera, { offset }]) => (
            <FigureRow
              key={camera}
              label={`Sound early with ${devices?.[camera]?.label ?? '?'}`}
              figure={offset}
            />
          ))}
          <FigureRow figure={delay} />
        </section>
      ))}
      {Object.entries(screens).map(([id, { late }]) => (
        <FigureRow key={id} label={`${outputs?.[id]?.label ?? 'Screen'} is late by`} figure={late} />
      ))}
      {places.map(id => (
        <DelayField key={id} id={id} field="soundDelay" label="Sound delayed in" />
      ))}
      {[...cameras, ...places].map(id => (
        <DelayField key={`late ${id}`} id={id} field="pictureDelay" label="Pictures late, if measured, in" />
      ))}
    </>
  );
}

function DelayField({
  id,
  field,
  label,
}: {
  id: string;
  field: 'soundDelay' | 'pictureDelay';
  label: string;
}) {
  const store = useStore();
  const device = usePlan(plan => plan.devices?.[id]);
  if (!device) return null;
  return (
    <NumberField
      label={`${label} ${device.label}`}
      unit="ms"
      optional
      value={device[field]}
      min={0}
      max={5000}
      onCommit={value =>
        store.editPlan(`Delay in ${device.label}`, plan => plan.set('devices', id, field, value))
      }
    />
  );
}
