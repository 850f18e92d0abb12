/** The way of the mains to each device: over which leads and strips, and out of which socket. */
import type { PlanWiring } from '../signal/index.js';
import type { Feeding } from './feeding.js';

export interface Chain {
  /** Leads from the wall to the device, the one in the wall first. */
  readonly leads: readonly string[];
  /** Strips and reels on the way, the device itself among them where it is one. */
  readonly strips: readonly string[];
  readonly socket: string | undefined;
}

/** The chain of each device that draws at the volts of the mains, from a socket of the venue. */
export function chainsOf({
  wiring,
  feeding: { feeds, outlets, atSocket },
}: {
  readonly wiring: PlanWiring;
  readonly feeding: Feeding;
}): Readonly<Record<string, Chain>> {
  const socketOf = new Map<string, string>();
  for (const [socket, leads] of Object.entries(atSocket))
    for (const lead of Object.keys(leads)) socketOf.set(lead, socket);
  const chains: Record<string, Chain> = {};
  const chainOf = (device: string): Chain | undefined => {
    const known = chains[device];
    if (known) return known;
    const feed = feeds[device];
    if (feed?.source !== 'mains' || feed.link === undefined || outlets[device]) return undefined;
    const before = feed.from === undefined ? undefined : chainOf(feed.from);
    const isStrip = wiring.kindOf(device)?.family === 'strip';
    return (chains[device] = {
      leads: [...(before?.leads ?? []), feed.link],
      strips: [...(before?.strips ?? []), ...(isStrip ? [device] : [])],
      socket: before ? before.socket : socketOf.get(feed.link),
    });
  };
  for (const device of Object.keys(feeds)) chainOf(device);
  return chains;
}
