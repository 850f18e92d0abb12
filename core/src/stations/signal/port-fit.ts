/** Plugs: whether both ends of a lead fit their sockets, and face each other. */
import type { End, Link, Port, Socket } from '../../documents/index.js';
import { given, inOrder, type Figure, type MapOf, type Outcome, type Term } from '../../foundations/index.js';
import { linkFaces, linkMates } from './figures.js';
import {
  contactsOf,
  isPinned,
  isSameSocket,
  wallSocket,
  type OwnedLeads,
  type PortFace,
} from './lead-ends.js';
import type { PlanWiring } from './result.js';

export interface PortFit {
  /** Does the plug at each end of a link fit its socket? */
  readonly mates: Figure;
  /** `yes`, or how its two ends do not go together although plugs may fit. */
  readonly faces: Figure;
}

/** What a link says of its two ends, before it is a figure. */
interface Said {
  readonly mates: Outcome;
  readonly faces: Outcome;
}

const AT_HOUSE: Said = {
  mates: { value: true, method: 'a lead with the venue’s own plug' },
  faces: { value: 'yes', method: 'a socket of the venue' },
};
const OPEN: Said = { mates: { why: 'one end has no port' }, faces: { why: 'one end has no port' } };

/** The mating of every link; what two ports of their kinds say to each other is worked out once. */
export function portFitsOf({
  wiring,
  links,
  leads,
}: {
  readonly wiring: PlanWiring;
  readonly leads: OwnedLeads;
  readonly links: MapOf<Link> | undefined;
}): Readonly<Record<string, PortFit>> {
  const known = new Map<Port, Map<Port, Said>>();
  const portFits: Record<string, PortFit> = {};
  const saidOf = (link: Link): Said => {
    const house = link.from.socket ?? link.from.networkSocket ?? link.to.networkSocket;
    const [from, to] = [wiring.portOf(link.from), wiring.portOf(link.to)];
    if (house !== undefined) return AT_HOUSE;
    if (!from || !to) return OPEN;
    const own = known.get(from) ?? new Map<Port, Said>();
    known.set(from, own);
    const said = own.get(to) ?? portFitOf(wiring, link, from, to, leads);
    own.set(to, said);
    return said;
  };
  for (const [id, link] of inOrder(links)) {
    const { mates, faces } = saidOf(link);
    portFits[id] = { mates: linkMates.said([id], mates), faces: linkFaces.said([id], faces) };
  }
  return portFits;
}

function portFitOf(wiring: PlanWiring, link: Link, from: Port, to: Port, leads: OwnedLeads): Said {
  const read = (
    name: string,
    end: 'from' | 'to',
    field: 'connector' | 'direction' | 'carries' | 'ends',
  ): Term => {
    const { device = '', port = '' } = link[end];
    const pointer = `/kinds/${wiring.devices[device]?.kind ?? ''}/ports/${port}/${field}`;
    return given(name, (end === 'from' ? from : to)[field], '', 'kinds', pointer);
  };
  const plugs = [
    ...[read('from', 'from', 'connector'), read('to', 'to', 'connector')],
    ...(from.ends === undefined ? [] : [read('begins', 'from', 'ends')]),
    ...(to.ends === undefined ? [] : [read('ends', 'to', 'ends')]),
  ];
  const ways = [
    ...[read('leaves', 'from', 'direction'), read('arrives', 'to', 'direction')],
    ...[read('gives', 'from', 'carries'), read('takes', 'to', 'carries')],
  ];
  return {
    mates: matesBy(from, to, leads, plugs),
    faces: { value: facing(from, to), terms: ways },
  };
}

function matesBy(from: Port, to: Port, leads: OwnedLeads, terms: readonly Term[]): Outcome {
  if (plainClash(from, to) === undefined) return { value: true, terms };
  return leads.join(from, to)
    ? { value: true, terms, method: 'a lead with unlike ends' }
    : { value: false, terms };
}

/** Why no lead of the house joins two ports, or undefined where one does. */
export const clashOf = (from: Port, to: Port, leads: OwnedLeads): string | undefined => {
  const clash = plainClash(from, to);
  return clash !== undefined && leads.join(from, to) ? undefined : clash;
};

/** Whether what has an inlet can be plugged into a wall socket, by its own cord or a lead of the house. */
export function goesInWall(
  socket: Partial<Pick<Socket, 'connector'>>,
  inlet: PortFace,
  leads: OwnedLeads,
): boolean {
  const wall = wallSocket(socket);
  return !plainClash(wall, inlet) || leads.join(wall, inlet);
}

/** Why a lead with like ends does not join two ports. A port with a plug goes straight into a socket. */
export function plainClash(from: PortFace, to: PortFace): string | undefined {
  if (!isSameSocket(from.connector, to.connector))
    return `${from.connector} does not go into ${to.connector}`;
  if (!isPinned(from.connector))
    return from.ends === 'plug' && to.ends === 'plug' ? 'both end in a plug' : undefined;
  const [given, taken] = [contactsOf(from), contactsOf(to)];
  return given !== undefined && given === taken ? `both have ${given}` : undefined;
}

/** The end of a link that brings a plug of its own along, so that no cable is wanted; undefined where one is. */
export const plugEndOf = (wiring: PlanWiring, { from, to }: Link): End | undefined =>
  [from, to].find(end => wiring.portOf(end)?.ends === 'plug');

function facing(from: Port, to: Port): string {
  if (from.carries !== to.carries) return 'they carry different things';
  if (from.direction === 'in') return 'the first is an input, and nothing comes out of it';
  return to.direction === 'out' ? 'the second is an output, and nothing goes into it' : 'yes';
}
