/** Who is fed through what: from sockets and batteries, over strips and supplies, and along leads of signals. */
import type { Along, End, Kind, Port } from '../../documents/index.js';
import { inOrder } from '../../foundations/index.js';
import type { PlanWiring } from '../signal/index.js';
import { ratedOf } from './battery/health.js';
import { reachedFrom } from '../signal/passive.js';

/** What feeds a device in the end; `not known` where that is something of the house, or of which nobody says how it is fed. */
export type Source = 'mains' | 'battery' | 'inner battery' | 'not known';

export interface Feed {
  readonly source: Source;
  /** The link that brings it; none where the device feeds itself. */
  readonly link: string | undefined;
  /** The device that feeds it, and what along a lead of signals. */
  readonly from: string | undefined;
  /** The port of that; none where the current comes along a lead of signals. */
  readonly port: string | undefined;
  readonly along: Along | undefined;
}

export interface Feeding {
  /** What feeds a device; none = nothing does. */
  readonly feeds: Readonly<Record<string, Feed>>;
  /** What the current of a device comes out of at its own volts: a supply or battery; none = a socket of the venue. */
  readonly outlets: Readonly<Record<string, Outlet>>;
  /** Devices that draw through a device at its own volts: those behind a supply draw on that, and the supply here. */
  readonly below: Readonly<Record<string, readonly string[]>>;
  /** The same by socket of the venue, and there by the lead that is plugged in. */
  readonly atSocket: Readonly<Record<string, Readonly<Record<string, readonly string[]>>>>;
  /** Devices that draw their current through a lead: the one it ends at, and those below that. */
  readonly through: Readonly<Record<string, readonly string[]>>;
  /** What a battery carries of what draws on it, where others on the same plate carry the rest. */
  readonly shares: Readonly<Record<string, number>>;
  /** Devices that draw on a battery, or on the one inside a device, that device among them. */
  readonly draws: Readonly<Record<string, readonly string[]>>;
}

/** Where current comes out of a supply or battery; without a port where it comes along a lead of signals. */
export interface Outlet {
  readonly device: string;
  readonly port: string | undefined;
}

/** One device fed by another, or by a socket of the venue. */
interface Edge {
  readonly link: string;
  readonly to: string;
  readonly port: string | undefined;
  readonly along: Along | undefined;
}

/**
 * One feed for each device: from the mains wherever they reach it, else from a battery, else from its own; of equals the
 * one over the fewest others. One that is fed is enough, so what else is plugged in draws nothing there.
 */
export function feedingOf({ wiring }: { readonly wiring: PlanWiring }): Feeding {
  const edges = edgesOf(wiring);
  const feeds = feedsBy(wiring, edges, NOTHING);
  return { feeds, ...treeOf(wiring, feeds, edges) };
}

/** Sockets of the venue and devices of the plan that give nothing any more. */
export interface Lost {
  readonly sockets: ReadonlySet<string>;
  readonly devices: ReadonlySet<string>;
}

const NOTHING: Lost = { sockets: new Set(), devices: new Set() };

/** What would feed each device if something were lost; devices that are lost themselves are fed by nothing. */
export const feedsWithout = (wiring: PlanWiring, lost: Lost): Feeding['feeds'] =>
  feedsBy(wiring, edgesOf(wiring), lost);

function feedsBy(wiring: PlanWiring, { sockets, from }: Edges, lost: Lost): Readonly<Record<string, Feed>> {
  const feeds: Record<string, Feed> = {};
  const spread = (source: Source, first: readonly (readonly [string, Feed])[]): void => {
    let next = first;
    while (next.length > 0) {
      const reached: (readonly [string, Feed])[] = [];
      for (const [device, feed] of next) {
        if (feeds[device] || lost.devices.has(device)) continue;
        feeds[device] = feed;
        for (const { to, link, port, along } of from.get(device) ?? [])
          reached.push([to, { source, link, from: device, port, along }]);
      }
      next = reached;
    }
  };
  const itself = (source: Source, is: (kind: Kind, device: string) => boolean): void =>
    spread(
      source,
      inOrder(wiring.devices).flatMap(([device]) => {
        const kind = wiring.kindOf(device);
        const own = { source, link: undefined, from: undefined, port: undefined, along: undefined };
        return kind && is(kind, device) ? [[device, own] as const] : [];
      }),
    );
  spread(
    'mains',
    [...sockets]
      .flatMap(([socket, edges]) => (lost.sockets.has(socket) ? [] : edges))
      .map(({ to, link, along }) => [to, { source: 'mains', link, from: undefined, port: undefined, along }]),
  );
  itself('battery', ({ battery }) => battery !== undefined);
  itself('inner battery', ({ inner }) => inner !== undefined);
  itself('not known', (kind, device) => wiring.devices[device]?.resident === true || saysNothing(kind));
  return feeds;
}

/** Whether a kind does not say how it is fed: neither what it takes nor where. */
const saysNothing = ({ power, ports = {} }: Kind): boolean => !power && !Object.values(ports).some(isInlet);

const isInlet = ({ carries, direction, poweredBy }: Port): boolean =>
  (carries === 'power' && direction !== 'out') || (poweredBy?.length ?? 0) > 0;

