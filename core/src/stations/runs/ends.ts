/** Where a lead begins and ends: the place, how high above its floor, and the tail that lies there. */
import type { End, HouseLine, Link } from '../../documents/index.js';
import { constant, taken, type Figure, type MapOf, type Point, type Term } from '../../foundations/index.js';
import { sweepOf, workedByHand, type Equipment } from '../equipment.js';
import type { GroundResult, PlaceResult } from '../ground/index.js';
import { rises } from './figures.js';
import { kindDoes } from '../signal/functions.js';
import { plugEndOf } from '../signal/port-fit.js';
import type { PlanWiring } from '../signal/index.js';

const TAIL = { desk: 2, locked: 1, operated: 3 } as const;

export interface RoutedEnd {
  readonly at: Point | undefined;
  /** The gallery it is on. */
  readonly level: string | undefined;
  /** The table of the survey that it stands on. */
  readonly table?: string | undefined;
  readonly label: string;
  /** The name of what stands there: the device, or what carries it. */
  readonly thing: string;
  /** Its height above the zero level, and that of the floor it stands on, m. */
  readonly rise: readonly Term[];
  readonly tail: Term;
  readonly carrier: string;
  /** It stays where it is; cameras are moved about while planning. */
  readonly fixed: boolean;
}

export interface EndReads {
  readonly devices: MapOf<Equipment> | undefined;
  readonly ground: Pick<GroundResult, 'venue' | 'places'>;
}

/** Where one end is, as the plan and the venue have it: a socket, a line of the house, or a device somewhere. */
export interface EndAt {
  readonly house: { readonly at: Point; readonly label: string } | undefined;
  readonly line: HouseLine | undefined;
  readonly place: PlaceResult | undefined;
  readonly device: Equipment | undefined;
  /** What carries the device. */
  readonly carrier: Equipment | undefined;
}

export function endAt({ device = '', socket, networkSocket }: End, { devices, ground }: EndReads): EndAt {
  const { venue, places } = ground;
  const place = places[device];
  return {
    house: venue.sockets?.[socket ?? ''] ?? venue.networkSockets?.[networkSocket ?? ''],
    line: venue.houseLines?.[devices?.[device]?.house ?? ''],
    place,
    device: devices?.[device],
    carrier: devices?.[place?.carrier ?? device],
  };
}

const atWall = (at: Point, label: string, carrier: string): RoutedEnd => ({
  at,
  label,
  thing: label,
  carrier,
  level: undefined,
  fixed: true,
  rise: [constant('height', 0.3, 'm', 'height of a wall socket')],
  tail: constant('tail', 0, 'm', 'no tail at a wall socket'),
});

/** One end of a link. */
export function endOf(
  end: End,
  { house, line, place, device, carrier }: EndAt,
  wiring: PlanWiring,
): RoutedEnd {
  if (house) return atWall(house.at, house.label, end.socket ?? end.networkSocket ?? '');
  const id = end.device ?? '';
  if (line) {
    const near = wiring.portOf(end)?.direction === 'in';
    const [side, index] = near ? (['near', 0] as const) : (['far', 1] as const);
    return atWall(line.ends[index] as Point, `${side} end of ${line.label}`, `${id} ${side}`);
  }
  const camera = kindDoes(wiring.kindOf(place?.carrier), 'sees');
  const byHand = workedByHand(carrier?.worked);
  const sweep = carrier && sweepOf(place?.carrier ?? id, carrier)?.value;
  const tail = (!camera ? TAIL.desk : byHand ? TAIL.operated : TAIL.locked) + (sweep ?? 0);
  const words = !camera
    ? 'a rack or table'
    : sweep !== undefined
      ? 'a camera that moves, to the farthest that it goes'
      : byHand
        ? 'an operated camera'
        : 'a locked camera';
  return {
    at: place?.at,
    level: place?.level,
    table: place?.table,
    label: [wiring.portOf(end)?.label, device?.label].filter(Boolean).join(' of '),
    thing: carrier?.label ?? device?.label ?? 'a device that is gone',
    rise: place
      ? [taken('height', place.elevation), taken('floor', place.floor)]
      : [constant('height', null, 'm', 'not placed')],
    tail: constant('tail', tail, 'm', `tail at ${words}`),
    carrier: place?.carrier ?? id,
    fixed: !camera,
  };
}

/** Up or down from the floor at both ends, m. */
export const risesOf = (id: string, from: RoutedEnd, to: RoutedEnd): Figure =>
  rises.calc([id], [...from.rise, ...to.rise]);

/** How much higher one end is than the other, m. */
export const risesBetween = (id: string, from: RoutedEnd, to: RoutedEnd): Figure =>
  rises.calc(
    [id],
    [from, to].flatMap(({ rise: [height] }, i) =>
      height ? [{ ...height, name: i === 0 ? 'one' : 'other' }] : [],
    ),
    { formula: 'max(one, other) - min(one, other)' },
  );

/** Whether a link is plugged straight in: one end brings its plug, and both are in one place. */
export function pluggedIn(link: Link, wiring: PlanWiring, places: GroundResult['places']): boolean {
  const carrier = ({ device = '' }: End): string => places[device]?.carrier ?? device;
  return plugEndOf(wiring, link) !== undefined && carrier(link.from) === carrier(link.to);
}
