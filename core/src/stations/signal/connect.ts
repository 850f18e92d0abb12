/** Edits that join two ports, with an adapter between them where the plugs differ. */
import type { End, Kinds, Port, Shelf } from '../../documents/index.js';
import { idFrom, inOrder, type DocumentPatch } from '../../foundations/index.js';
import { freeItem } from '../equipment.js';
import type { PlanWiring } from './result.js';
import type { OwnedLeads } from './lead-ends.js';
import { clashOf, plainClash } from './port-fit.js';
import { inPlan } from '../../edits.js';

/** Input and output of the kind of adapter that goes between two ports, or undefined. */
export function adapterBetween(
  kinds: Kinds,
  shelf: Shelf,
  wiring: PlanWiring,
  from: Port,
  to: Port,
): { kind: string; label: string; input: string; output: string; item: string | undefined } | undefined {
  const fitting = inOrder(kinds.kinds).flatMap(([kind, { family, label, ports }]) => {
    if (family !== 'adapter') return [];
    const all = inOrder(ports);
    const input = all.find(([, port]) => port.direction === 'in' && !plainClash(from, port))?.[0];
    const output = all.find(([, port]) => port.direction === 'out' && !plainClash(port, to))?.[0];
    return input && output
      ? [{ kind, label, input, output, item: freeItem(shelf, kind, wiring.devices) }]
      : [];
  });
  return fitting.find(each => each.item !== undefined) ?? fitting[0];
}

/** What there is to plug with. */
export interface AtHand {
  readonly wiring: PlanWiring;
  readonly leads: OwnedLeads;
  readonly kinds: Kinds;
  readonly shelf: Shelf;
}

interface Joint {
  readonly from: End;
  readonly fromPort: Port;
  readonly to: End;
  readonly toPort: Port;
  /** The link to replace, when there is one already. */
  readonly link?: string;
  /** Makes the new ids stable: the same fix gives the same records. */
  readonly seed: string;
  readonly hasLinks: boolean;
}

export interface Connection {
  readonly label: string;
  readonly changes: readonly DocumentPatch[];
  readonly adapter: boolean;
}

/** The edit that joins two ports, or undefined when no adapter of the known kinds would fit between them. */
export function connect(joint: Joint, { kinds, shelf, wiring, leads }: AtHand): Connection | undefined {
  const edit = inPlan(joint.hasLinks ? {} : { links: undefined });
  const link = joint.link ?? idFrom(`${joint.seed}/link`);
  const { from, to } = joint;
  if (!clashOf(joint.fromPort, joint.toPort, leads)) {
    const plugged = edit.put('links', link, { from: { ...from }, to: { ...to } });
    return { label: 'Plug it in', changes: [plugged.change], adapter: false };
  }
  const adapter = adapterBetween(kinds, shelf, wiring, joint.fromPort, joint.toPort);
  const source = from.device;
  if (!adapter || source === undefined) return undefined;
  const device = idFrom(`${joint.seed}/adapter`);
  edit
    .put('devices', device, {
      order: `${wiring.devices[source]?.order ?? '0'}a`.slice(0, 8),
      label: `${wiring.devices[source]?.label ?? ''} adapter`.slice(0, 40),
      kind: adapter.kind,
      ...(adapter.item === undefined ? {} : { item: adapter.item }),
      place: { inside: source },
    })
    .put('links', idFrom(`${joint.seed}/first`), { from: { ...from }, to: { device, port: adapter.input } })
    .put('links', link, { from: { device, port: adapter.output }, to: { ...to } });
  return {
    label: `Add the adapter${adapter.item ? ` ${shelf.items[adapter.item]?.tape ?? ''}` : ' (not owned)'}`,
    changes: [edit.change],
    adapter: true,
  };
}

/** Inputs of a device that carry video and have no link yet. */
export function freeVideoPorts(
  wiring: PlanWiring,
  device: string,
  direction: 'in' | 'out',
): [string, Port][] {
  return wiring.freePorts(device, port => port.carries === 'video' && port.direction === direction);
}
