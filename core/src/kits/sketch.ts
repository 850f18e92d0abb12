/** Starter kits, written shortly: devices by row, leads by words, mains found for whatever wants it. */
import type {
  Device,
  Kind,
  Link,
  Output,
  Place,
  Plan,
  RunningItem,
  Shot,
  Venue,
} from '../documents/index.js';
import { distance, idFrom, inOrder, ordersFor, type MapOf, type Point } from '../foundations/index.js';
import { libraryKinds } from '../library/index.js';
import { carriedBy } from '../stations/equipment.js';

export interface Kit {
  readonly id: string;
  readonly label: string;
  /** What it is for, in a line. */
  readonly about: string;
  readonly cameras: number;
  /** Pieces of gear, leads not counted. */
  readonly pieces: number;
  /** What of the plan it makes; everything else is the event’s own. */
  readonly plan: Pick<Plan, 'outputs' | 'runningOrder' | 'shots' | 'devices' | 'links'>;
}

export type DeviceSketch = readonly [
  id: string,
  label: string,
  kind: string,
  place: Place,
  more?: Partial<Device>,
];

export interface KitSketch {
  readonly id: string;
  readonly label: string;
  readonly about: string;
  readonly devices: readonly DeviceSketch[];
  /** `camera1.hdmiout01 > switcher1.hdmiin01`, or `netdesk01 > router001.wanport01` from a network socket. */
  readonly leads: readonly string[];
  /** Makes of cable by the lead they are for, where the usual one would not reach. */
  readonly makes?: Readonly<Record<string, NonNullable<Link['make']>>>;
  /** What leads were seen to carry, by the lead. */
  readonly proofs?: Readonly<Record<string, NonNullable<Link['proof']>>>;
  readonly outputs: readonly Omit<Output, 'order'>[];
  readonly shots?: readonly Omit<Shot, 'order'>[];
  readonly layouts?: NonNullable<RunningItem['layouts']>;
}

const byOrder = <T>(id: string, list: readonly T[]): Record<string, T & { order: string }> => {
  const orders = ordersFor(list.length);
  return Object.fromEntries(
    list.map((each, i) => [idFrom(`${id}/${i}`), { order: orders[i] ?? '', ...each }]),
  );
};

/** The kit as part of a plan over a room. Throws `RangeError` when a lead names a port that is not there. */
export function kitFrom(sketch: KitSketch, room: Venue): Kit {
  const { id, label, about, outputs, shots = [], layouts } = sketch;
  const orders = ordersFor(sketch.devices.length);
  const devices = Object.fromEntries(
    sketch.devices.map(([device, name, kind, place, more], i): [string, Device] => [
      device,
      { order: orders[i] ?? '', label: name, kind, place, ...more },
    ]),
  );
  const leads = sketch.leads.map((words, i): [string, Link] => {
    const link = linkOf(words, devices, room);
    const [make, proof] = [sketch.makes?.[words], sketch.proofs?.[words]];
    return [idFrom(`${id}/lead/${i}`), { ...link, ...(make && { make }), ...(proof && { proof }) }];
  });
  const live: Partial<RunningItem> = layouts ? { layouts } : {};
  const items: Omit<RunningItem, 'order'>[] = [
    { label: 'Unload and rig', phase: 'rig', minutes: 90 },
    { label: 'Line check', phase: 'check', minutes: 30 },
    { label: 'Rehearse', phase: 'rehearse', minutes: 30 },
    { label: 'Doors', phase: 'wait', minutes: 30 },
    { label: 'Live', phase: 'live', minutes: 60, ...live },
    { label: 'Strike and load', phase: 'strike', minutes: 45 },
  ];
  return {
    id,
    label,
    about,
    cameras: inOrder(devices).filter(([, { kind }]) => libraryKinds[kind]?.family === 'camera').length,
    pieces: inOrder(devices).length,
    plan: {
      outputs: byOrder(`${id}/output`, outputs),
      runningOrder: byOrder(`${id}/item`, items),
      shots: byOrder(`${id}/shot`, shots),
      devices,
      links: Object.fromEntries([...leads, ...mainsFor(id, devices, leads, room)]),
    },
  };
}

function linkOf(words: string, devices: MapOf<Device>, room: Venue): Link {
  const [from = '', to = ''] = words.split(' > ');
  const end = (text: string): Link['from'] => {
    const [device = '', port = ''] = text.split('.');
    if (port === '' && room.networkSockets?.[device]) return { networkSocket: device };
    if (!libraryKinds[devices[device]?.kind ?? '']?.ports?.[port]) throw new RangeError(`no port “${text}”`);
    return { device, port };
  };
  return { from: end(from), to: end(to) };
}

const mainsIn = (kind: Kind | undefined): string | undefined =>
  inOrder(kind?.ports).find(
    ([, { carries, direction, connector }]) =>
      carries === 'power' && direction === 'in' && connector === 'mains',
  )?.[0];

/** A lead for every mains plug that has none: from a strip in the same case, else from the nearest wall socket. */
function mainsFor(
  id: string,
  devices: MapOf<Device>,
  leads: readonly (readonly [string, Link])[],
  room: Venue,
): [string, Link][] {
  const fed = new Set(
    leads.flatMap(([, { to }]) => {
      const port = libraryKinds[devices[to.device ?? '']?.kind ?? '']?.ports?.[to.port ?? ''];
      return port?.carries === 'power' ? [to.device] : [];
    }),
  );
  const outlets = new Map(
    inOrder(devices).map(([strip, { kind }]) => [
      strip,
      inOrder(libraryKinds[kind]?.ports).flatMap(([port, { direction, connector }]) =>
        direction === 'out' && connector === 'mains' ? [port] : [],
      ),
    ]),
  );
  const free = new Map(inOrder(room.sockets).map(([socket, each]) => [socket, each.outlets]));
  const strips = new Set([...outlets].flatMap(([strip, { length }]) => (length > 0 ? [strip] : [])));
  return inOrder(devices).flatMap(([device, { kind, place }]): [string, Link][] => {
    const port = mainsIn(libraryKinds[kind]);
    if (port === undefined || fed.has(device)) return [];
    const strip = inOrder(devices).find(
      ([each, { place: own }]) =>
        each !== device &&
        own?.inside !== undefined &&
        own.inside === place?.inside &&
        (outlets.get(each)?.length ?? 0) > 0,
    )?.[0];
    const outlet = strip === undefined || strips.has(device) ? undefined : outlets.get(strip)?.shift();
    const from: Link['from'] =
      strip !== undefined && outlet !== undefined
        ? { device: strip, port: outlet }
        : { socket: nearestSocket(placeOf(device, devices), room, free) };
    return [[idFrom(`${id}/mains/${device}`), { from, to: { device, port } }]];
  });
}

/** Where a device or what it is in stands. */
function placeOf(id: string, devices: MapOf<Device>): Point {
  const place = devices[id]?.place;
  const carrier = carriedBy(place);
  return place?.at ?? (carrier === undefined ? [0, 0] : placeOf(carrier, devices));
}

/** The nearest socket of which an outlet is left, which it takes; the nearest of all where none is. */
function nearestSocket(at: Point, room: Venue, free: Map<string, number>): string {
  const sockets = inOrder(room.sockets)
    .map(([id, socket]) => ({ id, far: distance(socket.at, at) }))
    .sort((a, b) => a.far - b.far);
  const id = (sockets.find(each => (free.get(each.id) ?? 0) > 0) ?? sockets[0])?.id ?? '';
  free.set(id, (free.get(id) ?? 0) - 1);
  return id;
}
