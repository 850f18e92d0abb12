/** What the shelf offers in place of what is planned: another lens, another camera, a lamp at a place. */
import type { Device, Kind, Plan, Port } from '../../documents/index.js';
import {
  idFrom,
  inOrder,
  inWords,
  orderAfter,
  polar,
  type Fix,
  type MapOf,
  type Edit,
  type Point,
} from '../../foundations/index.js';
import type { ShotsSeen } from './result.js';
import { canStand } from './standing.js';
import { fix, inPlan } from '../../edits.js';
import { isReady } from '../ready.js';

interface Offer {
  readonly item: string;
  readonly kind: string;
  readonly of: Kind;
}

/** Items that are ready, that nothing in the plan takes, and no other event at that time; one of each kind. */
function offersOf({ devices, kinds, shelf, claims }: ShotsSeen, wanted: (kind: Kind) => boolean): Offer[] {
  const taken = new Set([
    ...inOrder(devices).map(([, { item }]) => item),
    ...inOrder(claims.claims).map(([, { item }]) => item),
  ]);
  // Lenses and stands are put on by kind: as many of these items are taken.
  const put = inOrder(devices).flatMap(([, { lens, support }]) => [lens, support]);
  const offers = new Map<string, Offer>();
  for (const [item, own] of inOrder(shelf.items)) {
    const { kind } = own;
    const of = kinds.kinds[kind];
    if (!of || !isReady(own) || taken.has(item) || !wanted(of)) continue;
    const at = put.indexOf(kind);
    if (at >= 0) put.splice(at, 1);
    else if (!offers.has(kind)) offers.set(kind, { item, kind, of });
  }
  return [...offers.values()];
}

/** Puts each lens of the shelf on a camera whose mount it has, the lightest first. */
export function* lensesFor(seen: ShotsSeen, camera: string): Generator<Fix> {
  const device = seen.devices?.[camera];
  const mount = seen.kinds.kinds[device?.kind ?? '']?.optics?.mount;
  if (!device || mount === undefined) return;
  const lenses = offersOf(seen, ({ lens }) => lens?.mount === mount).filter(
    ({ kind }) => kind !== device.lens,
  );
  for (const { kind, of } of lighterFirst(lenses)) {
    yield fix(`Put “${of.label}” on ${device.label}`, inPlan().put('devices', camera, 'lens', kind), 'lens');
  }
}

/**
 * Puts each camera of the shelf in place of one of the plan, the lightest first; its leads are plugged into ports of
 * the same sort. One without such ports is not offered.
 */
export function* camerasFor(seen: ShotsSeen, camera: string): Generator<Fix> {
  const device = seen.devices?.[camera];
  if (!device) return;
  const cameras = offersOf(seen, ({ optics }) => optics !== undefined);
  for (const { item, kind, of } of lighterFirst(cameras)) {
    const leads = kind === device.kind ? undefined : replugged(seen, camera, device.kind, of);
    if (!leads) continue;
    const gone = (['lens', 'converter', 'focal', 'aperture'] as const).filter(field => field in device);
    const edit = leads
      .put('devices', camera, 'kind', kind)
      .put('devices', camera, 'item', item)
      .each(gone, (each, field) => each.drop('devices', camera, field));
    yield fix(`Take “${of.label}” for ${device.label}`, edit, 'camera');
  }
}

/** Plugs what is plugged into a device into another kind in its place; undefined where something has no port. */
function replugged(
  { links, kinds }: ShotsSeen,
  device: string,
  from: string,
  to: Kind,
): Edit<Plan> | undefined {
  const [before, free] = [kinds.kinds[from]?.ports, new Map(Object.entries(to.ports ?? {}))];
  const edit = inPlan();
  for (const [id, link] of inOrder(links)) {
    for (const side of ['from', 'to'] as const) {
      const end = link[side];
      if (end.device !== device || end.port === undefined) continue;
      const port = likePort(before?.[end.port], free);
      if (port === undefined) return undefined;
      free.delete(port);
      if (port !== end.port) edit.put('links', id, side, 'port', port);
    }
  }
  return edit;
}

const likePort = (port: Port | undefined, among: ReadonlyMap<string, Port>): string | undefined =>
  [...among].find(
    ([, each]) =>
      port &&
      each.carries === port.carries &&
      each.connector === port.connector &&
      each.direction === port.direction,
  )?.[0];

const lighterFirst = (offers: readonly Offer[]): Offer[] =>
  [...offers].sort((a, b) => (a.of.weight ?? 0) - (b.of.weight ?? 0));

/** Where a lamp is tried: so far off the front of the face, degrees, and so far away, m; steep light is kindest. */
const LAMP_PLACES = { aside: [45, -45, 30, -30, 60, -60], away: [4, 3, 2.5, 2, 1.5] } as const;
const LAMP_HEIGHT = 2.4;
const LAMP_SIDE = 0.8;

/** Stands each lamp of the shelf before a mark, turned to it. */
export function* lampsFor(seen: ShotsSeen, mark: string): Generator<Fix> {
  const { ground, devices } = seen;
  const target = ground.venue.marks?.[mark];
  if (!target) return;
  for (const { item, kind, of } of offersOf(seen, ({ lamp }) => lamp !== undefined)) {
    for (const away of LAMP_PLACES.away) {
      for (const aside of LAMP_PLACES.aside) {
        const at = polar(target.at, target.facing + aside, away).map(each => Math.round(each * 20) / 20);
        const to: Point = [at[0] ?? 0, at[1] ?? 0];
        if (!canStand(ground, to, undefined, LAMP_SIDE)) continue;
        const value: Device = {
          order: orderAfter(inOrder(devices).at(-1)?.[1].order),
          label: `LAMP ${lampCount(devices, seen) + 1}`,
          kind,
          item,
          lights: mark,
          place: { at: to, height: LAMP_HEIGHT },
        };
        yield fix(
          `Stand “${of.label}” ${inWords(away, 'm', seen.rules.units)} from ${target.label}, ${Math.abs(aside)}° to its ${aside > 0 ? 'right' : 'left'}`,
          inPlan().put('devices', idFrom(`lamp ${item}`), value),
          'lamp',
        );
      }
    }
  }
}

const lampCount = (devices: MapOf<Device> | undefined, { kinds }: ShotsSeen): number =>
  inOrder(devices).filter(([, { kind }]) => kinds.kinds[kind]?.lamp).length;
