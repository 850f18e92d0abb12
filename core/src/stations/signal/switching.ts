/** Ways through a device: which of its outputs give what comes into which of its inputs. */
import type { Bus, Link, Port } from '../../documents/index.js';
import { inOrder } from '../../foundations/index.js';
import { kindDoes, switches } from './functions.js';
import type { PlanWiring } from './result.js';

export type Lead = readonly [id: string, link: Link];

/** What these give they make themselves. */
const ORIGINS: ReadonlySet<string> = new Set(['camera', 'computer', 'microphone']);
/** A picture that comes into these goes on by their outputs, as it is or converted. */
const PASSING: ReadonlySet<string> = new Set([
  ...['adapter', 'converter', 'splitter', 'extender', 'wireless link', 'patch bay', 'matrix', 'capture'],
  'house line',
]);

export const passesOn = (family: string | undefined): boolean => family !== undefined && PASSING.has(family);
/** What an output of a switcher or matrix gives: as it is set, else the first that it can; undefined for others. */
export function busOf(wiring: PlanWiring, id: string, port: string): Bus | undefined {
  const { family, ports } = wiring.kindOf(id) ?? {};
  if (family !== 'matrix' && !switches(wiring, id)) return undefined;
  const set = wiring.devices[id]?.buses?.[port]?.bus;
  return set ?? ports?.[port]?.gives?.[0] ?? (family === 'matrix' ? 'aux' : 'programme');
}

/** Whether what comes into one port of a device comes out of another. */
export function leadsThrough(wiring: PlanWiring, id: string, into: string, out: string): boolean {
  const kind = wiring.kindOf(id);
  const [input, output] = [kind?.ports?.[into], kind?.ports?.[out]];
  if (!kind || !input || !output) return false;
  if (output.loops !== undefined) return output.loops === into;
  // Sound that comes into a camera runs on with its picture.
  if (kindDoes(kind, 'sees') && input.carries === 'audio' && output.carries === 'video') return true;
  // What plays gives what is on its disk, not what it records meanwhile.
  if (kind.family === 'recorder' && kindDoes(kind, 'plays')) return false;
  if ((ORIGINS.has(kind.family) && !switches(wiring, id)) || kind.family === 'screen') return false;
  if (output.carries === 'video' && input.carries === 'video') {
    if (kind.family === 'patch bay') return false;
    const bus = busOf(wiring, id, out);
    if (bus === 'own picture') return false;
    if (bus === 'aux') return wiring.devices[id]?.buses?.[out]?.input === into;
  }
  return true;
}

const videoOnly = (wiring: PlanWiring, leads: readonly Lead[]): Lead[] =>
  leads.filter(([, { from }]) => wiring.portOf(from)?.carries === 'video');

/** The video leads into a device whose pictures come out of one of its ports; of all where no port is named. */
export function feedsOf(wiring: PlanWiring, id: string, port?: string): Lead[] {
  const leads = videoOnly(wiring, wiring.into(id));
  return port === undefined
    ? leads
    : leads.filter(([, { to }]) => leadsThrough(wiring, id, to.port ?? '', port));
}

/** The video leads out of a device by which a picture goes on that came into one of its ports, or that it makes itself. */
export function onwards(wiring: PlanWiring, id: string, port?: string): Lead[] {
  const leads = videoOnly(wiring, wiring.outOf(id));
  return port === undefined
    ? leads
    : leads.filter(([, { from }]) => leadsThrough(wiring, id, port, from.port ?? ''));
}

/** The leads by which a picture comes to a device, from there back over what passes it on to what makes it. */
export function* leadsBack(wiring: PlanWiring, device: string): Generator<Lead> {
  const seen = new Set<string>();
  for (let lead = feedsOf(wiring, device)[0]; lead && !seen.has(lead[0]);) {
    seen.add(lead[0]);
    yield lead;
    if (isMade(wiring, lead)) return;
    const { device: from = '', port = '' } = lead[1].from;
    lead = feedsOf(wiring, from, port)[0];
  }
}

/** Whether what a lead comes out of makes its picture, or mixes it, and does not only pass it on. */
function isMade(wiring: PlanWiring, [, { from }]: Lead): boolean {
  const kind = wiring.kindOf(from.device);
  return !passesOn(kind?.family) && kind?.ports?.[from.port ?? '']?.loops === undefined;
}

/** The lead by which the picture that comes to a device leaves the switcher or source in which it was made. */
export function leadFromMaker(wiring: PlanWiring, device: string): Lead | undefined {
  const last = [...leadsBack(wiring, device)].at(-1);
  return last?.[1].from.device !== undefined && isMade(wiring, last) ? last : undefined;
}

/** Ports of a device that carry video in one direction, in order. */
export const videoPorts = (
  wiring: PlanWiring,
  id: string,
  direction: 'in' | 'out',
): readonly (readonly [string, Port])[] =>
  inOrder(wiring.kindOf(id)?.ports).filter(
    ([, port]) => port.carries === 'video' && port.direction === direction,
  );

/** Devices that have a port of some sort; each kind is looked at once. */
export function devicesWith(
  wiring: PlanWiring,
  suits: (port: Port) => boolean,
): (readonly [string, PlanWiring['devices'][string]])[] {
  const known = new Map<object, boolean>();
  return inOrder(wiring.devices).filter(([id]) => {
    const kind = wiring.kindOf(id);
    if (!kind) return false;
    const has = known.get(kind) ?? Object.values(kind.ports ?? {}).some(suits);
    known.set(kind, has);
    return has;
  });
}
