import type { PlanWiring } from './result.js';

/** The disks that are plugged into a device. */
export const disksOf = (wiring: PlanWiring, device: string): string[] =>
  [...wiring.outOf(device), ...wiring.into(device)].flatMap(([, { from, to }]) => {
    const other = from.device === device ? to.device : from.device;
    return other !== undefined && wiring.kindOf(other)?.family === 'disk' ? [other] : [];
  });
