/** Ways to cool a rack, each with how warm the air that reaches its worst thing would be then. */
import type { Kind, Plan } from '../../../documents/index.js';
import {
  constant,
  idFrom,
  inOrder,
  inWords,
  numberOf,
  orderAfter,
  type Edit,
  type Fix,
  type MapOf,
} from '../../../foundations/index.js';
import { fix, inPlan } from '../../../edits.js';
import type { Mounted } from '../../equipment.js';
import { adding, offersOf } from '../../signal/offers.js';
import { itemWatts } from '../figures.js';
import { heldByRack } from '../../in-rack/held.js';
import { rackResult, type RackWithItems } from '../rack.js';
import type { RackResult, RacksSeen } from '../result.js';

type Devices = MapOf<Mounted>;

/** Lids off, heat on top, a fan unit: in the order of the work that they make. */
export function* coolerFixes(id: string, seen: RacksSeen): Iterable<Fix> {
  const { devices = {} } = seen;
  const rack = devices[id];
  const now = seen.own.racks[id];
  if (!rack || !now) return;
  const worded = (
    label: string,
    edit: Edit<Plan>,
    after: Devices,
    sort: string,
    loads = seen.loads as RackWithItems['loads'],
  ): Fix => fix(`${label}: ${warmest(rackAfter(id, after, seen, loads), seen)}`, edit, sort);

  const { closed = [], ...open } = rack;
  const ways = [
    ...closed.map(face => ({
      words: `the ${face} lid`,
      rest: closed.filter(each => each !== face),
      sort: 'lid',
    })),
    ...(closed.length > 1 ? [{ words: 'both lids', rest: [], sort: 'lids' }] : []),
  ];
  for (const { words, rest, sort } of ways) {
    const left = rest.length > 0 ? rest : undefined;
    yield worded(
      `Leave ${words} off while it works`,
      inPlan().set('devices', id, 'closed', left),
      { ...devices, [id]: { ...open, ...(left && { closed: left }) } },
      sort,
    );
  }
  yield* hottestUp(now, devices, worded);
  yield* fansAdded(id, now, devices, seen, worded);
}

type Worded = (
  label: string,
  edit: Edit<Plan>,
  after: Devices,
  sort: string,
  loads?: RackWithItems['loads'],
) => Fix;

const placedAt = (devices: Devices, id: string, unit: number): Devices => {
  const device = devices[id];
  return device ? { ...devices, [id]: { ...device, place: { ...device.place, unit } } } : devices;
};

/** Whether nothing is at a unit of a rack: on either rails, or on the rear ones. */
const isFree = ({ items }: RackResult, unit: number, rear?: true): boolean =>
  Object.values(items).every(
    item =>
      item.unit === undefined || (rear && !item.rear) || unit < item.unit || unit >= item.unit + item.units,
  );

/** What is at some unit and above, one unit up; undefined where it would not fit. */
function liftedFrom(
  rack: RackResult,
  unit: number,
  devices: Devices,
): { readonly edit: Edit<Plan>; readonly after: Devices } | undefined {
  const up = Object.entries(rack.items).filter(([, item]) => (item.unit ?? 0) >= unit);
  const top = Math.max(0, ...up.map(([, item]) => (item.unit ?? 0) + item.units - 1));
  if (up.length === 0 || top >= (numberOf(rack.have) ?? 0)) return undefined;
  return {
    edit: inPlan().each(up, (each, [key, item]) =>
      each.put('devices', key, 'place', 'unit', (item.unit ?? 0) + 1),
    ),
    after: up.reduce((all, [key, item]) => placedAt(all, key, (item.unit ?? 0) + 1), devices),
  };
}

/** A unit of air under a thing, and one on top of it. */
export function* airUnder(rackId: string, id: string, seen: RacksSeen): Iterable<Fix> {
  const { devices = {}, own } = seen;
  const rack = own.racks[rackId];
  const item = rack?.items[id];
  if (!rack || item?.unit === undefined) return;
  for (const [words, unit] of [
    ['under', item.unit],
    ['on top of', item.unit + item.units],
  ] as const) {
    const lifted = liftedFrom(rack, unit, devices);
    if (!lifted) continue;
    const warm = warmest(rackAfter(rackId, lifted.after, seen, seen.loads), seen);
    yield fix(`One unit of air ${words} ${item.label}: ${warm}`, lifted.edit);
  }
}

