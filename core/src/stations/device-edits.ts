/** Edits that bring a device into the plan and take one out with all that hangs on it. */
import type { Bundle, Device, Plan } from '../documents/index.js';
import { nextLabel } from '../drafting/index.js';
import { inOrder, orderAfter, type Operation } from '../foundations/index.js';
import { freeItem } from './equipment.js';
import { editPlan, inPlan } from '../edits.js';

/** Longest name that another number can be put to. */
const LONGEST = 36;

/** Adds a device of a kind, under a name that no other has, with an item of the shelf where one is ready that nothing else uses. */
export function addDevicePatch(
  { plan, shelf, claims }: Pick<Bundle, 'plan' | 'shelf'> & Partial<Pick<Bundle, 'claims'>>,
  id: string,
  device: Omit<Device, 'order' | 'item'>,
): Operation[] {
  const item = freeItem(shelf, device.kind, plan.devices, claims);
  const order = orderAfter(inOrder(plan.devices).at(-1)?.[1].order);
  const taken = new Set(inOrder(plan.devices).map(([, { label }]) => label));
  const label = taken.has(device.label) ? nextLabel(device.label.slice(0, LONGEST), taken) : device.label;
  const value = { order, ...device, label, ...(item !== undefined && { item }) };
  return editPlan(plan).put('devices', id, value).patch;
}

/** What hangs on a device: what is in it, all that goes with it, their leads, and the shots they take. */
function hangingOn({ devices, links, shots }: Plan, id: string) {
  const inside = inOrder(devices).filter(([, { place }]) => place?.inside === id);
  const gone = new Set([id, ...inside.map(([key]) => key)]);
  const leads = inOrder(links).filter(
    ([, { from, to }]) => gone.has(from.device ?? '') || gone.has(to.device ?? ''),
  );
  const taken = inOrder(shots).filter(([, { camera }]) => gone.has(camera ?? ''));
  return { inside, gone, leads, taken };
}

/** What goes with a device that is taken out, in words that follow “is out”: what is in it, leads, shots. */
export function goneWith(plan: Plan, id: string): string {
  const { inside, leads, taken } = hangingOn(plan, id);
  const words = inside.map(([, { label }]) => label);
  if (leads.length > 0) words.push(leads.length === 1 ? 'a lead' : `${leads.length} leads`);
  const shots = taken.length === 1 ? 'a shot has' : `${taken.length} shots have`;
  return `${words.length > 0 ? `, with ${words.join(', ')}` : ''}${taken.length > 0 ? `; ${shots} no camera now` : ''}`;
}

/**
 * Takes a device out, with what is in it and every lead of them; its shots stay, without a camera, and what stands on
 * it stays where it was.
 */
export function takeOutPatch(plan: Plan, id: string): Operation[] {
  const { devices } = plan;
  const { gone, leads, taken } = hangingOn(plan, id);
  const stood = inOrder(devices).filter(([key, { place }]) => place?.on === id && !gone.has(key));
  const spot = devices?.[id]?.place;
  const paired = inOrder(plan.fedTogether).filter(([, { one, other }]) => gone.has(one) || gone.has(other));
  const changed = inOrder(plan.batteryChanges).filter(([, { battery }]) => gone.has(battery));
  const read = inOrder(plan.chargeReadings).filter(([, { battery }]) => gone.has(battery));
  const packed = inOrder(plan.packed).filter(([, each]) => gone.has(each.in) || gone.has(each.line));
  const riding = inOrder(devices).filter(([key, each]) => gone.has(each.ridesWith ?? '') && !gone.has(key));
  const beside = inOrder(devices).filter(([key, each]) => gone.has(each.beside ?? '') && !gone.has(key));
  return inPlan()
    .each(leads, (edit, [key]) => edit.drop('links', key))
    .each(taken, (edit, [key]) => edit.drop('shots', key, 'camera'))
    .each(stood, (edit, [key, { place: { on: _on, ...place } = {} }]) =>
      // What lay on a tray of a case lies loose in that case.
      edit.put('devices', key, 'place', place.inside === undefined ? { ...spot, ...place } : place),
    )
    .each(paired, (edit, [key]) => edit.drop('fedTogether', key))
    .each(changed, (edit, [key]) => edit.drop('batteryChanges', key))
    .each(read, (edit, [key]) => edit.drop('chargeReadings', key))
    .each(packed, (edit, [key]) => edit.drop('packed', key))
    .each(beside, (edit, [key]) => edit.drop('devices', key, 'beside'))
    .each(riding, (edit, [key]) => edit.drop('devices', key, 'ridesWith'))
    .each(gone, (edit, key) => edit.drop('devices', key)).patch;
}
