/** Traces: the chain behind an output, everywhere a source ends, and what dies with a lead. */
import type { Link, Output } from '../../documents/index.js';
import { inOrder, type Figure, type MapOf, type VideoFormat } from '../../foundations/index.js';
import type { PlanWiring, SignalResult } from './result.js';
import { pictureDelay } from './delays.js';
import { isSource } from './sources.js';
import { feedsOf, onwards, type Lead } from './switching.js';

export interface Hop {
  readonly link: string;
  readonly from: string;
  readonly to: string;
  /** What runs through the lead. */
  readonly format: Figure | undefined;
  /** What the device before the lead adds, and what came together until there on the longest way, ms. */
  readonly adds: number;
  readonly since: number;
}

export interface Trace {
  readonly what: 'output' | 'source' | 'lead';
  readonly devices: ReadonlySet<string>;
  readonly links: ReadonlySet<string>;
  /** From the sources on. */
  readonly hops: readonly Hop[];
  /** Outputs that it comes to; for a lead those that go black without it. */
  readonly outputs: readonly string[];
  /** Sources that a lead takes along: they come to fewer outputs without it. */
  readonly lost: readonly string[];
}

export interface TraceReads {
  readonly signal: SignalResult;
  readonly links: MapOf<Link> | undefined;
  readonly outputs: MapOf<Output> | undefined;
  readonly format: VideoFormat;
}

/** What hangs on a lead, an output, or a device: as a source, else as where a chain ends. Undefined for anything else. */
export function traceOf(id: string, reads: TraceReads): Trace | undefined {
  const { wiring } = reads.signal;
  const link = reads.links?.[id];
  if (link) return traceOfLead([id, link], reads);
  const device = reads.outputs?.[id]?.device ?? id;
  if (!wiring.devices[device]) return undefined;
  if (isSource(wiring, device) && reads.outputs?.[id] === undefined) {
    const leads = downstream(wiring, onwards(wiring, device));
    return traced('source', [device], leads, endsAmong(reads, device, leads), reads);
  }
  return traced('output', [device], upstream(wiring, feedsOf(wiring, device)), [], reads);
}

function traceOfLead(lead: Lead, reads: TraceReads): Trace {
  const { wiring } = reads.signal;
  const [id, link] = lead;
  const before =
    link.from.device === undefined ? [] : upstream(wiring, feedsOf(wiring, link.from.device, link.from.port));
  const after =
    link.to.device === undefined ? [] : downstream(wiring, onwards(wiring, link.to.device, link.to.port));
  const leads = [...before, lead, ...after];
  const lost = new Set<string>();
  const black = inOrder(reads.outputs).flatMap(([output, { device }]) => {
    if (device === undefined) return [];
    const all = sourcesInto(wiring, device);
    const left = sourcesInto(wiring, device, id);
    for (const source of all) if (!left.has(source)) lost.add(source);
    return all.size > 0 && left.size === 0 ? [output] : [];
  });
  return { ...traced('lead', [], leads, black, reads), lost: [...lost] };
}

/** Cameras and computers whose pictures come to a device, one lead left out. */
function sourcesInto(wiring: PlanWiring, device: string, without?: string): Set<string> {
  const leads = upstream(wiring, feedsOf(wiring, device), without);
  return new Set(
    leads.flatMap(([, { from }]) =>
      from.device !== undefined && isSource(wiring, from.device) ? [from.device] : [],
    ),
  );
}

/** Every lead whose pictures come to some leads, those included; the farthest last. */
function upstream(wiring: PlanWiring, from: readonly Lead[], without?: string): Lead[] {
  return spread(
    from,
    ({ from: end }) => (end.device === undefined ? [] : feedsOf(wiring, end.device, end.port)),
    without,
  );
}

function downstream(wiring: PlanWiring, from: readonly Lead[]): Lead[] {
  return spread(from, ({ to }) => (to.device === undefined ? [] : onwards(wiring, to.device, to.port)));
}

function spread(from: readonly Lead[], next: (link: Link) => readonly Lead[], without?: string): Lead[] {
  const seen = new Map<string, Lead>();
  const open = [...from];
  for (let at = 0; at < open.length; at++) {
    const lead = open[at];
    if (!lead || lead[0] === without || seen.has(lead[0])) continue;
    seen.set(lead[0], lead);
    open.push(...next(lead[1]));
  }
  return [...seen.values()];
}

const endsAmong = ({ outputs }: TraceReads, device: string, leads: readonly Lead[]): string[] => {
  const reached = new Set([device, ...leads.map(([, { to }]) => to.device)]);
  return inOrder(outputs).flatMap(([id, output]) => (reached.has(output.device) ? [id] : []));
};

function traced(
  what: Trace['what'],
  also: readonly string[],
  leads: readonly Lead[],
  outputs: readonly string[],
  { signal, format }: TraceReads,
): Trace {
  const { wiring, formats } = signal;
  const devices = new Set([
    ...also,
    ...leads.flatMap(([, { from, to }]) => [from.device, to.device].filter(each => each !== undefined)),
  ]);
  const into = new Map<string, Lead[]>();
  for (const lead of leads)
    into.set(lead[1].to.device ?? '', [...(into.get(lead[1].to.device ?? '') ?? []), lead]);
  const adds = (device: string): number => Number(pictureDelay(wiring, device, format).value);
  /** Longest time from a source to the output of a device; a ring is counted once. */
  const since = new Map<string, number>();
  const longest = (device: string): number => {
    const known = since.get(device);
    if (known !== undefined) return known;
    since.set(device, 0);
    const before = (into.get(device) ?? []).map(([, { from }]) => longest(from.device ?? ''));
    const total = Math.max(0, ...before) + adds(device);
    since.set(device, total);
    return total;
  };
  // Found from the end backwards, except for a source; of equal times the earlier on the way comes first.
  const onTheWay = what === 'source' ? leads : [...leads].reverse();
  const hops = onTheWay
    .map(([id, { from, to }]): Hop => {
      const device = from.device ?? '';
      return {
        link: id,
        from: device,
        to: to.device ?? '',
        format: formats[id]?.format,
        adds: adds(device),
        since: longest(device),
      };
    })
    .sort((a, b) => a.since - b.since);
  return { what, devices, links: new Set(leads.map(([id]) => id)), hops, outputs, lost: [] };
}

/** The longest of a trace, ms: from the first source to the end of its last lead. */
export const longestOf = ({ hops }: Trace): number => Math.max(0, ...hops.map(({ since }) => since));
