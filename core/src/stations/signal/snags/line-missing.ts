import type { Port } from '../../../documents/index.js';
import { idFrom, inOrder, listed, severityOf, type Fix } from '../../../foundations/index.js';
import { connect, type AtHand } from '../connect.js';
import { deviceDoes, switches } from '../functions.js';
import { networkOf, onNetwork } from '../network.js';
import { adding, named, offersOf } from '../offers.js';
import { clashOf } from '../port-fit.js';
import { signalRule } from '../result.js';

/** Remote cameras that nothing steers. */
export const lineMissing = signalRule({
  rule: 'signal.line-missing',
  reads: ({ own }) => ({ cameras: own.cameras, devices: own.wiring.devices }),
  *find({ cameras, devices }) {
    const missing = Object.entries(cameras).flatMap(([id, { control }]) => {
      const severity = control && severityOf(control);
      return severity === undefined ? [] : [{ id, figure: control, severity }];
    });
    const [first] = missing;
    if (!first) return;
    const names = listed(missing.map(({ id }) => devices[id]?.label ?? id));
    yield {
      severity: first.severity,
      subjects: ['control', ...missing.map(({ id }) => id)],
      title: `Nothing steers ${names}: it stays as it was left.`,
      because: missing.flatMap(({ figure }) => figure ?? []),
      advice: 'Put it on one network with what controls it, or lead a control lead to it, or lock it off.',
    };
  },
  *fixes({ id, subjects: [, ...cameras] }, { own: { wiring, leads }, kinds, shelf, links }) {
    const [camera] = cameras;
    if (camera === undefined || cameras.length > 1) return;
    const stock = { kinds, shelf, wiring };
    for (const [device] of inOrder(wiring.devices)) {
      const family = wiring.kindOf(device)?.family;
      if (family !== 'network switch' && family !== 'router') continue;
      yield* steering(camera, device, `${id}/${device}`, { ...stock, leads, hasLinks: links !== undefined });
    }
  },
});

type ToSteer = AtHand & { readonly hasLinks: boolean };

/** Plugs a camera into a network, where it is not on that yet, and a controller where there is none on it. */
function* steering(camera: string, hub: string, seed: string, stock: ToSteer): Generator<Fix> {
  const { wiring } = stock;
  const { label = hub } = wiring.devices[hub] ?? {};
  const free = wiring.freePorts(hub, ({ carries, direction }) => carries === 'network' && direction !== 'in');
  const isOn = networkOf(wiring, camera).devices.includes(hub);
  const plug = isOn ? undefined : pluggedInto(camera, hub, free.shift(), seed, stock);
  if (!isOn && !plug) return;
  if (onNetwork(wiring, hub, each => deviceDoes(wiring, each, 'controls')) !== undefined) {
    if (plug) yield { changes: plug.changes, label: `Plug it into ${plug.port} of ${label}` };
    return;
  }
  const [socket] = free;
  const desk = inOrder(wiring.devices).find(([device]) => switches(wiring, device))?.[0] ?? hub;
  if (!socket) return;
  for (const offer of offersOf(kind => kind.family === 'control', stock)) {
    const port = inOrder(offer.of.ports).find(([, each]) => !clashOf(socket[1], each, stock.leads))?.[0];
    if (port === undefined) continue;
    const controller = idFrom(`${seed}/${offer.kind}`);
    const order = `${wiring.devices[desk]?.order ?? '0'}b`;
    const near = wiring.devices[desk]?.place?.inside ?? desk;
    const added = adding(offer, controller, order, near, {}, wiring).put(
      'links',
      idFrom(`${controller}/net`),
      {
        from: { device: hub, port: socket[0] },
        to: { device: controller, port },
      },
    );
    yield {
      label: `Put ${named(offer, stock.shelf)} on the network of ${label}${plug ? ', with the camera' : ''}`,
      changes: [...(plug?.changes ?? []), added.change],
    };
    return;
  }
}

/** The edit that plugs the network of a camera into a free port of a hub, and what that port is called. */
function pluggedInto(
  camera: string,
  hub: string,
  free: readonly [string, Port] | undefined,
  seed: string,
  { hasLinks, ...stock }: ToSteer,
): (Pick<Fix, 'changes'> & { readonly port: string }) | undefined {
  const port = inOrder(stock.wiring.kindOf(camera)?.ports).find(([, { carries }]) => carries === 'network');
  if (!port || !free) return undefined;
  const joined = connect(
    {
      from: { device: hub, port: free[0] },
      fromPort: free[1],
      to: { device: camera, port: port[0] },
      toPort: port[1],
      seed: idFrom(seed),
      hasLinks,
    },
    stock,
  );
  return joined && { changes: joined.changes, port: free[1].label };
}
