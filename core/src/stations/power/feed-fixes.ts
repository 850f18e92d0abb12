/** Edits that feed a device from another outlet. */
import type { End, Port } from '../../documents/index.js';
import { distance, idFrom, inOrder, type Fix } from '../../foundations/index.js';
import { WALL_SOCKET } from '../signal/lead-ends.js';
import { clashOf, plainClash } from '../signal/port-fit.js';
import type { PowerSeen } from './result.js';
import { fix, inPlan } from '../../edits.js';

interface Outlet {
  readonly label: string;
  readonly from: End;
  readonly away: number;
}

/** Free outlets that an inlet of a device can be plugged into, those of the venue among them, nearest to the device first. */
function outletsNear({ signal, ground, own }: PowerSeen, device: string, inlet: Port): Outlet[] {
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
    return [{ label, from: { device: giver, port: free[0] }, away: away(ground.places[giver]?.at) }];
  });
  const sockets =
    !plainClash(WALL_SOCKET, inlet) || leads.join(WALL_SOCKET, inlet)
      ? inOrder(ground.venue.sockets).map(([id, socket]) => ({
          label: `socket ${socket.label}`,
          from: { socket: id },
          away: away(socket.at),
        }))
      : [];
  return [...givers, ...sockets].sort((a, b) => a.away - b.away);
}

/** Whether a device gets its power through another. */
function hangsOn(feeds: PowerSeen['own']['feeds'], device: string, from: string): boolean {
  const next = feeds[device]?.from;
  return next !== undefined && (next === from || hangsOn(feeds, next, from));
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