/** The warmest thing above all others, where it warms none of them. */
function* hottestUp(rack: RackResult, devices: Devices, worded: Worded): Iterable<Fix> {
  const have = numberOf(rack.have) ?? 0;
  const [hottest] = Object.entries(rack.items)
    .filter(([, { unit }]) => unit !== undefined)
    .sort(([, a], [, b]) => (numberOf(b.watts) ?? 0) - (numberOf(a.watts) ?? 0));
  if (!hottest) return;
  const [key, item] = hottest;
  for (let unit = have - item.units + 1; unit > (item.unit ?? 0); unit--) {
    if (Array.from({ length: item.units }, (_, i) => unit + i).every(each => isFree(rack, each)))
      yield worded(
        `Mount ${item.label} at unit ${unit}`,
        inPlan().put('devices', key, 'place', 'unit', unit),
        placedAt(devices, key, unit),
        'on top',
      );
  }
}

/** Each kind of fan unit at each free unit, plugged into mains in the rack. */
function* fansAdded(
  id: string,
  rack: RackResult,
  devices: Devices,
  { kinds, shelf, wiring, loads }: RacksSeen,
  worded: Worded,
): Iterable<Fix> {
  const have = numberOf(rack.have) ?? 0;
  const order = orderAfter(inOrder(devices).at(-1)?.[1].order);
  const device = idFrom(`${id}/fan unit`);
  const fans = ({ rack: size, air }: Kind): boolean =>
    size?.fitting === 'fan unit' && air?.flow !== undefined;
  for (const offer of offersOf(fans, { kinds, shelf, wiring })) {
    const { kind, of } = offer;
    const places = Array.from({ length: have }, (_, i) => have - i).flatMap(unit => [
      ...(isFree(rack, unit) ? [{ unit, words: `at unit ${unit}` }] : []),
      // What blows out at its face cools from the rear rails, where it is shallow enough.
      ...(of.air?.out === 'front' && isFree(rack, unit, true)
        ? [{ unit, rear: true, words: `on the rear rails, at unit ${unit}` }]
        : []),
    ]);
    const watts = itemWatts.calc([id, device], [constant('watts', of.power?.running ?? 0, 'W', of.label)]);
    for (const { words, ...at } of places) {
      const place = { inside: id, ...at };
      const edit = adding(offer, device, order, id, { label: 'FANS' }, wiring).put(
        'devices',
        device,
        'place',
        place,
      );
      yield worded(
        `Add ${of.label.charAt(0).toLowerCase()}${of.label.slice(1)} ${words}`,
        edit,
        { ...devices, [device]: { order, label: 'FANS', kind, place } },
        'fans',
        { ...loads, [device]: { watts } },
      );
    }
  }
}

/** The rack as it would be with other devices. */
function rackAfter(
  id: string,
  devices: Devices,
  { kinds: { kinds }, temperatures, altitude, wiring }: RacksSeen,
  loads: RackWithItems['loads'],
): RackResult | undefined {
  const device = devices[id];
  const held = heldByRack({ devices, kinds })[id];
  const space = kinds[device?.kind ?? '']?.rackCase;
  return (
    device &&
    space &&
    held &&
    rackResult(id, { device, space, held, kinds, loads, temperatures, altitude, wiring })
  );
}

/** `31 °C at ENCODER`: the warmest air that reaches anything. */
function warmest(rack: RackResult | undefined, { units }: RacksSeen): string {
  const all = Object.values(rack?.items ?? {}).flatMap(({ label, fitting, warm, margin }) => {
    const [celsius, left] = [numberOf(warm), numberOf(margin)];
    // What a fan unit draws in has passed all the others: they are what it is there for.
    return celsius === undefined || left === undefined || fitting === 'fan unit'
      ? []
      : [{ label, celsius, left }];
  });
  const [first, ...more] = all;
  if (!first) return 'how warm it is then is not known';
  const worst = more.reduce((a, b) => (b.left < a.left ? b : a), first);
  return `${inWords(worst.celsius, '°C', units)} at ${worst.label}`;
}
