/** Closed assemblies: one box with the outside ports, each of them a port of some part. */
import { insideOf } from '../assemblies/index.js';
import type { Bundle } from '../documents/index.js';
import { inOrder } from '../foundations/index.js';
import { shaped, type Pin } from './box.js';
import type { SchematicGraph, Wire } from './graph.js';

/** A graph in which every case that was put in as an assembly is one box, unless it is opened. */
export function withClosed(
  graph: SchematicGraph,
  { plan, kinds }: Bundle,
  opened: ReadonlySet<string>,
): SchematicGraph {
  const closed = inOrder(plan.devices).filter(
    ([id, { assembly }]) => assembly && kinds.assemblies?.[assembly.id] && !opened.has(id),
  );
  return closed.reduce((before, [carrier]) => close(before, carrier, { plan, kinds }), graph);
}

function close(
  graph: SchematicGraph,
  carrier: string,
  { plan, kinds }: Pick<Bundle, 'plan' | 'kinds'>,
): SchematicGraph {
  const { devices } = plan;
  const device = devices?.[carrier];
  const assembly = kinds.assemblies?.[device?.assembly?.id ?? ''];
  if (!device || !assembly) return graph;
  const members = new Set(insideOf(devices, carrier));
  const byPart = new Map([...members].map(id => [devices?.[id]?.part ?? id, id]));
  const pins = new Map(
    graph.boxes.flatMap(({ id, pins: own }) => own.map(pin => [`${id} ${pin.port}`, pin] as const)),
  );
  const outer = new Map<string, Omit<Pin, 'y'>>();
  for (const [, { label, part, port }] of inOrder(assembly.outside)) {
    const id = byPart.get(part);
    const of = kinds.kinds[devices?.[id ?? '']?.kind ?? '']?.ports?.[port];
    if (id === undefined || !of || of.carries === 'power') continue;
    const inner = pins.get(`${id} ${port}`);
    // A free port that the open case would not draw is not drawn on the closed one either.
    if (!inner) continue;
    outer.set(`${id} ${port}`, {
      ...inner,
      port: `${id}.${port}`,
      label,
      end: { device: id, port },
    });
  }
  const isInner = ({ box }: Wire['from']): boolean => members.has(box);
  const moved = (end: Wire['from']): Wire['from'] | undefined => {
    if (!isInner(end)) return end;
    const pin = outer.get(`${end.box} ${end.port}`);
    return pin && { box: carrier, port: pin.port };
  };
  const box = shaped({
    id: carrier,
    label: device.label,
    kind: `${assembly.label}, version ${device.assembly?.version ?? ''}`,
    family: 'rack case',
    group: undefined,
    pins: [...outer.values()],
    nudge: device.nudge,
    house: false,
    offered: false,
  });
  const at = graph.boxes.findIndex(({ id }) => members.has(id));
  const rest = graph.boxes.filter(({ id }) => !members.has(id));
  return {
    groups: graph.groups.filter(({ id }) => id !== carrier),
    boxes: [...rest.slice(0, Math.max(at, 0)), box, ...rest.slice(Math.max(at, 0))],
    wires: graph.wires.flatMap((wire): Wire[] => {
      if (isInner(wire.from) && isInner(wire.to)) return [];
      const [from, to] = [moved(wire.from), moved(wire.to)];
      return from && to ? [{ ...wire, from, to }] : [];
    }),
  };
}
