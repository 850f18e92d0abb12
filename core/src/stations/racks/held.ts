/** What a rack holds, and how: on its rails, on a tray or in a drawer there, in another thing, off the rails, in its lid, or loose. */
import type { Kind, Kinds } from '../../documents/index.js';
import { inOrder, type MapOf } from '../../foundations/index.js';
import { nearestCase, type Mounted } from '../equipment.js';

/** `within`: in or on another thing that the rack holds, as a disk is in a recorder. */
export type Holding = 'rails' | 'tray' | 'within' | 'fixed' | 'lid' | 'loose';

export interface Held {
  readonly id: string;
  readonly device: Mounted;
  readonly kind: Kind | undefined;
  readonly how: Holding;
  /** The thing of this rack that it is in, where that is not the rack itself. */
  readonly carrier: string | undefined;
}

const carriesOnATray = (kind: Kind | undefined): boolean =>
  kind?.rack?.fitting === 'tray' || kind?.rack?.fitting === 'drawer';

/** Everything that each rack holds, in order; what is in a rack that is itself in a case counts to its own rack only. */
export function heldByRack({
  devices,
  kinds,
}: {
  readonly devices: MapOf<Mounted> | undefined;
  readonly kinds: Kinds['kinds'];
}): Readonly<Record<string, readonly Held[]>> {
  const all = inOrder(devices);
  const held: Record<string, Held[]> = {};
  for (const [id, device] of all) if (kinds[device.kind]?.rackCase) held[id] = [];
  for (const [id, device] of all) {
    const rack = nearestCase(id, devices, each => held[each] !== undefined);
    if (rack === undefined) continue;
    const { inside, on, unit, fixed, lid } = device.place ?? {};
    const tray = on !== undefined && carriesOnATray(kinds[devices?.[on]?.kind ?? '']) ? on : undefined;
    const carrier = inside === rack ? tray : inside;
    const how = ((): Holding => {
      if (carrier !== undefined) return carrier === tray ? 'tray' : 'within';
      if (unit !== undefined) return 'rails';
      if (fixed) return 'fixed';
      return lid ? 'lid' : 'loose';
    })();
    held[rack]?.push({ id, device, kind: kinds[device.kind], how, carrier });
  }
  return held;
}

/** The thing on the rails that holds each thing: itself, its tray, or what it is in; undefined off the rails. */
export function mountOf(of: Held, held: readonly Held[]): Held | undefined {
  const seen = new Set<string>();
  for (let at: Held | undefined = of; at && !seen.has(at.id);) {
    if (at.how === 'rails') return at;
    seen.add(at.id);
    const { carrier }: Held = at;
    at = carrier === undefined ? undefined : held.find(({ id }) => id === carrier);
  }
  return undefined;
}
