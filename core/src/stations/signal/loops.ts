/** Loops: ways by which what a device gives comes back into it. */
import type { Link } from '../../documents/index.js';
import { inOrder, listed, ringsOf, type Figure, type MapOf } from '../../foundations/index.js';
import { loopHowls, loopThrough } from './figures.js';
import type { PlanWiring } from './result.js';
import { leadsThrough, type Lead } from './switching.js';

export interface Loop {
  /** The devices it runs through, in the order of the plan, and the links between them. */
  readonly devices: readonly string[];
  readonly links: readonly string[];
  /** Names of the devices, in one figure. */
  readonly through: Figure;
  /** Talkback runs round in it, and nothing on the way takes it out: it howls. */
  readonly howls: Figure;
}

/**
 * Every loop of pictures or sound that is not meant, and every one with talkback in it, meant or not. Several rings
 * through the same devices are one loop. Keyed by the first of its links.
 */
export function loopsOf({
  wiring,
  links,
}: {
  readonly wiring: PlanWiring;
  readonly links: MapOf<Link> | undefined;
}): Readonly<Record<string, Loop>> {
  const all = inOrder(links).filter(([, { from, to }]) => {
    const carries = wiring.portOf(from)?.carries;
    return (
      (carries === 'video' || carries === 'audio') && from.device !== undefined && to.device !== undefined
    );
  });
  const carriesTalkback = ([, { from }]: Lead): boolean => wiring.portOf(from)?.talkback === true;
  const passing = all.filter(
    ([, { from, to }]) => !wiring.kindOf(from.device)?.strips && !wiring.kindOf(to.device)?.strips,
  );
  const howling = (all.some(carriesTalkback) ? ringsAmong(wiring, passing) : []).filter(({ links: own }) =>
    own.some(carriesTalkback),
  );
  const open = ringsAmong(
    wiring,
    all.filter(([, { back }]) => !back),
  ).filter(ring => !howling.some(loud => ring.links.some(link => loud.links.includes(link))));
  const loops = [...howling.map(ring => [ring, true] as const), ...open.map(ring => [ring, false] as const)];
  return Object.fromEntries(
    loops.map(([ring, howls]): [string, Loop] => {
      const names = ring.devices.map(id => wiring.devices[id]?.label ?? id);
      const id = ring.links[0]?.[0] ?? '';
      return [
        id,
        {
          devices: ring.devices,
          links: ring.links.map(([id]) => id),
          through: loopThrough.found([id], listed(names)),
          howls: loopHowls.found([id], howls),
        },
      ];
    }),
  );
}

interface Ring {
  readonly devices: readonly string[];
  readonly links: readonly Lead[];
}

/**
 * Rings of leads: one leads to the next where what it carries comes out of its device by that. A device through which
 * pictures run apart from each other, such as a matrix, is no ring. Only leads between devices that all lead to each
 * other can be in one, which is soon known.
 */
function ringsAmong(wiring: PlanWiring, links: readonly Lead[]): Ring[] {
  const between = amongDevices(links);
  if (between.length === 0) return [];
  const leads = new Map(between.map(lead => [lead[0], lead]));
  const outOf = grouped(between, ([id, { from }]) => [from.device ?? '', id]);
  const next = (id: string): string[] => {
    const { device = '', port = '' } = leads.get(id)?.[1].to ?? {};
    return (outOf.get(device) ?? []).filter(each =>
      leadsThrough(wiring, device, port, leads.get(each)?.[1].from.port ?? ''),
    );
  };
  return ringsOf([...leads.keys()], next).map(ring => {
    const inside = new Set(ring);
    const own = between.filter(([id]) => inside.has(id));
    const devices = new Set(own.map(([, { from }]) => from.device ?? ''));
    return { devices: [...devices], links: own };
  });
}

/** The leads of which both ends are in one ring of devices. */
function amongDevices(links: readonly Lead[]): readonly Lead[] {
  const next = grouped(links, ([, { from, to }]) => [from.device ?? '', to.device ?? '']);
  const rings = ringsOf([...next.keys()], device => next.get(device) ?? []);
  const ringOf = new Map(rings.flatMap((ring, i) => ring.map(device => [device, i] as const)));
  return links.filter(([, { from, to }]) => {
    const ring = ringOf.get(from.device ?? '');
    return ring !== undefined && ring === ringOf.get(to.device ?? '');
  });
}

function grouped(
  links: readonly Lead[],
  entry: (lead: Lead) => [key: string, value: string],
): Map<string, string[]> {
  const groups = new Map<string, string[]>();
  for (const lead of links) {
    const [key, value] = entry(lead);
    const list = groups.get(key);
    if (list) list.push(value);
    else groups.set(key, [value]);
  }
  return groups;
}
