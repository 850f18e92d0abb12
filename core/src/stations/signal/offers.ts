/** Devices of the shelf that a plan could add: which suit, and the operations that add one and feed it. */
import type { Device, End, Kind, Kinds, Plan, Shelf } from '../../documents/index.js';
import { idFrom, inOrder, type Edit } from '../../foundations/index.js';
import { freeItem } from '../equipment.js';
import type { PlanWiring } from './result.js';
import { inPlan } from '../../edits.js';

/** The first outlet for a mains plug that is free among devices in the same case. */
function freeOutlet(wiring: PlanWiring, carrier: string): End | undefined {
  for (const [device, { place }] of inOrder(wiring.devices)) {
    if (place?.inside !== carrier) continue;
    const [free] = wiring.freePorts(
      device,
      ({ carries, direction, connector }) =>
        carries === 'power' && direction === 'out' && connector === 'mains',
    );
    if (free) return { device, port: free[0] };
  }
  return undefined;
}

export interface Stock {
  readonly kinds: Kinds;
  readonly shelf: Shelf;
  readonly wiring: PlanWiring;
}

/** An edit that adds a device inside a carrier, with its item of the shelf, and plug it into mains there. */
export function adding(
  { kind, of, item }: Offer,
  device: string,
  order: string,
  carrier: string,
  settings: Partial<Device>,
  wiring: PlanWiring,
): Edit<Plan> {
  const outlet = freeOutlet(wiring, carrier);
  const plug = inOrder(of.ports).find(
    ([, port]) => port.carries === 'power' && port.direction === 'in' && port.connector === 'mains',
  )?.[0];
  const edit = inPlan().put('devices', device, {
    order: order.slice(0, 8),
    label: of.label.slice(0, 40),
    kind,
    ...(item === undefined ? {} : { item }),
    ...settings,
    place: { inside: carrier },
  });
  return plug === undefined || !outlet
    ? edit
    : edit.put('links', idFrom(`${device}/fed`), { from: { ...outlet }, to: { device, port: plug } });
}

export interface Offer {
  readonly kind: string;
  readonly of: Kind;
  readonly item: string | undefined;
}

/** Kinds that suit, those that are owned and free first. */
export const offersOf = (fits: (kind: Kind) => boolean, { kinds, shelf, wiring }: Stock): Offer[] =>
  inOrder(kinds.kinds)
    .flatMap(([kind, of]) => (fits(of) ? [{ kind, of, item: freeItem(shelf, kind, wiring.devices) }] : []))
    .sort((a, b) => Number(a.item === undefined) - Number(b.item === undefined));

export const named = ({ of, item }: Offer, shelf: Shelf): string =>
  `“${of.label}”${item === undefined ? ' (not owned)' : ` ${shelf.items[item]?.tape ?? ''}`}`;
