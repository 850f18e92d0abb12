/** Reading a plan's devices, ports and links as a graph. */
import { inOrder, type MapOf } from './order.js';

interface PortLike {
  readonly label: string;
  readonly direction: 'in' | 'out' | 'both';
  readonly connector: string;
  readonly carries: string;
}
interface KindLike<P extends PortLike = PortLike> {
  readonly label: string;
  readonly family: string;
  readonly ports?: MapOf<P>;
}
interface EndLike {
  readonly device?: string;
  readonly port?: string;
}
interface LinkLike {
  readonly from: EndLike;
  readonly to: EndLike;
}

/** Devices, kinds and links looked up from either side. */
export interface Wiring<D extends { kind: string }, K extends KindLike, L extends LinkLike> {
  readonly devices: MapOf<D>;
  readonly kindOf: (device: string | undefined) => K | undefined;
  readonly portOf: (end: EndLike) => NonNullable<K['ports']>[string] | undefined;
  /** Links in order whose `from` or `to` is the device. */
  readonly outOf: (device: string) => readonly [string, L][];
  readonly into: (device: string) => readonly [string, L][];
  /** Ports of a device that something is plugged into. */
  readonly inUse: (device: string) => ReadonlySet<string>;
  /** Ports of a device, in order, that nothing is plugged into yet. */
  readonly freePorts: (
    device: string,
    suits: (port: NonNullable<K['ports']>[string]) => boolean,
  ) => [string, NonNullable<K['ports']>[string]][];
}

/** Indexes links by device, once; every lookup after that is direct. */
export function wiringOf<D extends { kind: string; order?: string }, K extends KindLike, L extends LinkLike>(
  devices: MapOf<D> | undefined,
  kinds: MapOf<K>,
  links: MapOf<L> | undefined,
): Wiring<D, K, L> {
  const out = new Map<string, [string, L][]>();
  const into = new Map<string, [string, L][]>();
  const put = (map: Map<string, [string, L][]>, device: string | undefined, entry: [string, L]): void => {
    if (device === undefined) return;
    const list = map.get(device);
    if (list) list.push(entry);
    else map.set(device, [entry]);
  };
  for (const entry of inOrder(links)) {
    put(out, entry[1].from.device, entry);
    put(into, entry[1].to.device, entry);
  }
  const byDevice = new Map<string | undefined, K>();
  for (const [device, { kind }] of inOrder(devices)) {
    const known = kinds[kind];
    if (known) byDevice.set(device, known);
  }
  const kindOf = (device: string | undefined): K | undefined => byDevice.get(device);
  const used = new Map<string, ReadonlySet<string>>();
  const inUse = (device: string): ReadonlySet<string> => {
    let ports = used.get(device);
    if (ports) return ports;
    ports = new Set(
      [
        ...(out.get(device) ?? []).map(([, { from }]) => from),
        ...(into.get(device) ?? []).map(([, { to }]) => to),
      ].map(({ port = '' }) => port),
    );
    used.set(device, ports);
    return ports;
  };
  return {
    devices: devices ?? {},
    kindOf,
    portOf: end => kindOf(end.device)?.ports?.[end.port ?? ''] as NonNullable<K['ports']>[string] | undefined,
    outOf: device => out.get(device) ?? [],
    into: device => into.get(device) ?? [],
    inUse,
    freePorts: (device, suits) =>
      inOrder(kindOf(device)?.ports as K['ports'] & MapOf<NonNullable<K['ports']>[string]>).filter(
        ([port, each]) => !inUse(device).has(port) && suits(each),
      ),
  };
}
