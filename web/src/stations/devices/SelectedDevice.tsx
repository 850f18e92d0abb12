import { Suspense } from 'react';
import { fetched } from '../../ui/fetched.js';
import { usePlan, useUi } from '../../store/hooks.js';

const DeviceFields = fetched(() => import('./DeviceFields.js'));

/** The device that is selected on the plan: what it is called and where it is. */
export function SelectedDevice() {
  const id = useUi(state => state.selected) ?? '';
  const device = usePlan(plan => plan.devices?.[id]);
  if (!device) return null;
  return (
    <Suspense>
      <DeviceFields key={id} id={id} device={device} />
    </Suspense>
  );
}
