/** What of a plan still wants a lead, and every way in which each can have one. */
import type { Assessment } from '../../assess.js';
import type { Bundle, Bus, Function, Port } from '../../documents/index.js';
import { inOrder } from '../../foundations/index.js';
import { freeItems } from '../../stations/equipment.js';
import { pieceOf } from './assign.js';
import { deviceDoes } from '../../stations/signal/functions.js';
import { feedsOf } from '../../stations/signal/switching.js';
import { FreePorts } from './free-ports.js';
import { Ways, type Way } from './ways.js';

export interface ConnectDemand {
  readonly id: string;
  /** What wants it, in words. */
  readonly label: string;
  readonly ways: readonly Way[];
}

export interface ConnectProblem {
  readonly demands: readonly ConnectDemand[];
  /** Pieces of each kind in between, and of each lead with unlike ends, that are on the shelf and free. */
  readonly owned: Readonly<Record<string, number>>;
  /** Ports of which only one can be used, by the name that they share. */
  readonly groups: Readonly<Record<string, string>>;
}

/** What each sort of demand is made from. */
interface Scene {
  readonly bundle: Bundle;
  readonly signal: Assessment['signal'];
  readonly free: FreePorts;
  readonly ways: Ways;
  /** Devices of some families, and those that do something, in order. */
  readonly ofFamily: (...families: readonly string[]) => readonly string[];
  readonly doing: (does: Function) => readonly string[];
  readonly labelOf: (device: string) => string;
}

/** Everything of a plan that is plugged into nothing and should be. */
export function demandsOf(bundle: Bundle, { signal, rules }: Assessment): ConnectProblem {
  const { plan, shelf } = bundle;
  const { wiring } = signal;
  const devices = inOrder(plan.devices);
  const free = new FreePorts(plan, wiring);
  const scene: Scene = {
    bundle,
    signal,
    free,
    ways: new Ways(bundle, wiring, rules.format),
    ofFamily: (...families) =>
      devices.filter(([id]) => families.includes(wiring.kindOf(id)?.family ?? '')).map(([id]) => id),
    doing: does => devices.map(([id]) => id).filter(id => deviceDoes(wiring, id, does)),
    labelOf: device => plan.devices?.[device]?.label ?? device,
  };
  const demands = [sourceDemands, sinkDemands, soundDemands, networkDemands].flatMap(each => each(scene));
  const asked = new Map<string, readonly string[]>();
  for (const way of demands.flatMap(({ ways }) => ways)) {
    const piece = pieceOf(way);
    if (piece !== undefined) asked.set(piece, way.lead?.kinds ?? [piece]);
  }
  const owned = Object.fromEntries(
    [...asked].map(([piece, kinds]) => [
      piece,
      kinds.reduce((sum, kind) => sum + freeItems(shelf, kind, plan.devices).length, 0),
    ]),
  );
  return { demands, owned, groups: free.groups };
}

const carries =
  (signal: Port['carries'], direction: Port['direction']) =>
  (port: Port): boolean =>
    port.carries === signal && port.direction === direction;

/** Sources of pictures that reach no switcher. */
function sourceDemands({ signal, free, ways, doing, labelOf }: Scene): ConnectDemand[] {
  const inputs = doing('switches').flatMap(id => free.of(id, carries('video', 'in')));
  return Object.entries(signal.sources)
    .filter(([, { input }]) => input.value === null)
    .map(([id]) => ({
      id: `source ${id}`,
      label: labelOf(id),
      ways: ways.of(free.of(id, carries('video', 'out')), inputs),
    }));
}

/** Screens, recorders and encoders that nothing feeds. */
function sinkDemands({ bundle: { plan }, signal, free, ways, doing, labelOf }: Scene): ConnectDemand[] {
  const outputs = doing('switches').flatMap(id => free.of(id, carries('video', 'out')));
  const makes = new Set([...doing('switches'), ...doing('sees')]);
  const sinks = new Set([...doing('shows'), ...doing('records pictures'), ...doing('encodes')]);
  const wantedOf = new Map<string, Bus>();
  for (const [, { device, programme }] of inOrder(plan.outputs)) {
    if (device !== undefined && !wantedOf.has(device)) wantedOf.set(device, programme ?? 'programme');
  }
  return inOrder(plan.devices)
    .map(([id]) => id)
    .filter(id => sinks.has(id) && !makes.has(id))
    .filter(id => feedsOf(signal.wiring, id).length === 0)
    .map(id => {
      const forMixer = plan.devices?.[id]?.viewers?.includes('mixer') ?? false;
      const bus = wantedOf.get(id) ?? (forMixer ? 'multiview' : 'programme');
      return {
        id: `sink ${id}`,
        label: labelOf(id),
        ways: ways.of(outputs, free.of(id, carries('video', 'in')), bus),
      };
    });
}

/** Sound desks that feed nothing, while a switcher or encoder has no sound. */
function soundDemands({ signal: { wiring }, free, ways, ofFamily, doing, labelOf }: Scene): ConnectDemand[] {
  const silent = [...new Set([...doing('switches'), ...doing('encodes')])].filter(
    id => !wiring.into(id).some(([, { to }]) => wiring.portOf(to)?.carries === 'audio'),
  );
  const inputs = silent.flatMap(id => free.of(id, carries('audio', 'in')));
  return ofFamily('audio desk')
    .filter(id => wiring.outOf(id).length === 0)
    .map(id => ({
      id: `sound ${id}`,
      label: `sound of ${labelOf(id)}`,
      ways: ways.of(free.of(id, carries('audio', 'out')), inputs),
    }));
}

/** Encoders, remote cameras, controls and computers with a call that have no network. */
function networkDemands({
  bundle: { plan },
  signal: { wiring },
  free,
  ways,
  ofFamily,
}: Scene): ConnectDemand[] {
  const isNetwork = (port: Port): boolean => port.carries === 'network' && port.connector === 'RJ45';
  const given = ofFamily('network switch', 'router').flatMap(id =>
    free.of(id, port => isNetwork(port) && port.direction !== 'in'),
  );
  return inOrder(plan.devices).flatMap(([id, device]): ConnectDemand[] => {
    const kind = wiring.kindOf(id);
    const wants =
      deviceDoes(wiring, id, 'encodes') ||
      device.worked === 'remote' ||
      deviceDoes(wiring, id, 'controls') ||
      device.tasks?.includes('call');
    const own = free.of(id, isNetwork);
    const linked = [...wiring.into(id), ...wiring.outOf(id)].some(
      ([, { from }]) => wiring.portOf(from)?.carries === 'network',
    );
    if (!wants || linked || own.length === 0 || kind?.family === 'router') return [];
    return [{ id: `network ${id}`, label: `network of ${device.label}`, ways: ways.of(given, own) }];
  });
}
