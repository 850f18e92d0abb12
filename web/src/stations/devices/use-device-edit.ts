import type { Device } from '@idle-satchel/core';
import { useStore } from '../../store/hooks.js';

type Field = Exclude<keyof Device, 'order' | 'place' | 'item'>;

/** Sets one field of a device, or takes it away. */
export function useDeviceEdit(
  id: string,
  device: Device,
): <Name extends Field>(label: string, field: Name, value: NonNullable<Device[Name]> | undefined) => void {
  const store = useStore();
  return (label, field, value) =>
    store.editPlan(`${label} of ${device.label}`, plan => plan.set('devices', id, field, value));
}
