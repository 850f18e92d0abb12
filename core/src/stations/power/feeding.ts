/** Who is fed through what: from sockets and batteries, over strips and further strips. */
import { inOrder } from '../../foundations/index.js';
import type { Link } from '../../documents/index.js';
import type { PlanWiring } from '../signal/index.js';

export type Source = 'mains' | 'battery';

export interface Feeding {
  /** What feeds a device in the end; none = nothing does. */
  readonly sourceOf: Readonly<Record<string, Source>>;
  /** Devices fed through a device, directly or through further strips. */
  readonly below: Readonly<Record<string, readonly string[]>>;
  readonly atSocket: Readonly<Record<string, readonly string[]>>;
}

export function feedingOf({ wiring }: { readonly wiring: PlanWiring }): Feeding {
  const sourceOf: Record<string, Source> = {};
  const below: Record<string, readonly string[]> = {};
  const atSocket: Record<string, string[]> = {};
  for (const [device] of inOrder(wiring.devices)) {
    const source = sourceAbove(wiring, device);
    if (source) sourceOf[device] = source;
    const fed = devicesBelow(wiring, device);
    if (fed.length > 0) below[device] = fed;
    for (const [, link] of wiring.into(device)) {
      if (link.from.socket === undefined) continue;
      (atSocket[link.from.socket] ??= []).push(...throughLink(link, fed));
    }
  }
  return { sourceOf, below, atSocket };
}

/** The devices fed through a lead: the one it ends at, and those below that. */
export const throughLink = ({ to }: Link, below: readonly string[] = []): string[] =>
  to.device === undefined ? [] : [to.device, ...below];

function sourceAbove(wiring: PlanWiring, device: string, seen: readonly string[] = []): Source | undefined {
  if (seen.includes(device)) return undefined;
  for (const [, { from, to }] of wiring.into(device)) {
    if (wiring.portOf(to)?.carries !== 'power') continue;
    if (from.socket !== undefined) return 'mains';
    if (from.device === undefined) continue;
    if (wiring.kindOf(from.device)?.family === 'battery') return 'battery';
    const through = sourceAbove(wiring, from.device, [...seen, device]);
    if (through) return through;
  }
  return undefined;
}

function devicesBelow(wiring: PlanWiring, device: string, seen: readonly string[] = []): string[] {
  if (seen.includes(device)) return [];
  return wiring.outOf(device).flatMap(([, { from, to }]) => {
    if (to.device === undefined || wiring.portOf(from)?.carries !== 'power') return [];
    return [to.device, ...devicesBelow(wiring, to.device, [...seen, device])];
  });
}
