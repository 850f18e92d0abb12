/** What of a plan still wants a lead, and every way in which each can have one. */
import type { Assessment } from '../../assess.js';
import type { Bundle, Bus, Device, Port } from '../../documents/index.js';
import { inOrder, whyNotNative } from '../../foundations/index.js';
import { freeItems } from '../../stations/equipment.js';
import { clashOf } from '../../stations/signal/mates.js';
import { givenBy } from '../../stations/signal/formats.js';
import { feedsOf } from '../../stations/signal/switching.js';

export interface PortEnd {
  readonly device: string;
  readonly port: string;
}

/** One way to give a wish its lead. */
export interface Way {
  readonly from: PortEnd;
  readonly to: PortEnd;
  /** The kind that comes between, with its input and output. */
  readonly via: { readonly kind: string; readonly input: string; readonly output: string } | undefined;
  /** What the output of a switcher must be set to for it; undefined where it gives that already. */
  readonly bus: Bus | undefined;
  /** What it costs without what is bought. */
  readonly cost: number;
}

export interface Wish {
  readonly id: string;
  /** What wants it, in words. */
  readonly label: string;
  readonly ways: readonly Way[];
}

export interface Wishes {
  readonly wishes: readonly Wish[];
  /** Pieces of each kind in between that are on the shelf and free. */
  readonly owned: Readonly<Record<string, number>>;
  /** Ports of which only one can be used, by the name that they share. */
  readonly groups: Readonly<Record<string, string>>;
}

/** Costs are compared, never shown: a plain lead, one that shows nothing as it is set, a thing in between. */
const COST = { later: 0.01, format: 5, adapter: 1, converter: 3, setBus: 0.5 } as const;

export const keyOf = ({ device, port }: PortEnd): string => `${device} ${port}`;

