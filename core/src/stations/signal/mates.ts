/** Plugs: whether both ends of a lead fit their sockets, and face each other. */
import type { End, Link, Port } from '../../documents/index.js';
import {
  found,
  given,
  inOrder,
  unknown,
  type Figure,
  type MapOf,
  type Term,
} from '../../foundations/index.js';
import type { PlanWiring } from './index.js';

export interface Mating {
  /** Does the plug at each end of a link fit its socket? */
  readonly mates: Figure;
  /** `yes`, or how its two ends do not go together although plugs may fit. */
  readonly faces: Figure;
}

const AT_HOUSE: Mating = {
  mates: found(true, '', 'a lead with the venue’s own plug'),
  faces: found('yes', '', 'a socket of the venue'),
};
const OPEN: Mating = {
  mates: unknown('', 'one end has no port'),
  faces: unknown('', 'one end has no port'),
};

/** The mating of every link; what two ports of their kinds say to each other is worked out once. */
export function matingsOf(wiring: PlanWiring, links: MapOf<Link> | undefined): Record<string, Mating> {
  const known = new Map<Port, Map<Port, Mating>>();
  const matings: Record<string, Mating> = {};
  for (const [id, link] of inOrder(links)) {
    const house = link.from.socket ?? link.from.networkSocket ?? link.to.networkSocket;
    const [from, to] = [wiring.portOf(link.from), wiring.portOf(link.to)];
    if (house !== undefined || !from || !to) {
      matings[id] = house === undefined ? OPEN : AT_HOUSE;
      continue;
    }
    const own = known.get(from) ?? new Map<Port, Mating>();
    known.set(from, own);
    const mating = own.get(to) ?? matingOf(wiring, link, from, to);
    own.set(to, mating);
    matings[id] = mating;
  }
  return matings;
}

function matingOf(wiring: PlanWiring, link: Link, from: Port, to: Port): Mating {
  const said = (
    name: string,
    end: 'from' | 'to',
    field: 'connector' | 'direction' | 'carries' | 'ends',
  ): Term => {
    const { device = '', port = '' } = link[end];
    const pointer = `/kinds/${wiring.devices[device]?.kind ?? ''}/ports/${port}/${field}`;
    return given(name, (end === 'from' ? from : to)[field], '', 'kinds', pointer);
  };
  return {
    mates: found(clashOf(from, to) === undefined, '', MATES, [
      ...[said('from', 'from', 'connector'), said('to', 'to', 'connector')],
      ...(from.ends === undefined ? [] : [said('begins', 'from', 'ends')]),
      ...(to.ends === undefined ? [] : [said('ends', 'to', 'ends')]),
    ]),
    faces: found(facing(from, to), '', 'an output into an input, of the same sort', [
      ...[said('leaves', 'from', 'direction'), said('arrives', 'to', 'direction')],
      ...[said('gives', 'from', 'carries'), said('takes', 'to', 'carries')],
    ]),
  };
}

const MATES =
  'the same connector at both ends, never plug on plug, pins on pins or holes on holes, else an adapter';

/** Connectors of which outputs have pins and inputs have holes, by custom; those that give power have holes. */
const PINNED: ReadonlySet<Port['connector']> = new Set(['XLR', 'XLR 4-pin']);

/** Why a lead does not join two ports, or undefined where it does. A port with a plug goes straight into a socket. */
export function clashOf(from: Port, to: Port): string | undefined {
  if (from.connector !== to.connector) return `${from.connector} does not go into ${to.connector}`;
  if (!PINNED.has(from.connector))
    return from.ends === 'plug' && to.ends === 'plug' ? 'both end in a plug' : undefined;
  const [given, taken] = [contactsOf(from), contactsOf(to)];
  return given !== undefined && given === taken ? `both have ${given}` : undefined;
}

function contactsOf({ ends, direction, carries }: Port): 'pins' | 'holes' | undefined {
  if (ends === 'pins' || ends === 'holes') return ends;
  if (direction === 'both') return undefined;
  return (direction === 'out') === (carries !== 'power') ? 'pins' : 'holes';
}

/** The end of a link that brings a plug of its own along, so that no cable is wanted; undefined where one is. */
export const plugEndOf = (wiring: PlanWiring, { from, to }: Link): End | undefined =>
  [from, to].find(end => wiring.portOf(end)?.ends === 'plug');

function facing(from: Port, to: Port): string {
  if (from.carries !== to.carries) return 'they carry different things';
  if (from.direction === 'in') return 'it comes out of an input';
  return to.direction === 'out' ? 'it goes into an output' : 'yes';
}
