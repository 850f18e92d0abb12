/** What the leads to a device do all together: volts that are left at it, and how long extension leads are in all. */
import type { Kind } from '../../documents/index.js';
import { constant, given, numberOf, taken, type Figure, type Term } from '../../foundations/index.js';
import { sectionOf } from './copper.js';
import * as figures from './figures/index.js';
import type { AtEnd } from './result.js';
import type { Chain } from './chains.js';
import type { MainsLead } from './voltage-drop.js';

export interface AtEndOf {
  readonly chain: Chain;
  /** Volts lost on each lead that crosses the floor, %. */
  readonly drops: Readonly<Record<string, { readonly drop: Figure }>>;
  /** Those leads, as long as their cables are. */
  readonly leads: Readonly<Record<string, MainsLead>>;
  readonly volts: number;
  /** Lost in the building before its sockets, %, where it is known. */
  readonly upstream: number | undefined;
  readonly kind: string;
  readonly ports: Kind['ports'];
}

/** Below this share of the volts nothing is sure to work whose least volts nobody knows (IEC 60364-5-52). */
const KEPT_SHARE = 0.95;

/** Longest extension lead by cross section, m: a custom of in-service testing, a house figure outside the UK. */
const LONGEST: readonly (readonly [section: number, metres: number])[] = [
  [2.5, 25],
  [1.5, 15],
  [1.25, 12],
];

export function atEnd(id: string, of: AtEndOf): AtEnd {
  const { chain, drops, volts, upstream, kind, ports = {} } = of;
  const lost = figures.deviceLost.calc(
    [id],
    [
      ...chain.leads.flatMap(lead => (drops[lead] ? [taken('lost', drops[lead].drop)] : [])),
      upstream === undefined
        ? constant('upstream', 0, '%', 'what the building loses before its sockets is not known')
        : given('upstream', upstream, '%', 'venue', '/upstream'),
    ],
  );
  const left = figures.deviceVolts.calc(
    [id],
    [given('V', volts, 'V', 'venue', '/volts'), taken('lost', lost)],
  );
  const inlet = Object.entries(ports).find(
    ([, { carries, direction, volts: range }]) => carries === 'power' && direction === 'in' && range,
  );
  const least: Term = inlet
    ? given('least', inlet[1].volts?.low, 'V', 'kinds', `/kinds/${kind}/ports/${inlet[0]}/volts/low`)
    : constant('least', KEPT_SHARE * volts, 'V', 'its least volts are not known: 95 % of those of the mains');
  return {
    socket: chain.socket,
    lost,
    volts: left,
    spare: figures.deviceSpareVolts.calc([id], [taken('V', left), least]),
    extension: extensionOf(id, chain, of.leads),
  };
}

/** How long the extension leads are in all, each against the longest of its cross section. */
function extensionOf(id: string, { leads: way }: Chain, leads: AtEndOf['leads']): Figure {
  const parts = way.flatMap((each): Term[] => {
    const lead = leads[each];
    if (!lead || numberOf(lead.length) === undefined) return [];
    const section = sectionOf(lead.make);
    const longest = LONGEST.find(([mm]) => mm <= section)?.[1] ?? 12;
    return [taken('lead', lead.length), constant('longest', longest, 'm', `${section} mm², in all`)];
  });
  const pairs = parts.length / 2;
  const terms = parts.map((term, i) => ({ ...term, name: `${term.name}${Math.floor(i / 2)}` }));
  return figures.deviceExtension.calc([id], terms, {
    formula:
      pairs === 0
        ? 'sum(none)'
        : `100 * (${Array.from({ length: pairs }, (_, i) => `lead${i} / longest${i}`).join(' + ')})`,
  });
}
