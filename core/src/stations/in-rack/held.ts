/** What a rack holds, and how: on its rails, on a tray or in a drawer there, in another thing, off the rails, in its lid, or loose. */
import type { Kind, Kinds, RackFitting } from '../../documents/index.js';
import { inOrder, type MapOf } from '../../foundations/index.js';
import { casesAround, type Mounted } from '../equipment.js';

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

/** Whether other things lie on or in it. */
export const carriesThings = (fitting: RackFitting | undefined): boolean =>
  fitting === 'tray' || fitting === 'drawer';

/** Everything that each rack holds, in order; a rack in a rack is in that with all that it holds. */
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
  const isRack = (id: string): boolean => held[id] !== undefined;
  const onTray = (on: string | undefined): string | undefined =>
    on !== undefined && carriesThings(kinds[devices?.[on]?.kind ?? '']?.rack?.fitting) ? on : undefined;
  for (const [id, device] of all) {
    const { inside, on } = device.place ?? {};
    for (const rack of casesAround(id, devices, isRack)) {
      const carrier = inside === rack ? onTray(on) : inside;
      const how = carrier === undefined ? holdingOf(device) : inside === rack ? 'tray' : 'within';
      held[rack]?.push({ id, device, kind: kinds[device.kind], how, carrier });
    }
  }
  return held;
}

/** How the rack itself holds a thing. */
function holdingOf({ place = {} }: Mounted): Holding {
  if (place.unit !== undefined) return 'rails';
  if (place.fixed) return 'fixed';
  return place.lid ? 'lid' : 'loose';
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
