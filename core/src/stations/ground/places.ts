/** Where everything is: marks, and devices on floors, on tables, and in what carries them. */
import type { Device, Mark, Place, Venue } from '../../documents/index.js';
import {
  boxMiddle,
  constant,
  contains,
  floorAt,
  given,
  taken,
  type MapOf,
  type Point,
  type Term,
} from '../../foundations/index.js';
import { carriedBy } from '../equipment.js';
import * as figures from './figures.js';
import type { MarkResult, PlaceResult } from './result.js';

type Areas = NonNullable<Venue['areas']>;

/** Height of what stands on a table, until a height is entered, m. */
export const TABLE_HEIGHT = 0.75;

export function markOf(
  id: string,
  { mark, areas }: { readonly mark: Mark; readonly areas: Areas },
): MarkResult {
  const floor = figures.markFloor.found([id], floorAt(areas, mark.at, mark.level));
  const height = given('height', mark.height, 'm', 'venue', `/marks/${id}/height`);
  return {
    floor,
    elevation: figures.markElevation.calc([id], [taken('floor', floor), height]),
    light:
      mark.light === undefined
        ? figures.markLight.unknown([id], 'light not measured')
        : figures.markLight.calc([id], [given('reading', mark.light, 'lx', 'venue', `/marks/${id}/light`)]),
  };
}

export interface Placed {
  /** The device that carries it in the end: itself, or the outermost one it is in or on. */
  readonly carrier: string;
  readonly place: Place | undefined;
  readonly areas: Areas;
  readonly hangs: boolean;
}

/** What carries a device in the end, and where that is; a ring of devices in or on each other is cut. */
export function carrierOf(devices: MapOf<Device>, id: string): Pick<Placed, 'carrier' | 'place'> {
  const met: string[] = [id];
  for (let next = carriedBy(devices[id]?.place); next !== undefined; next = carriedBy(devices[next]?.place)) {
    if (!devices[next] || met.includes(next)) break;
    met.push(next);
  }
  const carrier = met.at(-1) ?? id;
  return { carrier, place: devices[carrier]?.place };
}

export function placeOf(id: string, { carrier, place = {}, areas, hangs }: Placed): PlaceResult {
  const { table, at, top } = standingOn(place, areas);
  const { level } = place;
  if (!at) {
    const why = 'it has no place yet';
    const floor = figures.placeFloor.unknown([id], why);
    return {
      at,
      level: undefined,
      table,
      floor,
      elevation: figures.placeElevation.unknown([id], why),
      carrier,
      hangs,
    };
  }
  const floor = figures.placeFloor.found([id], floorAt(areas, at, level));
  const height =
    place.height === undefined
      ? (top ?? constant('height', TABLE_HEIGHT, 'm', 'table height, until a height is entered'))
      : given('height', place.height, 'm', 'plan', `/devices/${carrier}/place/height`);
  return {
    at,
    level,
    table,
    floor,
    carrier,
    hangs,
    elevation: figures.placeElevation.calc([id], [taken('floor', floor), height]),
  };
}

/** The table of the survey that a place is on, its point there, and the height of its top; else the place as it is. */
function standingOn(
  { at, on }: Place,
  areas: Areas,
): { readonly table: string | undefined; readonly at: Point | undefined; readonly top: Term | undefined } {
  const area = areas[on ?? ''];
  if (on === undefined || !area || (at && !contains(area.outline, at)))
    return { table: undefined, at, top: undefined };
  return {
    table: on,
    at: at ?? boxMiddle(area.outline),
    top: area.top === undefined ? undefined : given('height', area.top, 'm', 'venue', `/areas/${on}/top`),
  };
}
