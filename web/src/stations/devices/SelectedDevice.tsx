import { usePlan, useUi } from '../../store/hooks.js';
import { DeviceHead } from './DeviceHead.js';
import { PlaceFields } from './PlaceFields.js';

/** The device that is selected on the plan: what it is called and where it is. */
export function SelectedDevice() {
  const id = useUi(state => state.selected) ?? '';
  const device = usePlan(plan => plan.devices?.[id]);
  if (!device) return null;
  return (
    <section key={id} aria-label={`Selected: ${device.label}`}>
      <DeviceHead id={id} device={device} />
      <PlaceFields id={id} device={device} />
    </section>
  );
}
