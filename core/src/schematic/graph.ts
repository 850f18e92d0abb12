/** The schematic as a graph: devices as boxes with their ports, leads between them, grouped by where they are. */
import type { Assessment } from '../assess.js';
import type { Bundle, Carries, Device, Port } from '../documents/index.js';
import { inOrder } from '../foundations/index.js';
import { carriedBy } from '../stations/equipment.js';
import { houseOffers } from '../stations/signal/house.js';
import { shaped, type DeviceBox, type Pin } from './box.js';

/**
 * A lead as it is drawn: from a pin on the right of a box to one on the left of another. What leads back to a camera,
 * such as its network or a return picture, is drawn from the camera, so that cameras stay on the left.
 */
export interface Wire {
  readonly id: string;
  readonly from: { readonly box: string; readonly port: string };
  readonly to: { readonly box: string; readonly port: string };
  readonly carries: Carries;
  /** Number on the tape; empty where there is no lead to put tape on. */
  readonly tape: string;
  /** Something is wrong with it. */
  readonly bad: boolean;
}

export interface SchematicGraph {
  readonly groups: readonly { readonly id: string; readonly label: string }[];
  readonly boxes: readonly DeviceBox[];
  readonly wires: readonly Wire[];
}

/** Of unused ports of one sort on one side so many are drawn; pictures are what one plugs most. */
const FREE_SHOWN: Readonly<Partial<Record<Carries, number>>> = { video: 8 };
const FREE_OTHER = 1;

/** Families that are drawn although nothing is plugged into them yet. */
const ALWAYS: ReadonlySet<string> = new Set([
  ...['camera', 'computer', 'switcher', 'matrix', 'splitter', 'recorder', 'encoder', 'screen', 'converter'],
  ...['extender', 'wireless link', 'capture', 'patch bay', 'audio desk', 'audio interface', 'talkback'],
  ...['microphone', 'control', 'house line', 'adapter'],
]);

/** Everything of a plan that carries pictures, sound, network, control or talkback; power is drawn under Power. */
export function schematicGraph(
  { plan, kinds }: Bundle,
  { signal, runs, ground, rules }: Assessment,
): SchematicGraph {
  const { wiring } = signal;
  const leadsToCamera = (id: string): boolean =>
    wiring.kindOf(ground.places[id]?.carrier ?? id)?.family === 'camera';
  const wires = inOrder(plan.links).flatMap(([id, { from, to }]): Wire[] => {
    const [out, into] = [wiring.portOf(from), wiring.portOf(to)];
    if (!out || !into || out.carries === 'power' || from.device === undefined || to.device === undefined)
      return [];
    const ends = [
      { box: from.device, port: from.port ?? '' },
      { box: to.device, port: to.port ?? '' },
    ] as const;
    const [right, left] = leadsToCamera(to.device) ? [ends[1], ends[0]] : ends;
    const bad =
      signal.links[id]?.mates.value === false ||
      signal.links[id]?.faces.value !== 'yes' ||
      (signal.formats[id]?.taken.value ?? 'yes') !== 'yes';
    return [
      {
        id,
        from: right,
        to: left,
        carries: out.carries,
        tape: runs.runs[id]?.number ?? '',
        bad,
      },
    ];
  });
  const linked = new Map<string, Map<string, 'in' | 'out'>>();
  const note = ({ box, port }: Wire['from'], side: 'in' | 'out'): void => {
    const own = linked.get(box) ?? new Map<string, 'in' | 'out'>();
    linked.set(box, own.set(port, side));
  };
  for (const { from, to } of wires) {
    note(from, 'out');
    note(to, 'in');
  }
  const groupOf = groupsOf(plan.devices, id => wiring.kindOf(id)?.family, ground);
  const boxes = inOrder(plan.devices).flatMap(([id, device]): DeviceBox[] => {
    const kind = kinds.kinds[device.kind];
    const own = linked.get(id);
    if (!kind || (!own && !ALWAYS.has(kind.family))) return [];
    const pins = pinsOf(id, inOrder(kind.ports), own ?? new Map<string, 'in' | 'out'>());
    return [
      shaped({
        id,
        label: device.label,
        kind: kind.label,
        family: kind.family,
        pins,
        group: groupOf(id),
        nudge: device.nudge,
        house: device.resident === true,
        offered: false,
      }),
    ];
  });
  const offered = houseOffers(ground.venue, {
    devices: plan.devices,
    kinds,
    units: rules.units,
  }).map(({ id, label, of }): DeviceBox =>
    shaped({
      id,
      label,
      kind: of.label,
      family: of.family,
      pins: pinsOf(id, inOrder(of.ports), new Map()),
      nudge: undefined,
      group: undefined,
      house: true,
      offered: true,
    }),
  );
  const drawn = new Set(boxes.map(({ id }) => id));
  const members = new Map<string, number>();
  for (const { group } of boxes) if (group !== undefined) members.set(group, (members.get(group) ?? 0) + 1);
  const labelOf = (group: string): string =>
    plan.devices?.[group]?.label ?? ground.venue.areas?.[group]?.label ?? group;
  return {
    groups: [...members].filter(([, count]) => count > 1).map(([id]) => ({ id, label: labelOf(id) })),
    boxes: [
      ...boxes.map(box => ((members.get(box.group ?? '') ?? 0) > 1 ? box : { ...box, group: undefined })),
      ...offered,
    ],
    wires: wires.filter(({ from, to }) => drawn.has(from.box) && drawn.has(to.box)),
  };
}

/** A graph without what the house has and the plan does not use. */
export const withoutOffers = (graph: SchematicGraph): SchematicGraph => ({
  ...graph,
  boxes: graph.boxes.filter(({ offered }) => !offered),
});

/** Ports of a box: those in use, and some of the free ones; inputs on the left, outputs on the right, as a rule. */
function pinsOf(
  device: string,
  ports: readonly (readonly [string, Port])[],
  linked: ReadonlyMap<string, 'in' | 'out'>,
): Omit<Pin, 'y'>[] {
  const free = new Map<string, number>();
  return ports.flatMap(([port, { label, direction, carries }]): Omit<Pin, 'y'>[] => {
    if (carries === 'power') return [];
    const used = linked.get(port);
    const side = used ?? (direction === 'in' ? 'in' : 'out');
    if (used === undefined) {
      const key = `${side} ${carries}`;
      const shown = free.get(key) ?? 0;
      if (shown === (FREE_SHOWN[carries] ?? FREE_OTHER)) return [];
      free.set(key, shown + 1);
    }
    return [{ port, label, carries, side, used: used !== undefined, end: { device, port } }];
  });
}

/** The case or table that a device is in, the camera that it is fixed to, else the gallery, stage or desk it stands on. */
function groupsOf(
  devices: Bundle['plan']['devices'],
  familyOf: (id: string) => string | undefined,
  { places }: Assessment['ground'],
): (id: string) => string | undefined {
  const carriers = new Set(inOrder(devices).flatMap(([, { place }]) => carriedBy(place) ?? []));
  return id => {
    const device: Device | undefined = devices?.[id];
    const carrier = places[id]?.carrier ?? carriedBy(device?.place) ?? id;
    if (carrier !== id || (carriers.has(id) && familyOf(id) !== undefined)) return carrier;
    return device?.place?.level;
  };
}
