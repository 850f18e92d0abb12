/** Plugs: whether both ends of a lead fit their sockets, and face each other. */
import type { Link } from '../../documents/index.js';
import { calc, found, given, unknown, type Figure } from '../../foundations/index.js';
import type { PlanWiring } from './index.js';

export interface Mating {
  /** Does the plug at each end of a link fit its socket? */
  readonly mates: Figure;
  /** `yes`, or how its two ends do not go together although plugs may fit. */
  readonly faces: Figure;
}

export function matingOf(wiring: PlanWiring, id: string, link: Link): Mating {
  const house = link.from.socket ?? link.from.networkSocket ?? link.to.networkSocket;
  if (house !== undefined) {
    const mates = found(true, '', 'a lead with the venue’s own plug');
    return { mates, faces: found('yes', '', 'a socket of the venue') };
  }
  const [from, to] = [wiring.portOf(link.from), wiring.portOf(link.to)];
  if (!from || !to)
    return { mates: unknown('', 'one end has no port'), faces: unknown('', 'one end has no port') };
  const at = (end: 'from' | 'to', name: 'connector' | 'direction' | 'carries'): string =>
    `/kinds/${wiring.devices[link[end].device ?? '']?.kind ?? ''}/ports/${link[end].port ?? ''}/${name}`;
  const mates = calc(
    '',
    'from = to',
    [
      given('from', from.connector, '', 'kinds', at('from', 'connector')),
      given('to', to.connector, '', 'kinds', at('to', 'connector')),
    ],
    { rule: `link ${id}: the same connector at both ends, else an adapter` },
  );
  const faces = calc(
    '',
    "gives != takes ? 'they carry different things' : leaves = 'in' ? 'it comes out of an input' : arrives = 'out' ? 'it goes into an output' : 'yes'",
    [
      given('gives', from.carries, '', 'kinds', at('from', 'carries')),
      given('takes', to.carries, '', 'kinds', at('to', 'carries')),
      given('leaves', from.direction, '', 'kinds', at('from', 'direction')),
      given('arrives', to.direction, '', 'kinds', at('to', 'direction')),
    ],
  );
  return { mates, faces };
}
