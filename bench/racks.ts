/** A thing moved from unit to unit in one of twelve racks with four hundred things, beside a deep copy of the plan. */
import { createAssessor, inOrder } from '@idle-satchel/core';
import { fridayBundle } from '@idle-satchel/core/demo';
import { line, ms, quantile, timed } from './measure.js';

type Bundle = ReturnType<typeof fridayBundle>;
const RACKS = 12;
const IN_EACH = 33;
const UNITS = 12;

/** Friday with racks of twelve units, each with ten things on the front rails, four on the rear ones, the rest loose. */
function racked(friday: Bundle): Bundle {
  const kinds = inOrder(friday.kinds.kinds).flatMap(([id, { rack, power }]) => (rack && power ? [id] : []));
  const devices = { ...friday.plan.devices };
  for (let rack = 0; rack < RACKS; rack++) {
    const inside = `bigrack${String(rack).padStart(3, '0')}`;
    const order = `y${inside}`;
    devices[inside] = { order, label: inside, kind: 'rackcas12', place: { at: [3 + rack * 1.2, 12] } };
    for (let i = 0; i < IN_EACH; i++) {
      const id = `thing${String(rack * IN_EACH + i).padStart(4, '0')}`;
      const unit = i < 10 ? { unit: i + 1 } : i < 14 ? { unit: i - 8, rear: true } : {};
      const kind = kinds[(rack * IN_EACH + i) % kinds.length] ?? 'netswitch';
      devices[id] = { order: `z${id}`, label: id, kind, place: { inside, ...unit } };
    }
  }
  return { ...friday, plan: { ...friday.plan, devices } };
}

export function racks(): void {
  const whole = racked(fridayBundle());
  const { devices } = whole.plan;
  const thing = devices?.thing0007;
  if (!thing) throw new Error('the racks are full of things');
  const assess = createAssessor();
  let step = 0;
  const moved = (): Bundle => {
    const place = { ...thing.place, unit: 1 + (step++ % UNITS) };
    return { ...whole, plan: { ...whole.plan, devices: { ...devices, thing0007: { ...thing, place } } } };
  };
  void assess(whole).snags;
  const warm = quantile(
    timed(() => assess(moved()).snags, 120, 30),
    0.5,
  );
  const copied = quantile(
    timed(() => structuredClone(whole.plan), 120, 30),
    0.5,
  );
  line('a thing moved in one of 12 racks with 400 (≤ 10 ms)', ms(warm));
  line('  beside a deep copy of the plan', ms(copied), `${(warm / copied).toFixed(2)} ×`);
}