/** Everything of a plan that is plugged into nothing and should be. */
export function wishesOf({ plan, kinds, shelf }: Bundle, { signal, rules }: Assessment): Wishes {
  const { wiring } = signal;
  const devices = inOrder(plan.devices);
  const used = new Set(
    inOrder(plan.links).flatMap(([, { from, to }]) =>
      [from, to].flatMap(({ device, port }) =>
        device !== undefined && port !== undefined ? [keyOf({ device, port })] : [],
      ),
    ),
  );
  const groups: Record<string, string> = {};
  for (const [device] of devices) {
    for (const [port, { group }] of inOrder(wiring.kindOf(device)?.ports)) {
      if (group !== undefined) groups[keyOf({ device, port })] = `${device} ${group}`;
    }
  }
  const busyGroups = new Set([...used].flatMap(key => groups[key] ?? []));
  const free = (device: string, suits: (port: Port) => boolean): readonly (readonly [PortEnd, Port])[] =>
    inOrder(wiring.kindOf(device)?.ports).flatMap(([port, of]) => {
      const key = keyOf({ device, port });
      const open = of.connector === 'air' || (!used.has(key) && !busyGroups.has(groups[key] ?? ''));
      return open && suits(of) ? [[{ device, port }, of] as const] : [];
    });
  const between = inOrder(kinds.kinds).filter(
    ([, { family }]) => family === 'adapter' || family === 'converter',
  );
  const waysBetween = (
    outs: readonly (readonly [PortEnd, Port])[],
    ins: readonly (readonly [PortEnd, Port])[],
    bus?: Bus,
  ): Way[] =>
    outs.flatMap(([from, out], i) =>
      ins.flatMap(([to, into], j): Way[] => {
        if (out.carries !== into.carries || from.device === to.device) return [];
        const set =
          bus === undefined || currentBus(plan.devices?.[from.device], from.port, out) === bus
            ? undefined
            : bus;
        if (bus !== undefined && set !== undefined && !out.gives?.includes(bus)) return [];
        const cost = (i + j) * COST.later + (set === undefined ? 0 : COST.setBus);
        if (!clashOf(out, into)) {
          const unlike = into.carries === 'video' && !fitsAsItIs(from, to, into);
          return [{ from, to, via: undefined, bus: set, cost: cost + (unlike ? COST.format : 0) }];
        }
        return between.flatMap(([kind, { family, ports }]): Way[] => {
          const own = inOrder(ports).filter(([, { carries }]) => carries === out.carries);
          const input = own.find(([, port]) => port.direction === 'in' && !clashOf(out, port))?.[0];
          const output = own.find(([, port]) => port.direction === 'out' && !clashOf(port, into))?.[0];
          if (input === undefined || output === undefined) return [];
          return [
            {
              from,
              to,
              via: { kind, input, output },
              bus: set,
              cost: cost + COST[family === 'adapter' ? 'adapter' : 'converter'],
            },
          ];
        });
      }),
    );
  const fitsAsItIs = (from: PortEnd, to: PortEnd, into: Port): boolean => {
    if (into.scaled || wiring.kindOf(to.device)?.family !== 'switcher') return true;
    const given = givenBy(wiring, from.device, from.port, rules.format);
    const own = wiring.devices[to.device]?.format ?? rules.format;
    return 'why' in given || whyNotNative(own, given.value) === undefined;
  };
  const isVideo =
    (direction: Port['direction']) =>
    (port: Port): boolean =>
      port.carries === 'video' && port.direction === direction;
  const ofFamily = (...families: readonly string[]) =>
    devices.filter(([id]) => families.includes(wiring.kindOf(id)?.family ?? '')).map(([id]) => id);
  const switchers = ofFamily('switcher');
  const inputs = switchers.flatMap(id => free(id, isVideo('in')));
  const outputs = switchers.flatMap(id => free(id, isVideo('out')));

  const wishes: Wish[] = [];
  for (const [id, { input }] of Object.entries(signal.sources)) {
    if (input.value !== null) continue;
    wishes.push({
      id: `source ${id}`,
      label: labelOf(plan.devices, id),
      ways: waysBetween(free(id, isVideo('out')), inputs),
    });
  }
  const wantedOf = new Map<string, Bus>();
  for (const [, { device, programme }] of inOrder(plan.outputs)) {
    if (device !== undefined && !wantedOf.has(device)) wantedOf.set(device, programme ?? 'programme');
  }
  for (const id of ofFamily('screen', 'recorder', 'encoder')) {
    if (feedsOf(wiring, id).length > 0) continue;
    const forMixer = plan.devices?.[id]?.viewers?.includes('mixer') ?? false;
    const bus = wantedOf.get(id) ?? (forMixer ? 'multiview' : 'programme');
    wishes.push({
      id: `sink ${id}`,
      label: labelOf(plan.devices, id),
      ways: waysBetween(outputs, free(id, isVideo('in')), bus),
    });
  }
  const isSound =
    (direction: Port['direction']) =>
    (port: Port): boolean =>
      port.carries === 'audio' && port.direction === direction;
  const sinks = [...switchers, ...ofFamily('encoder')].filter(
    id => !wiring.into(id).some(([, { to }]) => wiring.portOf(to)?.carries === 'audio'),
  );
  for (const id of ofFamily('audio desk')) {
    if (wiring.outOf(id).length > 0) continue;
    const ways = waysBetween(
      free(id, isSound('out')),
      sinks.flatMap(each => free(each, isSound('in'))),
    );
    wishes.push({ id: `sound ${id}`, label: `sound of ${labelOf(plan.devices, id)}`, ways });
  }
  const isNetwork = (port: Port): boolean => port.carries === 'network' && port.connector === 'RJ45';
  const netPorts = ofFamily('network switch', 'router').flatMap(id =>
    free(id, port => isNetwork(port) && port.direction !== 'in'),
  );
  for (const [id, device] of devices) {
    const kind = wiring.kindOf(id);
    const wantsNet =
      kind?.encodes === true ||
      device.worked === 'remote' ||
      kind?.family === 'control' ||
      device.tasks?.includes('call');
    const own = free(id, isNetwork);
    const linked = [...wiring.into(id), ...wiring.outOf(id)].some(
      ([, { from }]) => wiring.portOf(from)?.carries === 'network',
    );
    if (!wantsNet || linked || own.length === 0 || kind?.family === 'router') continue;
    wishes.push({
      id: `network ${id}`,
      label: `network of ${device.label}`,
      ways: waysBetween(netPorts, own),
    });
  }
  const asked = new Set(wishes.flatMap(({ ways }) => ways.flatMap(({ via }) => via?.kind ?? [])));
  const owned = Object.fromEntries(
    [...asked].map(kind => [kind, freeItems(shelf, kind, plan.devices).length]),
  );
  return { wishes, owned, groups };
}

const currentBus = (device: Device | undefined, port: string, { gives }: Port): Bus | undefined =>
  device?.buses?.[port]?.bus ?? gives?.[0];

const labelOf = (devices: Bundle['plan']['devices'], id: string): string => devices?.[id]?.label ?? id;
