/** Devices without where they stand: what everything but the floor plan needs to know of them. */
import type { Claims, Device, Item, Place, Shelf, WayToWork } from '../documents/index.js';
import { constant, given, inOrder, type MapOf, type Parts, type Term } from '../foundations/index.js';
import { isReady } from './ready.js';

/** A device, with its place only as far as it is one in a case or on something. */
export interface Equipment extends Omit<Device, 'place'> {
  readonly place?: Pick<Place, 'inside' | 'on' | 'worn' | 'lid'>;
}

/** A device with where it is held in its rack, which only Racks asks for. */
export interface Mounted extends Omit<Device, 'place'> {
  readonly place?: Pick<
    Place,
    keyof NonNullable<Equipment['place']> | 'unit' | 'rear' | 'across' | 'fixed' | 'plate'
  >;
}

/** What carries a thing, as its place says: what it is in, else what it stands on. */
export const carriedBy = (place: Pick<Place, 'inside' | 'on'> | undefined): string | undefined =>
  place?.inside ?? place?.on;

export const WORKED_WORDS: Readonly<Record<WayToWork, string>> = {
  operated: 'by an operator',
  remote: 'by remote',
  locked: 'locked off',
  roaming: 'carried about',
  crane: 'on a crane',
};

/** Whether somebody stands at a camera and works it by hand. */
export const workedByHand = (worked: Device['worked']): boolean =>
  worked === 'operated' || worked === 'roaming' || worked === 'crane';

/** Whether a camera moves about while it is live. */
export const movesAbout = (worked: Device['worked']): worked is 'roaming' | 'crane' =>
  worked === 'roaming' || worked === 'crane';

/** How far a camera that moves goes until it is entered, m. */
const SWEEP = { roaming: 3, crane: 4 } as const;

/** How far a camera that moves goes, m; undefined for one that stays where it is. */
export function sweepOf(
  id: string,
  { worked, sweep }: Pick<Device, 'worked' | 'sweep'>,
): (Term & { readonly value: number }) | undefined {
  if (!movesAbout(worked)) return undefined;
  const metres = sweep ?? SWEEP[worked];
  const term =
    sweep === undefined
      ? constant('sweep', metres, 'm', 'until it is entered')
      : given('sweep', metres, 'm', 'plan', `/devices/${id}/sweep`);
  return { ...term, value: metres };
}

/**
 * Items of a kind that are ready and that no device of the plan uses yet; those that another event has at the same
 * time, where that is known, come last.
 */
export function freeItems(
  shelf: Shelf,
  kind: string,
  devices: MapOf<Pick<Device, 'order' | 'item'>> | undefined,
  claims?: Claims,
): string[] {
  const claimed = new Set(Object.values(claims?.claims ?? {}).map(({ item }) => item));
  return readyItems(shelf, devices)
    .flatMap(([id, item]) => (item.kind === kind ? [id] : []))
    .sort((a, b) => Number(claimed.has(a)) - Number(claimed.has(b)));
}

/** Items of every kind that are ready and that no device of the plan uses yet. */
export function readyItems(
  shelf: Shelf,
  devices: MapOf<Pick<Device, 'order' | 'item'>> | undefined,
): [id: string, item: Item][] {
  const used = new Set(inOrder(devices).map(([, { item }]) => item));
  return inOrder(shelf.items).filter(([id, item]) => isReady(item) && !used.has(id));
}

/** The first of them. */
export const freeItem = (...of: Parameters<typeof freeItems>): string | undefined => freeItems(...of)[0];

/** A device without where it is held in a rack; the same one where it says nothing of that. */
export function withoutUnits(device: Device): Device {
  const { unit, rear, across, fixed, plate, ...place } = device.place ?? {};
  const says = [unit, rear, across, fixed, plate].some(each => each !== undefined);
  return says ? { ...device, place } : device;
}

/** A device without where it stands, and without the units that it takes in a rack. */
export function withoutPlace({ place = {}, ...device }: Device): Equipment {
  const { inside, on, lid } = place;
  const worn = place.worn && { worn: true };
  if (inside === undefined) return on === undefined ? device : { ...device, place: { on, ...worn } };
  return {
    ...device,
    place: { inside, ...(on !== undefined && { on }), ...worn, ...(lid && { lid }) },
  };
}

/** A device without where it stands, but with where it is held in a rack. */
export function mountedIn(device: Device): Mounted {
  const { unit, rear, across, fixed, plate } = device.place ?? {};
  const rest = withoutPlace(device);
  if (rest.place?.inside === undefined) return rest;
  return {
    ...rest,
    place: {
      ...rest.place,
      ...(unit !== undefined && { unit }),
      ...(rear && { rear }),
      ...(across && { across }),
      ...(fixed && { fixed }),
      ...(plate && { plate }),
    },
  };
}

/** The devices in one of these ways; the same object while that way of none of them has changed. */
const devicesAs =
  <As extends object>(key: string, as: (device: Device) => As) =>
  (devices: MapOf<Device> | undefined, parts: Parts): MapOf<As> | undefined =>
    devices &&
    parts.each(
      key,
      () => inOrder(devices),
      (_, device) => ({ device }),
      (_, { device }) => as(device),
    )();

/** The devices as equipment, which rests while they are only moved about: wiring, cases and roles rest with it. */
export const equipmentOf = devicesAs('equipment', withoutPlace);
/** The devices as they are held in racks, which rests while they are only moved about in the room. */
export const mountedOf = devicesAs('mounted', mountedIn);
/** The devices where they stand, which rests while things are only moved about within racks. */
export const placedOf = devicesAs('placed', withoutUnits);

/** Every case that a thing is in, the nearest first; a case inside itself ends it. */
export function casesAround(
  id: string,
  devices: MapOf<{ readonly place?: Pick<Place, 'inside'> }> | undefined,
  isCase: (id: string) => boolean,
): readonly string[] {
  const passed = new Set([id]);
  for (let at = devices?.[id]?.place?.inside; at !== undefined && !passed.has(at);) {
    passed.add(at);
    at = devices?.[at]?.place?.inside;
  }
  return [...passed].slice(1).filter(isCase);
}
