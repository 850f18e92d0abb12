/** Fixes that put a device and what works it on one network. */
import type { Device, Kind, Port } from '../../../documents/index.js';
import { idFrom, inOrder, type Fix } from '../../../foundations/index.js';
import { connect, type AtHand } from '../connect.js';
import { switches } from '../functions.js';
import { networkOf, onNetwork } from '../network.js';
import { adding, named, offersOf } from '../offers.js';
import { clashOf } from '../port-fit.js';

interface Unworked {
  readonly device: string;
  /** What it is called where it comes along with something. */
  readonly what: string;
  readonly seed: string;
  /** Whether a device of the plan works it. */
  readonly works: (device: string) => boolean;
  /** Whether a kind does that could be added, and how it is set then. */
  readonly offered: (kind: Kind) => boolean;
  readonly settings?: Partial<Device>;
  readonly stock: AtHand & { readonly hasLinks: boolean };
}

/** By every network of the plan: plugs the device into it where it is not on that, and adds what works it where nothing there does. */
export function* ontoNetworks(asked: Unworked): Generator<Fix> {
  const { wiring } = asked.stock;
  for (const [hub] of inOrder(wiring.devices)) {
    const family = wiring.kindOf(hub)?.family;
    if (family === 'network switch' || family === 'router') yield* ontoNetwork(asked, hub);
  }
}

function* ontoNetwork(
  { device, what, works, offered, settings, stock, ...of }: Unworked,
  hub: string,
): Generator<Fix> {
  const { wiring } = stock;
  const seed = `${of.seed}/${hub}`;
  const { label = hub } = wiring.devices[hub] ?? {};
  const free = wiring.freePorts(hub, ({ carries, direction }) => carries === 'network' && direction !== 'in');
  const isOn = networkOf(wiring, device).devices.includes(hub);
  const plug = isOn ? undefined : pluggedInto(device, hub, free.shift(), seed, stock);
  if (!isOn && !plug) return;
  if (onNetwork(wiring, hub, works) !== undefined) {
    if (plug) yield { changes: plug.changes, label: `Plug it into ${plug.port} of ${label}` };
    return;
  }
  const [socket] = free;
  const desk = inOrder(wiring.devices).find(([each]) => switches(wiring, each))?.[0] ?? hub;
  if (!socket) return;
  for (const offer of offersOf(offered, stock)) {
    const port = inOrder(offer.of.ports).find(([, each]) => !clashOf(socket[1], each, stock.leads))?.[0];
    if (port === undefined) continue;
    const controller = idFrom(`${seed}/${offer.kind}`);
    const order = `${wiring.devices[desk]?.order ?? '0'}b`;
    const near = wiring.devices[desk]?.place?.inside ?? desk;
    const added = adding(offer, controller, order, near, settings ?? {}, wiring).put(
      'links',
      idFrom(`${controller}/net`),
      {
        from: { device: hub, port: socket[0] },
        to: { device: controller, port },
      },
    );
    yield {
      label: `Put ${named(offer, stock.shelf)} on the network of ${label}${plug ? `, with ${what}` : ''}`,
      changes: [...(plug?.changes ?? []), added.change],
    };
    return;
  }
}

/** The edit that plugs the network port of a device into a free port of a hub, and what that port is called. */
function pluggedInto(
  device: string,
  hub: string,
  free: readonly [string, Port] | undefined,
  seed: string,
  { hasLinks, ...stock }: Unworked['stock'],
): (Pick<Fix, 'changes'> & { readonly port: string }) | undefined {
  const port = inOrder(stock.wiring.kindOf(device)?.ports).find(([, { carries }]) => carries === 'network');
  if (!port || !free) return undefined;
  const joined = connect(
    {
      from: { device: hub, port: free[0] },
      fromPort: free[1],
      to: { device, port: port[0] },
      toPort: port[1],
      seed: idFrom(seed),
      hasLinks,
    },
    stock,
  );
  return joined && { changes: joined.changes, port: free[1].label };
}