interface Edges {
  readonly sockets: ReadonlyMap<string, readonly Edge[]>;
  readonly from: ReadonlyMap<string, readonly Edge[]>;
}

/** Every way in which a device feeds another. */
function edgesOf(wiring: PlanWiring): Edges {
  const sockets = new Map<string, Edge[]>();
  const from = new Map<string, Edge[]>();
  const add = (map: Map<string, Edge[]>, key: string, edge: Edge): void => {
    map.set(key, [...(map.get(key) ?? []), edge]);
  };
  for (const [device] of inOrder(wiring.devices)) {
    for (const [id, link] of wiring.into(device)) {
      if (wiring.portOf(link.to)?.carries !== 'power') continue;
      const edge = { link: id, to: device, port: link.from.port, along: undefined };
      if (link.from.socket !== undefined) add(sockets, link.from.socket, edge);
      else if (link.from.device !== undefined) add(from, link.from.device, edge);
    }
    for (const [port, { poweredBy = [] }] of inOrder(wiring.kindOf(device)?.ports)) {
      if (poweredBy.length === 0) continue;
      for (const [end, over] of reachedFrom(wiring, { device, port })) {
        const along = poweredBy.find(wanted => feedsWith(wiring, end, wanted));
        if (along !== undefined && end.device !== undefined)
          add(from, end.device, { link: over[0] ?? '', to: device, port: undefined, along });
      }
    }
  }
  return { sockets, from };
}

const POE: readonly Along[] = ['PoE af', 'PoE at', 'PoE bt'];

/** Whether a port gives what another wants along its lead: PoE of the same class or above (IEEE 802.3), USB wherever nothing else is said. */
function feedsWith(wiring: PlanWiring, end: End, wanted: Along): boolean {
  const port = wiring.portOf(end);
  if (!port) return false;
  const isUsb = port.connector.startsWith('USB') && !port.poweredBy?.length;
  const powers = port.powers ?? (isUsb ? ['USB'] : []);
  return powers.some(
    each => each === wanted || (POE.includes(wanted) && POE.indexOf(each) >= POE.indexOf(wanted)),
  );
}

/** Whether a device turns what it is fed with into other volts, or stores it: what hangs on it draws on it alone. */
const supplies = (kind: Kind | undefined): boolean =>
  kind?.supply !== undefined || kind?.battery !== undefined;

/** What hangs on what, by the feeds that were chosen. */
function treeOf(
  wiring: PlanWiring,
  feeds: Readonly<Record<string, Feed>>,
  { sockets, from: givers }: Edges,
): Omit<Feeding, 'feeds'> {
  const children = new Map<string, string[]>();
  for (const [device, { from }] of Object.entries(feeds)) {
    if (from !== undefined) children.set(from, [...(children.get(from) ?? []), device]);
  }
  const supplying = new Set([...children.keys()].filter(device => supplies(wiring.kindOf(device))));
  const under = (device: string): string[] =>
    (children.get(device) ?? []).flatMap(child => [child, ...(supplying.has(child) ? [] : under(child))]);
  const outletOf = (device: string): Outlet | undefined => {
    const { from, port } = feeds[device] ?? {};
    if (from === undefined) return undefined;
    if (!supplying.has(from) && feeds[from]?.from !== undefined) return outletOf(from);
    if (!supplying.has(from) && feeds[from]?.source === 'mains') return undefined;
    return { device: from, port };
  };
  const below = Object.fromEntries([...children.keys()].map(device => [device, under(device)]));
  const outlets: Record<string, Outlet> = {};
  const through: Record<string, readonly string[]> = {};
  const draws: Record<string, readonly string[]> = {};
  for (const [device, { source, link, from }] of Object.entries(feeds)) {
    const own = below[device] ?? [];
    const outlet = outletOf(device);
    if (outlet) outlets[device] = outlet;
    if (link !== undefined) through[link] = supplying.has(device) ? [device] : [device, ...own];
    else if (source === 'battery') draws[device] = own;
    else if (source === 'inner battery' && from === undefined) draws[device] = [device, ...own];
  }
  const shares: Record<string, number> = {};
  for (const [device, { from, source }] of Object.entries(feeds)) {
    if (source !== 'battery' || from === undefined || wiring.kindOf(device)?.shares !== true) continue;
    const beside = [...givers].flatMap(([giver, edges]) =>
      wiring.kindOf(giver)?.battery && edges.some(({ to }) => to === device) ? [giver] : [],
    );
    // Where one of them feeds something else besides, or supplies at other volts, no share of it is known: one carries all.
    const apart = beside.some(
      each =>
        wiring.kindOf(each)?.supply !== undefined ||
        (children.get(each) ?? []).some(child => child !== device),
    );
    if (beside.length < 2 || apart) continue;
    const holds = (id: string): number => ratedOf(wiring.kindOf(id) ?? {});
    const all = beside.reduce((sum, each) => sum + holds(each), 0);
    for (const each of beside) {
      shares[each] = holds(each) / all;
      draws[each] = draws[from] ?? [];
    }
  }
  const atSocket = Object.fromEntries(
    [...sockets].map(([socket, edges]) => [
      socket,
      Object.fromEntries(edges.map(({ link }) => [link, through[link] ?? []])),
    ]),
  );
  return { outlets, below, atSocket, through, shares, draws };
}
