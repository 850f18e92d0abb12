import type { Venue } from '../../../documents/index.js';
import type { PlanWiring } from '../../signal/index.js';

/** Strips of the plan and sockets of the venue with what they are called, each with some figures of its own. */
export const outletsNamed = <Strip, Socket>({
  strips,
  sockets,
  devices,
  venueSockets,
}: {
  readonly strips: Readonly<Record<string, Strip>>;
  readonly sockets: Readonly<Record<string, Socket>>;
  readonly devices: PlanWiring['devices'];
  readonly venueSockets: Venue['sockets'];
}): (readonly [id: string, load: Strip | Socket, label: string])[] => [
  ...Object.entries(strips).map(([id, load]) => [id, load, devices[id]?.label ?? 'A strip'] as const),
  ...Object.entries(sockets).map(
    ([id, load]) => [id, load, `Socket ${venueSockets?.[id]?.label ?? ''}`] as const,
  ),
];
