/** Ports of a plan that a lead can still be plugged into. */
import type { Plan, Port } from '../../documents/index.js';
import { inOrder } from '../../foundations/index.js';
import type { PlanWiring } from '../../stations/signal/result.js';

export interface PortEnd {
  readonly device: string;
  readonly port: string;
}

export type FreePort = readonly [PortEnd, Port];

export const keyOf = ({ device, port }: PortEnd): string => `${device} ${port}`;

/** Of a plan as it is wired: which ports are free, and which of them share one signal, so that only one is used. */
export class FreePorts {
  /** Ports of which only one can be used, by the name that they share. */
  readonly groups: Readonly<Record<string, string>>;
  private readonly used: ReadonlySet<string>;
  private readonly busyGroups: ReadonlySet<string>;

  constructor(
    plan: Plan,
    private readonly wiring: PlanWiring,
  ) {
    this.used = new Set(
      inOrder(plan.links).flatMap(([, { from, to }]) =>
        [from, to].flatMap(({ device, port }) =>
          device !== undefined && port !== undefined ? [keyOf({ device, port })] : [],
        ),
      ),
    );
    this.groups = Object.fromEntries(
      inOrder(plan.devices).flatMap(([device]) =>
        inOrder(wiring.kindOf(device)?.ports).flatMap(([port, { group }]) =>
          group === undefined ? [] : [[keyOf({ device, port }), `${device} ${group}`]],
        ),
      ),
    );
    this.busyGroups = new Set([...this.used].flatMap(key => this.groups[key] ?? []));
  }

  /** Those of one device that suit; a radio takes any number of leads. */
  of(device: string, suits: (port: Port) => boolean): FreePort[] {
    return inOrder(this.wiring.kindOf(device)?.ports).flatMap(([port, of]) => {
      const key = keyOf({ device, port });
      const open =
        of.connector === 'air' || (!this.used.has(key) && !this.busyGroups.has(this.groups[key] ?? ''));
      return open && suits(of) ? [[{ device, port }, of] as const] : [];
    });
  }
}
