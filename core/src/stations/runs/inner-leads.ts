/** Leads that stay within a rack, and where they are laced there. */
import type { CableMake } from '../../documents/index.js';
import { isMains } from './makes.js';
import type { RunResult } from './result.js';

/** The leads of each rack, by their ids. */
export function innerLeads(
  runs: Readonly<Record<string, RunResult>>,
): ReadonlyMap<string, readonly (readonly [id: string, run: RunResult])[]> {
  const racks = new Map<string, (readonly [string, RunResult])[]>();
  for (const [id, run] of Object.entries(runs)) {
    if (run.rack !== undefined) racks.set(run.rack, [...(racks.get(run.rack) ?? []), [id, run]]);
  }
  return racks;
}

/**
 * The side of the rack that a lead is laced along, as one stands behind it: mains by itself, so that it does not hum into
 * sound. House rule.
 */
export const lacedAlong = (make: CableMake): string => (isMains(make) ? 'left' : 'right');
