/** Edits that feed a device from another outlet. */
import type { End } from '../../documents/index.js';
import { distance, idFrom, inOrder, type Fix } from '../../foundations/index.js';
import type { PowerSeen } from './result.js';
import { fix, inPlan } from '../../edits.js';

interface Outlet {
  readonly label: string;
  readonly from: End;
  readonly away: number;
}

/** Free outlets of strips and sockets of the venue, nearest to the device first. */
function outletsNear({ signal, ground, own }: PowerSeen, device: string): Outlet[] {
  const { wiring } = signal;
  const at = ground.places[device]?.at;
  const away = (other: readonly [number, number] | undefined): number =>
    at && other ? distance(at, other) : Infinity;
  const strips = Object.keys(own.strips).flatMap(strip => {
    const [free] = wiring.freePorts(
      strip,
      ({ direction, carries }) => direction === 'out' && carries === 'power',
    );
    if (!free || strip === device) return [];
    return [
      {
        label: wiring.devices[strip]?.label ?? 'a strip',
        from: { device: strip, port: free[0] },
        away: away(ground.places[strip]?.at),
      },
    ];
  });
  const sockets = inOrder(ground.venue.sockets).map(([id, socket]) => ({
    label: `socket ${socket.label}`,
    from: { socket: id },
    away: away(socket.at),
  }));
  return [...strips, ...sockets].sort((a, b) => a.away - b.away);
}

/** Feeds a device from each outlet in turn; `drop` is a power link to remove with it. */
export function* feedFromOutlets(
  seen: PowerSeen,
  device: string,
  seed: string,
  drop?: string,
): Generator<Fix> {
  const { wiring } = seen.signal;
  const inlet = inOrder(wiring.kindOf(device)?.ports).find(
    ([, port]) => port.direction === 'in' && port.carries === 'power' && port.connector === 'mains',
  )?.[0];
  if (!inlet) return;
  const link = drop ?? idFrom(`${seed}/feed`);
  for (const outlet of outletsNear(seen, device)) {
    yield fix(
      `Feed ${wiring.devices[device]?.label ?? 'it'} from ${outlet.label}`,
      inPlan({ links: seen.links }).put('links', link, { from: outlet.from, to: { device, port: inlet } }),
    );
  }
}
