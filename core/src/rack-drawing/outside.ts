/** The outside of a rack: every socket at which a lead leaves it, and every socket of its panels, with numbers. */
import type { Bundle, Connector } from '../documents/index.js';
import { inOrder } from '../foundations/index.js';
import { insideOf } from '../assemblies/index.js';
import type { RackResult } from '../stations/racks/index.js';
import { faceOfPanel } from './faces.js';

export interface OutsideSocket {
  readonly number: number;
  readonly of: string;
  readonly socket: string;
  readonly connector: Connector;
  /** What goes to it, or comes from it, outside; empty where nothing does. */
  readonly outside: string;
  /** What inside it leads to. */
  readonly inside: string;
  /** The socket of which it gives the same once more; empty where it is none. */
  readonly copyOf: string;
  /** It is on the face of a panel. */
  readonly onPanel: boolean;
}

export function outsideOf(
  { plan, kinds }: Bundle,
  rack: string,
  { items }: RackResult,
): readonly OutsideSocket[] {
  const within = new Set(insideOf(plan.devices, rack));
  const portsOf = (device: string) => kinds.kinds[plan.devices?.[device]?.kind ?? '']?.ports;
  const nameOf = (device: string | undefined, port: string | undefined): string => {
    const label = plan.devices?.[device ?? '']?.label ?? 'the house';
    const socket = portsOf(device ?? '')?.[port ?? '']?.label;
    return socket === undefined ? label : `${label} ${socket}`;
  };
  const links = inOrder(plan.links).map(([, link]) => link);
  /** The other ends of what is plugged into a socket, inside the rack or outside. */
  const ends = (device: string, port: string, inside: boolean): string =>
    links
      .flatMap(({ from, to }) => {
        const other =
          from.device === device && from.port === port
            ? to
            : to.device === device && to.port === port
              ? from
              : undefined;
        return other && within.has(other.device ?? '') === inside ? [nameOf(other.device, other.port)] : [];
      })
      .join(', ');
  const faces = new Set(
    Object.keys(items)
      .filter(id => kinds.kinds[plan.devices?.[id]?.kind ?? '']?.rack?.fitting === 'patch panel')
      .flatMap(id => faceOfPanel(portsOf(id)).map(([port]) => `${id} ${port}`)),
  );
  return [...within]
    .flatMap(device =>
      inOrder(portsOf(device)).flatMap(([port, { label, loops, connector }]) => {
        const outside = ends(device, port, false);
        if (outside === '' && !faces.has(`${device} ${port}`)) return [];
        const back = loops === undefined ? undefined : portsOf(device)?.[loops]?.label;
        return [
          {
            of: plan.devices?.[device]?.label ?? device,
            ...{ socket: label, connector },
            ...{ outside, inside: ends(device, loops ?? port, true), copyOf: back ?? '' },
            onPanel: faces.has(`${device} ${port}`),
          },
        ];
      }),
    )
    .map((each, i) => ({ number: i + 1, ...each }));
}
