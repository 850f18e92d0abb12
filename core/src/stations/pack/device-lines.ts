/** Lines of the checklist for devices, for what is chosen by kind for a camera, and for what always goes with them. */
import type { BatteryChange, Claims, Family, Item, Kinds, Shelf } from '../../documents/index.js';
import { inOrder, type MapOf, type PackGroup } from '../../foundations/index.js';
import { claimsByItem } from '../claimed.js';
import type { Equipment } from '../equipment.js';
import { byAir } from './air.js';
import type { PackLine, PackLines } from './result.js';
import { isReady } from '../ready.js';

const FAMILY_GROUP: Readonly<Partial<Record<Family, PackGroup>>> = {
  camera: 'Cameras',
  adapter: 'Adapters',
  battery: 'Power',
  strip: 'Power',
  supply: 'Power',
  'rack case': 'Cases and stands',
  case: 'Cases and stands',

  support: 'Cases and stands',
  cable: 'Cables',
  ramp: 'Floor',
  hook: 'Floor',
  mat: 'Floor',
  tape: 'Floor',
};

/** The group of the checklist that things of a family are in. */
export const groupOf = (family: Family | undefined): PackGroup => (family && FAMILY_GROUP[family]) ?? 'Desk';

interface FromShelf {
  readonly devices: MapOf<Equipment> | undefined;
  readonly kinds: Kinds;
  readonly shelf: Shelf;
}

/** A device with what its line hangs on. */
interface Listed {
  readonly device: Equipment;
  readonly kind: Kinds['kinds'][string] | undefined;
  readonly own: Item | undefined;
  readonly inside: string | undefined;
}

/** What the line of a device hangs on; undefined for what belongs to the house, and for what drives there. */
export function listedDevice(device: Equipment, { devices, kinds, shelf }: FromShelf): Listed | undefined {
  const kind = kinds.kinds[device.kind];
  if (device.resident === true || kind?.vehicle) return undefined;
  const inside = devices?.[device.place?.inside ?? '']?.label;
  return { device, kind, own: shelf.items[device.item ?? ''], inside };
}

export function deviceLine(_: string, { device, kind, own, inside }: Listed): PackLine {
  const air = kind && byAir(kind);
  return {
    group: groupOf(kind?.family),
    label: kind?.label ?? 'Unknown kind',
    purpose: device.label,
    tape: own?.tape,
    item: own && device.item,
    kind: device.kind,
    count: 1,
    inside,
    ...(air && { air }),
  };
}

/** The line of a thing of the shelf that is no device of the plan. */
function itemLine(item: string, own: Item, kinds: Kinds): PackLine {
  const kind = kinds.kinds[own.kind];
  const air = kind && byAir(kind);
  return {
    group: groupOf(kind?.family),
    label: kind?.label ?? 'Unknown kind',
    purpose: '',
    ...{ tape: own.tape, item, kind: own.kind, count: own.count ?? 1, inside: undefined },
    ...(air && { air }),
  };
}

interface Changed extends FromShelf {
  readonly changes: MapOf<BatteryChange> | undefined;
}

/** Batteries that take the place of those of the plan during the event, each once. */
export function batteryLines({ devices, kinds, shelf, changes }: Changed): PackLines {
  const there = new Set(inOrder(devices).map(([, { item }]) => item));
  const lines: Record<string, PackLine> = {};
  for (const [, { item, battery }] of inOrder(changes)) {
    const own = shelf.items[item];
    const place = devices?.[battery];
    if (!own || !place || there.has(item)) continue;
    there.add(item);
    lines[`battery ${item}`] = {
      ...itemLine(item, own, kinds),
      ...{ group: 'Power', purpose: `to change ${place.label}`, count: 1 },
    };
  }
  return lines;
}

/**
 * Things that always go with those of some lines, and with what goes with them: each once, after what it goes with. What
 * is retired goes with nothing.
 */
export function accessoryLines({
  lines,
  kinds,
  shelf,
}: Omit<FromShelf, 'devices'> & { readonly lines: PackLines }): PackLines {
  const there = new Set(Object.values(lines).map(({ item }) => item));
  const byPartner = new Map<string, string[]>();
  for (const [id, { goesWith, state }] of inOrder(shelf.items))
    if (goesWith !== undefined && state !== 'retired')
      byPartner.set(goesWith, [...(byPartner.get(goesWith) ?? []), id]);
  const more: Record<string, PackLine> = {};
  const add = (partner: string, inside: string | undefined): void => {
    for (const item of byPartner.get(partner) ?? []) {
      const own = shelf.items[item];
      if (!own || there.has(item)) continue;
      there.add(item);
      more[`with ${item}`] = {
        ...itemLine(item, own, kinds),
        ...{ purpose: `goes with ${shelf.items[partner]?.tape ?? ''}`, inside, goesWith: partner },
      };
      add(item, inside);
    }
  };
  for (const { item, inside } of Object.values(lines)) if (item !== undefined) add(item, inside);
  return more;
}

/** What is chosen by kind for a camera: its stand and its lens. */
const BY_KIND = [
  ['support', 'stand', 'Cases and stands'],
  ['lens', 'lens', 'Cameras'],
] as const;

/** Stands and lenses of cameras: for each the first of its kind on the shelf that is ready and not taken. */
export function fittingLines({
  devices,
  kinds,
  shelf,
  claims,
}: FromShelf & { readonly claims: Claims }): PackLines {
  const claimed = claimsByItem(claims);
  const taken = new Set(inOrder(devices).map(([, { item }]) => item));
  const lines: Record<string, PackLine> = {};
  for (const [id, device] of inOrder(devices)) {
    for (const [field, name, group] of BY_KIND) {
      const of = device[field];
      const kind = of === undefined ? undefined : kinds.kinds[of];
      if (of === undefined || !kind || device.resident) continue;
      const free = inOrder(shelf.items).filter(
        ([key, each]) => each.kind === of && isReady(each) && !taken.has(key),
      );
      // What nobody else takes then, where there is such a one.
      const [item, own] = free.find(([key]) => !claimed.has(key)) ?? free[0] ?? [];
      if (item !== undefined) taken.add(item);
      lines[`${name} ${id}`] = {
        group,
        label: kind.label,
        purpose: device.label,
        tape: own?.tape,
        item,
        kind: of,
        count: 1,
        inside: undefined,
      };
    }
  }
  return lines;
}
