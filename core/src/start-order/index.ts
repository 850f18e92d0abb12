/** In what order the things on each circuit are switched on: the largest inrush first, while least else is on. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { inOrder, numberOf } from '../foundations/index.js';

export interface SwitchedOn {
  readonly device: string;
  readonly label: string;
  /** A, for an instant; undefined where nobody knows. */
  readonly inrush: number | undefined;
  readonly watts: number | undefined;
}

/** Things of ours by circuit, each with what it takes; those whose inrush nobody knows after the others, by their watts. */
export function startOrder(
  { plan, kinds }: Pick<Bundle, 'plan' | 'kinds'>,
  { power, ground }: Pick<Assessment, 'power' | 'ground'>,
): Readonly<Record<string, readonly SwitchedOn[]>> {
  const order: Record<string, SwitchedOn[]> = {};
  for (const [device, { label, kind }] of inOrder(plan.devices)) {
    const circuit = ground.venue.sockets?.[power.ends[device]?.socket ?? '']?.circuit;
    const load = power.devices[device];
    if (circuit === undefined || !load) continue;
    const watts = numberOf(load.watts);
    const inrush = kinds.kinds[kind]?.power?.inrush;
    (order[circuit] ??= []).push({ device, label, inrush, watts });
  }
  for (const all of Object.values(order))
    all.sort((a, b) => (b.inrush ?? 0) - (a.inrush ?? 0) || (b.watts ?? Infinity) - (a.watts ?? Infinity));
  return order;
}
