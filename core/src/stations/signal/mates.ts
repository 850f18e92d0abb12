/** Plugs: whether both ends of a lead fit their sockets, and face each other. */
import type { Link, Port } from '../../documents/index.js';
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

/** The mating of every link; what a port says is written down once, however many links have it. */
export function matingsOf(wiring: PlanWiring, links: MapOf<Link> | undefined): Record<string, Mating> {
  const known = new Map<Port, Said>();
  const said = (end: Link['from'], port: Port): Said => {
    const before = known.get(port);
    if (before) return before;
    const at = `/kinds/${wiring.devices[end.device ?? '']?.kind ?? ''}/ports/${end.port ?? ''}`;
    const of = (name: string, field: 'connector' | 'direction' | 'carries') =>
      given(name, port[field], '', 'kinds', `${at}/${field}`);
    const made: Said = {
      from: { plug: of('from', 'connector'), faces: [of('leaves', 'direction'), of('gives', 'carries')] },
      to: { plug: of('to', 'connector'), faces: [of('arrives', 'direction'), of('takes', 'carries')] },
    };
    known.set(port, made);
    return made;
  };
  const matings: Record<string, Mating> = {};
  for (const [id, link] of inOrder(links)) matings[id] = matingOf(wiring, link, said);
  return matings;
}

interface Said {
  readonly from: { readonly plug: Term; readonly faces: readonly Term[] };
  readonly to: { readonly plug: Term; readonly faces: readonly Term[] };
}

function matingOf(wiring: PlanWiring, link: Link, said: (end: Link['from'], port: Port) => Said): Mating {
  const house = link.from.socket ?? link.from.networkSocket ?? link.to.networkSocket;
  if (house !== undefined) {
    const mates = found(true, '', 'a lead with the venue’s own plug');
    return { mates, faces: found('yes', '', 'a socket of the venue') };
  }
  const [from, to] = [wiring.portOf(link.from), wiring.portOf(link.to)];
  if (!from || !to)
    return { mates: unknown('', 'one end has no port'), faces: unknown('', 'one end has no port') };
  const { from: out } = said(link.from, from);
  const { to: into } = said(link.to, to);
  return {
    mates: found(from.connector === to.connector, '', 'the same connector at both ends, else an adapter', [
      out.plug,
      into.plug,
    ]),
    faces: found(facing(from, to), '', 'an output into an input, of the same sort', [
      ...out.faces,
      ...into.faces,
    ]),
  };
}

function facing(from: Port, to: Port): string {
  if (from.carries !== to.carries) return 'they carry different things';
  if (from.direction === 'in') return 'it comes out of an input';
  return to.direction === 'out' ? 'it goes into an output' : 'yes';
}
