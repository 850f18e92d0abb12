/** Beginning an event from a kit: which kinds it brings, which items of the shelf it takes. */
import type { Bundle, Device, Kind, Kinds, Rules, Shelf } from '../documents/index.js';
import { idFrom, inOrder, type MapOf } from '../foundations/index.js';
import { libraryKinds } from '../library/index.js';
import { freeItems } from '../stations/equipment.js';
import { plainRoom } from './room.js';
import type { Kit } from './sketch.js';

export interface BegunKit {
  readonly plan: Kit['plan'];
  /** Kinds that the organisation does not have yet. */
  readonly kinds: Readonly<Record<string, Kind>>;
}

/**
 * A kit for an organisation: its own kinds where they have the ports that the kit plugs into, else those of the
 * library; of each the items that are ready, as far as they go.
 */
export function begunKit(kit: Kit, own: Kinds, shelf: Shelf): BegunKit {
  const { links, devices } = kit.plan;
  const used = new Map<string, Set<string>>();
  for (const [, { from, to }] of inOrder(links)) {
    for (const { device, port } of [from, to]) {
      const kind = devices?.[device ?? '']?.kind;
      if (kind !== undefined && port !== undefined) used.set(kind, (used.get(kind) ?? new Set()).add(port));
    }
  }
  const wanted = new Set(
    inOrder(devices).flatMap(([, { kind, support }]) => (support === undefined ? [kind] : [kind, support])),
  );
  const kinds: Record<string, Kind> = {};
  const renamed = new Map<string, string>();
  for (const id of wanted) {
    const known = own.kinds[id];
    const suits = known && [...(used.get(id) ?? [])].every(port => known.ports?.[port]);
    const kind = libraryKinds[id];
    if (suits || !kind) continue;
    const as = known ? idFrom(`kit/${id}`) : id;
    if (known) renamed.set(id, as);
    if (!own.kinds[as]) kinds[as] = kind;
  }
  const taking = inOrder(devices).map(([id, device]): [string, Device] => [
    id,
    { ...device, kind: renamed.get(device.kind) ?? device.kind },
  ]);
  return { plan: { ...kit.plan, devices: withItems(Object.fromEntries(taking), shelf) }, kinds };
}

/** Devices with an item of the shelf each, as far as it goes; what belongs to the house needs none. */
export function withItems(devices: MapOf<Device> | undefined, shelf: Shelf): Record<string, Device> {
  const left = new Map<string, string[]>();
  return Object.fromEntries(
    inOrder(devices).map(([id, device]) => {
      const items = left.get(device.kind) ?? freeItems(shelf, device.kind, undefined);
      left.set(device.kind, items);
      const item = device.resident ? undefined : items.shift();
      return [id, item === undefined ? device : { ...device, item }];
    }),
  );
}

/** A kit by itself in its plain room, to be drawn. */
export const kitBundle = (kit: Kit, rules: Rules): Bundle => ({
  plan: {
    version: 1,
    label: kit.label,
    start: '2026-01-01T12:00:00Z',
    zone: 'UTC',
    venue: { id: 'plainroom', revision: 1 },
    ...kit.plan,
  },
  venue: roomFor(rules),
  rules,
  kinds: { version: 1, kinds: libraryKinds },
  shelf: { items: {} },
  hands: { people: {} },
  claims: { claims: {} },
});

/** The plain room, on the mains of the organisation’s part of the world. */
export const roomFor = ({ units }: Pick<Rules, 'units'>): Bundle['venue'] =>
  units === 'imperial' ? plainRoom(120, 60, units) : plainRoom(230, 50);
