/** Edits that bring a device into the plan and take one out with all that hangs on it. */
import type { Bundle, Device, Plan } from '../documents/index.js';
import { inOrder, orderAfter, type Json, type Operation } from '../foundations/index.js';
import { freeItem } from './equipment.js';

/** Adds a device of a kind, with an item of the shelf where one is ready that nothing else uses. */
export function addDevicePatch(
  { plan, shelf }: Pick<Bundle, 'plan' | 'shelf'>,
  id: string,
  device: Omit<Device, 'order' | 'item'>,
): Operation[] {
  const item = freeItem(shelf, device.kind, plan.devices);
  const order = orderAfter(inOrder(plan.devices).at(-1)?.[1].order);
  const value = { order, ...device, ...(item !== undefined && { item }) };
  return [
    ...(plan.devices ? [] : [{ op: 'add' as const, path: '/devices', value: {} }]),
    { op: 'add', path: `/devices/${id}`, value: value as unknown as Json },
  ];
}

/** Takes a device out, with what it carries and every lead of them; its shots stay, without a camera. */
export function takeOutPatch({ devices, links, shots }: Plan, id: string): Operation[] {
  const carried = inOrder(devices).filter(([, { place }]) => place?.inside === id);
  const gone = new Set([id, ...carried.map(([key]) => key)]);
  const loose = inOrder(links).filter(
    ([, { from, to }]) => gone.has(from.device ?? '') || gone.has(to.device ?? ''),
  );
  const taken = inOrder(shots).filter(([, { camera }]) => gone.has(camera ?? ''));
  const remove = (path: string): Operation => ({ op: 'remove', path });
  return [
    ...loose.map(([key]) => remove(`/links/${key}`)),
    ...taken.map(([key]) => remove(`/shots/${key}/camera`)),
    ...[...gone].map(key => remove(`/devices/${key}`)),
  ];
}
