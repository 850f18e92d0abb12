/** Which circuits two devices hang on: those that sound goes between, and those that are to live together or apart. */
import type { Connector, FedTogether, Venue } from '../../documents/index.js';
import { constant, inOrder, type Figure, type MapOf } from '../../foundations/index.js';
import type { Link } from '../../documents/index.js';
import type { PlanWiring } from '../signal/index.js';
import type { Chain } from './chains.js';
import { earthsApart, pairApart, pairTogether } from './figures/index.js';
import type { PowerResult } from './result.js';

/** Leads of copper that carry sound as a voltage against a screen. */
const ANALOGUE: ReadonlySet<Connector> = new Set([
  ...(['XLR', 'TRS 6.35', 'TS 6.35', 'TRS 3.5', 'TRRS 3.5', 'RCA'] as const),
]);

export interface Earthed {
  readonly wiring: PlanWiring;
  readonly links: MapOf<Link> | undefined;
  readonly chains: Readonly<Record<string, Chain>>;
  readonly sockets: Venue['sockets'];
  readonly circuits: Venue['circuits'];
}

/** The circuits at both ends of each lead of sound whose two devices hang on circuits that are known. */
export function earthsOf({
  wiring,
  links,
  chains,
  sockets,
  circuits,
}: Earthed): Readonly<Record<string, { readonly circuits: Figure }>> {
  const circuitOf = (device: string | undefined): string | undefined =>
    sockets?.[chains[device ?? '']?.socket ?? '']?.circuit;
  return Object.fromEntries(
    inOrder(links).flatMap(([id, { from, to }]) => {
      const [out, into] = [wiring.portOf(from), wiring.portOf(to)];
      const isSound = out?.carries === 'audio' && ANALOGUE.has(out.connector) && into?.carries === 'audio';
      const [a, b] = [circuitOf(from.device), circuitOf(to.device)];
      if (!isSound || a === undefined || b === undefined) return [];
      const terms = [...new Set([a, b])].map(each =>
        constant('circuit', circuits?.[each]?.label ?? each, '', 'hangs on it'),
      );
      return [[id, { circuits: earthsApart.calc([id], terms) }]];
    }),
  );
}

export interface Paired extends Pick<Earthed, 'chains' | 'sockets' | 'circuits'> {
  readonly pairs: MapOf<FedTogether> | undefined;
}

/** The circuits of each pair whose two devices hang on circuits that are known. */
export function pairsOf({ pairs, chains, sockets, circuits }: Paired): PowerResult['pairs'] {
  return Object.fromEntries(
    inOrder(pairs).flatMap(([id, { one, other, apart }]) => {
      const on = [one, other].map(device => sockets?.[chains[device]?.socket ?? '']?.circuit);
      const known = on.flatMap(circuit => circuit ?? []);
      if (known.length < on.length) return [];
      const terms = [...new Set(known)].map(each =>
        constant('circuit', circuits?.[each]?.label ?? each, '', 'one of the two hangs on it'),
      );
      return [
        [id, apart ? { apart: pairApart.calc([id], terms) } : { together: pairTogether.calc([id], terms) }],
      ];
    }),
  );
}
