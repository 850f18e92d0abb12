/** Leads on the day: laid and taped, put under ramps, plugged in. */
import { constant, inOrder, listed, numberOf, taken, type Figure } from '../../../foundations/index.js';
import { carriedBy } from '../../equipment.js';
import { PER_LINK, PER_LINK_WORDS } from '../../runs/plugging.js';
import type { RunsResult } from '../../runs/index.js';
import type { PlanWiring } from '../../signal/index.js';
import type { Asked, Put, TaskReads } from './asked-work.js';
import { lasting, TAPING } from './durations.js';

/** The thing around a thing that stands by itself: what is in a rack is plugged in at the rack. */
function standsBy(id: string, devices: TaskReads['devices']): string {
  const passed = new Set([id]);
  for (let at = id; ;) {
    const next = carriedBy(devices?.[at]?.place);
    if (next === undefined || passed.has(next) || !devices?.[next]) return at;
    passed.add(next);
    at = next;
  }
}

/** Every lead with what it goes into. */
const leadsOf = (
  devices: TaskReads['devices'],
  wiring: PlanWiring,
): { id: string; from: string | undefined; to: string }[] =>
  inOrder(devices).flatMap(([device]) =>
    wiring.into(device).map(([id, { from }]) => ({ id, from: from.device, to: device })),
  );

/** Leads that cross the floor: those of a loom are laid and taped as one. By lead, the laying of it. */
export function lay(
  { runs, looms }: TaskReads,
  carried: readonly string[],
  put: Put,
): ReadonlyMap<string, string> {
  const inLoom = new Map(
    Object.entries(looms).flatMap(([loom, { members }]) => members.map(id => [id, loom] as const)),
  );
  const groups = new Map<string, string[]>();
  for (const [id, { crosses, onFloor }] of Object.entries(runs)) {
    if (!crosses || !numberOf(onFloor)) continue;
    const group = inLoom.get(id) ?? id;
    groups.set(group, [...(groups.get(group) ?? []), id]);
  }
  const laid = new Map<string, string>();
  for (const [group, members] of groups) {
    const own = members.flatMap(id => runs[id] ?? []);
    const hangs = own.some(isHung);
    const leads = listed(own.map(({ number }) => number));
    const key = put(`lay ${group}`, {
      sort: 'laying',
      label: `Lay ${leads}${own.length > 1 ? ' as one loom' : ''}`,
      undone: `Take up ${leads}`,
      ...layingOf(
        own.map(({ onFloor }) => onFloor),
        looms[group]?.together,
      ),
      ...{ ladder: hangs, adults: hangs, after: carried },
      // One at each end of what climbs or hangs.
      seats: own.some(({ aloft }) => aloft.size > 0) ? 2 : 1,
    });
    for (const id of members) laid.set(id, key);
  }
  return laid;
}

/** Whether some of a lead hangs between points of one height: by a ladder. What climbs to a gallery is handed up. */
const isHung = ({ aloft, floors }: RunsResult['runs'][string]): boolean =>
  [...aloft].some(segment => floors[segment] === floors[segment + 1]);

/** What lies together is laid and taped once. */
function layingOf(
  lengths: readonly Figure[],
  together: Figure | undefined,
): Pick<Asked, 'parts' | 'formula'> {
  const [longest, ...others] = lengths.toSorted((a, b) => (numberOf(b) ?? 0) - (numberOf(a) ?? 0));
  if (!longest) return { parts: [] };
  if (others.length === 0) return { parts: [taken('longest', longest), TAPING], formula: 'longest / taping' };
  return {
    parts: [
      taken('longest', longest),
      ...others.map(each => taken('other', each)),
      ...others.flatMap(() => (together ? [taken('together', together)] : [])),
      TAPING,
    ],
    formula: '(longest + max(sum(other), sum(together)) - sum(together)) / taping',
  };
}

/** Ramps, each over leads that lie there. */
export function ramp({ runs, ramps }: TaskReads, laid: ReadonlyMap<string, string>, put: Put): void {
  ramps.forEach(({ aisle, label }, i) => {
    const under = [...laid].filter(([id]) => runs[id]?.crossings.some(zone => zone.id === aisle));
    put(`ramp ${aisle} ${i + 1}`, {
      ...{
        label: `Ramp over ${label}`,
        ...{ sort: 'ramp', parts: [lasting('part', 'ramp')] },
        undone: `Take up the ramp over ${label}`,
      },
      after: [...new Set(under.map(([, laying]) => laying))],
    });
  });
}

/**
 * Leads are plugged in at what stands by itself at their far end: those that stay in it at any time, and those that arrive
 * once they are laid and what they come from stands.
 */
export function connect(
  { devices, wiring, runs, plugged }: TaskReads,
  {
    carried,
    rigged,
    laid,
  }: Readonly<Record<'rigged' | 'laid', ReadonlyMap<string, string>>> & {
    readonly carried: readonly string[];
  },
  put: Put,
): string[] {
  const groups = new Map<string, { inner: string[]; arriving: ReturnType<typeof leadsOf> }>();
  for (const lead of leadsOf(devices, wiring)) {
    if (!runs[lead.id] || plugged[lead.id] !== undefined) continue;
    const at = standsBy(lead.to, devices);
    const group = groups.get(at) ?? { inner: [], arriving: [] };
    groups.set(at, group);
    if (lead.from !== undefined && standsBy(lead.from, devices) === at) group.inner.push(lead.id);
    else group.arriving.push(lead);
  }
  const named = (at: string): string => devices?.[at]?.label ?? at;
  const task = (at: string, label: string, leads: number, after: readonly string[]): Asked => ({
    ...{ label, sort: 'plugging', undone: `Unplug at ${named(at)}` },
    parts: [
      constant('leads', leads, 'pieces', 'leads that are plugged in here'),
      constant('each', PER_LINK, 'min', PER_LINK_WORDS),
    ],
    ...{ formula: 'leads * each', device: at, after },
  });
  return [...groups].flatMap(([at, { inner, arriving }]) => {
    const ends = arriving.flatMap(({ from, to }) => [from, to]).flatMap(id => rigged.get(id ?? '') ?? []);
    const after = [...new Set([...carried, ...ends, ...arriving.flatMap(({ id }) => laid.get(id) ?? [])])];
    return [
      ...(inner.length > 0 ? [put(`wire ${at}`, task(at, `Wire ${named(at)}`, inner.length, carried))] : []),
      ...(arriving.length > 0
        ? [put(`connect ${at}`, task(at, `Plug in at ${named(at)}`, arriving.length, after))]
        : []),
    ];
  });
}
