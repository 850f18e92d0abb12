/** Shortest ways by which pictures or sound come to a device. */
import type { Carries } from '../../documents/index.js';
import type { PlanWiring } from './result.js';
import { leadsThrough, type Lead } from './switching.js';

/**
 * For one device, a function that gives the devices on the shortest way from another one to it, that one first;
 * undefined where no way leads there. All ways are found at once, backwards over the leads.
 */
export function waysInto(
  wiring: PlanWiring,
  end: string,
  carries: readonly Carries[],
): (from: string) => readonly string[] | undefined {
  const wanted = (id: string): Lead[] =>
    wiring.into(id).filter(([, { from }]) => carries.includes(wiring.portOf(from)?.carries ?? 'power'));
  /** For each device the first lead out of it that was reached; for each lead the one after it. */
  const leadFrom = new Map<string, Lead>();
  const after = new Map<string, Lead>();
  const seen = new Set<string>();
  const open = [...wanted(end)];
  for (const [id] of open) seen.add(id);
  for (let at = 0; at < open.length; at++) {
    const lead = open[at];
    const { device, port = '' } = lead?.[1].from ?? {};
    if (!lead || device === undefined) continue;
    if (!leadFrom.has(device)) leadFrom.set(device, lead);
    for (const before of wanted(device)) {
      if (seen.has(before[0]) || !leadsThrough(wiring, device, before[1].to.port ?? '', port)) continue;
      seen.add(before[0]);
      after.set(before[0], lead);
      open.push(before);
    }
  }
  return from => {
    if (from === end) return [end];
    const way = [from];
    for (let lead = leadFrom.get(from); lead; lead = after.get(lead[0])) way.push(lead[1].to.device ?? '');
    return way.length > 1 ? way : undefined;
  };
}
