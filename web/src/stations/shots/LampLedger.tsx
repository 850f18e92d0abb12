import { inOrder } from '@idle-satchel/core';
import { ChoiceField } from '../../ledger/ChoiceField.js';
import { FigureRow, FigureRows, Heading } from '../../ledger/Ledger.js';
import { useEvent, usePlan, useResult } from '../../store/hooks.js';
import { DeviceHead } from '../devices/DeviceHead.js';
import PlaceFields from '../devices/PlaceFields.js';
import { useDeviceEdit } from '../devices/use-device-edit.js';
import type { Device } from '@idle-satchel/core';

/** One lamp: where it stands, what it is turned to, and what it gives to each face in its beam. */
export default function LampLedger({ id }: { id: string }) {
  const device = usePlan(plan => plan.devices?.[id]);
  return device ? <Lamp id={id} device={device} /> : null;
}

function Lamp({ id, device }: { id: string; device: Device }) {
  const { lamps, light } = useResult('shots');
  const marks = useEvent(state => state.assessment.ground.venue.marks);
  const put = useDeviceEdit(id, device);
  const lamp = lamps[id];
  if (!lamp) return null;
  return (
    <>
      <DeviceHead id={id} device={device} />
      <PlaceFields id={id} device={device} pointsAt="its mark" />
      <ChoiceField
        label="Turned to"
        value={device.lights}
        none="no mark yet"
        options={inOrder(marks).map(([mark, { label }]) => [mark, label] as const)}
        onCommit={mark => put('Aim', 'lights', mark)}
      />
      <FigureRows of={lamp} />
      {Object.entries(lamp.marks).map(([mark, on]) => (
        <section key={mark} aria-label={`Light on ${marks?.[mark]?.label ?? 'a lost mark'}`}>
          <Heading about={marks?.[mark]?.label}>Light on</Heading>
          <FigureRows of={on} />
          {light[mark] && <FigureRow label="Light there in all" figure={light[mark]} />}
        </section>
      ))}
      <p className="text-faint text-[13px] pt-2">
        Weigh its stand down, tape its lead, and keep it clear of ways out; lamps grow hot.
      </p>
    </>
  );
}
