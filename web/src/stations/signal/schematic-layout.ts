/** Places devices of the schematic in columns from sources to destinations, for drawing only. */
import { inOrder, type Device, type Kind, type Link, type MapOf } from '@idle-satchel/core';

export interface Box {
  readonly id: string;
  readonly label: string;
  readonly kind: string;
  readonly x: number;
  readonly y: number;
  readonly height: number;
  readonly ins: readonly Pin[];
  readonly outs: readonly Pin[];
}

export interface Pin {
  readonly port: string;
  readonly label: string;
  readonly y: number;
}

export interface Wire {
  readonly id: string;
  readonly d: string;
}

export const BOX_WIDTH = 150;
const COLUMN = 210;
const PIN = 18;
const HEAD = 34;
const GAP = 22;

/** Only devices that carry pictures, sound or network take part; power is drawn under Power. */
export function layout(
  devices: MapOf<Device> | undefined,
  kinds: MapOf<Kind>,
  links: MapOf<Link> | undefined,
): { boxes: readonly Box[]; wires: readonly Wire[]; width: number; height: number } {
  const portOf = (device: string | undefined, port: string | undefined) =>
    kinds[devices?.[device ?? '']?.kind ?? '']?.ports?.[port ?? ''];
  const signalLinks = inOrder(links).filter(
    ([, { from, to }]) =>
      from.device &&
      to.device &&
      devices?.[from.device] &&
      devices[to.device] &&
      portOf(to.device, to.port)?.carries !== 'power',
  );
  const isIn = (id: string): boolean =>
    signalLinks.some(([, { from, to }]) => from.device === id || to.device === id);
  const taking = inOrder(devices).filter(
    ([id, { kind }]) => isIn(id) || ['camera', 'switcher', 'computer'].includes(kinds[kind]?.family ?? ''),
  );

  // Column = longest path to a destination, counted from the right, so that a source stands next to what it
  // feeds; a ring stops at the number of devices.
  const column = new Map(taking.map(([id]) => [id, 0]));
  for (let pass = 0; pass < taking.length; pass++) {
    let moved = false;
    for (const [, { from, to }] of signalLinks) {
      const next = (column.get(to.device ?? '') ?? 0) - 1;
      if (next < (column.get(from.device ?? '') ?? 0) && next > -taking.length) {
        column.set(from.device ?? '', next);
        moved = true;
      }
    }
    if (!moved) break;
  }
  const used = [...new Set(column.values())].sort((a, b) => a - b);
  const depth = new Map<number, number>();
  const boxes = taking.map(([id, { label, kind }]): Box => {
    const place = used.indexOf(column.get(id) ?? 0);
    const pins = (side: 'from' | 'to'): Pin[] => {
      const ports = [
        ...new Set(
          signalLinks.filter(([, link]) => link[side].device === id).map(([, link]) => link[side].port ?? ''),
        ),
      ];
      const order = inOrder(kinds[kind]?.ports).map(([port]) => port);
      return ports
        .sort((a, b) => order.indexOf(a) - order.indexOf(b))
        .map((port, i) => ({ port, label: portOf(id, port)?.label ?? port, y: HEAD + i * PIN + PIN / 2 }));
    };
    const [ins, outs] = [pins('to'), pins('from')];
    const height = HEAD + Math.max(ins.length, outs.length, 0) * PIN + 6;
    const y = depth.get(place) ?? 20;
    depth.set(place, y + height + GAP);
    return { id, label, kind: kinds[kind]?.label ?? '', x: 20 + place * COLUMN, y, height, ins, outs };
  });
  const byId = new Map(boxes.map(box => [box.id, box]));
  const wires = signalLinks.flatMap(([id, { from, to }]): Wire[] => {
    const [a, b] = [byId.get(from.device ?? ''), byId.get(to.device ?? '')];
    const [p, q] = [a?.outs.find(pin => pin.port === from.port), b?.ins.find(pin => pin.port === to.port)];
    if (!a || !b || !p || !q) return [];
    const [x1, y1, x2, y2] = [a.x + BOX_WIDTH, a.y + p.y, b.x, b.y + q.y];
    const middle = x2 > x1 ? (x1 + x2) / 2 : x1 + 30;
    return [{ id, d: `M${x1},${y1}C${middle},${y1} ${middle},${y2} ${x2},${y2}` }];
  });
  return {
    boxes,
    wires,
    width: 40 + used.length * COLUMN,
    height: Math.max(200, ...boxes.map(box => box.y + box.height + 30)),
  };
}
