import { idFrom, inOrder, type Fix } from '../../../foundations/index.js';
import { fix, inPlan } from '../../../edits.js';
import type { PlanWiring } from '../../signal/index.js';
import { isModem } from '../../signal/functions.js';
import { networkOf } from '../../signal/network.js';
import { clashOf } from '../../signal/port-fit.js';
import { streamRule, type StreamSeen } from '../result.js';

/** Something to be sent that no lead or air takes to a line. */
export const noLine = streamRule({
  rule: 'stream.no-line',
  reads: ({ own, outputs, signal }) => ({
    streams: own.streams,
    outputs,
    devices: signal.wiring.devices,
  }),
  *find({ streams, outputs, devices }) {
    for (const [id, { line, unled }] of Object.entries(streams)) {
      const { label = 'A stream', device = '' } = outputs?.[id] ?? {};
      if (!unled || !devices[device]) continue;
      yield {
        severity: 'stop',
        subjects: [id, device],
        outputs: [id],
        title: `“${label}” cannot leave the place: nothing leads from ${devices[device].label} to a line.`,
        because: [line],
        advice: 'Lead its network to a socket of the house, or to something with a modem.',
      };
    }
  },
  *fixes({ id, subjects: [, device = ''] }, seen) {
    yield* toHouse(device, id, seen);
    yield* toLine(device, id, seen);
  },
});

/** A free port of a network that a lead from elsewhere can come into, those that are meant for it first. */
function freeInto(wiring: PlanWiring, device: string): string | undefined {
  const free = wiring.freePorts(
    device,
    ({ carries, direction, connector }) =>
      carries === 'network' && direction !== 'out' && connector === 'RJ45',
  );
  return free.sort(([, a], [, b]) => Number(b.direction === 'in') - Number(a.direction === 'in'))[0]?.[0];
}

const HUBS: ReadonlySet<string> = new Set(['network switch', 'router', 'access point']);
const isHub = (wiring: PlanWiring, id: string): boolean => HUBS.has(wiring.kindOf(id)?.family ?? '');

const socketsInUse = (wiring: PlanWiring): ReadonlySet<string> =>
  new Set(
    inOrder(wiring.devices).flatMap(([id]) =>
      [...wiring.into(id), ...wiring.outOf(id)].flatMap(
        ([, { from, to }]) => from.networkSocket ?? to.networkSocket ?? [],
      ),
    ),
  );

/** Leads each free network socket of the house to what sends, or to a hub that it is on. */
function* toHouse(device: string, seed: string, { venue, signal: { wiring } }: StreamSeen): Generator<Fix> {
  const near = networkOf(wiring, device).devices.filter(each => each === device || isHub(wiring, each));
  // A hub is there to be led to; what sends may need its own port for it.
  const into = near.filter(each => isHub(wiring, each)).concat(device);
  for (const each of into) {
    const port = freeInto(wiring, each);
    if (port === undefined) continue;
    const used = socketsInUse(wiring);
    for (const [socket, { label }] of inOrder(venue.networkSockets)) {
      if (used.has(socket)) continue;
      yield fix(
        `Lead the house socket “${label}” to ${wiring.devices[each]?.label ?? each}`,
        inPlan().put('links', idFrom(`${seed}/${socket}/${each}`), {
          from: { networkSocket: socket },
          to: { device: each, port },
        }),
      );
    }
    return;
  }
}

/** Plugs what sends into each hub that has a line. */
function* toLine(device: string, seed: string, { signal: { wiring, leads } }: StreamSeen): Generator<Fix> {
  const [own] = wiring.freePorts(
    device,
    ({ carries, direction }) => carries === 'network' && direction !== 'out',
  );
  if (!own) return;
  for (const [hub, { label }] of inOrder(wiring.devices)) {
    if (hub === device || !isHub(wiring, hub)) continue;
    const { devices, house } = networkOf(wiring, hub);
    if (!house && !devices.some(each => isModem(wiring.kindOf(each)))) continue;
    const [free] = wiring.freePorts(
      hub,
      port => port.carries === 'network' && port.direction !== 'in' && !clashOf(port, own[1], leads),
    );
    if (!free) continue;
    yield fix(
      `Plug it into ${free[1].label} of ${label}`,
      inPlan().put('links', idFrom(`${seed}/${hub}`), {
        from: { device: hub, port: free[0] },
        to: { device, port: own[0] },
      }),
    );
  }
}
