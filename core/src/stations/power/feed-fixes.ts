/** Edits that feed a device from another outlet. */
import type { End, Port } from '../../documents/index.js';
import { distance, idFrom, inOrder, type Fix } from '../../foundations/index.js';
import { clashOf, goesInWall } from '../signal/port-fit.js';
import type { PowerSeen } from './result.js';
import { fix, inPlan } from '../../edits.js';

interface Outlet {
  readonly label: string;
  /** The device or socket that it is of. */
  readonly owner: string;
  readonly from: End;
  readonly away: number;
}

/** What is asked to find outlets. */
type Looking = Pick<PowerSeen, 'signal' | 'ground' | 'own'>;

/** Free outlets that an inlet of a device can be plugged into, those of the venue among them, nearest to the device first. */
function outletsNear({ signal, ground, own }: Looking, device: string, inlet: Port): Outlet[] {
  const { wiring, leads } = signal;
  const at = ground.places[device]?.at;
  const away = (other: readonly [number, number] | undefined): number =>
    at && other ? distance(at, other) : Infinity;
  const givers = inOrder(wiring.devices).flatMap(([giver, { label }]) => {
    const [free] = wiring.freePorts(
      giver,
      port => port.direction === 'out' && port.carries === 'power' && !clashOf(port, inlet, leads),
    );
    // What is fed by nothing, or from the device itself, feeds nobody.
    if (!free || giver === device || !own.feeds[giver] || hangsOn(own.feeds, giver, device)) return [];
    return [
      { label, owner: giver, from: { device: giver, port: free[0] }, away: away(ground.places[giver]?.at) },
    ];
  });
  const sockets = inOrder(ground.venue.sockets).flatMap(([id, socket]) =>
    goesInWall(socket, inlet, leads)
      ? [{ label: `socket ${socket.label}`, owner: id, from: { socket: id }, away: away(socket.at) }]
      : [],
  );
  return [...givers, ...sockets].sort((a, b) => a.away - b.away);
}

/** Whether a device gets its power through another. */
function hangsOn(feeds: PowerSeen['own']['feeds'], device: string, from: string): boolean {
  const next = feeds[device]?.from;
  return next !== undefined && (next === from || hangsOn(feeds, next, from));
}

/** Power inlets of a device, in order. */
const inletsOf = ({ signal }: Pick<Looking, 'signal'>, device: string): [string, Port][] =>
  inOrder(signal.wiring.kindOf(device)?.ports).filter(
    ([, port]) => port.direction === 'in' && port.carries === 'power',
  );

/** How a device can be fed from an outlet of some device or socket: from which end into which inlet, or why not. */
export function feedFrom(
  seen: Looking,
  device: string,
  owner: string,
): { readonly from: End; readonly port: string; readonly label: string } | { readonly why: string } {
  const inlets = inletsOf(seen, device);
  for (const [port, inlet] of inlets) {
    const outlet = outletsNear(seen, device, inlet).find(each => each.owner === owner);
    if (outlet) return { from: outlet.from, port, label: outlet.label };
  }
  const name = seen.signal.wiring.devices[device]?.label ?? 'It';
  if (inlets.length === 0) return { why: `${name} has no inlet for power` };
  if (owner === device || hangsOn(seen.own.feeds, owner, device)) return { why: `${name} would feed itself` };
  return { why: `no free outlet there fits ${name}` };
}

/** Feeds a device from each outlet in turn; `drop` is a power link to remove with it. */
export function* feedFromOutlets(
  seen: PowerSeen,
  device: string,
  seed: string,
  drop?: string,
): Generator<Fix> {
  const { wiring } = seen.signal;
  const inlets = inOrder(wiring.kindOf(device)?.ports).filter(
    ([, port]) => port.direction === 'in' && port.carries === 'power',
  );
  const link = drop ?? idFrom(`${seed}/feed`);
  for (const [port, inlet] of inlets) {
    for (const outlet of outletsNear(seen, device, inlet)) {
      yield fix(
        `Feed ${wiring.devices[device]?.label ?? 'it'} from ${outlet.label}`,
        inPlan({ links: seen.links }).put('links', link, { from: outlet.from, to: { device, port } }),
      );
    }
  }
}
