/** A device made into another kind: its leads go into ports that do the same, by an adapter where one is known. */
import type { Assessment } from '../../assess.js';
import type { Bundle, Device, Kind, Link, Port } from '../../documents/index.js';
import { inPlan } from '../../edits.js';
import { idFrom, inOrder, type DocumentPatch } from '../../foundations/index.js';
import { adapterBetween } from '../../stations/signal/connect.js';
import { clashOf } from '../../stations/signal/port-fit.js';
import type { PlanWiring } from '../../stations/signal/result.js';

export interface Replugged {
  readonly changes: readonly DocumentPatch[];
  /** Leads for which it has no port. */
  readonly unplugged: readonly string[];
  /** Kinds that come between. */
  readonly adapters: readonly string[];
}

interface Plugged {
  readonly link: string;
  readonly of: Link;
  readonly side: 'from' | 'to';
  readonly port: string;
}

/** Where the leads of a device are plugged into it, in their order. */
const pluggedInto = (wiring: PlanWiring, device: string): readonly Plugged[] => [
  ...wiring.into(device).map(([link, of]): Plugged => ({ link, of, side: 'to', port: of.to.port ?? '' })),
  ...wiring
    .outOf(device)
    .map(([link, of]): Plugged => ({ link, of, side: 'from', port: of.from.port ?? '' })),
];

/** How well a port takes the place of another: 0 the same plug, 1 another plug; undefined where it cannot. */
function standsIn(now: Port, other: Port): 0 | 1 | undefined {
  const sameWay = other.direction === now.direction || other.direction === 'both';
  if (other.carries !== now.carries || !sameWay) return undefined;
  return other.connector === now.connector ? 0 : 1;
}

/** A port of another kind for each lead of the device, the likest first; each port once. */
function portsFor(
  plugged: readonly Plugged[],
  from: Kind | undefined,
  into: Kind,
): ReadonlyMap<Plugged, readonly [id: string, port: Port]> {
  const free = new Map(inOrder(into.ports));
  const found = new Map<Plugged, readonly [string, Port]>();
  for (const wanted of [0, 1] as const) {
    for (const lead of plugged) {
      const now = from?.ports?.[lead.port];
      if (!now || found.has(lead)) continue;
      const own = free.get(lead.port);
      const [best] =
        own && standsIn(now, own) === wanted
          ? [[lead.port, own] as const]
          : [...free].filter(([, port]) => standsIn(now, port) === wanted);
      if (!best) continue;
      found.set(lead, best);
      if (best[1].connector !== 'air') free.delete(best[0]);
    }
  }
  return found;
}

/** The edit that makes a device another kind, with an item of the shelf where one is taken. */
export function replugged(
  { plan, kinds, shelf }: Bundle,
  { signal: { wiring, leads } }: Assessment,
  device: string,
  kind: string,
  item: string | undefined,
): Replugged | undefined {
  const [now, into] = [plan.devices?.[device], kinds.kinds[kind]];
  if (!now || !into) return undefined;
  const plugged = pluggedInto(wiring, device);
  const ports = portsFor(plugged, kinds.kinds[now.kind], into);
  const edit = inPlan().put('devices', device, changed(now, kind, item, plugged, ports));
  const unplugged: string[] = [];
  const adapters: string[] = [];
  for (const lead of plugged) {
    const { link, of, side } = lead;
    const found = ports.get(lead);
    const far = side === 'from' ? of.to : of.from;
    const farPort = wiring.portOf(far);
    const name = `${wiring.devices[of.from.device ?? '']?.label ?? 'the house'} → ${wiring.devices[of.to.device ?? '']?.label ?? 'the house'}`;
    if (!found) {
      edit.drop('links', link);
      unplugged.push(name);
      continue;
    }
    const [port, own] = found;
    const end = { device, port };
    const clash =
      farPort &&
      (side === 'from' ? clashOf(own, farPort, leads) : clashOf(farPort, own, leads)) !== undefined;
    if (!clash) {
      if (port !== lead.port) edit.put('links', link, { ...of, [side]: end });
      continue;
    }
    const between =
      own.carries === 'power'
        ? undefined
        : side === 'from'
          ? adapterBetween(kinds, shelf, wiring, own, farPort)
          : adapterBetween(kinds, shelf, wiring, farPort, own);
    if (!between) {
      edit.drop('links', link);
      unplugged.push(name);
      continue;
    }
    adapters.push(between.label);
    const via = idFrom(`substitute/${device}/${link}/${kind}`);
    edit
      .put('devices', via, {
        order: `${now.order}a`.slice(0, 8),
        label: between.label.slice(0, 40),
        kind: between.kind,
        ...(between.item !== undefined && { item: between.item }),
        place: { inside: device },
      })
      // The adapter is at the device: the lead to the far end stays what it was.
      .put('links', link, {
        ...of,
        ...(side === 'from'
          ? { from: { device: via, port: between.output } }
          : { to: { device: via, port: between.input } }),
      })
      .put('links', idFrom(`substitute/${device}/${link}/${kind}/near`), {
        ...(side === 'from'
          ? { from: end, to: { device: via, port: between.input } }
          : { from: { device: via, port: between.output }, to: end }),
      });
  }
  return { changes: [edit.change], unplugged, adapters };
}

/** What is said of a device as the kind that it was. */
const OF_ITS_KIND = ['item', 'lens', 'converter', 'photo', 'assembly', 'part', 'buses'] as const;

/** The device as another kind: what was said of the old one alone is gone. */
function changed(
  now: Device,
  kind: string,
  item: string | undefined,
  plugged: readonly Plugged[],
  ports: ReadonlyMap<Plugged, readonly [string, Port]>,
): Device {
  const { buses } = now;
  const kept = { ...now };
  for (const name of OF_ITS_KIND) delete kept[name];
  const moved = Object.fromEntries(
    plugged.flatMap(lead => {
      const [own, found] = [buses?.[lead.port], ports.get(lead)];
      return own && found?.[1].gives?.includes(own.bus) ? [[found[0], own]] : [];
    }),
  );
  return {
    ...kept,
    kind,
    ...(item !== undefined && { item }),
    ...(Object.keys(moved).length > 0 && { buses: moved }),
  };
}
