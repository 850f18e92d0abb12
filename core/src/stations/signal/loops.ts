/** Loops: ways by which what a device gives comes back into it. */
import type { Link } from '../../documents/index.js';
import { found, inOrder, listed, ringsOf, type Figure, type MapOf } from '../../foundations/index.js';
import type { PlanWiring } from './index.js';

export interface Loop {
  /** The devices it runs through, in the order of the plan, and the links between them. */
  readonly devices: readonly string[];
  readonly links: readonly string[];
  /** Names of the devices, in one figure. */
  readonly through: Figure;
  /** Talkback runs round in it, and nothing on the way takes it out: it howls. */
  readonly howls: Figure;
}

/** What comes into these does not come out of them again. */
const ENDS: ReadonlySet<string> = new Set(['camera', 'computer', 'screen', 'microphone']);

type Entry = readonly [id: string, link: Link];

/**
 * Every loop of pictures or sound that is not meant, and every one with talkback in it, meant or not. Several rings
 * through the same devices are one loop. Keyed by the first of its links.
 */
export function loopsOf(wiring: PlanWiring, links: MapOf<Link> | undefined): Record<string, Loop> {
  const all = inOrder(links).filter(([, { from, to }]) => {
    const carries = wiring.portOf(from)?.carries;
    return (
      (carries === 'video' || carries === 'audio') &&
      from.device !== undefined &&
      to.device !== undefined &&
      !ENDS.has(wiring.kindOf(from.device)?.family ?? '') &&
      !ENDS.has(wiring.kindOf(to.device)?.family ?? '')
    );
  });
  const carriesTalkback = ([, { from }]: Entry): boolean => wiring.portOf(from)?.talkback === true;
  const passing = all.filter(
    ([, { from, to }]) => !wiring.kindOf(from.device)?.strips && !wiring.kindOf(to.device)?.strips,
  );
  const howling = ringsAmong(passing).filter(({ links: own }) => own.some(carriesTalkback));
  const open = ringsAmong(all.filter(([, { back }]) => !back)).filter(
    ring => !howling.some(loud => ring.links.some(link => loud.links.includes(link))),
  );
  const loops = [...howling.map(ring => [ring, true] as const), ...open.map(ring => [ring, false] as const)];
  return Object.fromEntries(
    loops.map(([ring, howls]): [string, Loop] => {
      const names = ring.devices.map(id => wiring.devices[id]?.label ?? id);
      const method = 'devices that all lead to each other (strongly connected components of the links)';
      return [
        ring.links[0]?.[0] ?? '',
        {
          devices: ring.devices,
          links: ring.links.map(([id]) => id),
          through: found(listed(names), '', method),
          howls: found(howls, '', 'a port that carries talkback feeds it, and nothing in it takes that out'),
        },
      ];
    }),
  );
}

interface Ring {
  readonly devices: readonly string[];
  readonly links: readonly Entry[];
}

function ringsAmong(links: readonly Entry[]): Ring[] {
  const next = new Map<string, string[]>();
  for (const [, { from, to }] of links) {
    next.set(from.device ?? '', [...(next.get(from.device ?? '') ?? []), to.device ?? '']);
  }
  const nodes = [...new Set(links.flatMap(([, { from, to }]) => [from.device ?? '', to.device ?? '']))];
  return ringsOf(nodes, node => next.get(node) ?? []).map(devices => {
    const inside = new Set(devices);
    return {
      devices,
      links: links.filter(([, { from, to }]) => inside.has(from.device ?? '') && inside.has(to.device ?? '')),
    };
  });
}
