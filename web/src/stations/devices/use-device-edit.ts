import type { Device, Json } from '@idle-satchel/core';
import { useStore } from '../../store/hooks.js';

type Field = Exclude<keyof Device, 'order' | 'place' | 'item'>;

/** Sets one field of a device, or takes it away. */
export function useDeviceEdit(
  id: string,
  device: Device,
): (label: string, field: Field, value: Json | undefined) => void {
  const store = useStore();
  return (label, field, value) =>
    store.patchPlan(`${label} of ${device.label}`, [
      value === undefined
        ? { op: 'remove', path: `/devices/${id}/${field}` }
        : { op: 'add', path: `/devices/${id}/${field}`, value },
    ]);
}
