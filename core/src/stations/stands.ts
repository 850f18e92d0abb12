/** What a device can stand in or on, and the edits that put it there. */
import type { Device, Kinds, Place, Plan } from '../documents/index.js';
import { inOrder, type Operation } from '../foundations/index.js';
import { inPlan } from '../edits.js';
import { carriedBy } from './equipment.js';
import type { GroundResult } from './ground/index.js';

/** What a device can be put into or onto: cases, cameras and switchers that are in nothing themselves. */
export const carriersFor = (
  { devices }: Plan,
  id: string | undefined,
  familyOf: (device: Device) => string | undefined,
): [string, Device][] =>
  inOrder(devices).filter(
    ([other, device]) =>
      other !== id && carriedBy(device.place) === undefined && CARRIERS.has(familyOf(device) ?? ''),
  );

const CARRIERS = new Set(['rack case', 'camera', 'switcher']);

/** Where a device can stand: in or on another one, on a table of the survey, or on a floor by itself. */
export interface Stand {
  /** `in`, `on` or `table`, and the id of that. */
  readonly key: string;
  readonly label: string;
}

/** Every stand there is for a device, those in things first. */
export function standsFor(
  plan: Plan,
  id: string,
  venue: Pick<GroundResult['venue'], 'areas'>,
  familyOf: (device: Device) => string | undefined,
): Stand[] {
  const carriers = carriersFor(plan, id, familyOf);
  const tables = inOrder(venue.areas).filter(([, { kind, top }]) => kind === 'desk' || top !== undefined);
  return [
    ...carriers.map(([key, { label }]) => ({ key: `in ${key}`, label: `in ${label}` })),
    ...carriers.map(([key, { label }]) => ({ key: `on ${key}`, label: `on ${label}` })),
    ...tables.map(([key, { label }]) => ({ key: `table ${key}`, label: `on ${label}` })),
  ];
}

/** The key of where a device stands now; undefined on a floor by itself. */
export function standOf(
  { inside, on }: Place,
  { areas }: Pick<GroundResult['venue'], 'areas'>,
): string | undefined {
  if (inside !== undefined) return `in ${inside}`;
  if (on === undefined) return undefined;
  return areas?.[on] ? `table ${on}` : `on ${on}`;
}

/** Whether a device is in or on another one, and so has no point of its own. */
export const isCarried = (place: Place, venue: Pick<GroundResult['venue'], 'areas'>): boolean =>
  carriedBy(place) !== undefined && !(place.inside === undefined && venue.areas?.[place.on ?? '']);

/** Puts a device to one of the stands that there are for it: of its place, what still holds there is kept. */
export function standPatch({ devices }: Plan, id: string, key: string): Operation[] {
  const [how, at = ''] = key.split(' ');
  const { level, facing } = devices?.[id]?.place ?? {};
  const place: Place =
    how === 'in'
      ? { inside: at }
      : { on: at, ...(level !== undefined && { level }), ...(facing !== undefined && { facing }) };
  return inPlan().put('devices', id, 'place', place).patch;
}

/**
 * Devices that are nowhere yet, the carriers of what is in or on them; cases and vehicles only bring the rest, and need no
 * place in the room.
 */
export const notOnPlan = (
  { devices }: Plan,
  places: GroundResult['places'],
  { kinds }: Kinds,
): [string, Device][] =>
  inOrder(devices).filter(
    ([id, { kind }]) =>
      places[id]?.carrier === id &&
      places[id].at === undefined &&
      !kinds[kind]?.hold &&
      !kinds[kind]?.vehicle,
  );
